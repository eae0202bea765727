import { api, dataOf } from '../api/client';
import { type SetAside, setAsideOf } from './draftState';
import { isFlying, made, ours } from './flights';
import { sentOf } from './operations';
import { isHeld, letGo, takeUnsaved } from './unsaved';
import { tell } from './watch';

/** Operations that one message takes. */
const MOST = 100;

/**
 * Saves what closed windows left of a plan.
 *
 * @returns what of it could not be done, with the reasons
 * @throws ApiError where the plan has changed since, or is gone: then it is to be opened, and the maker chooses
 */
export async function saveLeft(id: string): Promise<SetAside[]> {
	const refused: SetAside[] = [];
	// Once the plan is open, what it has is its own: what is still being typed may yet be replaced.
	for (let left = await takeUnsaved(id); left !== null && !isHeld(id); left = await takeUnsaved(id)) {
		let { revision } = left;
		for (let at = 0; at < left.operations.length && (at === 0 || !isHeld(id)); at += MOST) {
			const operations = left.operations.slice(at, at + MOST);
			ours(operations.map((operation) => operation.id));
			const answer = api.POST('/api/plans/{id}/operations', { params: { path: { id } }, body: { base: revision, operations: operations.map(sentOf) } });
			isFlying(id, answer);
			const saved = dataOf(await answer);
			revision = saved.revision;
			made(id, revision);
			refused.push(...setAsideOf(operations, saved.results));
			tell({ plan: id, revision, savedAt: saved.savedAt });
			letGo(id, operations, revision);
		}
	}
	return refused;
}
