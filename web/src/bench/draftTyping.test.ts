import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Server, settle, titled, typed, wider } from '../test/planServer';
import { openDraft } from './draft';

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
		// 29 letters take 4.35 s: a new line is sent at once, then one message while she types, and one when she rests.
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
		expect(server.asked.flat().at(-1)?.edit).toEqual({ ...typed('a', 'b'), saw: ['a'] });
		// What she goes on from then is what was made of both.
		draft.edit(typed('a', 'b', 'c'), 'type');
		await settle();
		expect(server.asked.flat().at(-1)?.edit).toEqual(typed('a', 'b', 'c'));
	});

	it('has rounds that are painted meanwhile be those that were seen', async () => {
		const draft = openDraft(server.opened());
		draft.edit(typed('a'), 'type');
		await settle();
		draft.edit(typed('new', 'a'), 'type');
		draft.edit({ do: 'paint', piece: 'body', rounds: [1], yarn: 'A' });
		await settle();
		expect(server.asked.flat().at(-1)?.edit).toEqual({ do: 'paint', piece: 'body', rounds: [1], yarn: 'A', saw: ['a'] });
	});
});
