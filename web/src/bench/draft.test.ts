import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Analysis, Edit, OpenedPlan, Plan } from '../api/types';
import { openDraft } from './draft';
import { newPlan, withPiece } from './plans';
import { takeUnsaved } from './unsaved';

const analysis: Analysis = {
	title: '',
	gauge: { stitchWidthMm: 1, roundHeightMm: 1, hookUs: null, remark: null },
	pieces: [],
	usualLeans: { over: 0, under: 0 },
	shapes: [],
	stitches: {},
	yarns: [],
	problems: [],
};

/** A server of one plan. Its core knows one edit, retyping. */
class Server {
	plan: Plan = newPlan('Trial');
	revision = 1;
	is: 'up' | 'down' = 'up';
	saves: { plan: Plan; edits: Edit[] }[] = [];
	added: Plan[] = [];

	opened = (): OpenedPlan => ({ id: 'P', revision: this.revision, savedAt: '2026-01-01T00:00:00Z', plan: this.plan, analysis });

	answer = async (request: Request): Promise<Response> => {
		if (this.is === 'down') throw new TypeError('network');
		const json = (value: unknown, status = 200) => new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } });
		if (request.method === 'GET') return json(this.opened());
		if (request.method === 'POST') {
			this.added.push((await request.json()) as Plan);
			return json({ ...this.opened(), id: 'Q' }, 201);
		}
		const save = (await request.json()) as { plan: Plan; edits: Edit[] };
		if (request.headers.get('If-Match') !== `"${this.revision}"`) return json({ type: 'about:blank', title: 'x', status: 412, detail: 'changed', mend: 'choose', revision: this.revision }, 412);
		if (save.plan.title === 'refuse me') return json({ type: 'about:blank', title: 'x', status: 422, detail: 'no', mend: 'other' }, 422);
		this.saves.push(save);
		this.plan = save.edits.reduce((plan, edit) => (edit.do === 'retype' ? withPiece(plan, edit.piece, (piece) => ({ ...piece, rounds: edit.rounds })) : plan), save.plan);
		this.revision += 1;
		return json(this.opened());
	};
}

const settle = () => vi.advanceTimersByTimeAsync(20);
const titled = (title: string) => (plan: Plan) => ({ ...plan, title });

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

	it('undoes what is still being saved, once it is', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('one'));
		await settle();
		draft.change(titled('two'));
		draft.undo();
		draft.undo();
		draft.redo();
		await settle();
		expect(server.plan.title).toBe('one');
		expect(draft.getState()).toMatchObject({ canUndo: true, canRedo: true, save: { is: 'saved' } });
	});

	it('takes the letters of a line as one step', async () => {
		const draft = openDraft(server.opened());
		for (const text of ['R1: 6', 'R1: 6 sc', 'R1: 6 sc in MR']) {
			draft.edit({ do: 'retype', piece: 'body', rounds: [text] }, 'type body 0');
			await settle();
		}
		expect(draft.lines('body')).toEqual(['R1: 6 sc in MR']);
		draft.undo();
		await settle();
		expect(server.plan.pieces[0]?.rounds).toEqual([]);
	});

	it('sends only the newest of what is typed while a save is on its way', async () => {
		const draft = openDraft(server.opened());
		for (const text of ['a', 'ab', 'abc', 'abcd']) draft.edit({ do: 'retype', piece: 'body', rounds: [text] }, 'type');
		expect(draft.lines('body')).toEqual(['abcd']);
		await settle();
		expect(server.saves).toHaveLength(2);
		expect(server.plan.pieces[0]?.rounds).toEqual(['abcd']);
	});

	it('keeps the work while the server is gone, and saves it when it is back', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.change(titled('while away'));
		await settle();
		draft.edit({ do: 'retype', piece: 'body', rounds: ['6 sc in MR'] });
		await settle();
		expect(draft.getState().save.is).toBe('waiting');
		expect(draft.getState().plan.title).toBe('while away');
		server.is = 'up';
		await vi.advanceTimersByTimeAsync(10_000);
		expect(draft.getState().save.is).toBe('saved');
		expect(server.plan).toMatchObject({ title: 'while away', pieces: [{ rounds: ['6 sc in MR'] }] });
		draft.undo();
		await settle();
		expect(server.plan).toMatchObject({ title: 'while away', pieces: [{ rounds: [] }] });
	});

	it('takes up after a crash what was not saved', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.change(titled('unsaved'));
		draft.edit({ do: 'retype', piece: 'body', rounds: ['typed'] });
		await settle();
		draft.close();
		server.is = 'up';
		const again = openDraft(server.opened(), await takeUnsaved('P'));
		await settle();
		expect(again.getState()).toMatchObject({ save: { is: 'saved' }, plan: { title: 'unsaved', pieces: [{ rounds: ['typed'] }] } });
		expect(server.plan.title).toBe('unsaved');
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

	it('says what the server refuses, and can leave it', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('refuse me'));
		await settle();
		expect(draft.getState().save).toMatchObject({ is: 'refused', problem: { detail: 'no' } });
		draft.giveUp();
		expect(draft.getState()).toMatchObject({ save: { is: 'saved' }, plan: { title: 'Trial' } });
	});
});
