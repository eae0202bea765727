// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openDraft } from '../sync/draft';
import { Server, settle, titled, typed } from '../test/planServer';
import { hearMay, may } from './may';

const answer = (role?: string) => new Response(null, role === undefined ? {} : { headers: { 'Alternum-May': role } });

describe('what may be done in a workshop', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
		hearMay(answer('hold'));
	});
	afterEach(() => {
		hearMay(answer('hold'));
		Server.end();
	});

	it('is what the last answer said, and each role may what those before it may', () => {
		const allowed = (role: string) => {
			hearMay(answer(role));
			return (['read', 'make', 'edit', 'hold'] as const).filter(may);
		};
		expect(allowed('read')).toEqual(['read']);
		expect(allowed('make')).toEqual(['read', 'make']);
		expect(allowed('edit')).toEqual(['read', 'make', 'edit']);
		expect(allowed('hold')).toEqual(['read', 'make', 'edit', 'hold']);
	});

	it('is not changed by an answer that says nothing of it, or something unknown, and is kept for when there is no network', () => {
		hearMay(answer('make'));
		hearMay(answer());
		hearMay(answer('everything'));
		expect([may('make'), may('edit')]).toEqual([true, false]);
		expect(localStorage.getItem('alternum.may')).toBe('make');
		hearMay(answer('hold'));
		expect(localStorage.getItem('alternum.may')).toBeNull();
	});

	it('leaves a plan as it is where it may only be looked at, and sends and keeps nothing', async () => {
		hearMay(answer('read'));
		const draft = openDraft(server.opened());
		const before = draft.getState().plan;
		draft.change(titled('Other'));
		draft.edit(typed('6 sc in MR'), 'type body 0');
		await settle();
		expect(draft.getState()).toMatchObject({ plan: before, save: { is: 'saved' }, canUndo: false });
		expect(server.asked).toEqual([]);
		expect(Object.keys(localStorage)).toEqual(['alternum.may']);
		hearMay(answer('edit'));
		draft.change(titled('Other'));
		await settle();
		expect(server.plan.title).toBe('Other');
	});
});
