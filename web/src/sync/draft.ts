import { replaceEqualDeep } from '@tanstack/react-query';
import { createStore } from 'zustand/vanilla';
import { api, dataOf } from '../api/client';
import type { Edit, OpenedPlan, Plan, Refusal } from '../api/types';
import { announce } from '../ui/announce';
import { onceCeased } from '../ui/ceased';
import { say } from '../ui/say';
import { comingOf } from './coming';
import { aside, type Draft, type DraftStore, type Queued, type SaveState, setAsideOf } from './draftState';
import { isFlying as isOnItsWay, made } from './flights';
import { History } from './history';
import type { KeptPlan } from './kept';
import { asOpened, looking } from './looking';
import { difference, sentOf, standsForGroup } from './operations';
import { mayChange } from './others';
import { CEASED_MS, groupOf, isTranslating, isTyping, keyOf, leftOver, MOST_MS, notSaved, queued, queuedOnto, shownIn, typedLines } from './queue';
import { recovering } from './recovering';
import { seen } from './seen';
import { settling } from './settling';
import { hold, keepUnsaved, type Unsaved } from './unsaved';
import { type News, tell, watch } from './watch';

/** Operations that are sent at once. */
const MOST = 50;

/**
 * A plan being worked on. What the maker does goes into a queue of operations and to the server, a group at a time; the answer brings the
 * plan and its analysis. Nothing leaves the queue before it is saved, or set aside with the reason. `left` is what an earlier window left
 * unsaved.
 */
