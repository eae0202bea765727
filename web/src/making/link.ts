import '../ui/shelfWords';
import { ApiError, api, dataOf } from '../api/client';
import { forgetAll } from '../sync/forget';
import { say } from '../ui/say';
import { inOrder, progressIn, progressOf, taskOf } from './journal';
import { choices, eventsOf, forgetMaking, guidesOf, keepEvents, keepGuide, keepMaking, makingOf, makingsOfPlan } from './keep';
import { eventNow, guideKey, take, taskInHand, useMaking } from './making';
import { type Event, type Making, SPEAKS, type Task } from './types';

export { keepChoices } from './keep';

/** So often a page that is looked at asks what another device did: both see the same place within two seconds. */
const EVERY_MS = 1500;
/** And so often where nobody answers. */
const AWAY_MS = 10_000;

const { getState: now, setState: set } = useMaking;

/** Opens what is being made of a plan: what this device has at once, then what the server has; where nothing is made of it yet, it is begun. */
export async function openMaking(plan: string, which: string | null): Promise<void> {
	set({ choices: await choices() });
	const here = which === null ? (await makingsOfPlan(plan)).sort((a, b) => (a.begunAt < b.begunAt ? 1 : -1))[0] : await makingOf(which);
	if (here !== undefined) await show(here, await eventsOf(here.id));
	try {
		const id = here?.id ?? which ?? dataOf(await api.GET('/api/plans/{id}/makings', { params: { path: { id: plan } } })).makings[0]?.id;
		const { events, ...making } = dataOf(
			id === undefined
				? await api.POST('/api/plans/{id}/makings', { params: { path: { id: plan } } })
				: await api.GET('/api/makings/{id}', { params: { path: { id } } }),
		);
		await keepMaking(making);
		await keepEvents(making.id, events, true);
		await show(making, await eventsOf(making.id));
		set({ isConnected: true, isLasting: (await navigator.storage?.persist?.()) ?? false });
		await fetchGuides(making);
	} catch (error) {
		if (await isLeft(error)) return;
		if (error instanceof ApiError && here === undefined) set({ is: error.problem.status === 403 ? 'others' : 'gone' });
		else set({ isConnected: false, is: now().is === 'opening' ? 'away' : now().is });
	}
}

/** Opens the small ball that is only practised on: it leaves nothing behind. */
export async function openPractice(): Promise<void> {
	try {
		const { toy, guide, lessons } = dataOf(await api.GET('/api/practice'));
		const task = toy.tasks[0]?.key ?? '';
		const making = { id: '', plan: '', revision: 0, planRevision: 0, begunAt: new Date().toISOString(), toy, next: 0, speaks: SPEAKS };
		set({ is: 'open', making, lessons, guides: new Map([[guideKey(guide.piece, guide.group, 0), guide]]), task });
	} catch {
		set({ is: 'away', isConnected: false });
	}
}

/** This browser was signed out, or another workshop is open in it: nothing of the one before stays here. */
async function isLeft(error: unknown): Promise<boolean> {
	if (!(error instanceof ApiError) || error.problem.status !== 401) return false;
	await forgetAll();
	set({ is: 'gone' });
	return true;
}

async function show(making: Making, kept: readonly { event: Event; isSent: boolean }[]): Promise<void> {
	const guidesHere = await guidesOf(making.id);
	const state = now();
	// What was tapped while this was on its way may not be kept yet.
	const events = inOrder([...kept.map(({ event }) => event), ...state.events]);
	const known = new Set(kept.map(({ event }) => event.id));
	const unsent = [...kept.flatMap(({ event, isSent }) => (isSent ? [] : [event.id])), ...[...state.unsent].filter((id) => !known.has(id))];
	const guides = new Map([...state.guides, ...guidesHere]);
	const progress = progressOf(events);
	set({ is: 'open', making, events, progress, guides, unsent: new Set(unsent), task: state.task || taskInHand(making, events, progress, guides) });
}

/** All pieces, so that the rest can be made without a network. */
async function fetchGuides(making: Making): Promise<void> {
	for (const { key: task, piece, group } of making.toy.tasks) {
		const { revision } = progressIn(now().progress, task);
		if (piece === null || now().guides.has(guideKey(piece, group, revision))) continue;
		const key = guideKey(piece, group, revision);
		const path = { id: making.id, piece };
		const part = async (after: number) =>
			dataOf(await api.GET('/api/makings/{id}/guides/{piece}', { params: { path, query: { group, revision, after } } }));
		const guide = await part(0);
		// A large piece comes in several answers.
		for (let next = guide.next; next !== null; ) {
			const more = await part(next);
			guide.rounds.push(...more.rounds);
			guide.stops.push(...more.stops);
			next = more.next;
		}
		await keepGuide(making.id, key, guide);
		set(({ guides, ...state }) => {
			const all = new Map(guides).set(key, guide);
			return { guides: all, task: state.task || taskInHand(making, state.events, state.progress, all) };
		});
	}
	const { events, progress, guides, task } = now();
	if (task === '') set({ task: taskInHand(making, events, progress, guides) });
}

/** What would be made otherwise by the plan as it is now. */
export const difference = async (making: string) => dataOf(await api.GET('/api/makings/{id}/difference', { params: { path: { id: making } } }));

