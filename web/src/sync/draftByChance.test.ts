// @vitest-environment jsdom
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Plan } from '../api/types';
import { Server, type Trouble, titled, typed, wider } from '../test/planServer';
import { openDraft } from './draft';
import type { DraftStore } from './draftState';
import { takeUnsaved } from './unsaved';

describe('a draft, whatever befalls it', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
	});
	afterEach(Server.end);

	/** What a maker may do, and what may befall the work meanwhile. */
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
					server = Server.begun();
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
		// A busy machine is slow, which is no fault of the draft.
	}, 240_000);
});
