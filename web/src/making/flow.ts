import type { TaskProgress } from './journal';
import { type Guide, isAfter, type Place, type Stop, type Told } from './types';

/** What a tap counts. */
export type By = 'round' | 'group' | 'stitch';

const endOf = ({ round, to }: Stop): Place => ({ round, stitch: to });

/** Whether it waits for an answer. */
export const waits = (stop: Stop | undefined): stop is Stop & { key: string } => stop?.key !== undefined;

/** The stop that the maker stands before; behind the last one the piece is done. */
export function stopAt(guide: Guide, { place, answers }: TaskProgress): number {
	let at = guide.stops.findLastIndex((stop) => stop.group !== undefined && !isAfter(endOf(stop), place)) + 1;
	for (let stop = guide.stops[at]; waits(stop) && answers.has(stop.key); stop = guide.stops[at]) at++;
	return at;
}

/** Where a tap leads to from a place: the end of the stitch, of the stretch in one yarn, or of the round, as far as nothing waits in between. */
export function nextPlace(guide: Guide, at: number, place: Place, by: By): Place {
	const stop = guide.stops[at];
	if (stop === undefined) return place;
	if (by === 'group') return endOf(stop);
	if (by === 'round') {
		let last = stop;
		for (let i = at + 1, next = guide.stops[i]; next?.group !== undefined && next.round === stop.round; next = guide.stops[++i]) last = next;
		return endOf(last);
	}
	const made = place.round === stop.round ? place.stitch : 0;
	let top = 0;
	for (const each of guide.rounds[stop.round - 1]?.each ?? []) {
		const name = each.slice(each.indexOf(' ') + 1);
		for (let i = 0; i < Number.parseInt(each, 10); i++) {
			top += guide.makes[name] ?? 1;
			if (top > made) return { round: stop.round, stitch: Math.min(top, stop.to) };
		}
	}
	return endOf(stop);
}

/** What comes next to be done beside the stitches, and how many stitches are worked before it; null: in another round. */
export function nextTold(guide: Guide, at: number, place: Place): { told: Told; round: number; inStitches: number | null } | null {
	for (const stop of guide.stops.slice(at)) {
		for (const told of stop.told ?? []) {
			const made = stop.round === place.round ? place.stitch : 0;
			const here = guide.stops[at]?.round ?? 0;
			// What is told at the beginning is shown above the stitches, not as what comes.
			if (told.at > 0 && (stop.round > here || told.at > made)) {
				return { told, round: stop.round, inStitches: stop.round === here ? told.at - made : null };
			}
		}
		if (waits(stop)) return null;
	}
	return null;
}

/** What was put off or left out, and can be done now for the last time. */
export function lastChances(guide: Guide, at: number, { answers }: TaskProgress): (Stop & { key: string })[] {
	return guide.stops.filter((stop): stop is Stop & { key: string } => {
		const said = waits(stop) ? answers.get(stop.key)?.answer : undefined;
		return stop.until === at && said !== undefined && said !== 'done';
	});
}

/** Steps that were passed and are not done: put off, left out, or never asked for, as the maker was farther on. */
export function open(guide: Guide, at: number, { answers }: TaskProgress): (Stop & { key: string })[] {
	return guide.stops
		.slice(0, at)
		.filter((stop): stop is Stop & { key: string } => waits(stop) && stop.text !== '' && answers.get(stop.key)?.answer !== 'done');
}

/** The rounds that are worked alike around one: first and last. */
export function alike(guide: Guide, round: number): [number, number] {
	const { total = 0, makes = 1 } = guide.rounds[round - 1] ?? {};
	const from = round - Math.round(total / Math.max(1, makes)) + 1;
	let to = round;
	while ((guide.rounds[to]?.total ?? 0) > (guide.rounds[to]?.makes ?? 0)) to++;
	return [from, to];
}

/** What the last stitch before a place is: seen on the work, it tells two places from one another. */
export function lastStitch(guide: Guide, { round, stitch }: Place): 'increase' | 'decrease' | 'plain' | undefined {
	let top = 0;
	for (const each of guide.rounds[round - 1]?.each ?? []) {
		const name = each.slice(each.indexOf(' ') + 1);
		const [makes, uses] = [guide.makes[name] ?? 1, guide.uses[name] ?? 1];
		for (let i = 0; i < Number.parseInt(each, 10); i++) {
			top += makes;
			if (top >= stitch) return makes > uses && uses > 0 ? 'increase' : uses > makes && makes > 0 ? 'decrease' : 'plain';
		}
	}
	return undefined;
}

/** Yarns whose ends are short where the work was pulled out past the place at which they were cut. */
export function cutAgain(guide: Guide, from: Place, to: Place): string[] {
	const cut = guide.stops.flatMap((stop) =>
		(stop.told ?? []).filter(({ cuts, at }) => {
			const where = { round: stop.round, stitch: at };
			return cuts !== undefined && isAfter(where, to) && !isAfter(where, from);
		}),
	);
	return [...new Set(cut.map(({ cuts = '' }) => cuts))];
}
