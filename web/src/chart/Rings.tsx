import { useEffect, useRef } from 'react';
import type { PieceAnalysis, Round, Yarn } from '../api/types';
import { inkOn } from '../ui/contrast';
import { say } from '../ui/say';
import { useWidth } from '../ui/useWidth';
import type { Cell } from './Chart';
import { drawingOn } from './canvas';
import { INK, leaf, PAPER } from './pen';
import { yarnOf } from './runs';

interface Props {
	piece: PieceAnalysis;
	yarns: readonly Yarn[];
	isLeftHanded: boolean;
	picked: ReadonlySet<number>;
	height: number;
	onPick: (round: number, how: 'new' | 'extend' | 'add') => void;
	/** what is held is put where it is pressed; undefined: nothing is held */
	onPut: ((cell: Cell) => void) | undefined;
}

/** The hole that the first round is drawn around, in rings. */
const HOLE = 0.6;

/** The piece from above: a ring for each round, from its beginning out, the front at the bottom. */
export function Rings({ piece, yarns, isLeftHanded, picked, height, onPick, onPut }: Props) {
	const canvas = useRef<HTMLCanvasElement>(null);
	const [box, width] = useWidth<HTMLDivElement>();
	const { rounds, frontDegrees, threads, placed } = piece;
	// What stands out needs its room, too.
	const reach = Math.max(rounds.length, ...rounds.flatMap(({ number, out }) => out.map(([, long = 0]) => number + long)));
	const ring = Math.max(2, Math.min(34, (Math.min(width, height) / 2 - 24) / (reach + HOLE)));

	useEffect(() => {
		const frame = requestAnimationFrame(() => {
			const context = drawingOn(canvas.current, width, height);
			if (context === null) return;
			context.clearRect(0, 0, width, height);
			context.translate(width / 2, height / 2);
			/** the angle of a turn, the front at the bottom */
			const angle = (turn: number) => Math.PI / 2 + (isLeftHanded ? -1 : 1) * (turn - frontDegrees / 360) * 2 * Math.PI;
			for (const round of rounds) {
				const inner = (round.number - 1 + HOLE) * ring;
				const start = round.startDegrees / 360;
				let stitch = 0;
				for (const run of round.runs) {
					const hex = yarns.find(({ key }) => key === run.yarn)?.hex ?? '#808080';
					const [from, to] = [angle(start + stitch / round.makes), angle(start + (stitch + run.stitches) / round.makes)];
					context.beginPath();
					context.arc(0, 0, inner + ring, from, to, isLeftHanded);
					context.arc(0, 0, inner, to, from, !isLeftHanded);
					context.closePath();
					context.fillStyle = hex;
					context.fill();
					context.strokeStyle = hex;
					context.lineWidth = 0.6;
					context.stroke();
					const room = (Math.abs(to - from) * (inner + ring / 2)) / run.stitches;
					context.strokeStyle = inkOn(hex);
					context.globalAlpha = 0.3;
					context.beginPath();
					for (let i = 0; room > 4 && i <= run.stitches; i++) {
						const at = angle(start + (stitch + i) / round.makes);
						context.moveTo(Math.cos(at) * inner, Math.sin(at) * inner);
						context.lineTo(Math.cos(at) * (inner + ring), Math.sin(at) * (inner + ring));
					}
					context.stroke();
					context.globalAlpha = 0.8;
					if (ring > 13 && Math.abs(to - from) * (inner + ring / 2) > 12) {
						const at = (from + to) / 2;
						context.fillStyle = inkOn(hex);
						context.font = '11px "Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
						context.textAlign = 'center';
						context.textBaseline = 'middle';
						context.fillText(run.yarn, Math.cos(at) * (inner + ring / 2), Math.sin(at) * (inner + ring / 2));
					}
					context.globalAlpha = 1;
					stitch += run.stitches;
				}
				if (picked.has(round.number)) {
					context.strokeStyle = INK;
					context.lineWidth = 2.5;
					for (const edge of [inner, inner + ring]) {
						context.beginPath();
						context.arc(0, 0, edge, 0, 2 * Math.PI);
						context.stroke();
					}
				}
			}
			for (const round of rounds) drawOut(context, round, ring, angle, yarns);
			context.strokeStyle = INK;
			context.setLineDash([1, 4]);
			context.lineWidth = 1.6;
			context.beginPath();
			for (const round of rounds) {
				const at = angle(round.markerDegrees / 360);
				const far = (round.number - 0.5 + HOLE) * ring;
				context.lineTo(Math.cos(at) * far, Math.sin(at) * far);
			}
			context.stroke();
			context.setLineDash([]);
			for (const { yarn, strokes } of threads) {
				const hex = yarns.find(({ key }) => key === yarn)?.hex ?? INK;
				for (const [level = 0, degrees = 0, toLevel = 0, toDegrees = 0] of strokes) {
					const points = Array.from({ length: 7 }, (_, i) => {
						const at = angle((degrees + ((toDegrees - degrees) * i) / 6) / 360);
						const far = (level + ((toLevel - level) * i) / 6 + HOLE) * ring;
						return [Math.cos(at) * far, Math.sin(at) * far] as const;
					});
					for (const [colour, wide] of [
						[INK, 4],
						[hex, 2.6],
					] as const) {
						context.strokeStyle = colour;
						context.lineWidth = wide;
						context.lineCap = 'round';
						context.beginPath();
						for (const [x, y] of points) context.lineTo(x, y);
						context.stroke();
					}
				}
			}
			for (const { round, degrees, covers } of placed) {
				for (const degree of degrees) {
					const at = angle(degree / 360);
					const far = (round + HOLE) * ring;
					context.beginPath();
					context.arc(Math.cos(at) * far, Math.sin(at) * far, Math.min(6, Math.max(3, ring / 3)), 0, 2 * Math.PI);
					context.fillStyle = covers ? PAPER : INK;
					context.fill();
					context.strokeStyle = INK;
					context.lineWidth = 1.8;
					context.stroke();
				}
			}
		});
		return () => cancelAnimationFrame(frame);
	}, [rounds, frontDegrees, threads, placed, yarns, isLeftHanded, picked, width, height, ring]);

	return (
		<div ref={box} className="relative h-full w-full">
			<canvas
				ref={canvas}
				role="img"
				aria-label={say('rings.thePieceNameFromAbove', { name: piece.name })}
				className="block h-full w-full"
				onClick={(event) => {
					const rect = event.currentTarget.getBoundingClientRect();
					const [x, y] = [event.clientX - rect.left - width / 2, event.clientY - rect.top - height / 2];
					const number = Math.floor(Math.hypot(x, y) / ring - HOLE) + 1;
					const round = rounds[number - 1];
					if (round === undefined) return;
					if (onPut === undefined) return onPick(number, event.shiftKey ? 'extend' : event.ctrlKey || event.metaKey ? 'add' : 'new');
					const turn = ((isLeftHanded ? -1 : 1) * (Math.atan2(y, x) - Math.PI / 2)) / (2 * Math.PI) + (frontDegrees - round.startDegrees) / 360;
					onPut({ round: number, stitch: Math.min(round.makes, Math.floor((turn - Math.floor(turn)) * round.makes) + 1) });
				}}
			/>
			<p className="caption pointer-events-none absolute left-1/2 -translate-x-1/2" style={{ top: height / 2 + (reach + HOLE) * ring + 2 }}>
				{say('common.front', { lies: piece.lies ? 'yes' : 'no' })}
			</p>
		</div>
	);
}

/** Leaves and loops, outwards from the round that they grow out of. */
function drawOut(context: CanvasRenderingContext2D, round: Round, ring: number, angle: (turn: number) => number, yarns: readonly Yarn[]): void {
	const from = (round.number - 0.5 + HOLE) * ring;
	for (const [after = 0, long = 0, wide = 1] of round.out) {
		const at = angle(round.startDegrees / 360 + after / round.makes);
		const [far, half] = [long * ring, (wide * ring) / 2];
		context.beginPath();
		leaf(context, Math.cos(at) * from, Math.sin(at) * from, at, far, half);
		context.fillStyle = yarns.find(({ key }) => key === yarnOf(round.runs, Math.max(1, after)))?.hex ?? PAPER;
		context.fill();
		context.strokeStyle = INK;
		context.lineWidth = 1;
		context.stroke();
	}
}
