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

/** A round's stitches in working order: "2 sc". */
const eachOf = (guide: Guide, round: number) =>
	(guide.rounds[round - 1]?.each ?? []).map((each) => ({ name: each.slice(each.indexOf(' ') + 1), times: Number.parseInt(each, 10) }));

/** What a round may have by one mistake, so many more stitches than it is to have; undefined where more than one leads to that. */
export function slipOf(guide: Guide, round: number, by: number) {
	const slip = guide.rounds[round - 1]?.slips.find((one) => one.by === by);
	const { causes = [], looks = [] } = guide.slips.kinds[slip?.kind ?? -1] ?? {};
	const goOn = [slip?.goOn, guide.slips.stays[slip?.stays ?? -1]].filter((sentence) => sentence !== undefined).join(' ');
	return slip && { right: slip.right, causes, looks, goOn };
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
	for (const { name, times } of eachOf(guide, stop.round)) {
		const makes = guide.makes[name] ?? 1;
		for (let i = 0; i < times; i++) {
			top += makes;
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

/** What the last stitch before a place looks like: seen on the work, it tells two places from one another. */
export function lastStitch(guide: Guide, { round, stitch }: Place): string | undefined {
	let top = 0;
	for (const { name, times } of eachOf(guide, round)) {
		top += times * (guide.makes[name] ?? 1);
		if (top >= stitch) return guide.lasts[name];
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
