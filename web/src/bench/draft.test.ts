import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Edit, OpenedPlan, Plan } from '../api/types';
import { openDraft } from './draft';
import type { DraftStore } from './draftState';
import { type Operation, shownWith, standsForGroup } from './operations';
import { newPlan, withPiece } from './plans';
import { takeUnsaved } from './unsaved';

const analysis: OpenedPlan['analysis'] = {
	title: '',
	gauge: { stitchWidthMm: 1, roundHeightMm: 1, hookUs: null, remark: null },
	pieces: [],
	usualLeans: { over: 0, under: 0 },
	floatStitches: 5,
	shapes: [],
	stitches: {},
	yarns: [],
	problems: [],
};

type Trouble = 'none' | 'down' | 'error' | 'answer lost';

/** A server of one plan, as the contract says it: each operation is made once. Its core knows retyping, and adding a line. */
class Server {
	plan: Plan = newPlan('Trial');
	revision = 1;
	trouble: Trouble[] = [];
	is: Trouble = 'none';
	asked: Operation[][] = [];
	added: Plan[] = [];
	#known = new Map<string, { id: string; revision: number; refused: { detail: string; mend: string; problems: [] } | null }>();
	#group = '';
	#began: Plan = this.plan;

	opened = (): OpenedPlan => ({ id: 'P', revision: this.revision, savedAt: '2026-01-01T00:00:00Z', plan: this.plan, analysis });

