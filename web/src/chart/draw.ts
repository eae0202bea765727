import type { Round } from '../api/types';
import { inkOn } from '../ui/contrast';
import { drawCarried, drawMarker, drawOut, drawPlaced, drawSteps, drawThreads, drawZone } from './drawOver';
import { type Stretch, stretchesOf } from './geometry';
import { roundsBetween } from './layout';
import { FONT, INK, line, PAPER, type Picture, rounds, trace } from './pen';

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
	for (let i = first; i < last; i++) drawInHand(context, picture, i);
	for (let i = first; i < last; i++) drawOut(context, picture, i);
	drawZone(context, picture, first, last);
	drawMarker(context, picture, first, last);
	if (opening.view === 'opened') drawSteps(context, picture, first, last);
	drawPlaced(context, picture, first, last);
	drawThreads(context, picture, first, last);
	drawCarried(context, picture);
	context.restore();
}

/** How far, of a band's height, two rounds gape at the most: a round of 12 on one of 6 by a quarter. */
const GAPE = 0.35;
/** And where it only grows on its way, in pixels. */
const HAIR = 2;

/** Spirals of different widths climb at different slopes; what gapes between two rounds is filled from the narrower one. */
function drawUnder(context: CanvasRenderingContext2D, picture: Picture, index: number): void {
	const { layout, opening, yarns } = picture;
	const round = rounds(picture)[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined || opening.worked !== 'spiral' || opening.view === 'grid') return;
	const h = layout.rowHeight;
	const isWider = (neighbour: number) => (rounds(picture)[neighbour]?.makes ?? 0) > round.makes && Math.abs((layout.tops[neighbour] ?? 0) - top) <= h;
	const hair = round.widths === undefined ? 0 : HAIR;
	const above = isWider(index - 1) ? GAPE * h : hair;
	const below = isWider(index + 1) ? GAPE * h : hair;
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
			drawCells(context, part, top, h, ink, run.yarn, (stitch) => nameOf(picture, round, stitch));
		}
		stitch += run.stitches;
	}
	drawComing(context, picture, round, top);
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

/** In the yarn that was pressed, or as it is where a layer is to lie, with a broken edge until the core has answered. */
function drawComing(context: CanvasRenderingContext2D, picture: Picture, round: Round, top: number): void {
	const { coming, yarns, opening, layout } = picture;
	for (const { from, to, yarn } of coming?.get(round.number) ?? []) {
		const hex = yarns.find(({ key }) => key === yarn)?.hex;
		if ((hex === undefined && yarn !== null) || from > round.makes) continue;
		for (const part of stretchesOf(round, from, Math.min(to, round.makes), opening)) {
			if (hex !== undefined && yarn !== null) {
				context.beginPath();
				trace(context, part, top, layout.rowHeight);
				context.fillStyle = hex;
				context.fill();
				drawCells(context, part, top, layout.rowHeight, inkOn(hex), yarn, (stitch) => nameOf(picture, round, stitch));
			}
			context.setLineDash([4, 3]);
			context.strokeStyle = INK;
			context.lineWidth = 1.5;
			context.beginPath();
			trace(context, part, top + 1, layout.rowHeight - 2);
			context.stroke();
			context.setLineDash([]);
		}
	}
}

/** From this width on there is room for the name of each stitch. */
const NEAR = 22;

/** Lines between stitches, and the yarn's letter in each where there is room. */
function drawCells(
	context: CanvasRenderingContext2D,
	part: Stretch,
	top: number,
	h: number,
	ink: string,
	letter: string,
	name: (stitch: number) => string,
): void {
	const cells = part.to - part.from + 1;
	const w = part.width / cells;
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

/** At both sides of the round that is being made. */
function drawInHand(context: CanvasRenderingContext2D, { layout, opening, piece, inHand }: Picture, index: number): void {
	const round = piece.rounds[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined || inHand !== round.number) return;
	context.fillStyle = INK;
	const parts = stretchesOf(round, 1, round.makes, opening);
	const middle = top + layout.rowHeight / 2;
	const half = Math.max(4, Math.min(9, layout.rowHeight / 2));
	for (const [x, way] of [
		[Math.min(...parts.map((part) => part.x)) - 3, -1],
		[Math.max(...parts.map((part) => part.x + part.width)) + 3, 1],
	] as const) {
		context.beginPath();
		context.moveTo(x, middle);
		context.lineTo(x + way * 1.6 * half, middle - half);
		context.lineTo(x + way * 1.6 * half, middle + half);
		context.closePath();
		context.fill();
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
	for (let x = -layout.rowHeight * 2; x < opening.width; x += 7)
		line(context, x, top + 1.5 * layout.rowHeight, x + 2 * layout.rowHeight, top - 0.5 * layout.rowHeight);
	context.restore();
}
