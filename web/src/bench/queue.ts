import type { Edit, Plan, Seen } from '../api/types';
import { isTextField } from '../ui/where';
import type { Queued } from './draftState';
import { copied, type Operation, type SetEdit, setOnto, shownWith, standsForGroup } from './operations';

/** Changes of one kind that follow one another so closely are one step of undo; letters of a line have longer. */
const GROUP_MS = 1500;
const TYPING_MS = 120_000;

/** Letters that follow one another more closely, as within a word, are sent together: no answer is drawn between them. None waits longer than the most. */
export const CEASED_MS = 320;
export const MOST_MS = 2500;

/** The key of what one drag does: that is one step, however long it takes. */
export const dragKey = (drag: string) => `drag ${drag}`;

/** What an operation's key is for those that go on with it; undefined after something was taken back. */
export const keyOf = (newest: Pick<Queued, 'key' | 'moves'> | undefined) => (newest?.moves === 'forward' ? newest.key : undefined);

/** The group of what is done now: that of the newest operation where it goes on with the same, or else one of its own. */
export function groupOf(key: string | undefined, newest: Pick<Queued, 'group' | 'key' | 'at' | 'moves'> | undefined): string {
	const most = isTyped(key) ? TYPING_MS : key?.startsWith('drag ') === true ? Number.POSITIVE_INFINITY : GROUP_MS;
	const goesOn = newest !== undefined && key !== undefined && keyOf(newest) === key && Date.now() - newest.at < most;
	return goesOn ? newest.group : crypto.randomUUID();
}

/** Whether what has this key was typed in lines. */
export const isTyped = (key: string | undefined) => key?.startsWith('type ') === true;

/** What is typed in a field is heard as it is typed. */
export const isTyping = (key: string | undefined) => isTyped(key) || isTextField(document.activeElement);

export function queued(
	made: Pick<Operation, 'edit' | 'seen'> | Pick<Queued, 'edit' | 'seen'>,
	group: string,
	key: string | undefined,
	moves: Queued['moves'] = 'forward',
): Queued {
	return { id: crypto.randomUUID(), group, edit: made.edit, seen: made.seen, key, at: Date.now(), moves, isSent: false };
}

/** An operation, put into a queue behind another: with that one, where it stands for it. */
export function queuedOnto(queue: readonly Queued[], added: Queued): Queued[] {
	const last = queue.at(-1);
	if (last === undefined || last.group !== added.group || last.isSent) return [...queue, added];
	// What is still being typed or turned stands for what it was before.
	if (standsForGroup(added.edit)) return [...queue.slice(0, -1), added];
	const onto = setOnto(last.edit, added.edit);
	return onto === null ? [...queue, added] : [...queue.slice(0, -1), { ...added, edit: onto, seen: last.seen }];
}

/** Whether the core makes something of it that is not shown yet. */
const isHidden = ({ edit, seen }: Queued) => edit.do !== 'set' || seen !== undefined || edit.values.some(({ saw }) => saw !== undefined);

/** What is set says what it was made from where what is there may be another: else it stands as it is. */
function setAsSeen(edit: SetEdit, queue: readonly Queued[]): SetEdit {
	const since = queue.slice(queue.findLastIndex((operation) => operation.edit.do === 'take') + 1);
	return since.some(isHidden) ? edit : { ...edit, values: edit.values.map(({ saw: _, ...set }) => set) };
}

/** Rounds are those of the plan that is drawn; what is typed may make others of their numbers. */
function roundsAsSeen<Of extends Edit & { piece: string; saw?: string[] }>(edit: Of, queue: readonly Queued[], { pieces }: Plan): Of {
	const piece = pieces.find(({ key }) => key === edit.piece);
	return piece === undefined || !queue.some(isHidden) ? edit : { ...edit, saw: piece.rounds };
}

type RetypeEdit = Extract<Edit, { do: 'retype' }>;

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
function seenNow(edit: Edit, group: string, queue: readonly Queued[], shown: Plan): Seen | undefined {
	if (edit.do === 'take' || edit.do === 'words') return undefined;
	const since = queue.slice(queue.findLastIndex((operation) => operation.edit.do === 'take') + 1);
	const hidden = since.filter((operation) => isHidden(operation) && !(operation.group === group && standsForGroup(edit)));
	const piece = hidden.length === 0 ? undefined : shown.pieces.find(({ key }) => key === namesIn(edit));
	const hasWords = hidden.some((operation) => operation.edit.do === 'words');
	return piece === undefined && !hasWords ? undefined : { ...(hasWords ? { terms: shown.terms } : {}), ...(piece === undefined ? {} : { piece }) };
}

/** The lines of a piece as typed, that are still to be saved; undefined: it has those of the plan. */
export function typedLines(queue: readonly Queued[], piece: string): string[] | undefined {
	const typed = queue.findLast(({ edit }) => edit.do === 'take' || (edit.do === 'retype' && edit.piece === piece))?.edit;
	return typed?.do === 'retype' ? typed.rounds : undefined;
}

/** The plan with all that needs no rule of the job made on it. A copy has what was typed before it. */
export const shownIn = (queue: readonly Queued[], base: Plan): Plan =>
	queue.reduce((plan, { edit }, at) => (edit.do === 'copy' ? copied(plan, edit, typedLines(queue.slice(0, at), edit.piece)) : shownWith(plan, edit)), base);

export const isTranslating = (queue: readonly Queued[]) => queue.some(({ edit }) => edit.do === 'words');

/** Says of what is done what it was made from, as the core may be about to make another of it. */
export function seen() {
	/** what typing in one line began from */
	let saw: { group: string; rounds: string[]; seen: Seen | undefined } | undefined;
	const retyped = (edit: RetypeEdit, group: string, queue: readonly Queued[], lines: (piece: string) => string[], shown: Plan) => {
		// What is all saved has come to her, with what the core made of it.
		if (queue.length === 0) saw = undefined;
		if (saw?.group !== group && queue.some((operation) => operation.group !== group))
			saw = { group, rounds: lines(edit.piece), seen: seenNow(edit, group, queue, shown) };
		return saw?.group === group ? { edit: { ...edit, saw: saw.rounds }, seen: saw.seen } : { edit, seen: undefined };
	};
	return (
		edit: Edit,
		group: string,
		queue: readonly Queued[],
		lines: (piece: string) => string[],
		drawn: Plan,
		shown: Plan,
	): Pick<Queued, 'edit' | 'seen'> => {
		if (edit.do === 'retype') return retyped(edit, group, queue, lines, shown);
		const onRounds = edit.do === 'paint' || edit.do === 'stripes' || edit.do === 'stitches' || edit.do === 'crisp';
		const said = onRounds ? roundsAsSeen(edit, queue, drawn) : edit;
		return { edit: said.do === 'set' ? setAsSeen(said, queue) : said, seen: seenNow(edit, group, queue, shown) };
	};
}
