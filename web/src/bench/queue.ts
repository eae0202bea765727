import type { Edit, Plan } from '../api/types';
import { isTextField } from '../ui/where';
import type { Queued } from './draftState';
import type { SetEdit } from './operations';

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

export function queued(edit: Edit, group: string, key: string | undefined, moves: Queued['moves'], id: string = crypto.randomUUID()): Queued {
	return { id, group, edit, key, at: Date.now(), moves, isSent: false };
}

/** Whether the core makes something of it that is not shown yet. */
const isHidden = ({ edit }: Queued) => edit.do !== 'set' || edit.values.some(({ saw }) => saw !== undefined);

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

/** Typing that begins before something else is made says which lines it was made from, as the core may make others of them. */
export function seen() {
	let saw: { group: string; rounds: string[] } | undefined;
	return (edit: Edit, group: string, queue: readonly Queued[], lines: (piece: string) => string[], drawn: Plan): Edit => {
		if (edit.do === 'set') return setAsSeen(edit, queue);
		if (edit.do === 'paint' || edit.do === 'stripes' || edit.do === 'stitches') return roundsAsSeen(edit, queue, drawn);
		if (edit.do !== 'retype') return edit;
		// What is all saved has come to her, with what the core made of it.
		if (queue.length === 0) saw = undefined;
		if (saw?.group !== group && queue.some((operation) => operation.group !== group)) saw = { group, rounds: lines(edit.piece) };
		return saw?.group === group ? { ...edit, saw: saw.rounds } : edit;
	};
}
