// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Edit } from '../api/types';
import { LATE_MS, Server, settle, titled, typed } from '../test/planServer';
import { openDraft } from './draft';
import { saveLeft } from './left';
import { opened } from './opening';
import type { Operation } from './operations';
import { hold, keepUnsaved } from './unsaved';

const operation = (id: string, value: string): Operation => ({ id, group: id, edit: { do: 'set', values: [{ at: ['title'], value }] } });
const failing: Edit = { do: 'retype', piece: 'body', rounds: ['fail on me'] };

describe('a draft whose work comes to nothing', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
	});
	afterEach(Server.end);

	it('goes on without asking where only this browser saved in between', async () => {
		const before = server.opened();
		keepUnsaved('P', { revision: 1, operations: [operation('left-1', 'Left'), operation('left-2', 'Left too')] });
		await saveLeft('P');
		expect(server.revision).toBe(3);
		// It stands on the revision of before.
		const draft = openDraft(before);
		draft.edit(typed('R1'));
		await settle();
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, revision: 4, plan: { title: 'Left too' } });
		expect(server.plan).toMatchObject({ title: 'Left too', pieces: [{ rounds: ['R1'] }] });
		draft.close();
	});

	it('asks where another one did', async () => {
		const before = server.opened();
		server.make(operation('a-strangers', 'Theirs'));
		const draft = openDraft(before);
		draft.change(titled('Mine'));
		await settle();
		expect(draft.getState().save.is).toBe('conflict');
		expect(server.plan.title).toBe('Theirs');
		draft.close();
	});

	it('sets aside the operation that the server fails on, and goes on with the rest', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('Before'), 'one step');
		draft.edit(failing, 'one step');
		draft.change((plan) => ({ ...plan, hand: 'left' }), 'one step');
		await vi.advanceTimersByTimeAsync(60_000);
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, setAside: [{ detail: 'no', text: 'fail on me' }] });
		expect(server.plan).toMatchObject({ title: 'Before', hand: 'left' });
		expect(localStorage).toHaveLength(0);
		draft.close();
	});

	it('sets nothing aside while the server is away', async () => {
		const draft = openDraft(server.opened());
		server.is = 'error';
		draft.change(titled('Kept'));
		await vi.advanceTimersByTimeAsync(600_000);
		expect(draft.getState()).toMatchObject({ save: { is: 'waiting', why: 'server' }, setAside: [] });
		server.is = 'none';
		await vi.advanceTimersByTimeAsync(10_000);
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, setAside: [] });
		expect(server.plan.title).toBe('Kept');
		draft.close();
	});

	it('keeps its work where the browser was signed out', async () => {
		const draft = openDraft(server.opened());
		vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ type: 'x', title: 'x', status: 401, detail: 'no', mend: 'open' }), { status: 401 }));
		draft.change(titled('Kept'));
		await settle();
		expect(draft.getState()).toMatchObject({ save: { is: 'signedOut' }, setAside: [] });
		expect(localStorage).toHaveLength(1);
		draft.close();
	});

	it('saves what a window kept that seemed alive, once that is gone', async () => {
		let release = () => undefined as unknown;
		const request = (_name: string, ...rest: unknown[]) => {
			const run = rest.at(-1) as (lock: unknown) => Promise<unknown>;
			const { ifAvailable } = (rest.length > 1 ? rest[0] : {}) as { ifAvailable?: boolean };
			if (isGone) return run({});
			if (ifAvailable === true) return run(null);
			return new Promise((done) => {
				release = () => done(run({}));
			});
		};
		let isGone = false;
		vi.stubGlobal('navigator', { ...navigator, onLine: true, locks: { request } });
		localStorage.setItem('alternum.unsaved.P.dying', JSON.stringify({ revision: 1, operations: [operation('dying-1', 'Of the dying')], at: 1 }));
		const found = await opened('P', undefined, () => false);
		expect(found?.left).toBeNull();
		const draft = openDraft(server.opened());
		draft.edit(typed('R1'));
		await settle();
		expect(server.revision).toBe(2);
		isGone = true;
		release();
		await settle();
		expect(draft.getState().save.is).toBe('saved');
		expect(server.plan).toMatchObject({ title: 'Of the dying', pieces: [{ rounds: ['R1'] }] });
		expect(Object.keys(localStorage)).toEqual([]);
		draft.close();
	});
});

describe('opening a plan', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
	});
	afterEach(Server.end);

	it('waits for what this browser still sends of it', async () => {
		keepUnsaved('P', { revision: 1, operations: [operation('left-1', 'Left')] });
		server.trouble = ['late'];
		const sending = saveLeft('P');
		await vi.advanceTimersByTimeAsync(10);
		const opening = opened('P', undefined, () => false);
		await vi.advanceTimersByTimeAsync(LATE_MS);
		await sending;
		expect((await opening)?.plan).toMatchObject({ revision: 2, plan: { title: 'Left' } });
	});

	it('asks again where this browser has saved since the answer was worked out', async () => {
		server.trouble = ['late'];
		const opening = opened('P', undefined, () => false);
		await vi.advanceTimersByTimeAsync(10);
		keepUnsaved('P', { revision: 1, operations: [operation('left-1', 'Left')] });
		await saveLeft('P');
		await vi.advanceTimersByTimeAsync(2 * LATE_MS);
		expect((await opening)?.plan).toMatchObject({ revision: 2, plan: { title: 'Left' } });
	});

	it('keeps the shelf from sending what it is about to take over', async () => {
		const release = hold('P');
		keepUnsaved('P', { revision: 1, operations: [operation('left-1', 'Left')] });
		await saveLeft('P');
		expect(server.asked).toEqual([]);
		release();
	});
});
