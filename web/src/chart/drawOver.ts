import type { Change } from '../api/types';
import { dropAt, jogsByRound, xAt } from './geometry';
import { gripsOf, pointAt } from './grips';
import { INK, leaf, line, PAPER, type Picture, rounds } from './pen';
import { yarnOf } from './runs';

/** The front line, and the two lines within which a step shows. */
export function drawZone(context: CanvasRenderingContext2D, { layout, opening, piece }: Picture, first: number, last: number): void {
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

/** What stands out of a round: a leaf or a loop, as far and as wide as the core says, over the rounds that follow. */
export function drawOut(context: CanvasRenderingContext2D, picture: Picture, index: number): void {
	const { layout, opening, yarns } = picture;
	const round = rounds(picture)[index];
	const top = layout.tops[index];
	if (round === undefined || top === undefined || round.out.length === 0) return;
	context.strokeStyle = INK;
	context.lineWidth = 1;
	for (const [after = 0, long = 0, wide = 1] of round.out) {
		const x = xAt(round, after, opening);
		const y = top + layout.rowHeight / 2 + dropAt(round, after, opening);
		const far = long * opening.stitchWidth;
		const half = (wide * opening.stitchWidth) / 2;
		context.fillStyle = yarns.find(({ key }) => key === yarnOf(round.runs, Math.max(1, after)))?.hex ?? PAPER;
		context.beginPath();
		leaf(context, x, y, Math.PI / 2, far, half);
		context.fill();
		context.stroke();
	}
}

const DOT = 6;

/** Where eyes and limbs are set: between a round and the next. */
export function drawPlaced(context: CanvasRenderingContext2D, { piece, layout, opening }: Picture, first: number, last: number): void {
	for (const { round: number, after, kind } of piece.placed) {
		const round = piece.rounds[number - 1];
		const top = layout.tops[number - 1];
		if (round === undefined || top === undefined || number <= first || number > last) continue;
		for (const stitches of after) {
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

/** What is carried over the chart, and what goes along with it or holds it. */
export function drawCarried(context: CanvasRenderingContext2D, picture: Picture): void {
	const { carried } = picture;
	if (carried == null) return;
	context.strokeStyle = INK;
	context.lineWidth = 1.4;
	context.setLineDash([4, 4]);
	for (const { key, x, y } of gripsOf(picture)) if (carried.ties.includes(key)) line(context, carried.x, carried.y, x, y);
	context.setLineDash([]);
	context.beginPath();
	context.arc(carried.x, carried.y, DOT + 3, 0, 2 * Math.PI);
	context.fillStyle = PAPER;
	context.fill();
	context.lineWidth = 2.4;
	context.stroke();
}

/** What is embroidered: each stroke in its yarn, as far as it is in sight. */
export function drawThreads(context: CanvasRenderingContext2D, { piece, yarns, layout, opening }: Picture, first: number, last: number): void {
	const at = (level: number, degrees: number) => {
		const point = pointAt({ piece, layout, opening }, level, degrees);
		return point === null || point.index < first - 1 || point.index > last ? null : point;
	};
	context.lineCap = 'round';
	for (const { yarn, strokes } of piece.threads) {
		const hex = yarns.find(({ key }) => key === yarn)?.hex ?? INK;
		for (const [level = 0, degrees = 0, toLevel = 0, toDegrees = 0] of strokes) {
			const [from, to] = [at(level, degrees), at(toLevel, toDegrees)];
			// Past the back it comes in again at the other edge.
			if (from === null || to === null || Math.abs(from.x - to.x) > opening.width / 3) continue;
			const far = from.x === to.x && from.y === to.y ? { x: to.x, y: to.y + layout.rowHeight * 0.7 } : to;
			for (const [colour, wide] of [
				[PAPER, 6],
				[INK, 4.4],
				[hex, 3],
			] as const) {
				context.strokeStyle = colour;
				context.lineWidth = wide;
				context.beginPath();
				context.moveTo(from.x, from.y);
				context.lineTo(far.x, far.y);
				context.stroke();
			}
		}
	}
}

/** The marker's path. */
export function drawMarker(context: CanvasRenderingContext2D, picture: Picture, first: number, last: number): void {
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

/** Each jog as an upright bar as high as what is left of its step: filled where it shows, open where it is hidden. */
export function drawSteps(context: CanvasRenderingContext2D, picture: Picture, first: number, last: number): void {
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
		drawEdge(context, picture, jog, x, y, next.makes);
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

/** Where the colours meet about a round's end: the old one is led down to the step, or lifted beyond it. */
function drawEdge(context: CanvasRenderingContext2D, { layout, opening, yarns }: Picture, jog: Change, x: number, y: number, makes: number): void {
	const w = (opening.isLeftHanded ? -1 : 1) * opening.stitchWidth;
	const h = layout.rowHeight;
	const climb = opening.worked === 'spiral' ? h / makes : 0;
	for (const [yarn, points, level] of [
		[jog.to, jog.edge.before, 1],
		[jog.from, jog.edge.after, 0],
	] as const) {
		const [first, last] = [points.at(0)?.[0] ?? 0, points.at(-1)?.[0] ?? 0];
		if (first === last) continue;
		context.fillStyle = yarns.find(({ key }) => key === yarn)?.hex ?? '#808080';
		context.beginPath();
		for (const [stitches = 0, high = 0] of [...points, [last, level], [first, level]]) context.lineTo(x + stitches * w, y + stitches * climb + high * h);
		context.fill();
	}
}
