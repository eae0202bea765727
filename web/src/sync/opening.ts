import { api, dataOf } from '../api/client';
import type { OpenedPlan } from '../api/types';
import { landed, madeOf } from './flights';
import { forgetPlan, isAway, type KeptPlan, keptPlan } from './kept';
import { takeUnsaved, type Unsaved } from './unsaved';

/** So long a plan that is opened waits for what is still on its way. */
const LANDS_MS = 3000;
/** So often it is asked for again where it was overtaken. */
const TIMES = 5;

/**
 * A plan as it is saved, with what a window that is gone left unsaved. It is held by who opens it, so that nobody else begins to send that
 * meanwhile; what is on its way already is waited for, and what this page saved after the plan was read is read again. Without an answer it
 * is the plan that this browser keeps.
 *
 * @param piece  key of the piece that is looked at
 * @param isOver nobody waits for it any more
 */
export async function opened(
	id: string,
	piece: string | undefined,
	isOver: () => boolean,
): Promise<{ plan: OpenedPlan | KeptPlan; left: Unsaved | null } | null> {
	await landed(id, LANDS_MS);
	const query = piece === undefined ? {} : { piece };
	for (let times = 1; ; times++) {
		if (isOver()) return null;
		const plan = await newest(id, query);
		if (!('keptAt' in plan) && plan.revision < madeOf(id) && times < TIMES) continue;
		if (isOver()) return null;
		const left = await takeUnsaved(id);
		return isOver() ? null : { plan, left };
	}
}

async function newest(id: string, query: { piece?: string }): Promise<OpenedPlan | KeptPlan> {
	try {
		return dataOf(await api.GET('/api/plans/{id}', { params: { path: { id }, query } }));
	} catch (error) {
		// It is gone, or it is another workshop's.
		if (!isAway(error)) await forgetPlan(id);
		const kept = isAway(error) ? await keptPlan(id) : undefined;
		if (kept === undefined) throw error;
		return kept;
	}
}
