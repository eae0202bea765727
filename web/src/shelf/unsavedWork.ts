import { api, dataOf } from '../api/client';
import { keepUnsaved, takeUnsaved } from '../bench/unsaved';
import { tell } from '../bench/watch';

/** Operations that one message takes. */
const MOST = 100;

/**
 * Saves what a closed window left of a plan.
 *
 * @throws ApiError where the plan has changed since, or is gone: then it is to be opened, and she chooses
 */
export async function saveLeft(id: string): Promise<void> {
	for (let left = await takeUnsaved(id); left !== null; left = await takeUnsaved(id)) {
		let { revision } = left;
		for (let at = 0; at < left.operations.length; at += MOST) {
			const answer = await api.POST('/api/plans/{id}/operations', {
				params: { path: { id } },
				body: { base: revision, operations: left.operations.slice(at, at + MOST) },
			});
			const saved = dataOf(answer);
			revision = saved.revision;
			tell({ plan: id, revision, savedAt: saved.savedAt });
			keepUnsaved(id, at + MOST < left.operations.length ? { revision, operations: left.operations.slice(at + MOST) } : null);
		}
	}
}
