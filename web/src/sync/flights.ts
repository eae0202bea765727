/** What this page sends of plans, on their benches and from the shelf: a plan that is opened waits for it. */
const flights = new Map<string, Promise<unknown>>();
const revisions = new Map<string, number>();
const own = new Set<string>();

/** Operations that this page made, or took over from a window that is gone. */
export const ours = (ids: readonly string[]): void => {
	for (const id of ids) own.add(id);
};
export const areOurs = (ids: readonly string[] | null | undefined): boolean => ids?.every((id) => own.has(id)) ?? false;

/** Work on a plan is on its way. */
export function isFlying(plan: string, flight: Promise<unknown>): void {
	const all = Promise.allSettled([flights.get(plan), flight]);
	flights.set(plan, all);
	void all.then(() => flights.get(plan) === all && flights.delete(plan));
}

/** Waits until what is on its way of a plan has come back, so long at the most. */
export async function landed(plan: string, mostMs: number): Promise<void> {
	const flight = flights.get(plan);
	if (flight !== undefined) await Promise.race([flight, new Promise((done) => setTimeout(done, mostMs))]);
}

/** This page saved a revision of a plan. */
export const made = (plan: string, revision: number): void => void revisions.set(plan, Math.max(revision, madeOf(plan)));

/** The last revision of a plan that this page saved; 0: it saved none. */
export const madeOf = (plan: string): number => revisions.get(plan) ?? 0;
