import type { PieceAnalysis } from '../api/types';
import { dropAt, type Opening, xAt } from './geometry';
import type { SheetLayout } from './layout';

interface Drawn {
	piece: PieceAnalysis;
	layout: SheetLayout;
	opening: Opening;
}

/** A point of something that is placed: by it it is taken. */
export interface Grip {
	/** of what is placed; of a part its joint's, after "joint " */
	key: string;
	x: number;
	y: number;
}

/** So near a pointer takes it. */
const NEAR = { mouse: 12, touch: 22 };

/** A place on the chart: between round lines by its share, across by its degrees; null: there is no such round. */
export function pointAt({ piece, layout, opening }: Drawn, level: number, degrees: number): { x: number; y: number; index: number } | null {
	const index = Math.min(piece.rounds.length, Math.max(1, Math.ceil(level))) - 1;
	const round = piece.rounds[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined) return null;
	const along = (((((degrees - round.startDegrees) / 360) % 1) + 1) % 1) * round.makes;
	return { x: xAt(round, along, opening), y: top + layout.rowHeight * (level - index) + dropAt(round, along, opening), index };
}

/** Where what is placed on a piece can be taken. */
export function gripsOf(drawn: Drawn): Grip[] {
	const { piece, layout, opening } = drawn;
	const grips: Grip[] = [];
	for (const { key, round: number, after } of piece.placed) {
		const round = piece.rounds[number - 1];
		const top = layout.tops[number - 1];
		if (round === undefined || top === undefined) continue;
		for (const stitches of after) grips.push({ key, x: xAt(round, stitches, opening), y: top + layout.rowHeight + dropAt(round, stitches, opening) });
	}
	for (const { key, round, degrees } of piece.threads) {
		for (const at of degrees) {
			const point = pointAt(drawn, Math.max(1, round), at);
			if (point !== null) grips.push({ key, x: point.x, y: point.y });
		}
	}
	return grips;
}

/** What is taken where a pointer is; null: nothing is so near. */
export function gripAt(grips: readonly Grip[], x: number, y: number, pointer: keyof typeof NEAR): string | null {
	let nearest: Grip | null = null;
	const away = (grip: Grip) => Math.hypot(grip.x - x, grip.y - y);
	for (const grip of grips) if (away(grip) <= NEAR[pointer] && (nearest === null || away(grip) < away(nearest))) nearest = grip;
	return nearest?.key ?? null;
}
