import type { PieceAnalysis, Round, Yarn } from '../api/types';
import { inkOn } from '../ui/contrast';
import { dropAt, jogsByRound, type Opening, type Stretch, stretchesOf, xAt } from './geometry';
import { roundsBetween, type SheetLayout } from './layout';

export interface Picture {
	piece: PieceAnalysis;
	yarns: readonly Yarn[];
	layout: SheetLayout;
	opening: Opening;
	/** rounds that are picked */
	picked: ReadonlySet<number>;
	/** round and stitch under the pointer */
	under: { round: number; stitch: number } | null;
	/** stitches just painted, by round, until the core has answered */
	brushed?: { yarn: string; cells: ReadonlyMap<number, ReadonlySet<number>> } | undefined;
	/** the stitch that the keys are on */
	cursor?: { round: number; stitch: number } | null;
	/** names of stitches by their signs */
	stitches?: Readonly<Record<string, string>>;
	/** how far the piece is moved to the left */
	left?: number;
	/** the part of the sheet that is seen */
	top: number;
	height: number;
}

const INK = '#20262a';
const PAPER = '#fdfcfa';
const FONT = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';

/** Draws the part of the piece that is seen: bands, marker, front, steps. */
export function draw(context: CanvasRenderingContext2D, picture: Picture): void {
	const { layout, opening, top, height, left = 0 } = picture;
	context.clearRect(0, 0, opening.width, height);
	const [first, last] = roundsBetween(layout, top, top + height);
	context.save();
	context.translate(-left, -top);
	for (let i = first; i < last; i++) drawUnder(context, picture, i);
	for (let i = first; i < last; i++) drawBand(context, picture, i);
	for (let i = first; i < last; i++) drawPick(context, picture, i);
	drawZone(context, picture, first, last);
	drawMarker(context, picture, first, last);
	if (opening.view === 'opened') drawSteps(context, picture, first, last);
	drawPlaced(context, picture, first, last);
	context.restore();
}

const rounds = (picture: Picture) => picture.piece.rounds;

/** The front line, and the two lines within which a step shows. */
function drawZone(context: CanvasRenderingContext2D, { layout, opening, piece }: Picture, first: number, last: number): void {
	if (opening.worked === 'rows' || opening.view === 'grid' || last <= first) return;
	const bottom = (layout.tops[last - 1] ?? 0) + layout.rowHeight * 1.5;
	const begin = (layout.tops[first] ?? 0) - layout.rowHeight / 2;
	context.lineWidth = 1;
	context.strokeStyle = INK;
	context.globalAlpha = 0.55;
	line(context, opening.width / 2, begin, opening.width / 2, bottom);
	context.globalAlpha = 0.4;
	context.setLineDash([3, 5]);
	for (const side of [-1, 1]) {
		context.beginPath();
		for (let i = first; i < last; i++) {
			const x = opening.width / 2 + (side * (piece.rounds[i]?.makes ?? 0) * opening.stitchWidth * piece.showsWithinDegrees) / 360;
			context.lineTo(x, (layout.tops[i] ?? 0) + layout.rowHeight / 2);
		}
		context.stroke();
	}
	context.setLineDash([]);
	context.globalAlpha = 1;
}

/** How far, of a band's height, two rounds gape at the most: a round of 12 on one of 6 by a quarter. */
const GAPE = 0.35;

/** Spirals of different widths climb at different slopes; what gapes between two rounds is filled from the narrower one. */
function drawUnder(context: CanvasRenderingContext2D, picture: Picture, index: number): void {
	const { layout, opening, yarns } = picture;
	const round = rounds(picture)[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined || opening.worked !== 'spiral' || opening.view === 'grid') return;
	const h = layout.rowHeight;
	const isWider = (neighbour: number) => (rounds(picture)[neighbour]?.makes ?? 0) > round.makes && Math.abs((layout.tops[neighbour] ?? 0) - top) <= h;
	const above = isWider(index - 1) ? GAPE * h : 0;
	const below = isWider(index + 1) ? GAPE * h : 0;
	if (above === 0 && below === 0) return;
	let stitch = 1;
	for (const run of round.runs) {
		context.fillStyle = yarns.find(({ key }) => key === run.yarn)?.hex ?? '#808080';
		for (const part of stretchesOf(round, stitch, stitch + run.stitches - 1, opening)) {
			context.beginPath();
			trace(context, part, top - above, above + h + below);
			context.fill();
		}
		stitch += run.stitches;
	}
}

