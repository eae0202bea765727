// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Server, settle, titled, typed, wider } from '../test/planServer';
import { openDraft } from './draft';
import { takeUnsaved } from './unsaved';

describe('a draft', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
	});
	afterEach(Server.end);

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

	it('begins another step after one was taken back, however soon, and whether or not it was sent', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.change(titled('one'), 'title');
		draft.edit(wider(1));
		draft.undo();
		draft.change(titled('two'), 'title');
		draft.undo();
		expect(draft.getState().plan.title).toBe('one');
		server.is = 'none';
		await vi.advanceTimersByTimeAsync(10_000);
		expect(server.plan.title).toBe('one');
		draft.close();
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

	it('does not wait for ever on a connection that is gone without a word', async () => {
		server.trouble = ['hung'];
		const draft = openDraft(server.opened());
		draft.change(titled('Other'));
		await vi.advanceTimersByTimeAsync(20_000);
		expect(draft.getState().save.is).toBe('saving');
		await vi.advanceTimersByTimeAsync(10_300);
		expect(draft.getState().save).toMatchObject({ is: 'waiting', why: 'network' });
		await vi.advanceTimersByTimeAsync(1000);
		expect(draft.getState().save.is).toBe('saved');
		expect(server.plan.title).toBe('Other');
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
		// Part of it may have been saved before: none of it is a step to take back here.
		expect(again.getState().canUndo).toBe(false);
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
});
