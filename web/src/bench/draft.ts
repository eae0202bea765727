import { createStore, type StoreApi } from 'zustand/vanilla';
import { api, dataOf, Refused } from '../api/client';
import type { Analysis, Edit, OpenedPlan, Plan, Problem } from '../api/types';
import { keepUnsaved, type Unsaved } from './unsaved';

/** One thing that the maker did: an edit that the core makes, or a change of the plan as it stands. */
interface Operation {
	/** Operations of one group that follow one another closely are one step of undo, as the letters of a line. */
	group: string | undefined;
	at: number;
	edit: Edit | undefined;
	change: ((plan: Plan) => Plan) | undefined;
	moves: 'forward' | 'undo' | 'redo';
}

export type SaveState =
	| { is: 'saved' }
	| { is: 'saving' }
	/** The server does not answer; the work is kept in the browser. */
	| { is: 'waiting' }
	/** Another window saved in between. */
	| { is: 'conflict'; savedAt: string | undefined }
	/** The server does not take it, and says why. */
	| { is: 'refused'; problem: Problem };

export interface Draft {
	id: string;
	revision: number;
	/** as last saved, with what was changed since; edits that the core still has to make are not in it */
	plan: Plan;
	/** of the plan as last saved */
	analysis: Analysis;
	save: SaveState;
	canUndo: boolean;
	canRedo: boolean;
}

export interface DraftStore extends StoreApi<Draft> {
	/** Changes the plan where no rule of the job is needed: a name, a figure, a layer moved. */
	change: (change: (plan: Plan) => Plan, group?: string) => void;
	/** Asks the core for an edit. */
	edit: (edit: Edit, group?: string) => void;
	undo: () => void;
	redo: () => void;
	/** After a conflict: leaves this window's changes and takes what is saved. */
	takeTheirs: () => Promise<void>;
	/** After a conflict: saves this window's changes over what is saved. */
	takeMine: () => Promise<void>;
	/** After a conflict or a refusal: makes this window's changes a plan of their own, and gives its id. */
	keepBoth: () => Promise<string>;
	/** Leaves what the server refuses. */
	giveUp: () => void;
	/** The lines of a piece as typed, even where the core has not seen them yet. */
	lines: (piece: string) => string[];
	close: () => void;
}

const GROUP_MS = 1500;
const RETRY_MS = [500, 1000, 2000, 4000, 8000] as const;
const UNDO_STEPS = 200;

/**
 * A plan being worked on. What the maker does goes into a queue and to the server one by one; the answer brings the
 * plan and its analysis. Nothing leaves the queue before it is saved. `left` is what an earlier window left unsaved.
 */
