import type { PieceAnalysis, PlanProblem } from '../api/types';

/** One typed line's place on the sheet. Text, bands and events share it. */
export interface LinePlace {
	/** from 0 */
	line: number;
	top: number;
	height: number;
	/** first and last round; null: a remark or a blank line */
	rounds: { from: number; to: number } | null;
	troubles: PlanProblem[];
}

export interface SheetLayout {
	places: LinePlace[];
	/** the top of each round's band, by round − 1 */
	tops: number[];
	rowHeight: number;
	height: number;
}

const TROUBLE = 24;

/** Where every line and round lies, from the top down. Of the lines only their number counts, so that typing in one moves nothing. */
export function layOut(piece: PieceAnalysis | undefined, lines: number, troubles: readonly PlanProblem[], rowHeight: number): SheetLayout {
	const places: LinePlace[] = [];
	const tops: number[] = [];
	let top = 0;
	for (let line = 0; line < lines; line++) {
		const rounds = piece?.lines[line] ?? null;
		const own = troubles
			.filter((trouble) => trouble.line === line + 1)
			.sort((one, other) => Number(one.severity === 'note') - Number(other.severity === 'note'));
		const bands = rounds === null ? 0 : rounds.to - rounds.from + 1;
		const height = Math.max(1, bands) * rowHeight + (own.length > 0 ? TROUBLE * Math.min(own.length, 2) : 0);
		for (let i = 0; i < bands; i++) tops.push(top + i * rowHeight);
		places.push({ line, top, height, rounds, troubles: own });
		top += height;
	}
	return { places, tops, rowHeight, height: top };
}

/** So many rounds are laid out before they come into sight, and as many come at once. */
const AHEAD = 16;

/** The rounds that are in sight or nearly so, by number, the first and the last: the same while the sheet is scrolled a little. */
export function roundsNear(layout: SheetLayout, from: number, to: number): [number, number] {
	const [first, last] = roundsBetween(layout, from, to);
	return [Math.floor(first / AHEAD) * AHEAD - AHEAD + 1, Math.ceil(last / AHEAD) * AHEAD + AHEAD];
}

/** The rounds that lie, at least in part, between two heights: indices from and to, `to` not included. */
export function roundsBetween(layout: SheetLayout, from: number, to: number): [number, number] {
	const { tops, rowHeight } = layout;
	let first = 0;
	while (first < tops.length && (tops[first] ?? 0) + 2 * rowHeight < from) first++;
	let last = first;
	while (last < tops.length && (tops[last] ?? 0) - rowHeight < to) last++;
	return [first, last];
}
