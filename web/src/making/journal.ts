import { type Answer, type Event, isAfter, type Place } from './types';

/** How far one copy of a piece is, and what was answered there. */
export interface TaskProgress {
	place: Place;
	answers: ReadonlyMap<string, { answer: Answer; at: Place }>;
	/** by round: stitches that it has, where one went on with it */
	slips: ReadonlyMap<number, { has: number; at: Place }>;
	/** of the plan, that it is made from; 0: with which all was begun */
	revision: number;
}

/** How far a toy is. */
export interface Progress {
	tasks: ReadonlyMap<string, TaskProgress>;
	/** of the plan, that what is not begun is made from */
	revision: number;
}

const starts = new Map<number, TaskProgress>();

/** Nothing is made yet: the same value each time, as it is compared by what it is. */
function startFrom(revision: number): TaskProgress {
	const start = starts.get(revision) ?? { place: { round: 0, stitch: 0 }, answers: new Map(), slips: new Map(), revision };
	starts.set(revision, start);
	return start;
}

/** In the order in which they were done, each once: what came together from several devices. */
export function inOrder(events: readonly Event[]): Event[] {
	const all = new Map<string, Event>();
	for (const event of events) if (!all.has(event.id)) all.set(event.id, event);
	return [...all.values()].sort((a, b) => a.n - b.n || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}

/** Those that happened: without those that were taken back, and without what says so. */
export function happened(ordered: readonly Event[]): Event[] {
	const gone = new Set<string>();
	for (const event of ordered.toReversed()) if (event.kind === 'back' && !gone.has(event.id) && event.of !== undefined) gone.add(event.of);
	return ordered.filter(({ id, kind }) => kind !== 'back' && !gone.has(id));
}

/** The place that an event names. */
const placeOf = ({ round = 0, stitch = 0 }: Event): Place => ({ round, stitch });

/** "body.1": the copy of a piece that an event is about; '': none. */
export const taskOf = ({ piece = '', copy = 0 }: Event): string => (piece === '' ? '' : `${piece}.${copy}`);

/** The key of a slip that one went on with: its round is done as it is. */
export const GO_ON = 'go-on';

function after(task: TaskProgress, event: Event): TaskProgress {
	const at = placeOf(event);
	switch (event.kind) {
		case 'worked':
			// Two devices may count the same stitches: they are made once.
			return isAfter(at, task.place) ? { ...task, place: at } : task;
		case 'moved':
			return { ...task, place: at };
		case 'ripped':
			return {
				...task,
				place: isAfter(task.place, at) ? at : task.place,
				answers: new Map([...task.answers].filter(([, answered]) => !isAfter(answered.at, at))),
				slips: new Map([...task.slips].filter(([, slip]) => !isAfter(slip.at, at))),
			};
		case 'slipped':
			if (event.key !== GO_ON) return task;
			return { ...task, place: isAfter(at, task.place) ? at : task.place, slips: new Map(task.slips).set(at.round, { has: event.has ?? 0, at }) };
		case 'answered':
			return { ...task, answers: new Map(task.answers).set(event.key ?? '', { answer: event.answer ?? 'done', at }) };
		default:
			return task;
	}
}

/** How far each copy of each piece is: a plain replay, as in the core's Making\Journal\Progress. */
export function progressOf(events: readonly Event[]): Progress {
	let tasks = new Map<string, TaskProgress>();
	let revision = 0;
	for (const event of happened(inOrder(events))) {
		const task = taskOf(event);
		if (event.kind === 'took') {
			revision = event.from === 'never' ? revision : (event.revision ?? 0);
			if (event.from === 'round') tasks = new Map([...tasks].map(([key, one]) => [key, { ...one, revision }]));
		} else if (task !== '' || event.kind === 'answered') tasks.set(task, after(tasks.get(task) ?? startFrom(revision), event));
	}
	return { tasks, revision };
}

export const progressIn = ({ tasks, revision }: Progress, task: string): TaskProgress => tasks.get(task) ?? startFrom(revision);

const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** 26 letters and digits, the first of which tell the time. */
export function newId(now: number): string {
	let time = '';
	for (let left = now, i = 0; i < 10; i++, left = Math.floor(left / 32)) time = `${LETTERS[left % 32]}${time}`;
	return time + [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => LETTERS[byte % 32]).join('');
}
