import type { Edit, Plan, Seen } from '../api/types';
import type { Queued } from './draftState';
import { type Operation, type SetEdit, standsForGroup } from './operations';

type RetypeEdit = Extract<Edit, { do: 'retype' }>;

/** What she has before her as she does something. */
interface Sight {
	/** what is still to be saved, and made by the core */
	queue: readonly Queued[];
	/** the plan as last saved, which is drawn */
	drawn: Plan;
	/** that, with all that needs no rule of the job made on it */
	shown: Plan;
	/** a piece's lines as typed */
	lines: (piece: string) => string[];
}

/** Whether the core makes something of it that is not shown yet. */
const isHidden = ({ edit, seen }: Queued) => edit.do !== 'set' || seen !== undefined || edit.values.some(({ saw }) => saw !== undefined);

/** What waits since the whole plan was taken back or done again: that needs nothing of what was before. */
const sinceTaken = (queue: readonly Queued[]) => queue.slice(queue.findLastIndex(({ edit }) => edit.do === 'take') + 1);

/** What is set says what it was made from where what is there may be another: else it stands as it is. */
function setAsSeen(edit: SetEdit, { queue }: Sight): SetEdit {
	return sinceTaken(queue).some(isHidden) ? edit : { ...edit, values: edit.values.map(({ saw: _, ...set }) => set) };
}

/** Rounds are those of the plan that is drawn; what is typed may make others of their numbers. */
function roundsAsSeen<Of extends Edit & { piece: string; saw?: string[] }>(edit: Of, { queue, drawn }: Sight): Of {
	const piece = drawn.pieces.find(({ key }) => key === edit.piece);
	return piece === undefined || !queue.some(isHidden) ? edit : { ...edit, saw: piece.rounds };
}

/** What names rounds or layers by their numbers, and where it is done; undefined: it names none, or says itself what was seen. */
function namesIn(edit: Edit): string | undefined {
	if (edit.do === 'set') {
		const keys = new Set(edit.values.map(({ at: [list, key, field] }) => (list === 'pieces' && field !== undefined ? key : undefined)));
		return keys.size === 1 ? [...keys][0] : undefined;
	}
	const names = edit.do === 'shift' || edit.do === 'bobbles' || edit.do === 'face' || edit.do === 'motif' || edit.do === 'heed';
	return names ? edit.piece : undefined;
}

/** What she sees of the plan where the core is still to make another of it. */
function seenNow(edit: Edit, group: string, { queue, shown }: Sight): Seen | undefined {
	if (edit.do === 'take' || edit.do === 'words') return undefined;
	const hidden = sinceTaken(queue).filter((operation) => isHidden(operation) && !(operation.group === group && standsForGroup(edit)));
	const piece = hidden.length === 0 ? undefined : shown.pieces.find(({ key }) => key === namesIn(edit));
	const hasWords = hidden.some((operation) => operation.edit.do === 'words');
	return piece === undefined && !hasWords ? undefined : { ...(hasWords ? { terms: shown.terms } : {}), ...(piece === undefined ? {} : { piece }) };
}

/** Says of what is done what it was made from, as the core may be about to make another of it. */
export function seen() {
	/** what typing in one line began from */
	let saw: { group: string; rounds: string[]; seen: Seen | undefined } | undefined;
	function retyped(edit: RetypeEdit, group: string, sight: Sight): Pick<Operation, 'edit' | 'seen'> {
		// What is all saved has come to her, with what the core made of it.
		if (sight.queue.length === 0) saw = undefined;
		if (saw?.group !== group && sight.queue.some((operation) => operation.group !== group))
			saw = { group, rounds: sight.lines(edit.piece), seen: seenNow(edit, group, sight) };
		return saw?.group === group ? { edit: { ...edit, saw: saw.rounds }, seen: saw.seen } : { edit, seen: undefined };
	}
	return (edit: Edit, group: string, sight: Sight): Pick<Operation, 'edit' | 'seen'> => {
		if (edit.do === 'retype') return retyped(edit, group, sight);
		const onRounds = edit.do === 'paint' || edit.do === 'stripes' || edit.do === 'stitches' || edit.do === 'crisp';
		const said = onRounds ? roundsAsSeen(edit, sight) : edit;
		return { edit: said.do === 'set' ? setAsSeen(said, sight) : said, seen: seenNow(edit, group, sight) };
	};
}
