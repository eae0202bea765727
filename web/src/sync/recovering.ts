import { api, dataOf } from '../api/client';
import type { OpenedPlan, Refusal } from '../api/types';
import type { Queued, SaveState } from './draftState';
import { failureOf } from './failure';
import { takeUnsaved, type Unsaved, whenHandedOver } from './unsaved';

const RETRY_MS = [500, 1000, 2000, 4000, 8000] as const;
/** After so many tries operations are sent one at a time; after so many in all, the one that the server fails on is set aside. */
const CAREFUL = 3;
const GIVES_UP = 7;
/** So often it goes on from what this browser itself saved, without a save in between. */
const REBASED = 5;

/** What a draft lets be done with its work where sending it came to nothing. */
interface Work {
	revision: () => number;
	isClosed: () => boolean;
	/** nothing waits, and nothing is on its way */
	isIdle: () => boolean;
	reload: () => Promise<OpenedPlan>;
	takeFromServer: (theirs: OpenedPlan) => void;
	/** what a window that is gone kept, before all that waits */
	takeOver: (left: Unsaved) => void;
	/** sets what was sent aside, and goes on */
	refuse: (sent: readonly Queued[], why: Refusal) => void;
	keep: () => void;
	show: (save: SaveState) => void;
	fly: () => Promise<void>;
}

/** What becomes of work whose sending came to nothing, and of what a dying window hands over. */
export function recovering(id: string, work: Work) {
	let tries = 0;
	let rebased = 0;
	let isHandedOver = false;
	let timer: ReturnType<typeof setTimeout> | undefined;

	function failed(error: unknown, sent: readonly Queued[]): void {
		if (work.isClosed()) return;
		const failure = failureOf(error);
		if (failure.is === 'conflict' && failure.isOurs && rebased < REBASED) void rebase();
		else if (failure.is === 'conflict') work.show({ is: 'conflict', savedAt: failure.savedAt });
		else if (failure.is === 'gone') work.show({ is: 'gone' });
		else if (failure.is === 'signedOut') work.show({ is: 'signedOut' });
		else if (failure.is === 'refused') set(sent, failure.why);
		else {
			tries += 1;
			work.show({ is: 'waiting', why: failure.at, tries });
			if (failure.at === 'server' && sent.length === 1 && tries >= GIVES_UP) void giveUpOn(sent, failure.why);
			else again();
		}
	}

	function again(): void {
		timer = setTimeout(() => void work.fly(), RETRY_MS[Math.min(tries, RETRY_MS.length) - 1]);
	}

	function set(sent: readonly Queued[], why: Refusal): void {
		tries = 0;
		work.refuse(sent, why);
	}

	/** The server failed on this operation again and again: where it answers else, and has not made it, the fault is the operation's. */
	async function giveUpOn(sent: readonly Queued[], why: Refusal): Promise<void> {
		try {
			const { revision } = dataOf(await api.GET('/api/plans/{id}/revision', { params: { path: { id } } }));
			if (work.isClosed()) return;
			if (revision === work.revision() || rebased >= REBASED) set(sent, why);
			else await rebase();
		} catch {
			if (!work.isClosed()) again();
		}
	}

	/** What this browser itself saved in between is taken, and the work goes on from there. */
	async function rebase(): Promise<void> {
		rebased += 1;
		try {
			const theirs = await work.reload();
			if (work.isClosed()) return;
			work.takeFromServer(theirs);
			work.keep();
			work.show({ is: 'saving' });
			await work.fly();
		} catch (error) {
			failed(error, []);
		}
	}

	/** What a window kept that seemed alive, and is gone, is saved from here once nothing else waits. */
	async function idle(): Promise<void> {
		if (!isHandedOver || work.isClosed() || !work.isIdle()) return;
		isHandedOver = false;
		const left = await takeUnsaved(id);
		if (left !== null && !work.isClosed()) work.takeOver(left);
	}

	const unhand = whenHandedOver(id, () => {
		isHandedOver = true;
		void idle();
	});

	return {
		failed,
		idle,
		/** Sending it together failed: it is tried which one it is. */
		isCareful: () => tries >= CAREFUL,
		/** It was saved. */
		went: () => {
			tries = rebased = 0;
		},
		/** It is sent now, so it is not sent again for the last time's sake. */
		rest: () => clearTimeout(timer),
		end: () => {
			clearTimeout(timer);
			unhand();
		},
	};
}
