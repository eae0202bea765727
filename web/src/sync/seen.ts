import type { Edit, Plan, Seen } from '../api/types';
import type { Queued } from './draftState';
import { type SetEdit, type SetValue, standsForGroup, valueAt } from './operations';

/** What is before the maker as something is done. */
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
const isHidden = ({ edit, seen }: Queued) => edit.do !== 'set' || seen !== undefined;

/** What waits since the whole plan was taken back or done again: that needs nothing of what was before. */
const sinceTaken = (queue: readonly Queued[]) => queue.slice(queue.findLastIndex(({ edit }) => edit.do === 'take') + 1);

/** What names rounds by their numbers as they are drawn; what is typed may make others of these. */
const isOnRounds = (edit: Edit): edit is Extract<Edit, { do: 'paint' | 'stripes' | 'stitches' | 'crisp' }> =>
	edit.do === 'paint' || edit.do === 'stripes' || edit.do === 'stitches' || edit.do === 'crisp';

/** The places where an edit finds what it is made from, with what is seen there. */
function placesOf(edit: Edit, { drawn, shown, lines }: Sight): SetValue[] {
	const whole = (plan: Plan, at: string[]) => [{ at, value: valueAt(plan, at) }].filter(({ value }) => value !== undefined);
	if (isOnRounds(edit)) return whole(drawn, ['pieces', edit.piece, 'rounds']);
	switch (edit.do) {
		case 'retype':
			return [{ at: ['pieces', edit.piece, 'rounds'], value: lines(edit.piece) }];
		case 'shift':
		case 'bobbles':
		case 'face':
		case 'motif':
		case 'heed':
			return whole(shown, ['pieces', edit.piece]);
		case 'set':
			return setIn(edit).flatMap((at) => whole(shown, at));
		default:
			return [];
	}
}

/** Where what is set stands: in one piece, which names its layers and rounds by their numbers, or else in lists. */
function setIn({ values }: SetEdit): string[][] {
	const pieces = new Set(values.map(({ at: [list, key, field] }) => (list === 'pieces' && field !== undefined ? key : undefined)));
	const [piece] = pieces;
	if (pieces.size === 1 && piece !== undefined) return [['pieces', piece]];
	return values.filter(({ value }) => Array.isArray(value)).map(({ at }) => at);
}

/** What is seen of the plan where the core is still to make another of it. */
function seenNow(edit: Edit, group: string, sight: Sight): Seen | undefined {
	if (edit.do === 'take' || edit.do === 'words') return undefined;
	const waits = sinceTaken(sight.queue).filter((operation) => isHidden(operation) && !(operation.group === group && standsForGroup(edit)));
	const hidden = edit.do === 'retype' || isOnRounds(edit) ? sight.queue : waits;
	const values = hidden.some(isHidden) || edit.do === 'retype' ? placesOf(edit, sight) : [];
	const hasWords = waits.some((operation) => operation.edit.do === 'words');
	return values.length === 0 && !hasWords ? undefined : { ...(hasWords ? { terms: sight.shown.terms } : {}), ...(values.length === 0 ? {} : { values }) };
}

/** Says of what is done what it was made from, as the core may be about to make another of it. */
export function seen() {
	/** what typing in one line began from */
	let began: { group: string; seen: Seen | undefined } | undefined;
	function typed(edit: Edit, group: string, sight: Sight): Seen | undefined {
		// What is all saved has come to the maker, with what the core made of it.
		if (sight.queue.length === 0) began = undefined;
		if (began?.group !== group && sight.queue.some((operation) => operation.group !== group)) began = { group, seen: seenNow(edit, group, sight) };
		return began?.group === group ? began.seen : undefined;
	}
	return (edit: Edit, group: string, sight: Sight): Seen | undefined => (edit.do === 'retype' ? typed(edit, group, sight) : seenNow(edit, group, sight));
}
