import type { PieceAnalysis } from '../api/types';

/** A round's edge: half circles of a radius and straight parts between them, so far from the beginning. */
export interface RoundEdge {
	radius: number;
	level: number;
	straight: number;
}

/** The edge that the piece begins on, and each round's upper edge. */
export function edgesOf({ size }: PieceAnalysis, isStuffed: boolean): RoundEdge[] {
	const edges = size === null ? [] : isStuffed || size.unstuffed.length === 0 ? size.outline : size.unstuffed;
	return edges.map(([radius = 0, level = 0, straight = 0]) => ({ radius, level, straight }));
}

export const NOWHERE: RoundEdge = { radius: 0, level: 0, straight: 0 };

/** Where on such an edge one is, so many turns along it from the middle of its one end; and which way is outwards, in radians. */
export function pointOn(radius: number, straight: number, turns: number): { along: number; across: number; out: number } {
	const quarter = (Math.PI / 2) * radius;
	const around = 4 * quarter + 2 * straight;
	// Measured from the middle of the end: a quarter circle, a side, a half circle, a side, a quarter circle.
	const at = (turns - Math.floor(turns)) * around;
	const end = straight / 2;
	const [bend, isFar] = at <= quarter ? [at, false] : at >= around - quarter ? [at - around, false] : [at - quarter - straight - quarter, true];
	if (Math.abs(bend) <= quarter) {
		const angle = radius === 0 ? 0 : bend / radius;
		const side = isFar ? -1 : 1;
		return { along: side * (end + radius * Math.cos(angle)), across: side * radius * Math.sin(angle), out: angle + (isFar ? Math.PI : 0) };
	}
	const isFirst = at < around / 2;
	const far = isFirst ? at - quarter : around - quarter - at;
	return { along: end - far, across: isFirst ? radius : -radius, out: isFirst ? Math.PI / 2 : -Math.PI / 2 };
}
