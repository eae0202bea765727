import type { PieceAnalysis, Yarn } from '../api/types';
import type { Opening, Stretch } from './geometry';
import type { SheetLayout } from './layout';

export interface Picture {
	piece: PieceAnalysis;
	yarns: readonly Yarn[];
	layout: SheetLayout;
	opening: Opening;
	/** rounds that are picked */
	picked: ReadonlySet<number>;
	/** the round that is being made; null: none */
	inHand?: number | null | undefined;
	/** round and stitch under the pointer */
	under: { round: number; stitch: number } | null;
	/** stitches just painted, by round, until the core has answered */
	brushed?: { yarn: string; cells: ReadonlyMap<number, ReadonlySet<number>> } | undefined;
	/** stitches that were given a yarn before, or lie under a new layer (null), which the core has not answered yet, by round */
	coming?: ReadonlyMap<number, readonly { from: number; to: number; yarn: string | null }[]> | undefined;
	/** the stitch that the keys are on */
	cursor?: { round: number; stitch: number } | null | undefined;
	/** what is dragged, where the pointer is, and the keys of what is tied to it */
	carried?: { x: number; y: number; ties: readonly string[] } | null | undefined;
	/** names of stitches by their signs */
	stitches?: Readonly<Record<string, string>> | undefined;
	/** how far the piece is moved to the left */
	left?: number | undefined;
	/** the part of the sheet that is seen */
	top: number;
	height: number;
}

export const INK = '#20262a';
export const PAPER = '#fdfcfa';
export const FONT = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';

export const rounds = (picture: Picture) => picture.piece.rounds;

/** The outline of a stretch, so high from so far down. */
export function trace(context: CanvasRenderingContext2D, part: Stretch, top: number, height: number): void {
	context.moveTo(part.x, top + part.leftDrop);
	context.lineTo(part.x + part.width, top + part.rightDrop);
	context.lineTo(part.x + part.width, top + part.rightDrop + height);
	context.lineTo(part.x, top + part.leftDrop + height);
	context.closePath();
}

export function line(context: CanvasRenderingContext2D, x1: number, y1: number, x2: number, y2: number): void {
	context.beginPath();
	context.moveTo(x1, y1);
	context.lineTo(x2, y2);
	context.stroke();
}

/** The outline of a leaf or a loop that grows out of a point along an angle, so far and half so wide. */
export function leaf(context: CanvasRenderingContext2D, x: number, y: number, angle: number, far: number, half: number): void {
	const at = (along: number, across: number): [number, number] => [
		x + Math.cos(angle) * along - Math.sin(angle) * across,
		y + Math.sin(angle) * along + Math.cos(angle) * across,
	];
	context.moveTo(x, y);
	context.bezierCurveTo(...at(far * 0.3, -half * 1.6), ...at(far, -half), ...at(far, 0));
	context.bezierCurveTo(...at(far, half), ...at(far * 0.3, half * 1.6), x, y);
}
