// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { withPiece } from '../bench/plans';
import { Server, settle, titled } from '../test/planServer';
import { openDraft } from './draft';

const analysed = (draft: ReturnType<typeof openDraft>) => draft.getState().analysis.pieces.map(({ key }) => key);

describe('a piece that is looked at', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
	});
	afterEach(Server.end);

	it('is asked for where the answer does not hold it, and again after each that does not', async () => {
		const draft = openDraft(server.opened());
		draft.look('body');
		await settle();
		expect(analysed(draft)).toEqual(['body']);
		draft.change(titled('Other'));
		await settle();
		expect([analysed(draft), server.looked]).toEqual([['body'], ['body', 'body']]);
		// What never changes came with the opening, and is kept.
		expect(draft.getState().analysis.constants.terms).toBe('us');
		draft.close();
	});

	it('is asked for again while there is no answer, and no longer once another one is looked at', async () => {
		server.plan = {
			...server.plan,
			pieces: [...server.plan.pieces, { ...withPiece(server.plan, 'body', (is) => is).pieces[0], key: 'ear' }] as typeof server.plan.pieces,
		};
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.look('body');
		await vi.advanceTimersByTimeAsync(7000);
		expect(server.looked).toEqual([]);
		server.is = 'none';
		draft.look('ear');
		await vi.advanceTimersByTimeAsync(7000);
		expect([analysed(draft), server.looked]).toEqual([['ear'], ['ear']]);
		draft.close();
	});

	it('is not asked for before the core knows it', async () => {
		const draft = openDraft(server.opened());
		server.is = 'down';
		draft.change((plan) => ({ ...plan, pieces: [...plan.pieces, { ...plan.pieces[0], key: 'new' }] as typeof plan.pieces }));
		draft.look('new');
		await settle();
		server.is = 'none';
		expect(server.looked).toEqual([]);
		await vi.advanceTimersByTimeAsync(10_000);
		expect(server.looked).toEqual(['new']);
		draft.close();
	});
});
