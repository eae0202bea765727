import { type Answer, type Event, isAfter, type Place } from './types';

/** How far one copy of a piece is, and what was answered there. */
export interface TaskProgress {
	place: Place;
	answers: ReadonlyMap<string, { answer: Answer; at: Place }>;
}

const START: TaskProgress = { place: { round: 0, stitch: 0 }, answers: new Map() };

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
				place: isAfter(task.place, at) ? at : task.place,
				answers: new Map([...task.answers].filter(([, answered]) => !isAfter(answered.at, at))),
			};
		case 'answered':
			return { ...task, answers: new Map(task.answers).set(event.key ?? '', { answer: event.answer ?? 'done', at }) };
		default:
			return task;
	}
}

/** How far each copy of each piece is: a plain replay, as in the core's Making\Journal\Progress. */
export function progressOf(events: readonly Event[]): ReadonlyMap<string, TaskProgress> {
	const tasks = new Map<string, TaskProgress>();
	for (const event of happened(inOrder(events))) {
		const task = taskOf(event);
		tasks.set(task, after(tasks.get(task) ?? START, event));
	}
	return tasks;
}

export const progressIn = (tasks: ReadonlyMap<string, TaskProgress>, task: string): TaskProgress => tasks.get(task) ?? START;

const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** 26 letters and digits, the first of which tell the time. */
export function newId(now: number): string {
	let time = '';
	for (let left = now, i = 0; i < 10; i++, left = Math.floor(left / 32)) time = `${LETTERS[left % 32]}${time}`;
	return time + [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => LETTERS[byte % 32]).join('');
}
