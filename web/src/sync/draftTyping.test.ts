// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { withPiece } from '../bench/plans';
import { Server, settle, titled, typed, wider } from '../test/planServer';
import { openDraft } from './draft';

/** What is said of lines that may be others by now. */
const sawLines = (...value: string[]) => ({ values: [{ at: ['pieces', 'body', 'rounds'], value }] });

describe('what is typed', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
	});
	afterEach(Server.end);

	it('is sent once, the newest alone, while a save is on its way', async () => {
		const draft = openDraft(server.opened());
		draft.change(titled('On its way'));
		for (const text of ['a', 'ab', 'abc', 'abcd']) draft.edit(typed(text), 'type body 0');
		expect(draft.lines('body')).toEqual(['abcd']);
		expect(localStorage).toHaveLength(1);
		await settle();
		expect(server.asked).toHaveLength(2);
		expect(server.plan.pieces[0]?.rounds).toEqual(['abcd']);
	});

	it('is sent together where letters follow closely, and at the latest after a while', async () => {
		const draft = openDraft(server.opened());
		const words = 'with a dozen letters and more';
		for (let i = 1; i <= words.length; i++) {
			draft.edit(typed(words.slice(0, i)), 'type body 0');
			await vi.advanceTimersByTimeAsync(150);
		}
		// 29 letters take 4.35 s: a new line is sent at once, then one message during the typing, and one when it rests.
		expect(server.asked).toHaveLength(2);
		await settle();
		expect(server.asked).toHaveLength(3);
		expect(server.plan.pieces[0]?.rounds).toEqual([words]);
	});

	it('is sent as the plan is closed', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('last words'), 'type body 0');
		await vi.advanceTimersByTimeAsync(20);
		draft.close();
		await settle();
		expect(server.plan.pieces[0]?.rounds).toEqual(['last words']);
	});

	it('says which lines were seen, where typing begins before an edit is made', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type');
		await settle();
		draft.edit(wider(1));
		draft.edit(typed('a', 'b'), 'type');
		await settle();
		expect(server.asked.flat().at(-1)).toMatchObject({ edit: typed('a', 'b'), seen: sawLines('a') });
		// What the maker goes on from then is what was made of both.
		draft.edit(typed('a', 'b', 'c'), 'type');
		await settle();
		expect(server.asked.flat().at(-1)?.edit).toEqual(typed('a', 'b', 'c'));
		expect(server.asked.flat().at(-1)?.seen).toBeUndefined();
	});

	it('has rounds that are painted meanwhile be those that were seen', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type');
		await settle();
		draft.edit(typed('new', 'a'), 'type');
		draft.edit({ do: 'paint', piece: 'body', rounds: [1], yarn: 'A' });
		await settle();
		expect(server.asked.flat().at(-1)).toMatchObject({ edit: { do: 'paint', piece: 'body', rounds: [1], yarn: 'A' }, seen: sawLines('a') });
	});

	it('says in which terms it is, while the lines are still to be translated', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type');
		await settle();
		draft.edit({ do: 'words', terms: 'uk' });
		expect(draft.getState().isTranslating).toBe(true);
		draft.edit(typed('a', 'dc'), 'type');
		draft.edit({ do: 'paint', piece: 'body', rounds: [1], yarn: 'A' });
		await settle();
		const { asked } = server;
		expect(asked.flat().map(({ seen }) => seen)).toEqual([undefined, undefined, { terms: 'us', ...sawLines('a') }, { terms: 'us', ...sawLines('a') }]);
		expect(draft.getState().isTranslating).toBe(false);
		draft.edit(typed('a', 'dc', 'b'), 'type');
		await settle();
		expect(asked.flat().at(-1)?.seen).toBeUndefined();
	});

	it('is done again as a whole, where only its beginning had been sent', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type body 0');
		await settle();
		server.trouble = ['none', 'answer lost'];
		draft.change(titled('On its way'));
		draft.edit(typed('a s'), 'type body 1');
		await vi.advanceTimersByTimeAsync(200);
		draft.edit(typed('a swell'), 'type body 1');
		draft.undo();
		await settle();
		await settle();
		await settle();
		expect(server.plan.pieces[0]?.rounds).toEqual(['a']);
		const before = server.asked.flat().length;
		draft.redo();
		await settle();
		// It says what it was made from: made on its own beginning, that would be in it twice.
		expect(
			server.asked
				.flat()
				.slice(before)
				.map(({ edit, seen }) => ({ edit, seen })),
		).toEqual([{ edit: typed('a swell'), seen: sawLines('a') }]);
		expect(server.plan.pieces[0]?.rounds).toEqual(['a swell']);
	});

	it('is kept once after a conflict, where its beginning was saved already', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type body 0');
		await settle();
		draft.edit(typed('a', 's'), 'type body 1');
		await settle();
		expect(server.plan.pieces[0]?.rounds).toEqual(['a', 's']);
		server.revision = 9;
		draft.edit(typed('a', 'swell'), 'type body 1');
		await settle();
		await settle();
		expect(draft.getState().save.is).toBe('conflict');
		await draft.keepBoth();
		// The step is made anew, on what it began from.
		expect(server.added[0]?.pieces[0]?.rounds).toEqual(['a']);
		const kept = JSON.parse(localStorage.getItem(localStorage.key(0) ?? '') ?? '') as { operations: { edit: unknown }[] };
		expect(kept.operations.map(({ edit }) => edit)).toEqual([typed('a', 'swell')]);
	});

	it('is in a copy that is made before it is saved, and in what is kept of a conflict', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.edit(typed('a'), 'type');
		draft.edit({ do: 'copy', piece: 'body', key: 'body-2', name: 'Body again' });
		draft.edit(typed('a', 'b'), 'type');
		expect(draft.lines('body-2')).toEqual(['a']);
		expect(draft.getState().plan.pieces.map(({ key }) => key)).toEqual(['body', 'body-2']);
		await draft.keepBoth().catch(() => undefined);
		server.is = 'none';
		await draft.keepBoth();
		expect(server.added[0]?.pieces.map(({ rounds }) => rounds)).toEqual([[], ['a']]);
	});

	it('has layers that are changed meanwhile be those that were seen', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type');
		await settle();
		const piece = draft.getState().plan.pieces[0];
		draft.edit(typed('new', 'a'), 'type');
		const front = (degrees: number) => draft.change((plan) => withPiece(plan, 'body', (is) => ({ ...is, front: { degrees } })), 'front');
		front(10);
		front(20);
		await settle();
		// Of a slider's values only the last is sent, on what was seen before the first.
		expect(server.asked.flat().slice(2)).toEqual([
			expect.objectContaining({
				edit: { do: 'set', values: [{ at: ['pieces', 'body', 'front', 'degrees'], value: 20 }] },
				seen: { values: [{ at: ['pieces', 'body'], value: piece }] },
			}),
		]);
		front(30);
		await settle();
		expect(server.asked.flat().at(-1)?.seen).toBeUndefined();
	});
});
