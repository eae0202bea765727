import type { Operation } from './operations';

/** What a browser keeps of a plan that is not saved yet: what was done since a revision. */
export interface Unsaved {
	/** the revision that the first operation is based on */
	revision: number;
	operations: Operation[];
	at: number;
}

/** This window, among others on the same plan. It holds a lock of its name for as long as it lives. */
const tab = crypto.randomUUID();
const lockOf = (name: string) => `alternum.window.${name}`;
if ('locks' in navigator) {
	void navigator.locks.request(lockOf(tab), () => new Promise(() => undefined));
}

const PREFIX = 'alternum.unsaved.';
const prefixOf = (id: string) => `${PREFIX}${id}.`;

/** Keeps this window's unsaved work; null: there is none any more. False where the browser keeps nothing: its storage is full or off. */
export function keepUnsaved(id: string, unsaved: Omit<Unsaved, 'at'> | null): boolean {
	try {
		if (unsaved === null) localStorage.removeItem(prefixOf(id) + tab);
		else localStorage.setItem(prefixOf(id) + tab, JSON.stringify({ ...unsaved, at: Date.now() }));
		return true;
	} catch {
		return unsaved === null;
	}
}

/** Plans that are open in this window, and how often. */
const held = new Map<string, number>();

/** Says that a plan is open here: what is kept of it is sent by who has it open, and by nobody else. */
export function hold(id: string): () => void {
	held.set(id, (held.get(id) ?? 0) + 1);
	return () => held.set(id, (held.get(id) ?? 1) - 1);
}

export const isHeld = (id: string) => (held.get(id) ?? 0) > 0;

/** Lets go of operations that are saved; what came since is kept, on the revision that they made. */
export function letGo(id: string, saved: readonly Operation[], revision: number): void {
	const kept = parse(localStorage.getItem(prefixOf(id) + tab));
	if (kept === null) return;
	const left = kept.operations.filter((operation) => !saved.some((one) => one.id === operation.id));
	keepUnsaved(id, left.length === 0 ? null : { revision: Math.max(kept.revision, revision), operations: left });
}

/** How much each plan has that closed windows left unsaved. */
export async function leftUnsaved(): Promise<Map<string, number>> {
	const counts = new Map<string, number>();
	for (const key of keptKeys().filter((name) => name.startsWith(PREFIX))) {
		const [id = '', owner = ''] = key.slice(PREFIX.length).split('.');
		if (owner !== tab && (await isAlive(owner))) continue;
		const unsaved = parse(localStorage.getItem(key));
		if (unsaved !== null) counts.set(id, (counts.get(id) ?? 0) + unsaved.operations.length);
	}
	return counts;
}

/** Takes over the newest work that a window which is gone left unsaved. */
export async function takeUnsaved(id: string): Promise<Unsaved | null> {
	let newest: Unsaved | null = null;
	let newestKey = '';
	for (const key of keptKeys().filter((name) => name.startsWith(prefixOf(id)))) {
		const owner = key.slice(prefixOf(id).length);
		if (owner !== tab && (await isAlive(owner))) continue;
		const unsaved = parse(localStorage.getItem(key));
		if (unsaved !== null && unsaved.at >= (newest?.at ?? 0)) [newest, newestKey] = [unsaved, key];
	}
	if (newest !== null) {
		// What this window has of its own already changes places with it: one window keeps one.
		const own = newestKey === prefixOf(id) + tab ? null : localStorage.getItem(prefixOf(id) + tab);
		if (own === null) localStorage.removeItem(newestKey);
		else localStorage.setItem(newestKey, own);
		keepUnsaved(id, newest);
	}
	return newest;
}

/**
 * Hears when a window goes that still lives and keeps unsaved work of a plan: one that is being closed, or killed, seems alive for a while.
 *
 * @returns ends it
 */
export function whenHandedOver(id: string, hear: () => void): () => void {
	const ended = new AbortController();
	if ('locks' in navigator)
		for (const key of keptKeys().filter((name) => name.startsWith(prefixOf(id)) && name !== prefixOf(id) + tab))
			navigator.locks.request(lockOf(key.slice(prefixOf(id).length)), { signal: ended.signal }, async () => hear()).catch(() => undefined);
	return () => ended.abort();
}

function keptKeys(): string[] {
	try {
		return Object.keys(localStorage);
	} catch {
		return [];
	}
}

async function isAlive(owner: string): Promise<boolean> {
	if (!('locks' in navigator)) return false;
	return navigator.locks.request(lockOf(owner), { ifAvailable: true }, async (lock) => lock === null);
}

function parse(text: string | null): Unsaved | null {
	try {
		const kept = JSON.parse(text ?? 'null') as Unsaved | null;
		return Array.isArray(kept?.operations) ? kept : null;
	} catch {
		return null;
	}
}