function drawBand(context: CanvasRenderingContext2D, picture: Picture, index: number): void {
	const { layout, opening, yarns, under } = picture;
	const round = rounds(picture)[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined) return;
	const h = layout.rowHeight;
	const w = opening.stitchWidth;
	let stitch = 1;
	for (const run of round.runs) {
		const yarn = yarns.find(({ key }) => key === run.yarn);
		const hex = yarn?.hex ?? '#808080';
		const ink = inkOn(hex);
		for (const part of stretchesOf(round, stitch, stitch + run.stitches - 1, opening)) {
			context.beginPath();
			trace(context, part, top, h);
			context.fillStyle = hex;
			context.fill();
			context.strokeStyle = hex;
			context.lineWidth = 0.7;
			context.stroke();
			drawCells(context, part, top, h, w, ink, run.yarn, (stitch) => nameOf(picture, round, stitch));
		}
		stitch += run.stitches;
	}
	drawBrushed(context, picture, round, top);
	if (!round.readable) hatch(context, picture, index);
	const at = under?.round === round.number ? under : picture.cursor?.round === round.number ? picture.cursor : null;
	if (at !== null) {
		for (const part of stretchesOf(round, at.stitch, at.stitch, opening)) {
			context.strokeStyle = INK;
			context.lineWidth = 2;
			context.strokeRect(part.x, top + part.leftDrop, part.width, h);
		}
	}
}

/** The name of a stitch that is not plain, for a chart seen from near. */
function nameOf({ stitches = {} }: Picture, { tops }: Round, stitch: number): string {
	return stitches[tops === '' ? 's' : tops.charAt(stitch - 1)] ?? '';
}

function drawBrushed(context: CanvasRenderingContext2D, { brushed, yarns, opening, layout }: Picture, round: Round, top: number): void {
	const cells = brushed?.cells.get(round.number);
	if (brushed === undefined || cells === undefined) return;
	context.fillStyle = yarns.find(({ key }) => key === brushed.yarn)?.hex ?? PAPER;
	for (const stitch of cells) {
		for (const part of stretchesOf(round, stitch, stitch, opening)) {
			context.beginPath();
			trace(context, part, top, layout.rowHeight);
			context.fill();
		}
	}
}

const DOT = 6;

/** Where eyes and limbs are set: between a round and the next. */
function drawPlaced(context: CanvasRenderingContext2D, { piece, layout, opening }: Picture, first: number, last: number): void {
	for (const { round: number, degrees, kind } of piece.placed) {
		const round = piece.rounds[number - 1];
		const top = layout.tops[number - 1];
		if (round === undefined || top === undefined || number <= first || number > last) continue;
		for (const at of degrees) {
			const along = (((at - round.startDegrees) / 360) % 1) + 1;
			const stitches = (along % 1) * round.makes;
			const x = xAt(round, stitches, opening);
			const y = top + layout.rowHeight + dropAt(round, stitches, opening);
			context.beginPath();
			context.arc(x, y, DOT, 0, 2 * Math.PI);
			context.fillStyle = kind === 'eyes' || kind === 'nose' ? INK : PAPER;
			context.fill();
			context.strokeStyle = PAPER;
			context.lineWidth = 4;
			context.stroke();
			context.strokeStyle = INK;
			context.lineWidth = 1.8;
			context.stroke();
		}
	}
}

/** The outline of a stretch, so high from so far down. */
function trace(context: CanvasRenderingContext2D, part: Stretch, top: number, height: number): void {
	context.moveTo(part.x, top + part.leftDrop);
	context.lineTo(part.x + part.width, top + part.rightDrop);
	context.lineTo(part.x + part.width, top + part.rightDrop + height);
	context.lineTo(part.x, top + part.leftDrop + height);
	context.closePath();
}

/** From this width on there is room for the name of each stitch. */
const NEAR = 22;

/** Lines between stitches, and the yarn's letter in each where there is room. */
function drawCells(context: CanvasRenderingContext2D, part: Stretch, top: number, h: number, w: number, ink: string, letter: string, name: (stitch: number) => string): void {
	const cells = part.to - part.from + 1;
	const slope = (part.rightDrop - part.leftDrop) / part.width;
	context.strokeStyle = ink;
	context.fillStyle = ink;
	context.lineWidth = 0.6;
	if (w >= 4) {
		context.globalAlpha = 0.28;
		context.beginPath();
		for (let i = 0; i <= cells; i++) {
			const y = top + part.leftDrop + slope * i * w;
			context.moveTo(part.x + i * w, y);
			context.lineTo(part.x + i * w, y + h);
		}
		context.moveTo(part.x, top + part.leftDrop);
		context.lineTo(part.x + part.width, top + part.rightDrop);
		context.stroke();
	}
	context.textAlign = 'center';
	context.textBaseline = 'middle';
	if (w >= 11 && h >= 16) {
		context.globalAlpha = 0.5;
		context.font = `${Math.min(11, w * 0.85)}px ${FONT}`;
		const isNear = w >= NEAR && h >= NEAR * 1.5;
		for (let i = 0; i < cells; i++) {
			const x = part.x + (i + 0.5) * w;
			const y = top + part.leftDrop + slope * (i + 0.5) * w + h / 2;
			context.fillText(letter, x, isNear ? y - 7 : y);
			if (isNear) context.fillText(name(part.isBack ? part.to - i : part.from + i), x, y + 8, w - 2);
		}
	} else if (part.width >= 14 && h >= 10) {
		context.globalAlpha = 0.75;
		context.font = `${Math.min(12, h * 0.75)}px ${FONT}`;
		context.fillText(letter, part.x + part.width / 2, top + (part.leftDrop + part.rightDrop) / 2 + h / 2);
	}
	context.globalAlpha = 1;
}

