import { create } from 'zustand';
import { may } from '../api/may';
import type { By } from './flow';
import { nextPlace, stopAt } from './flow';
import { inOrder, newId, type Progress, progressIn, progressOf } from './journal';
import { type Answer, CHOICES, type Choices, type Event, type Guide, type Lesson, type Making, type Place, type Task } from './types';

/** Two taps within this time are one. */
const TWICE_MS = 200;

/** What keeps and sends: it comes after the page, which is shown without it. */
const link = () => import('./link');

interface State {
	/** opening: nothing is known yet; away: there is nothing on this device, and no network; others: it may not be begun here */
	is: 'opening' | 'open' | 'away' | 'gone' | 'others';
	making: Making | null;
	guides: ReadonlyMap<string, Guide>;
	events: readonly Event[];
	progress: Progress;
	unsent: ReadonlySet<string>;
	/** whether the server answered last */
	isConnected: boolean;
	/** whether the browser keeps what is here until it is told otherwise; null: it was not asked yet */
	isLasting: boolean | null;
	/** whether the server understands more than this page, which was kept for when there is no network */
	isOutdated: boolean;
	/** what is explained, where it is only practised: then nothing is kept and nothing sent; null: it is made in earnest */
	lessons: readonly Lesson[] | null;
	/** key of the task in hand; '': none */
	task: string;
	choices: Choices;
}

export const useMaking = create<State>(() => ({
	is: 'opening',
	making: null,
	guides: new Map(),
	events: [],
	progress: { tasks: new Map(), revision: 0 },
	unsent: new Set(),
	isConnected: true,
	isLasting: null,
	isOutdated: false,
	lessons: null,
	task: '',
	choices: CHOICES,
}));

const { getState: now, setState: set } = useMaking;

/** What a guide is known by: the piece, its set of yarns, and the revision of the plan. */
export const guideKey = (piece: string, group: number, revision: number) => `${piece} ${group} ${revision}`;

/** The guide of a task, where it is there already. */
export const guideOfTask = ({ guides, progress }: Pick<State, 'guides' | 'progress'>, task: Task | undefined): Guide | undefined =>
	task?.piece == null ? undefined : guides.get(guideKey(task.piece, task.group, progressIn(progress, task.key).revision));

export const taskIn = ({ making, task }: Pick<State, 'making' | 'task'>): Task | undefined => making?.toy.tasks.find(({ key }) => key === task);

/** What was last worked on, where it is not done; else the first that is not done. */
export function taskInHand(making: Making, events: readonly Event[], progress: Progress, guides: ReadonlyMap<string, Guide>): string {
	const last = events.findLast(({ piece }) => piece !== undefined && piece !== '');
	const key = last === undefined ? '' : `${last.piece}.${last.copy}`;
	const tasks = making.toy.tasks;
	const open = tasks.filter((task) => !isDone(task, progress, guides));
	return (open.find((task) => task.key === key) ?? open[0])?.key ?? '';
}

/** Whether all of it is passed. */
export function isDone(task: Task, progress: Progress, guides: ReadonlyMap<string, Guide>): boolean {
	const said = progressIn(progress, '').answers.get(task.key)?.answer;
	// What is put off comes again when all else is done.
	if (task.piece === null) return said === 'done' || said === 'left';
	const guide = guideOfTask({ guides, progress }, task);
	return guide !== undefined && stopAt(guide, progressIn(progress, task.key)) >= guide.stops.length;
}

/** Something that is done now: it counts higher than all that is known here. */
export function eventNow(kind: Event['kind'], details: Partial<Event>): Event {
	const at = Date.now();
	return { id: newId(at), n: (now().events.at(-1)?.n ?? 0) + 1, at, kind, ...details };
}

/** Adds what was done: it is shown in this frame, kept on this device, and sent when it can be. */
export function add(kind: Event['kind'], details: Partial<Event>): void {
	const { making } = now();
	// Whoever may only look counts nothing; what is only practised is nobody's.
	if (making === null || (now().lessons === null && !may('make'))) return;
	const event = eventNow(kind, details);
	take([event], false);
	if (now().lessons === null) void link().then(({ keepAndSend }) => keepAndSend(making.id, event));
}

export function take(more: readonly Event[], isSent: boolean): void {
	const events = inOrder([...now().events, ...more]);
	const unsent = new Set(now().unsent);
	for (const { id } of more) isSent ? unsent.delete(id) : unsent.add(id);
	set({ events, unsent, progress: progressOf(events) });
}

