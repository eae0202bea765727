import type { Change, Round } from '../api/types';

/** A piece opened along its back, its front in the middle: where each stitch of a round is drawn. */
export interface Opening {
	worked: 'spiral' | 'joined' | 'rows';
	/** opened at its true widths, or counted: every round begun at one straight line */
	view: 'opened' | 'grid';
	frontDegrees: number;
	isLeftHanded: boolean;
	/** of the whole chart */
	width: number;
	/** of one stitch */
	stitchWidth: number;
	rowHeight: number;
}

/** A stretch of cells drawn side by side, never across the opening. */
export interface Stretch {
	/** first and last stitch, from 1 */
	from: number;
	to: number;
	/** left edge of the first in drawing order, and the whole width */
	x: number;
	width: number;
	/** height of its left and right ends below the band's top; a spiral climbs by one round a turn */
	leftDrop: number;
	rightDrop: number;
	/** its first stitch is the rightmost */
	isBack: boolean;
}

const wrap = (turn: number) => turn - Math.floor(turn + 0.5);

/** The place of a turn on a round of so many stitches: −½ at one edge of the opening, ½ at the other, 0 at the front. */
export function fromFront(turn: number, frontDegrees: number): number {
	return wrap(turn - frontDegrees / 360);
}

/** Room beside the line that a counted chart begins at. */
const MARGIN = 16;

/** Whether rounds lie side by side as they are counted, with no turn and no slope. */
const isFlat = ({ worked, view }: Opening) => worked === 'rows' || view === 'grid';

/** Whether a round runs from the right to the left. */
const isMirrored = (round: Round, { worked, isLeftHanded }: Opening) => (worked === 'rows' ? (round.number % 2 === 0) !== isLeftHanded : isLeftHanded);

/** The left edge of a flat round. */
function leftEdgeOf(round: Round, opening: Opening): number {
	const all = round.makes * opening.stitchWidth;
	if (opening.worked === 'rows') return opening.width / 2 - all / 2;
	return opening.isLeftHanded ? opening.width - MARGIN - all : MARGIN;
}

export function stitchWidthFor(rounds: readonly Round[], width: number, most = 18): number {
	const widest = rounds.reduce((most_, round) => Math.max(most_, round.makes), 1);
	return Math.min(most, (width - 24) / widest);
}

/** How wide the piece is, in pixels, `at` stitches after the beginning of a round. */
function widthAt({ makes, widths: [begins, ends] = [makes, makes] }: Round, at: number, { stitchWidth }: Opening): number {
	return (begins + ((ends - begins) * at) / makes) * stitchWidth;
}

/** x of a place between stitches: `at` stitches after the beginning of the round. */
export function xAt(round: Round, at: number, opening: Opening): number {
	const middle = opening.width / 2;
	if (isFlat(opening)) return leftEdgeOf(round, opening) + (isMirrored(round, opening) ? round.makes - at : at) * opening.stitchWidth;
	const u = fromFront(round.startDegrees / 360 + at / round.makes, opening.frontDegrees);
	return middle + (opening.isLeftHanded ? -u : u) * widthAt(round, at, opening);
}

/** The stretches of a round that climb by one round each: a spiral's whole round, or, with several yarns in it, what lies between two loops. */
export function climbsOf({ makes, loops }: Pick<Round, 'makes' | 'loops'>): [before: number, end: number][] {
	const ends = [...loops.filter((loop) => loop > 0 && loop < makes), makes];
	return ends.map((end, i) => [ends[i - 1] ?? 0, end]);
}

/** How far below its middle height a spiral's band lies after `at` stitches of its round; other bands lie level. */
export function dropAt(round: Round, at: number, opening: Opening): number {
	const [before, end] = climbsOf(round).find(([, last]) => at <= last) ?? [0, round.makes];
	return dropWithin(before, end, at, opening);
}

function dropWithin(before: number, end: number, at: number, { worked, view, rowHeight }: Opening): number {
	return worked === 'spiral' && view === 'opened' ? ((at - before) / (end - before) - 0.5) * rowHeight : 0;
}

/** Stitches `from` to `to` of a round as stretches: two where the opening parts them, and one for each climb. */
export function stretchesOf(round: Round, from: number, to: number, opening: Opening): Stretch[] {
	const w = opening.stitchWidth;
	const mirrored = isMirrored(round, opening);
	if (isFlat(opening)) {
		const all = round.makes * w;
		const leftEdge = leftEdgeOf(round, opening);
		const x = mirrored ? leftEdge + all - to * w : leftEdge + (from - 1) * w;
		return [{ from, to, x, width: (to - from + 1) * w, leftDrop: 0, rightDrop: 0, isBack: mirrored }];
	}
	// Cells keep whole: the opening runs between two of them, at the nearest place to the very back.
	const begins = fromFront(round.startDegrees / 360 + 0.5 / round.makes, opening.frontDegrees);
	const before = Math.round((0.5 - begins) * round.makes + 0.5);
	const parts: Stretch[] = [];
	/** x where so many stitches of the round have been made, on the side of the opening that `offset` turns bring it to */
	const edge = (at: number, offset: number) =>
		opening.width / 2 + (mirrored ? -1 : 1) * (begins + (at - 0.5) / round.makes + offset) * widthAt(round, at, opening);
	for (const [start, end] of climbsOf(round)) {
		for (const [a, b, offset] of [
			[Math.max(from, start + 1), Math.min(to, end, before), 0],
			[Math.max(from, start + 1, before + 1), Math.min(to, end), -1],
		] as const) {
			if (a > b) continue;
			const ends = [edge(a - 1, offset), edge(b, offset)] as const;
			const drops = [dropWithin(start, end, a - 1, opening), dropWithin(start, end, b, opening)] as const;
			parts.push({
				from: a,
				to: b,
				x: Math.min(...ends),
				width: Math.abs(ends[1] - ends[0]),
				leftDrop: mirrored ? drops[1] : drops[0],
				rightDrop: mirrored ? drops[0] : drops[1],
				isBack: mirrored,
			});
		}
	}
	return parts;
}

/** The stitch under a point of a round's band, from 1; null beside the band. */
export function stitchAt(round: Round, x: number, opening: Opening): number | null {
	for (const { from, to, x: left, width } of stretchesOf(round, 1, round.makes, opening)) {
		if (x >= left && x < left + width) {
			const cell = Math.min(to - from, Math.floor(((x - left) / width) * (to - from + 1)));
			return isMirrored(round, opening) ? to - cell : from + cell;
		}
	}
	return null;
}

/** The jogs after each round, by round. */
export function jogsByRound(changes: readonly Change[]): Map<number, Change> {
	return new Map(changes.filter(({ jog }) => jog).map((change) => [change.round, change]));
}
