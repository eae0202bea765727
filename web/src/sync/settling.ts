import { api, dataOf } from '../api/client';
import type { OpenedPlan, Plan } from '../api/types';
import { cut } from '../ui/cut';
import { say } from '../ui/say';
import type { DraftStore, Queued, SaveState } from './draftState';
import type { History } from './history';
import { sentOf } from './operations';
import { queued } from './queue';
import { keepUnsaved } from './unsaved';
import { tell } from './watch';

/** What a draft lets be done with its work where the maker decides what is to become of it. */
interface Work {
	reload: () => Promise<OpenedPlan>;
	takeFromServer: (theirs: OpenedPlan) => void;
	/** what is not saved, as a plan and the edits that the core still has to make */
	mine: () => { plan: Plan; edits: Queued[] };
	/** leaves all that waits */
	leave: () => void;
	/** something else in place of it */
	replace: (by: Queued[]) => void;
	shown: () => Plan;
	show: (save?: SaveState) => void;
	fly: () => Promise<void>;
	history: History;
	waits: () => boolean;
}

/** The ways out of a conflict, and of a plan that was deleted. */
export function settling(id: string, work: Work): Pick<DraftStore, 'takeTheirs' | 'takeMine' | 'putBack' | 'keepBoth'> {
	return {
		takeTheirs: async () => {
			const theirs = await work.reload();
			const plan = work.shown();
			work.takeFromServer(theirs);
			work.leave();
			work.history.left(plan, theirs.plan);
			work.show();
		},
		takeMine: async () => {
			const theirs = await work.reload();
			const { plan, edits } = work.mine();
			work.takeFromServer(theirs);
			work.replace([
				queued({ edit: { do: 'take', plan, says: say('draft.takenOverAnotherWindowS') } }, crypto.randomUUID(), undefined),
				...edits.map((operation) => queued(operation, operation.group, undefined)),
			]);
			await work.fly();
		},
		putBack: async () => {
			const answer = await api.POST('/api/plans/{id}/restore', { params: { path: { id } } });
			if (!answer.response.ok) dataOf<undefined>(answer);
			tell({ plan: id, is: 'back' });
			work.show({ is: work.waits() ? 'saving' : 'saved' });
			await work.fly();
		},
		keepBoth: async () => {
			const { plan, edits } = work.mine();
			const added = dataOf(await api.POST('/api/plans', { body: { ...plan, title: `${cut(plan.title, 110)} (mine)` } }));
			if (edits.length > 0) keepUnsaved(added.id, { revision: added.revision, operations: edits.map(sentOf) });
			work.leave();
			return added.id;
		},
	};
}