/** Follows the plan as it is now, from the next round or copy on, or goes on as it was begun. */
export async function follow(revision: number, from: 'round' | 'copy' | 'never'): Promise<void> {
	await sync();
	const { making } = now();
	if (making === null) return;
	const body = eventNow('took', { revision, from });
	const { events, ...taken } = dataOf(await api.POST('/api/makings/{id}/plan', { params: { path: { id: making.id } }, body }));
	await keepMaking(taken);
	await keepEvents(taken.id, events, true);
	await show(taken, await eventsOf(taken.id));
	await fetchGuides(taken);
}

/**
 * Lets the plan have a piece's rounds as they were made.
 *
 * @returns why that cannot be; null where it is done
 */
export async function keepAsMade(task: Task, slips: readonly { round: number; has: number }[]): Promise<string | null> {
	const { making, progress } = now();
	if (making === null || task.piece === null) return null;
	const path = { id: making.plan };
	const { revision: base } = dataOf(await api.GET('/api/plans/{id}/revision', { params: { path } }));
	// Of rounds that were changed meanwhile it is not known which these are.
	if (base !== (progressIn(progress, task.key).revision || making.revision)) return say('make.thePlanIsAnother');
	const id = crypto.randomUUID();
	const body = { base, operations: [{ id, group: id, edit: { do: 'as-made' as const, piece: task.piece, slips: [...slips] } }] };
	const { results } = dataOf(await api.POST('/api/plans/{id}/operations', { params: { path }, body }));
	const refused = results[0]?.refused;
	await sync();
	return refused == null ? null : `${refused.detail} ${refused.mend}`;
}

/** The drawings of how things are done. */
export const drawings = async () => dataOf(await api.GET('/api/drawings')).drawings;

/** One more is made of the same plan, as it is now. */
export async function beginAnother(): Promise<void> {
	const { making } = now();
	if (making === null) return;
	const another = dataOf(await api.POST('/api/plans/{id}/makings', { params: { path: { id: making.plan } } }));
	location.assign(`/plan/${making.plan}/make?making=${another.id}`);
}

/** It is made no more: its journal goes, here and on the server. */
export async function remove(): Promise<void> {
	const { making } = now();
	if (making === null) return;
	const answer = await api.DELETE('/api/makings/{id}', { params: { path: { id: making.id } } });
	if (!answer.response.ok) dataOf<undefined>(answer);
	await forgetMaking(making.id);
	location.assign(`/plan/${making.plan}/pattern`);
}

/** Something was done here: it is kept on this device, and sent when it can be. */
export async function keepAndSend(making: string, event: Event): Promise<void> {
	await keepEvents(making, [event], false);
	await sync();
}

let timer: ReturnType<typeof setTimeout> | undefined;
let isSyncing = false;

/** What another device works on is in hand here, too: both see the same place. */
function follows(heard: readonly Event[]): void {
	const last = heard.findLast(({ kind, piece = '' }) => (kind === 'worked' || kind === 'answered') && piece !== '');
	if (last !== undefined) set({ task: taskOf(last) });
}

/** Sends what is not sent, and hears what other devices did. */
export async function sync(): Promise<void> {
	const { making, events, unsent } = now();
	if (making === null || now().lessons !== null || isSyncing) return;
	isSyncing = true;
	clearTimeout(timer);
	let isDone = false;
	try {
		const known = new Set(events.map(({ id }) => id));
		const sending = events.filter(({ id }) => unsent.has(id)).slice(0, 500);
		const params = { path: { id: making.id }, query: { since: making.next } };
		const heard = dataOf(
			sending.length > 0
				? await api.POST('/api/makings/{id}/events', { params, body: { events: sending } })
				: await api.GET('/api/makings/{id}/events', { params }),
		);
		if (heard.events.length > 0 || sending.length > 0) {
			await keepEvents(making.id, [...sending, ...heard.events], true);
			take([...sending, ...heard.events], true);
			follows(heard.events.filter(({ id }) => !known.has(id)));
			// Another device may follow the plan as it is now.
			if (heard.events.some(({ kind }) => kind === 'took')) void fetchGuides(making).catch(() => undefined);
		}
		if (heard.next !== making.next || heard.planRevision !== making.planRevision) {
			const known = { ...making, next: heard.next, planRevision: heard.planRevision };
			await keepMaking(known);
			set({ making: known });
		}
		set({ isConnected: true, isOutdated: heard.speaks > SPEAKS });
		isDone = now().unsent.size === 0;
	} catch (error) {
		const isGone = error instanceof ApiError && error.problem.status === 404;
		if (isGone) await forgetMaking(making.id);
		if (isGone) set({ is: 'gone' });
		else if (!(await isLeft(error))) set({ isConnected: false });
	} finally {
		isSyncing = false;
		clearTimeout(timer);
		if (document.visibilityState === 'visible' && now().is === 'open') {
			timer = setTimeout(() => void sync(), now().isConnected ? (isDone ? EVERY_MS : 0) : AWAY_MS);
		}
	}
}

/** Goes on asking while the page is looked at. */
export function keepInStep(): () => void {
	if (now().lessons !== null) return () => undefined;
	const look = () => {
		if (document.visibilityState === 'visible') void sync();
	};
	document.addEventListener('visibilitychange', look);
	addEventListener('online', look);
	look();
	return () => {
		clearTimeout(timer);
		document.removeEventListener('visibilitychange', look);
		removeEventListener('online', look);
	};
}
