import { type DBSchema, openDB } from 'idb';
import { ApiError } from '../api/client';
import { print } from '../api/generated/print';
import type { ShelfAnswer } from '../api/types';
import type { Draft, DraftStore } from './draftState';
import { DATABASES } from './forget';

/** A plan as it was last saved, with what the core made of it. */
export type KeptPlan = Pick<Draft, 'id' | 'revision' | 'plan' | 'analysis' | 'errors' | 'layerYarns'> & { keptAt: string };

interface Kept extends DBSchema {
	plans: { key: string; value: KeptPlan & { print: string }; indexes: { keptAt: string } };
	shelf: { key: string; value: { answer: ShelfAnswer; keptAt: string; print: string } };
}

/** Plans of so many are kept, those that were open last. */
const MOST = 12;

/** So long after the last change it is kept. */
const RESTED_MS = 800;

/** Opened for each thing alone, so that nothing holds it when the workshop is left. */
async function within<T>(does: (database: Awaited<ReturnType<typeof open>>) => Promise<T>): Promise<T | undefined> {
	try {
		const database = await open();
		try {
			return await does(database);
		} finally {
			database.close();
		}
	} catch {
		// A browser that keeps nothing opens plans from the server alone.
		return undefined;
	}
}

const open = () =>
	openDB<Kept>(DATABASES.plans, 1, {
		upgrade(database) {
			database.createObjectStore('plans', { keyPath: 'id' }).createIndex('keptAt', 'keptAt');
			database.createObjectStore('shelf');
		},
	});

/** The server said nothing that holds for the plan: there is no connection, or it is out of order. */
export const isAway = (error: unknown) => !(error instanceof ApiError) || error.problem.status >= 500;

/** What this browser keeps of a plan; a page of another contract kept something else. */
export const keptPlan = async (id: string): Promise<KeptPlan | undefined> =>
	within(async (database) => {
		const plan = await database.get('plans', id);
		return plan?.print === print ? plan : undefined;
	});

/** It is not there any more, or not this workshop's. */
export const forgetPlan = (id: string) => within((database) => database.delete('plans', id));

/**
 * Keeps a plan that is open, as it is saved.
 *
 * @returns ends it
 */
export function keeping(draft: DraftStore): () => void {
	let timer: ReturnType<typeof setTimeout> | undefined;
	let last = { revision: -1, analysis: draft.getState().analysis };
	const keep = () => {
		clearTimeout(timer);
		const { id, revision, plan, analysis, errors, layerYarns, save, keptAt } = draft.getState();
		if (save.is !== 'saved' || keptAt !== null || (last.revision === revision && last.analysis === analysis)) return;
		last = { revision, analysis };
		void within(async (database) => {
			await database.put('plans', { id, revision, plan, analysis, errors, layerYarns, keptAt: new Date().toISOString(), print });
			const all = await database.getAllKeysFromIndex('plans', 'keptAt');
			await Promise.all(all.slice(0, Math.max(0, all.length - MOST)).map((old) => database.delete('plans', old)));
		});
	};
	const rest = () => {
		clearTimeout(timer);
		timer = setTimeout(keep, RESTED_MS);
	};
	rest();
	const unsubscribe = draft.subscribe(rest);
	document.addEventListener('visibilitychange', keep);
	return () => {
		unsubscribe();
		keep();
		document.removeEventListener('visibilitychange', keep);
	};
}

/** What stands on the shelf is kept, and nothing of a plan that is not there any more. */
export const keepShelf = (answer: ShelfAnswer) =>
	within(async (database) => {
		await database.put('shelf', { answer, keptAt: new Date().toISOString(), print }, 'shelf');
		const gone = (await database.getAllKeys('plans')).filter((id) => !answer.plans.some((plan) => plan.id === id));
		await Promise.all(gone.map((id) => database.delete('plans', id)));
	});

/** What is said of a shelf that was kept. */
export interface KeptShelf {
	keptAt: string;
	/** ids of its plans that open without a connection */
	openable: readonly string[];
}

/** The shelf as it was kept, where the server is away; else what went wrong goes on. */
export async function keptShelf(error: unknown): Promise<ShelfAnswer & KeptShelf> {
	if (!isAway(error)) throw error;
	const found = await within(async (database) => {
		const kept = await database.get('shelf', 'shelf');
		return kept?.print === print ? { ...kept.answer, keptAt: kept.keptAt, openable: await database.getAllKeys('plans') } : undefined;
	});
	if (found === undefined) throw error;
	return found;
}
