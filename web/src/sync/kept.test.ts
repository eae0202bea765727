// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';
import type { PlanOnShelf, ShelfAnswer } from '../api/types';
import { Server, settle, titled } from '../test/planServer';
import { openDraft } from './draft';
import { forgetAll } from './forget';
import { isAway, keeping, keepShelf, keptPlan, keptShelf } from './kept';
import { opened } from './opening';

const refused = (status: number) => new ApiError({ type: 'about:blank', title: '', status, detail: 'No.', mend: '' });
const shelfOf = (...ids: string[]): ShelfAnswer => ({
	plans: ids.map(
		(id): PlanOnShelf => ({
			id,
			title: id,
			revision: 1,
			savedAt: '2026-01-01T00:00:00Z',
			archived: false,
			summary: { pieces: 1, rounds: 1, stitches: 6, problems: 0, yarns: [], rows: [] } as unknown as PlanOnShelf['summary'],
		}),
	),
	yarns: [],
	usual: {} as ShelfAnswer['usual'],
});

describe('what the browser keeps of plans', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
		// fake-indexeddb waits for real turns of the event loop.
		vi.useRealTimers();
	});
	afterEach(Server.end);

	async function keep(id: string): Promise<void> {
		const draft = openDraft({ ...server.opened(), id });
		const end = keeping(draft);
		end();
		draft.close();
		await vi.waitFor(async () => expect(await keptPlan(id)).toBeDefined());
	}

	it('is the plan as it was saved, which opens where the server is away, and only there', async () => {
		await keep('P');
		expect(await keptPlan('P')).toMatchObject({ id: 'P', revision: server.revision, plan: server.plan });
		server.is = 'down';
		const found = await opened('P', undefined, () => false);
		expect(found?.plan).toMatchObject({ revision: server.revision, keptAt: expect.any(String) });
		await expect(opened('unknown', undefined, () => false)).rejects.toThrow();
		server.is = 'none';
		expect((await opened('P', undefined, () => false))?.plan).not.toHaveProperty('keptAt');
	});

	it('follows what is saved, although the core says the same of it', async () => {
		const draft = openDraft(server.opened());
		const end = keeping(draft);
		document.dispatchEvent(new Event('visibilitychange'));
		await vi.waitFor(async () => expect(await keptPlan('P')).toBeDefined());
		const { analysis } = draft.getState();
		draft.change(titled('Another name'));
		await vi.waitFor(() => expect(draft.getState().save.is).toBe('saved'));
		expect(draft.getState().analysis).toBe(analysis);
		document.dispatchEvent(new Event('visibilitychange'));
		await vi.waitFor(async () => expect((await keptPlan('P'))?.plan.title).toBe('Another name'));
		end();
		draft.close();
	});

	it('is not what is still on its way, nor anew what was only taken from here', async () => {
		await keep('P');
		const kept = await keptPlan('P');
		server.is = 'down';
		const draft = openDraft(kept as NonNullable<typeof kept>);
		expect(draft.getState().keptAt).toBe(kept?.keptAt);
		const end = keeping(draft);
		draft.change(titled('Not saved'));
		end();
		draft.close();
		await new Promise((done) => setTimeout(done, 50));
		expect(await keptPlan('P')).toEqual(kept);
	});

	it('says no more that it was kept, once the server has answered', async () => {
		await keep('P');
		const kept = await keptPlan('P');
		vi.useFakeTimers();
		const draft = openDraft(kept as NonNullable<typeof kept>);
		draft.change(titled('Saved'));
		await settle();
		expect([draft.getState().save.is, draft.getState().keptAt]).toEqual(['saved', null]);
		draft.close();
	});

	it('are twelve plans, those that were open last, and none that is not on the shelf', async () => {
		for (let i = 1; i <= 13; i++) await keep(`plan ${String(i).padStart(2, '0')}`);
		await vi.waitFor(async () => expect(await keptPlan('P')).toBeUndefined());
		expect([await keptPlan('plan 01'), (await keptPlan('plan 02'))?.id]).toEqual([undefined, 'plan 02']);
		await keepShelf(shelfOf('plan 03', 'plan 99'));
		expect(await keptShelf(new TypeError('no network'))).toMatchObject({ openable: ['plan 03'], plans: [{ id: 'plan 03' }, { id: 'plan 99' }] });
	});

	it('goes with the workshop', async () => {
		await keep('P');
		await keepShelf(shelfOf('P'));
		await forgetAll();
		expect(await keptPlan('P')).toBeUndefined();
		await expect(keptShelf(new TypeError('no network'))).rejects.toThrow('no network');
	});

	it('is not shown where the server says no', async () => {
		expect([isAway(new TypeError('no network')), isAway(refused(503)), isAway(refused(404)), isAway(refused(401))]).toEqual([true, true, false, false]);
		await keepShelf(shelfOf('P'));
		await expect(keptShelf(refused(401))).rejects.toThrow('No.');
	});
});
