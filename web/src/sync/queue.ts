import type { Plan } from '../api/types';
import { isTextField } from '../ui/where';
import type { Queued } from './draftState';
import { ours } from './flights';
import { copied, type Operation, setOnto, shownWith, standsForGroup } from './operations';

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

export function queued(made: Pick<Operation, 'edit' | 'seen'>, group: string, key: string | undefined, moves: Queued['moves'] = 'forward'): Queued {
	const id = crypto.randomUUID();
	ours([id]);
	return { id, group, edit: made.edit, seen: made.seen, key, at: Date.now(), moves, isSent: false };
}

/** What an earlier window left, as it was sent or may have been. What can be undone is of a window: part of it may be saved, and half of a word is no step. */
export function leftOver(operations: readonly Operation[]): Queued[] {
	ours(operations.map(({ id }) => id));
	return operations.map((operation) => ({ ...queued(operation, operation.group, undefined), id: operation.id, isSent: true }));
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

/** The lines of a piece as typed, that are still to be saved; undefined: it has those of the plan. */
export function typedLines(queue: readonly Queued[], piece: string): string[] | undefined {
	const typed = queue.findLast(({ edit }) => edit.do === 'take' || (edit.do === 'retype' && edit.piece === piece))?.edit;
	return typed?.do === 'retype' ? typed.rounds : undefined;
}

/** The plan with all that needs no rule of the job made on it. A copy has what was typed before it. */
export const shownIn = (queue: readonly Queued[], base: Plan): Plan =>
	queue.reduce((plan, { edit }, at) => (edit.do === 'copy' ? copied(plan, edit, typedLines(queue.slice(0, at), edit.piece)) : shownWith(plan, edit)), base);

/**
 * What is not saved, as a plan and the edits that the core still has to make on it. What is still being typed or dragged is made on what its
 * step began from, of which a part may be saved.
 */
export function notSaved(queue: readonly Queued[], base: Plan, before: (group: string) => Plan | undefined): { plan: Plan; edits: Queued[] } {
	const [first] = queue;
	const began = first !== undefined && standsForGroup(first.edit) ? before(first.group) : undefined;
	const edits = queue.filter(({ edit }) => edit.do !== 'set' && edit.do !== 'take' && edit.do !== 'copy');
	return { plan: shownIn(queue, began ?? base), edits };
}

export const isTranslating = (queue: readonly Queued[]) => queue.some(({ edit }) => edit.do === 'words');
