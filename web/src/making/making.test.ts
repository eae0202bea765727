import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Guide, Making, Task } from './types';

const asked = vi.hoisted(() => ({ open: (): Promise<unknown> => Promise.reject(new Error('not asked for')), read: (): void => undefined }));

// Something can happen while the device is read.
vi.mock('./keep', async (original) => {
	const keep = await original<typeof import('./keep')>();
	return {
		...keep,
		guidesOf: (id: string) => {
			asked.read();
			return keep.guidesOf(id);
		},
	};
});

// The server: it knows one making, of which nothing is done, and takes whatever comes.
vi.mock('../api/client', () => {
	class ApiError extends Error {}
	const made = { next: 0, planRevision: 1, speaks: 1, events: [] };
	const api = {
		GET: (path: string) => (path === '/api/makings/{id}' ? asked.open() : Promise.resolve(made)),
		POST: () => Promise.resolve(made),
	};
	return { api, ApiError, dataOf: (answer: unknown) => answer };
});

const task = (key: string, more: Partial<Task> = {}): Task => {
	const [piece = '', copy = '1'] = key.split('.');
	return { key, piece, copy: Number(copy), group: 0, name: key, text: '', rounds: 2, aside: false, needs: [], mayGoWrong: [], ...more };
};

const guide = (piece: string): Guide => ({
	piece,
	group: 0,
	name: piece,
	once: 'round',
	worked: 'spiral',
	beginsAtTop: true,
	makes: { sc: 1 },
	lasts: { sc: 'plain' },
	rounds: [6, 6].map((makes) => ({
		makes,
		total: makes,
		alike: [1, 2],
		begins: 0,
		across: 1,
		level: 1,
		groups: [{ yarn: 'A', text: '', to: makes }],
		slips: [],
		each: ['6 sc'],
	})),
	slips: { kinds: [], stays: [], causes: [], looks: [] },
	marks: [],
	hangs: [],
	stops: [1, 2].map((round) => ({ round, from: 0, to: 6, group: 0 })),
	next: null,
});

let makings = 0;

/** Each another one: what one test keeps is nothing to the next. */
const making = (tasks: Task[]): Making => ({
	id: `MAKING${++makings}`,
	plan: 'plan',
	revision: 1,
	planRevision: 1,
	begunAt: '2026-12-01T10:00:00Z',
	toy: { title: 'A toy', hand: 'right', yarns: [], park: '', mishaps: [], tasks },
	next: 0,
	speaks: 1,
});

const page = () => import('./making');

/** Opens a making as the page does, with all guides at hand. */
async function opened(tasks: Task[]) {
	const it = await page();
	const guides = new Map(tasks.flatMap(({ piece }) => (piece === null ? [] : [[it.guideKey(piece, 0, 0), guide(piece)] as const])));
	it.useMaking.setState({ is: 'open', making: making(tasks), guides, task: tasks[0]?.key ?? '' });
	return it;
}

let when = 0;
const later = () => {
	when += 1000;
	return when;
};

beforeEach(() => {
	vi.resetModules();
	vi.stubGlobal('document', { visibilityState: 'hidden' });
	vi.stubGlobal('navigator', {});
});

describe('copies that are made side by side', () => {
	it('come a round of each in turn', async () => {
		const { tap, useMaking } = await opened([task('leg.1', { aside: true }), task('leg.2', { aside: true })]);
		const order = [];
		for (let i = 0; i < 4; i++) {
			order.push(useMaking.getState().task);
			tap(later());
		}
		expect(order).toEqual(['leg.1', 'leg.2', 'leg.1', 'leg.2']);
	});

	it('go on one after the other where that is not asked for', async () => {
		const { tap, useMaking } = await opened([task('leg.1'), task('leg.2')]);
		tap(later());
		expect(useMaking.getState().task).toBe('leg.1');
	});
});

describe('a part that is put off', () => {
	it('comes again when all else is done, and one that is left out does not', async () => {
		const { add, followers, useMaking } = await opened([task('sew', { piece: null, copy: 0 }), task('glue', { piece: null, copy: 0 })]);
		const said = (key: string, answer: 'later' | 'left') => add('answered', { piece: '', copy: 0, round: 0, stitch: 0, key, answer });
		said('sew', 'later');
		said('glue', 'left');
		expect(followers(useMaking.getState(), '').map(({ key }) => key)).toEqual(['sew']);
	});
});

describe('a tap while the server is still asked', () => {
	it('is neither lost from sight nor left unsent', async () => {
		const page_ = await opened([task('leg.1')]);
		const known = page_.useMaking.getState().making ?? making([]);
		const { keepMaking } = await import('./keep');
		await keepMaking(known);
		asked.open = () => Promise.resolve({ ...known, events: [] });
		let times = 0;
		asked.read = () => {
			times += 1;
			if (times === 2) page_.tap(later());
		};
		await page_.openMaking('plan', known.id);
		expect(times).toBe(2);
		const { events, unsent, progress } = page_.useMaking.getState();
		expect(events).toHaveLength(1);
		expect([...unsent]).toEqual(events.map(({ id }) => id));
		expect(progress.tasks.get('leg.1')?.place).toEqual({ round: 1, stitch: 6 });
	});
});