let tapped = 0;

/** Counts what a tap counts; a second one at once is the same. */
export function tap(at: number): boolean {
	const state = now();
	const task = taskIn(state);
	const guide = guideOfTask(state, task);
	if (task?.piece == null || guide === undefined || at - tapped < TWICE_MS) return false;
	tapped = at;
	const progress = progressIn(state.progress, task.key);
	const stop = stopAt(guide, progress);
	if (guide.stops[stop]?.group === undefined) return false;
	work(task, nextPlace(guide, stop, progress.place, byOf(state.choices, task.piece)));
	return true;
}

export const byOf = (all: Choices, piece: string): By => all.by[piece] ?? 'group';

function work(task: Task, place: Place): void {
	add('worked', { piece: task.piece ?? '', copy: task.copy, ...place });
	takeInTurn(task);
}

/** Copies that are made side by side, a round of each in turn: the one that is least far is next, once a round is whole. */
function takeInTurn(task: Task): void {
	const state = now();
	const isWhole = (one: Task) => {
		const guide = guideOfTask(state, one);
		const { place } = progressIn(state.progress, one.key);
		return guide !== undefined && (place.round === 0 || place.stitch >= (guide.rounds[place.round - 1]?.makes ?? 0));
	};
	if (!task.aside || !isWhole(task)) return;
	const far = (one: Task) => {
		const guide = guideOfTask(state, one);
		return guide === undefined ? Number.POSITIVE_INFINITY : stopAt(guide, progressIn(state.progress, one.key));
	};
	const open = (state.making?.toy.tasks ?? []).filter((one) => one.aside && one.piece === task.piece && !isDone(one, state.progress, state.guides));
	const next = open.reduce<Task | undefined>((least, one) => (least === undefined || far(one) < far(least) ? one : least), undefined);
	if (next !== undefined) takeInHand(next.key);
}

/** A step that waited is done, put off or left out. */
export function answer(task: Task, key: string, at: Place, said: Answer): void {
	add('answered', { piece: task.piece ?? '', copy: task.copy, ...at, key, answer: said });
	takeInTurn(task);
}

/** What a tap back takes back. */
const ACTS: readonly Event['kind'][] = ['worked', 'answered', 'moved', 'ripped', 'slipped'];

/** The last tap did not happen. */
export function tapBack(): void {
	const { events } = now();
	const gone = new Set(events.flatMap(({ kind, of }) => (kind === 'back' && of !== undefined ? [of] : [])));
	const last = events.findLast(({ kind, id }) => ACTS.includes(kind) && !gone.has(id));
	if (last !== undefined) add('back', { of: last.id });
}

export function choose(more: Partial<Choices>): void {
	const all = { ...now().choices, ...more };
	set({ choices: all });
	if (now().lessons === null) void link().then(({ keepChoices }) => keepChoices(all));
}

/** What is still to be done: first what comes after a task, then what was passed over. */
export function followers({ making, progress, guides }: Pick<State, 'making' | 'progress' | 'guides'>, task: string): Task[] {
	const tasks = making?.toy.tasks ?? [];
	const at = tasks.findIndex(({ key }) => key === task) + 1;
	return [...tasks.slice(at), ...tasks.slice(0, at)].filter((one) => one.key !== task && !isDone(one, progress, guides));
}

/** Takes what comes next in hand. */
export const takeNext = (task: string) => takeInHand(followers(now(), task)[0]?.key ?? '');

/** Takes another task in hand. */
export const takeInHand = (task: string) => set({ task });

/** Whether the plan is another than the one that was last looked at here. */
export const isPlanChanged = ({ making, events }: Pick<State, 'making' | 'events'>): boolean =>
	making !== null && making.planRevision > Math.max(making.revision, ...events.map(({ kind, revision = 0 }) => (kind === 'took' ? revision : 0)));

/** Opens what is being made of a plan. */
export const openMaking = (plan: string, which: string | null) => link().then((it) => it.openMaking(plan, which));

/** The drawings of how things are done. */
export const fetchDrawings = () => link().then((it) => it.drawings());

/** Opens the small ball that is only practised on. */
export const openPractice = () => link().then((it) => it.openPractice());

/** Goes on asking what other devices did while the page is looked at. @returns ends it */
export function keepInStep(): () => void {
	let end: (() => void) | undefined;
	let isOver = false;
	void link().then((it) => {
		if (!isOver) end = it.keepInStep();
	});
	return () => {
		isOver = true;
		end?.();
	};
}