export function openDraft(opened: OpenedPlan, left: Unsaved | null = null): DraftStore {
	const store = createStore<Draft>(() => ({
		id: opened.id,
		revision: opened.revision,
		plan: opened.plan,
		analysis: opened.analysis,
		save: { is: 'saved' },
		canUndo: false,
		canRedo: false,
	}));
	/** The plan as last saved: what an operation is made on. */
	let base = opened.plan;
	let queue: Operation[] = [];
	let isSending = false;
	let isClosed = false;
	let tries = 0;
	let timer: ReturnType<typeof setTimeout> | undefined;
	const undone: Plan[] = [];
	const done: Plan[] = [];
	/** Undo and redo that were asked for while something was still being saved. */
	let asked: ('undo' | 'redo')[] = [];
	let lastGroup: { group: string | undefined; at: number } = { group: undefined, at: 0 };

	const shown = () => queue.reduce((plan, { change }) => (change === undefined ? plan : change(plan)), base);

	function show(save?: SaveState): void {
		store.setState({ plan: shown(), canUndo: done.length > 0 || queue.length > 0, canRedo: undone.length > 0, ...(save === undefined ? {} : { save }) });
	}

	function keep(): void {
		const edits = queue.flatMap(({ edit }) => (edit === undefined ? [] : [edit]));
		keepUnsaved(opened.id, queue.length === 0 ? null : { revision: store.getState().revision, plan: shown(), edits });
	}

	function push(operation: Omit<Operation, 'at'>): void {
		const newest = queue.at(-1);
		// What is still being typed or turned stands for what it was before; the one on its way is left alone.
		const isSame = newest !== undefined && queue.length > (isSending ? 1 : 0) && operation.group !== undefined && newest.group === operation.group;
		const replaces = isSame && newest.edit?.do === operation.edit?.do && (operation.edit?.do === 'retype' || operation.edit?.do === 'front');
		const before = newest?.change;
		const after = operation.change;
		const added = { ...operation, at: Date.now() };
		if (isSame && before !== undefined && after !== undefined) {
			queue = [...queue.slice(0, -1), { ...added, change: (plan) => after(before(plan)) }];
		} else {
			queue = [...(replaces ? queue.slice(0, -1) : queue), added];
		}
		keep();
		const { is } = store.getState().save;
		show(is === 'conflict' || is === 'refused' || is === 'waiting' ? undefined : { is: 'saving' });
		if (is !== 'conflict' && is !== 'refused') {
			void send();
		}
	}

	function record(operation: Operation, before: Plan): void {
		if (operation.moves === 'undo') {
			done.pop();
			undone.push(before);
		} else if (operation.moves === 'redo') {
			undone.pop();
			done.push(before);
		} else {
			const isSameStep = operation.group !== undefined && operation.group === lastGroup.group && operation.at - lastGroup.at < GROUP_MS && done.length > 0;
			if (!isSameStep) {
				done.push(before);
				done.splice(0, Math.max(0, done.length - UNDO_STEPS));
			}
			undone.length = 0;
		}
		lastGroup = operation.moves === 'forward' ? { group: operation.group, at: operation.at } : { group: undefined, at: 0 };
	}

	async function send(): Promise<void> {
		const operation = queue[0];
		if (isSending || isClosed || operation === undefined) {
			return;
		}
		clearTimeout(timer);
		isSending = true;
		const before = base;
		try {
			const answer = await api.PUT('/api/plans/{id}', {
				params: { path: { id: opened.id }, header: { 'If-Match': `"${store.getState().revision}"` } },
				body: { plan: operation.change?.(base) ?? base, edits: operation.edit === undefined ? [] : [operation.edit] },
			});
			const saved = dataOf(answer);
			tries = 0;
			base = saved.plan;
			queue = queue.slice(1);
			record(operation, before);
			store.setState({ revision: saved.revision, analysis: saved.analysis });
			keep();
			show({ is: queue.length === 0 ? 'saved' : 'saving' });
			isSending = false;
			const next = queue.length === 0 ? asked.shift() : undefined;
			if (next === undefined) await send();
			else move(next);
		} catch (error) {
			isSending = false;
			if (error instanceof Refused && error.problem.status === 412) {
				show({ is: 'conflict', savedAt: error.problem.savedAt });
			} else if (error instanceof Refused && error.problem.status < 500 && error.problem.status !== 429) {
				show({ is: 'refused', problem: error.problem });
			} else {
				show({ is: 'waiting' });
				timer = setTimeout(() => void send(), RETRY_MS[Math.min(tries, RETRY_MS.length - 1)]);
				tries += 1;
			}
		}
	}

	function move(moves: 'undo' | 'redo'): void {
		if (queue.length > 0) {
			asked = [...asked, moves];
			return;
		}
		const plan = (moves === 'undo' ? done : undone).at(-1);
		if (plan === undefined) asked = [];
		else push({ group: undefined, edit: undefined, change: () => plan, moves });
	}

	const sendNow = () => void send();
	window.addEventListener('online', sendNow);

	async function reload(): Promise<OpenedPlan> {
		return dataOf(await api.GET('/api/plans/{id}', { params: { path: { id: opened.id } } }));
	}

	function takeFromServer(theirs: OpenedPlan): void {
		base = theirs.plan;
		store.setState({ revision: theirs.revision, analysis: theirs.analysis });
	}

	if (left !== null) {
		store.setState({ revision: left.revision });
		queue = [
			{ group: undefined, at: 0, edit: undefined, change: () => left.plan, moves: 'forward' },
			...left.edits.map((edit): Operation => ({ group: undefined, at: 0, edit, change: undefined, moves: 'forward' })),
		];
		show({ is: 'saving' });
		void send();
	}

	return Object.assign(store, {
		change: (change: (plan: Plan) => Plan, group?: string) => push({ group, edit: undefined, change, moves: 'forward' }),
		edit: (edit: Edit, group?: string) => push({ group, edit, change: undefined, moves: 'forward' }),
		undo: () => move('undo'),
		redo: () => move('redo'),
		takeTheirs: async () => {
			const theirs = await reload();
			done.push(shown());
			queue = [];
			asked = [];
			takeFromServer(theirs);
			keep();
			show({ is: 'saved' });
		},
		takeMine: async () => {
			const theirs = await reload();
			const mine = shown();
			const edits = queue.filter(({ edit }) => edit !== undefined);
			takeFromServer(theirs);
			queue = [{ group: undefined, at: Date.now(), edit: undefined, change: () => mine, moves: 'forward' }, ...edits];
			keep();
			show({ is: 'saving' });
			await send();
		},
		keepBoth: async () => {
			const mine = shown();
			const edits = queue.flatMap(({ edit }) => (edit === undefined ? [] : [edit]));
			const plan = { ...mine, title: `${mine.title.slice(0, 110)} (mine)` };
			const added = dataOf(await api.POST('/api/plans', { body: plan }));
			if (edits.length > 0) {
				keepUnsaved(added.id, { revision: added.revision, plan, edits });
			}
			queue = [];
			asked = [];
			keep();
			return added.id;
		},
		giveUp: () => {
			queue = [];
			asked = [];
			keep();
			show({ is: 'saved' });
		},
		lines: (piece: string) => {
			const typed = queue.findLast(({ edit }) => edit?.do === 'retype' && edit.piece === piece)?.edit;
			return typed?.do === 'retype' ? typed.rounds : (store.getState().plan.pieces.find(({ key }) => key === piece)?.rounds ?? []);
		},
		close: () => {
			isClosed = true;
			clearTimeout(timer);
			window.removeEventListener('online', sendNow);
		},
	});
}