export function openDraft(opened: OpenedPlan | KeptPlan, left: Unsaved | null = null): DraftStore {
	const store = createStore<Draft>(() => ({
		id: opened.id,
		revision: opened.revision,
		plan: opened.plan,
		...asOpened(opened),
		save: { is: 'saved' },
		setAside: [],
		coming: [],
		isKept: true,
		canUndo: false,
		canRedo: false,
		isTranslating: false,
	}));
	/** The plan as last saved: what an operation is made on. */
	let base = opened.plan;
	let queue: Queued[] = [];
	/** The first of the queue are on their way. */
	let isFlying = false;
	let isClosed = false;
	/** Something was taken back or done again: what comes is a step of its own. */
	let isParted = false;
	const history = new History();
	const asSeen = seen();
	const release = hold(opened.id);
	const piece = looking(opened.id, store, () => base);

	const newest = () => queue.at(-1) ?? history.newest;
	const shown = () => shownIn(queue, base);

	function show(save?: SaveState): void {
		const { canUndo, canRedo } = history;
		store.setState({
			plan: shown(),
			canUndo,
			canRedo,
			isTranslating: isTranslating(queue),
			coming: comingOf(queue, base),
			...(save === undefined ? {} : { save }),
		});
	}

	function keep(): void {
		// Whoever opened the plan since has taken over what was left.
		if (isClosed) return;
		const isKept = keepUnsaved(opened.id, queue.length === 0 ? null : { revision: store.getState().revision, operations: queue.map(sentOf) });
		if (isKept !== store.getState().isKept) store.setState({ isKept });
	}

	function push(edit: Edit, key: string | undefined, moves: Queued['moves'] = 'forward'): Queued {
		const group = groupOf(key, isParted ? undefined : newest());
		isParted = isParted && moves !== 'forward';
		const added = queued({ edit, seen: asSeen(edit, group, { queue, drawn: base, shown: shown(), lines }) }, group, key, moves);
		queue = queuedOnto(queue, added);
		if (moves === 'forward') history.did(group);
		return added;
	}

	const lines = (piece: string) => typedLines(queue, piece) ?? shown().pieces.find(({ key }) => key === piece)?.rounds ?? [];

	/** Sends what waits, unless something is to be settled first. */
	function send(): void {
		keep();
		const { is } = store.getState().save;
		if (is !== 'conflict' && is !== 'gone' && is !== 'signedOut') void fly();
		show(queue.length === 0 && is === 'saving' ? { is: 'saved' } : queue.length > 0 && is === 'saved' ? { is: 'saving' } : undefined);
	}

	const sendCeased = onceCeased(send, CEASED_MS, MOST_MS);

	/** What is typed is kept at once, and sent when it rests. */
	function sendTyped(): void {
		keep();
		if (store.getState().save.is === 'saved') show({ is: 'saving' });
		sendCeased();
	}

	async function fly(): Promise<void> {
		const first = queue[0];
		if (isFlying || isClosed || first === undefined) return;
		recovery.rest();
		// One group at a time, so that it is known what each began from.
		const end = queue.findIndex(({ group }) => group !== first.group);
		// Where the server fails on several, it is tried which of them it is.
		const sent = queue.slice(0, Math.min(recovery.isCareful() ? 1 : MOST, end < 0 ? queue.length : end));
		isFlying = true;
		for (const operation of sent) operation.isSent = true;
		history.began(first.group, base);
		try {
			const answer = api.POST('/api/plans/{id}/operations', {
				params: { path: { id: opened.id }, query: piece.query() },
				body: { base: store.getState().revision, operations: sent.map(sentOf) },
			});
			isOnItsWay(opened.id, answer);
			const saved = dataOf(await answer);
			made(opened.id, saved.revision);
			tell({ plan: opened.id, revision: saved.revision, savedAt: saved.savedAt });
			if (isClosed) return;
			recovery.went();
			base = replaceEqualDeep(base, saved.plan);
			queue = queue.slice(sent.length);
			isFlying = false;
			history.made(sent.at(-1), base);
			const refused = setAsideOf(sent, saved.results);
			if (refused.length === sent.length) history.dropped(first.group);
			const isMade = saved.results.some(({ refused: why }) => why === null);
			// What is typed in a field is heard as it is typed.
			if (isMade && sent.at(-1)?.edit.do !== 'take' && !isTyping(first.key)) announce(saved.says);
			store.setState(({ setAside }) => ({ revision: saved.revision, keptAt: null, setAside: [...setAside, ...refused] }));
			keep();
			show({ is: queue.length === 0 ? 'saved' : 'saving' });
			piece.answered(saved);
			await fly();
			await recovery.idle();
		} catch (error) {
			isFlying = false;
			recovery.failed(error, sent);
		}
	}

	/** What cannot be done is set aside, and what comes after it goes on. */
	function refuse(sent: readonly Queued[], why: Refusal): void {
		queue = queue.slice(sent.length);
		for (const { group } of sent) history.dropped(group);
		store.setState(({ setAside }) => ({ setAside: [...setAside, ...sent.map((operation) => aside(operation, operation.id, why))] }));
		keep();
		show({ is: queue.length === 0 ? 'saved' : 'saving' });
		void fly();
	}

	function takeOver({ revision, operations }: Unsaved): void {
		store.setState({ revision });
		queue = [...leftOver(operations), ...queue];
		show({ is: 'saving' });
		void fly();
	}

	function undo(): void {
		const step = history.undo();
		if (step === undefined) return;
		announce(say('draft.undone'));
		isParted = true;
		const waiting = queue.filter(({ group, isSent }) => group === step.group && !isSent);
		queue = queue.filter((operation) => !waiting.includes(operation));
		const undone = step.before === undefined ? undefined : push({ do: 'take', plan: step.before, says: say('draft.undone') }, undefined, 'undo').id;
		history.undid({ step, waiting, undone });
		send();
	}

	function redo(): void {
		const again = history.redo();
		if (again === undefined) return;
		announce(say('draft.doneAgain'));
		isParted = true;
		// An undo that is still waiting is only left out again.
		const waits = queue.some(({ id, isSent }) => id === again.undone && !isSent);
		if (waits) queue = queue.filter(({ id }) => id !== again.undone);
		// What was still being typed stands for all of its step, and is made on what that began from.
		else if (again.step.after !== undefined && !again.waiting.some(({ edit }) => standsForGroup(edit)))
			push({ do: 'take', plan: again.step.after, says: say('draft.doneAgain') }, undefined, 'redo');
		queue = [...queue, ...again.waiting.map((operation) => queued(operation, again.step.group, operation.key))];
		history.redid(again);
		send();
	}

	const sendNow = () => void fly();
	window.addEventListener('online', sendNow);

	/** What another window did with the plan. */
	function hear(news: News): void {
		const { save, revision } = store.getState();
		if ('is' in news) {
			if (news.is === 'gone') show({ is: 'gone' });
			else if (save.is === 'gone') show({ is: queue.length === 0 ? 'saved' : 'saving' });
			if (news.is === 'back') void fly();
			return;
		}
		store.setState({ keptAt: null });
		if (news.revision > revision && save.is === 'saved' && !isFlying) show({ is: 'behind', savedAt: news.savedAt });
	}
	const unwatch = watch(opened.id, () => queue.length === 0 && !isFlying && store.getState().save.is === 'saved', hear);

	const reload = async (): Promise<OpenedPlan> => dataOf(await api.GET('/api/plans/{id}', { params: { path: { id: opened.id }, query: piece.inHand() } }));

	function takeFromServer(theirs: OpenedPlan): void {
		base = theirs.plan;
		store.setState({ revision: theirs.revision, keptAt: null, plan: shown() });
		piece.answered(theirs);
	}

	const recovery = recovering(opened.id, {
		revision: () => store.getState().revision,
		isClosed: () => isClosed,
		isIdle: () => !isFlying && queue.length === 0,
		reload,
		takeFromServer,
		takeOver,
		refuse,
		keep,
		show,
		fly,
	});

	const mine = () => notSaved(queue, base, (group) => history.before(group));

	/** Something else in place of all that waits. */
	function replace(by: Queued[]): void {
		history.forget();
		queue = by;
		for (const { group } of queue) history.did(group);
		keep();
		show({ is: 'saving' });
	}

	function leave(): void {
		queue = [];
		history.forget();
		keep();
		show({ is: 'saved' });
	}

	if (left !== null) takeOver(left);

	return Object.assign(store, {
		change: (change: (plan: Plan) => Plan, group?: string) => {
			const before = shown();
			const edit = difference(before, change(before));
			if (edit === null) return;
			if (!mayChange()) return show();
			push(edit, group);
			send();
		},
		edit: (edit: Edit, group?: string) => {
			if (!mayChange()) return show();
			// A line more or less has its place on the sheet at once.
			const isLong = edit.do === 'retype' && edit.rounds.length !== lines(edit.piece).length;
			push(edit, group);
			(isTyping(group) && !isLong ? sendTyped : send)();
		},
		doing: () => keyOf(newest()),
		undo,
		redo,
		...settling(opened.id, { reload, takeFromServer, mine, leave, replace, shown, show, fly, history, waits: () => queue.length > 0 }),
		drop: (dropped: string) => store.setState(({ setAside }) => ({ setAside: setAside.filter(({ id }) => id !== dropped) })),
		giveUp: () => {
			leave();
			// What was sent may have been made all the same.
			reload().then(takeFromServer, () => undefined);
		},
		lines,
		look: piece.look,
		close: () => {
			if (store.getState().save.is === 'saving') void fly();
			isClosed = true;
			release();
			recovery.end();
			piece.end();
			window.removeEventListener('online', sendNow);
			unwatch();
		},
	});
}