/** Above and below a round that is picked. */
function drawPick(context: CanvasRenderingContext2D, { layout, opening, piece, picked }: Picture, index: number): void {
	const round = piece.rounds[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined || !picked.has(round.number)) return;
	for (const [width, colour] of [
		[5, PAPER],
		[2.5, INK],
	] as const) {
		context.strokeStyle = colour;
		context.lineWidth = width;
		for (const part of stretchesOf(round, 1, round.makes, opening)) {
			for (const edge of [top, top + layout.rowHeight]) line(context, part.x, edge + part.leftDrop, part.x + part.width, edge + part.rightDrop);
		}
	}
}

/** Over a round that could not be read. */
function hatch(context: CanvasRenderingContext2D, { layout, opening, piece }: Picture, index: number): void {
	const round = piece.rounds[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined) return;
	context.save();
	context.beginPath();
	for (const part of stretchesOf(round, 1, round.makes, opening)) trace(context, part, top, layout.rowHeight);
	context.clip();
	context.fillStyle = PAPER;
	context.globalAlpha = 0.75;
	context.fill();
	context.globalAlpha = 1;
	context.strokeStyle = INK;
	context.lineWidth = 1;
	for (let x = -layout.rowHeight * 2; x < opening.width; x += 7) line(context, x, top + 1.5 * layout.rowHeight, x + 2 * layout.rowHeight, top - 0.5 * layout.rowHeight);
	context.restore();
}

/** The marker's path. */
function drawMarker(context: CanvasRenderingContext2D, picture: Picture, first: number, last: number): void {
	const { layout, opening } = picture;
	if (opening.worked === 'rows') return;
	const points: { x: number; y: number }[] = [];
	for (let i = first; i < last; i++) {
		const round = rounds(picture)[i];
		if (round === undefined) continue;
		points.push({ x: xAt({ ...round, startDegrees: round.markerDegrees }, 0, opening), y: (layout.tops[i] ?? 0) + layout.rowHeight / 2 });
	}
	const path = () => {
		context.beginPath();
		points.forEach(({ x, y }, i) => {
			const before = points[i - 1];
			// Past the back, the path comes in again at the other edge.
			if (before === undefined || Math.abs(before.x - x) > opening.width / 3) context.moveTo(x, y);
			else context.lineTo(x, y);
		});
		context.stroke();
	};
	context.lineCap = 'round';
	context.strokeStyle = PAPER;
	context.lineWidth = 4;
	path();
	context.strokeStyle = INK;
	context.lineWidth = 1.4;
	context.setLineDash([1, 4]);
	path();
	context.setLineDash([]);
	for (const { x, y } of points) {
		context.beginPath();
		context.arc(x, y, 3, 0, 2 * Math.PI);
		context.fillStyle = PAPER;
		context.fill();
		context.lineWidth = 1.4;
		context.stroke();
	}
	context.lineCap = 'butt';
}

/** Stitches over which a treated step is eased. */
const EASED = 4;

/** Each jog as an upright bar as high as what is left of its step: filled where it shows, open where it is hidden. */
function drawSteps(context: CanvasRenderingContext2D, picture: Picture, first: number, last: number): void {
	const { layout, opening, piece } = picture;
	const jogs = jogsByRound(piece.changes);
	for (let i = Math.max(0, first - 1); i < last; i++) {
		const jog = jogs.get(i + 1);
		const next = rounds(picture)[i + 1];
		const top = layout.tops[i + 1];
		if (jog === undefined || next === undefined || top === undefined) continue;
		const atMarker = { ...next, startDegrees: jog.degrees };
		const x = xAt(atMarker, 0, opening);
		const y = top + dropAt(next, 0, opening);
		const high = Math.max(0.2, jog.stepRounds) * layout.rowHeight;
		const middle = y + layout.rowHeight / 2;
		// A treated step is eased over the last stitches of the old yarn, until just what is left of it stands at the marker.
		const back = (opening.isLeftHanded ? 1 : -1) * EASED * opening.stitchWidth;
		context.fillStyle = picture.yarns.find(({ key }) => key === jog.to)?.hex ?? '#808080';
		context.beginPath();
		context.moveTo(x, y + layout.rowHeight);
		context.lineTo(x, y + jog.stepRounds * layout.rowHeight);
		context.lineTo(x + back, y + layout.rowHeight);
		context.fill();
		context.lineWidth = 7;
		context.strokeStyle = PAPER;
		line(context, x, middle - high / 2 - 1.5, x, middle + high / 2 + 1.5);
		context.lineWidth = 4.5;
		context.strokeStyle = INK;
		line(context, x, middle - high / 2, x, middle + high / 2);
		if (!jog.shows) {
			context.lineWidth = 1.8;
			context.strokeStyle = PAPER;
			line(context, x, middle - high / 2 + 1.5, x, middle + high / 2 - 1.5);
		}
	}
}

function line(context: CanvasRenderingContext2D, x1: number, y1: number, x2: number, y2: number): void {
	context.beginPath();
	context.moveTo(x1, y1);
	context.lineTo(x2, y2);
	context.stroke();
}
