import { type PointerEvent, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { PieceAnalysis, Yarn } from '../api/types';
import { draw } from './draw';
import { type Opening, stitchAt, stitchWidthFor } from './geometry';
import { roundsBetween, type SheetLayout } from './layout';

interface Props {
	piece: PieceAnalysis;
	yarns: readonly Yarn[];
	layout: SheetLayout;
	isLeftHanded: boolean;
	picked: ReadonlySet<number>;
	/** the part of the sheet that is seen */
	top: number;
	height: number;
	onPick: (round: number, how: 'new' | 'extend' | 'add') => void;
}

/** The piece opened along its back. It is drawn as far as it is seen, and lies beside the lines that it shows. */
export function Chart({ piece, yarns, layout, isLeftHanded, picked, top, height, onPick }: Props) {
	const box = useRef<HTMLDivElement>(null);
	const canvas = useRef<HTMLCanvasElement>(null);
	const [width, setWidth] = useState(0);
	const [under, setUnder] = useState<{ round: number; stitch: number; x: number; y: number } | null>(null);
	const dragged = useRef<number | null>(null);

	useLayoutEffect(() => {
		const element = box.current;
		if (element === null) return;
		const observer = new ResizeObserver(() => setWidth(element.clientWidth));
		observer.observe(element);
		setWidth(element.clientWidth);
		return () => observer.disconnect();
	}, []);

	const opening: Opening = useMemo(
		() => ({
			worked: piece.worked,
			frontDegrees: piece.frontDegrees,
			isLeftHanded,
			width,
			stitchWidth: stitchWidthFor(piece.rounds, width),
			rowHeight: layout.rowHeight,
		}),
		[piece, isLeftHanded, width, layout.rowHeight],
	);

	useEffect(() => {
		const element = canvas.current;
		const context = element?.getContext('2d');
		if (element === null || !context || width === 0) return;
		const frame = requestAnimationFrame(() => {
			const scale = window.devicePixelRatio;
			if (element.width !== Math.round(width * scale) || element.height !== Math.round(height * scale)) {
				element.width = Math.round(width * scale);
				element.height = Math.round(height * scale);
			}
			context.setTransform(scale, 0, 0, scale, 0, 0);
			draw(context, { piece, yarns, layout, opening, picked, under, top, height });
		});
		return () => cancelAnimationFrame(frame);
	}, [piece, yarns, layout, opening, picked, under, top, height, width]);

	function roundUnder(event: PointerEvent): { round: number; stitch: number | null; x: number; y: number } | null {
		const rect = event.currentTarget.getBoundingClientRect();
		const x = event.clientX - rect.left;
		const y = event.clientY - rect.top + top;
		const [first, last] = roundsBetween(layout, y - layout.rowHeight, y + layout.rowHeight);
		for (let i = first; i < last; i++) {
			const at = layout.tops[i];
			const round = piece.rounds[i];
			if (at !== undefined && round !== undefined && y >= at && y < at + layout.rowHeight) {
				return { round: round.number, stitch: stitchAt(round, x, opening), x, y: y - top };
			}
		}
		return null;
	}

	const named = under === null ? null : piece.rounds[under.round - 1];
	const yarnUnder = named === null || named === undefined || under === null ? undefined : yarnOf(named.runs, under.stitch);

	return (
		<div ref={box} className="relative h-full w-full">
			<canvas
				ref={canvas}
				aria-label={`The piece ${piece.name}, opened along its back with the front in the middle. The same stands in the list of rounds.`}
				role="img"
				className="block h-full w-full touch-pan-y"
				onPointerDown={(event) => {
					const at = roundUnder(event);
					if (at === null || event.button !== 0) return;
					event.currentTarget.setPointerCapture(event.pointerId);
					dragged.current = at.round;
					onPick(at.round, event.shiftKey ? 'extend' : event.ctrlKey || event.metaKey ? 'add' : 'new');
				}}
				onPointerMove={(event) => {
					const at = roundUnder(event);
					setUnder(at === null || at.stitch === null ? null : { ...at, stitch: at.stitch });
					if (dragged.current !== null && at !== null && at.round !== dragged.current) {
						dragged.current = at.round;
						onPick(at.round, 'extend');
					}
				}}
				onPointerUp={() => {
					dragged.current = null;
				}}
				onPointerLeave={() => setUnder(null)}
			/>
			{under !== null && named !== undefined && named !== null && (
				<div
					className="figures pointer-events-none absolute z-10 bg-ink px-2 py-0.5 text-sm whitespace-nowrap text-paper"
					style={{ left: Math.min(under.x + 14, Math.max(0, width - 190)), top: under.y + 16 }}
				>
					round {under.round}, stitch {under.stitch} of {named.makes}
					{yarnUnder !== undefined && `, ${yarnUnder}`}
				</div>
			)}
		</div>
	);
}

function yarnOf(runs: PieceAnalysis['rounds'][number]['runs'], stitch: number): string | undefined {
	let end = 0;
	for (const run of runs) {
		end += run.stitches;
		if (stitch <= end) return run.yarn;
	}
	return undefined;
}