	answer = async (request: Request): Promise<Response> => {
		const trouble = this.trouble.shift() ?? this.is;
		if (trouble === 'down') throw new TypeError('network');
		if (trouble === 'error') return new Response('<h1>502</h1>', { status: 502 });
		const json = (value: unknown, status = 200) => new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } });
		const problem = (status: number, more: object = {}) => json({ type: 'about:blank', title: 'x', status, detail: 'no', mend: 'other', ...more }, status);
		if (request.method === 'GET') return json(this.opened());
		if (request.url.endsWith('/api/plans')) {
			this.added.push((await request.json()) as Plan);
			return json({ ...this.opened(), id: 'Q' }, 201);
		}
		const { base, operations } = (await request.json()) as { base: number; operations: Operation[] };
		let expected = base;
		let first = 0;
		for (; first < operations.length; first++) {
			const known = this.#known.get(operations[first]?.id ?? '');
			if (known === undefined) break;
			expected = known.revision;
		}
		if (first < operations.length && expected !== this.revision) return problem(412, { revision: this.revision });
		this.asked.push(operations);
		for (const operation of operations.slice(first)) this.make(operation);
		if (trouble === 'answer lost') throw new TypeError('network');
		return json({ ...this.opened(), results: operations.map(({ id }) => this.#known.get(id)) });
	};

	make({ id, group, edit }: Operation): void {
		const from = group === this.#group && standsForGroup(edit) ? this.#began : this.plan;
		const made = this.edited(from, edit);
		if (made === null) {
			this.#known.set(id, { id, revision: this.revision, refused: { detail: 'no', mend: 'other', problems: [] } });
			return;
		}
		if (group !== this.#group) this.#began = this.plan;
		this.#group = group;
		this.plan = made;
		this.revision += 1;
		this.#known.set(id, { id, revision: this.revision, refused: null });
	}

	edited(plan: Plan, edit: Edit): Plan | null {
		if (edit.do === 'retype') return withPiece(plan, edit.piece, (piece) => ({ ...piece, rounds: edit.rounds }));
		if (edit.do === 'resize')
			return edit.wider === 9 ? null : withPiece(plan, edit.piece, (piece) => ({ ...piece, rounds: [...piece.rounds, `wider ${edit.wider}`] }));
		const changed = shownWith(plan, edit);
		return changed.title === 'refuse me' ? null : changed;
	}
}

const settle = () => vi.advanceTimersByTimeAsync(20);
const titled = (title: string) => (plan: Plan) => ({ ...plan, title });
const typed = (...rounds: string[]): Edit => ({ do: 'retype', piece: 'body', rounds });
const wider = (by: number): Edit => ({ do: 'resize', piece: 'body', wider: by, longer: 0 });

describe('a draft', () => {
	let server: Server;
	beforeEach(() => {
		vi.useFakeTimers();
		server = new Server();
		vi.stubGlobal('fetch', server.answer);
		localStorage.clear();
	});
	afterEach(() => {
		vi.unstubAllGlobals();
		vi.useRealTimers();
	});

	it('saves what is changed, and keeps nothing behind', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('Other'));
		expect(draft.getState().plan.title).toBe('Other');
		expect(draft.getState().save.is).toBe('saving');
		expect(localStorage).toHaveLength(1);
		await settle();
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, revision: 2 });
		expect(server.plan.title).toBe('Other');
		expect(localStorage).toHaveLength(0);
	});

	it('sends nothing where nothing is changed', async () => {
		const draft = openDraft(server.opened());
		draft.change((plan) => ({ ...plan }));
		await settle();
		expect(server.asked).toEqual([]);
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, canUndo: false });
	});

	it('undoes and redoes step by step', async () => {
		const draft = openDraft(server.opened());
		for (const title of ['one', 'two', 'three']) {
			draft.change(titled(title));
			await settle();
		}
		draft.undo();
		await settle();
		draft.undo();
		await settle();
		expect(server.plan.title).toBe('one');
		draft.redo();
		await settle();
		expect(server.plan.title).toBe('two');
		expect(draft.getState()).toMatchObject({ canUndo: true, canRedo: true });
		draft.change(titled('else'));
		await settle();
		expect(draft.getState().canRedo).toBe(false);
		for (let i = 0; i < 3; i++) {
			draft.undo();
			await settle();
		}
		expect(server.plan.title).toBe('Trial');
		expect(draft.getState().canUndo).toBe(false);
	});

	it('undoes at once what is still on its way, or waits', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('one'));
		await settle();
		draft.change(titled('two'));
		draft.change(titled('three'));
		draft.undo();
		expect(draft.getState().plan.title).toBe('two');
		draft.undo();
		expect(draft.getState().plan.title).toBe('one');
		await settle();
		expect(server.plan.title).toBe('one');
		draft.redo();
		draft.redo();
		expect(draft.getState().plan.title).toBe('three');
		draft.undo();
		await settle();
		expect(server.plan.title).toBe('two');
		expect(draft.getState()).toMatchObject({ canUndo: true, canRedo: true, save: { is: 'saved' } });
	});

	it('undoes and redoes while the server is away', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('one'));
		await settle();
		server.is = 'down';
		draft.change(titled('two'));
		await settle();
		draft.change(titled('three'));
		draft.undo();
		draft.undo();
		draft.undo();
		expect(draft.getState().plan.title).toBe('Trial');
		draft.redo();
		draft.redo();
		expect(draft.getState()).toMatchObject({ plan: { title: 'two' }, save: { is: 'waiting', why: 'network' } });
		server.is = 'none';
		await vi.advanceTimersByTimeAsync(10_000);
		expect(server.plan.title).toBe('two');
	});

	it('takes the letters of a line as one step, however slowly they come', async () => {
		const draft = openDraft(server.opened());
		for (const text of ['R1: 6', 'R1: 6 sc', 'R1: 6 sc in MR']) {
			draft.edit(typed(text), 'type body 0');
			await vi.advanceTimersByTimeAsync(5000);
		}
		expect(draft.lines('body')).toEqual(['R1: 6 sc in MR']);
		expect(new Set(server.asked.flat().map(({ group }) => group)).size).toBe(1);
		draft.undo();
		await settle();
		expect(server.plan.pieces[0]?.rounds).toEqual([]);
	});

	it('begins another step where something else was done between', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type body 0');
		await settle();
		draft.edit(wider(1));
		await settle();
		draft.edit(typed('a', 'wider 1', 'b'), 'type body 0');
		await settle();
		expect(new Set(server.asked.flat().map(({ group }) => group)).size).toBe(3);
	});

	it('sends only the newest of what is typed while a save is on its way', async () => {
		const draft = openDraft(server.opened());
		for (const text of ['a', 'ab', 'abc', 'abcd']) draft.edit(typed(text), 'type');
		expect(draft.lines('body')).toEqual(['abcd']);
		await settle();
		expect(server.asked).toHaveLength(2);
		expect(server.plan.pieces[0]?.rounds).toEqual(['abcd']);
	});

	it('says which lines were seen, where typing begins before an edit is made', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type');
		await settle();
		draft.edit(wider(1));
		draft.edit(typed('a', 'b'), 'type');
		await settle();
		expect(server.asked.flat().at(-1)?.edit).toEqual({ ...typed('a', 'b'), saw: ['a'] });
	});

	it('keeps the work while the server is gone, and saves it when it is back', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.change(titled('while away'));
		await settle();
		draft.edit(typed('6 sc in MR'));
		await settle();
		expect(draft.getState()).toMatchObject({ save: { is: 'waiting', why: 'network' }, plan: { title: 'while away' } });
		server.is = 'none';
		await vi.advanceTimersByTimeAsync(10_000);
		expect(draft.getState().save.is).toBe('saved');
		expect(server.plan).toMatchObject({ title: 'while away', pieces: [{ rounds: ['6 sc in MR'] }] });
		draft.undo();
		await settle();
		expect(server.plan).toMatchObject({ title: 'while away', pieces: [{ rounds: [] }] });
	});

	it('takes a lost answer for no conflict', async () => {
		const draft = openDraft(server.opened());
		server.trouble = ['answer lost', 'answer lost'];
		draft.edit(wider(1));
		await settle();
		draft.edit(wider(2));
		await vi.advanceTimersByTimeAsync(10_000);
		expect(draft.getState().save.is).toBe('saved');
		expect(server.plan.pieces[0]?.rounds).toEqual(['wider 1', 'wider 2']);
	});

	it('tells trouble of the server from no network, and counts how often it was tried', async () => {
		const draft = openDraft(server.opened());
		server.is = 'error';
		draft.change(titled('one'));
		await vi.advanceTimersByTimeAsync(4000);
		expect(draft.getState().save).toMatchObject({ is: 'waiting', why: 'server' });
		expect((draft.getState().save as { tries: number }).tries).toBeGreaterThanOrEqual(3);
		server.is = 'none';
		draft.giveUp();
		await settle();
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, plan: { title: 'Trial' }, canUndo: false });
		draft.change(titled('two'));
		await settle();
		expect(server.plan.title).toBe('two');
	});

	it('takes up after a crash what was not saved', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.change(titled('unsaved'));
		draft.edit(typed('typed'));
		await settle();
		draft.close();
		server.is = 'none';
		const again = openDraft(server.opened(), await takeUnsaved('P'));
		await settle();
		expect(again.getState()).toMatchObject({ save: { is: 'saved' }, plan: { title: 'unsaved', pieces: [{ rounds: ['typed'] }] } });
		expect(server.plan.title).toBe('unsaved');
	});

	it('sets aside alone what is refused, and goes on with what came after it', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('fine'));
		draft.edit(wider(9));
		draft.edit(typed('typed'));
		await settle();
		expect(draft.getState()).toMatchObject({
			save: { is: 'saved' },
			plan: { title: 'fine', pieces: [{ rounds: ['typed'] }] },
			setAside: [{ detail: 'no', mend: 'other' }],
		});
		draft.drop(draft.getState().setAside[0]?.id ?? '');
		expect(draft.getState().setAside).toEqual([]);
		draft.undo();
		await settle();
		draft.undo();
		await settle();
		expect(server.plan).toMatchObject({ title: 'Trial', pieces: [{ rounds: [] }] });
		expect(draft.getState().canUndo).toBe(false);
	});

	it('says when the browser keeps nothing', async () => {
		const draft = openDraft(server.opened());
		vi.stubGlobal('localStorage', {
			setItem: () => {
				throw new DOMException('full', 'QuotaExceededError');
			},
			removeItem: () => undefined,
		});
		draft.change(titled('one'));
		expect(draft.getState().isKept).toBe(false);
		await settle();
		expect(draft.getState()).toMatchObject({ isKept: true, save: { is: 'saved' } });
	});

	describe('where another window saved', () => {
		async function conflicting() {
			const draft = openDraft(server.opened());
			server.plan = titled('theirs')(server.plan);
			server.revision = 5;
			draft.change(titled('mine'));
			await settle();
			expect(draft.getState().save.is).toBe('conflict');
			expect(server.plan.title).toBe('theirs');
			return draft;
		}

		it('can take the other one, with a way back', async () => {
			const draft = await conflicting();
			await draft.takeTheirs();
			expect(draft.getState()).toMatchObject({ plan: { title: 'theirs' }, revision: 5, save: { is: 'saved' } });
			draft.undo();
			await settle();
			expect(server.plan.title).toBe('mine');
		});

		it('can take its own', async () => {
			const draft = await conflicting();
			await draft.takeMine();
			expect(server).toMatchObject({ plan: { title: 'mine' }, revision: 6 });
		});

		it('can keep both', async () => {
			const draft = await conflicting();
			expect(await draft.keepBoth()).toBe('Q');
			expect(server.added[0]?.title).toBe('mine (mine)');
			expect(server.plan.title).toBe('theirs');
			expect(localStorage).toHaveLength(0);
		});

		it('keeps on taking changes', async () => {
			const draft = await conflicting();
			draft.change((plan) => ({ ...plan, units: 'imperial' }));
			await settle();
			expect(draft.getState()).toMatchObject({ save: { is: 'conflict' }, plan: { title: 'mine', units: 'imperial' } });
		});
	});

	/** What a maker may do, and what may befall her meanwhile. */
	type Act = { does: 'title' | 'type' | 'wider'; n: number } | { does: 'undo' | 'redo' | 'crash' | 'wait' } | { does: 'trouble'; is: Trouble };
	const acts: fc.Arbitrary<Act[]> = fc.array(
		fc.oneof(
			{
				weight: 5,
				arbitrary: fc.record({ does: fc.constantFrom('title' as const, 'type' as const, 'wider' as const), n: fc.integer({ min: 1, max: 9 }) }),
			},
			{ weight: 2, arbitrary: fc.record({ does: fc.constantFrom('undo' as const, 'redo' as const, 'wait' as const) }) },
			{ weight: 1, arbitrary: fc.record({ does: fc.constant('crash' as const) }) },
			{ weight: 2, arbitrary: fc.record({ does: fc.constant('trouble' as const), is: fc.constantFrom<Trouble>('down', 'error', 'answer lost') }) },
		),
		{ maxLength: 25 },
	);

	async function play(draft: DraftStore, act: Act): Promise<DraftStore> {
		if (act.does === 'title') draft.change(titled(`title ${act.n}`));
		else if (act.does === 'type') draft.edit(typed(...draft.lines('body'), `line ${act.n}`));
		else if (act.does === 'wider') draft.edit(wider(act.n));
		else if (act.does === 'undo') draft.undo();
		else if (act.does === 'redo') draft.redo();
		else if (act.does === 'trouble') server.trouble.push(act.is);
		else if (act.does === 'wait') await vi.advanceTimersByTimeAsync(20_000);
		else {
			draft.close();
			await vi.advanceTimersByTimeAsync(1);
			return openDraft(server.opened(), await takeUnsaved('P'));
		}
		return draft;
	}

	it('ends with the same plan, whatever answers are lost, repeated or refused, and however often it is begun anew', async () => {
		await fc.assert(
			fc.asyncProperty(acts, async (all) => {
				// Undo is forgotten when a window is: what comes after a crash takes nothing back.
				const crash = all.findIndex(({ does }) => does === 'crash');
				const asked = all.filter(({ does }, i) => crash < 0 || i <= crash || (does !== 'undo' && does !== 'redo'));
				const isRefusing = asked.some((act) => act.does === 'wider' && act.n === 9);
				const ends: Plan[] = [];
				for (const calm of [true, false]) {
					server = new Server();
					vi.stubGlobal('fetch', server.answer);
					localStorage.clear();
					let draft = openDraft(server.opened());
					for (const act of asked) {
						if (calm && (act.does === 'trouble' || act.does === 'crash')) continue;
						// Typing adds to what is seen, which an edit on its way would change, and what is refused is no step to undo: it is waited for in both.
						if (act.does === 'type' || calm || (isRefusing && (act.does === 'undo' || act.does === 'redo')))
							await vi.advanceTimersByTimeAsync(60_000);
						draft = await play(draft, act);
					}
					await vi.advanceTimersByTimeAsync(120_000);
					expect(draft.getState().save.is).toBe('saved');
					expect(draft.getState().plan).toEqual(server.plan);
					draft.close();
					ends.push(server.plan);
				}
				expect(ends[1]).toEqual(ends[0]);
			}),
			{ numRuns: 600 },
		);
	});
});
