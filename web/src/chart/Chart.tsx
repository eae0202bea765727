import { type KeyboardEvent, memo, type PointerEvent, type RefObject, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { PieceAnalysis, Yarn } from '../api/types';
import { type Pointed, useGestures } from '../ui/gestures/useGestures';
import { say } from '../ui/say';
import { useWidth } from '../ui/useWidth';
import { type Opening, stitchAt, stitchWidthFor } from './geometry';
import { roundsBetween, type SheetLayout } from './layout';
import type { Picture } from './pen';
import { Readout, roomBeside } from './Readout';
import { type Run, runsOf, yarnOf } from './runs';
import { steppedBy } from './steppedBy';
import { type Carrying, useCarry } from './useCarry';
import { useChartPinch } from './useChartPinch';
import { useDrawn } from './useDrawn';

const KEYS = say('chart.arrowKeysGoFromStitch');
export interface Cell {
	round: number;
	stitch: number;
}

const NONE: ReadonlySet<number> = new Set();
const nothing = () => undefined;

/** What is not said is as for a piece that is only looked at. */
interface Props {
	piece: PieceAnalysis;
	yarns: readonly Yarn[];
	stitches: Readonly<Record<string, string>>;
	layout: SheetLayout;
	view: 'opened' | 'grid';
	zoom?: number;
	isLeftHanded: boolean;
	picked?: ReadonlySet<number>;
	inHand?: number | null;
	/** what was painted and is still on its way */
	coming?: Picture['coming'];
	/** the yarn that single stitches are painted with; null: rounds are picked */
	brush?: string | null;
	/** the stitch that the keys are on */
	cursor?: Cell | null;
	/** whether what is dragged moves a layer */
	isMoving?: boolean;
	/** the part of the sheet that is seen */
	top: number;
	height: number;
	onPick?: (round: number, how: 'new' | 'extend' | 'add') => void;
	onPaint?: (runs: Run[]) => void;
	onCursor?: (cursor: Cell | null) => void;
	/** what the stitch under the pointer is worked into, where that is known by now */
	into?: string | undefined;
	onUnder?: (cell: Cell | null) => void;
	/** what is in the hand is put where it is pressed */
	onPut?: ((cell: Cell) => void) | undefined;
	/** what is placed can be dragged, with what is tied to it */
	carrying?: Carrying;
	/** a layer is so many rounds and degrees from where this drag took it; `resizes` where its far edge is taken */
	onMove?: (rounds: number, degrees: number, how: { drag: string; resizes: boolean }) => void;
	onZoom?: (zoom: number) => void;
	/** what two fingers move up and down */
	scroller?: RefObject<HTMLElement | null>;
}

/** The piece opened along its back, or counted. It is drawn as far as it is seen, and lies beside the lines that it shows. */
export const Chart = memo(function Chart(props: Props) {
	const {
		piece,
		yarns,
		stitches,
		layout,
		view,
		zoom = 1,
		isLeftHanded,
		picked = NONE,
		inHand = null,
		coming,
		brush = null,
		cursor = null,
		isMoving = false,
		top,
		height,
		onPick = nothing,
		onPaint = nothing,
		onPut,
		carrying,
		onCursor = nothing,
		into,
		onUnder: tellUnder = nothing,
		onMove = nothing,
		onZoom = nothing,
		scroller,
	} = props;
	const [box, width] = useWidth<HTMLDivElement>();
	const canvas = useRef<HTMLCanvasElement>(null);
	const [left, setLeft] = useState(0);
	const [under, setUnder] = useState<{ round: number; stitch: number; x: number; y: number } | null>(null);
	const [stroke, setStroke] = useState<ReadonlyMap<number, ReadonlySet<number>>>(new Map());
	/** the stroke as it is now, before it is drawn */
	const painted = useRef(stroke);
	const surface = useRef<HTMLDivElement>(null);
	/** the round that a drag over rounds has come to */
	const dragged = useRef<number | null>(null);
	const last = useRef<Cell | null>(null);
	/** where a layer was taken, by which drag */
	const held = useRef<{ round: number; x: number; drag: string } | null>(null);

	// What was painted stands in the new analysis.
	const [drawn, setDrawn] = useState(piece);
	if (drawn !== piece) {
		setDrawn(piece);
		setStroke(new Map());
	}

	const opening: Opening = useMemo(
		() => ({
			worked: piece.worked,
			view,
			frontDegrees: piece.frontDegrees,
			isLeftHanded,
			width: width * zoom,
			stitchWidth: stitchWidthFor(piece.rounds, width) * zoom,
			rowHeight: layout.rowHeight,
		}),
		[piece, view, isLeftHanded, width, zoom, layout.rowHeight],
	);

	const carry = useCarry(carrying, { piece, layout, opening, left, top }, surface);
	const pinch = useChartPinch({ box, canvas, scroller, zoom, rowHeight: layout.rowHeight, onZoom });
	useLayoutEffect(() => {
		// Zoomed in, the front stays in the middle; counted, the line that rounds begin at stays in sight.
		if (box.current !== null && !pinch.hasPlace(zoom))
			box.current.scrollLeft = view === 'grid' && !isLeftHanded ? 0 : (width * (zoom - 1)) / (view === 'grid' ? 1 : 2);
	}, [box, zoom, width, view, isLeftHanded, pinch]);

	const brushed = useMemo(() => (brush === null ? undefined : { yarn: brush, cells: stroke }), [brush, stroke]);
	const { carried } = carry;
	useDrawn(canvas, width, { piece, yarns, layout, opening, picked, inHand, coming, under, brushed, cursor, stitches, left, top, height, carried });

	function roundUnder({ x: left_, y: top_ }: { x: number; y: number }): { round: number; stitch: number | null; x: number; y: number } | null {
		const rect = surface.current?.getBoundingClientRect();
		if (rect === undefined) return null;
		const x = left_ - rect.left;
		const y = top_ - rect.top + top;
		const [first, end] = roundsBetween(layout, y - layout.rowHeight, y + layout.rowHeight);
		for (let i = first; i < end; i++) {
			const at = layout.tops[i];
			const round = piece.rounds[i];
			if (at !== undefined && round !== undefined && y >= at && y < at + layout.rowHeight) {
				return { round: round.number, stitch: stitchAt(round, x + left, opening), x, y: y - top };
			}
		}
		return null;
	}

	/** Adds a stitch to the stroke, with those that a quick pointer passed over in its round. */
	function brushOver(cell: Cell) {
		const before = last.current;
		last.current = cell;
		const from = before?.round === cell.round && Math.abs(before.stitch - cell.stitch) < 40 ? before.stitch : cell.stitch;
		const cells = new Set(painted.current.get(cell.round));
		for (let stitch = Math.min(from, cell.stitch); stitch <= Math.max(from, cell.stitch); stitch++) cells.add(stitch);
		painted.current = new Map(painted.current).set(cell.round, cells);
		setStroke(painted.current);
	}

	const howOf = ({ shift, control }: Pointed) => (shift ? 'extend' : control ? 'add' : 'new');

	function take(pointed: Pointed): boolean {
		const at = roundUnder(pointed);
		if (at === null) return false;
		if (onPut !== undefined) {
			if (at.stitch !== null) onPut({ round: at.round, stitch: at.stitch });
			return false;
		}
		if (carry.take(pointed)) return true;
		if (isMoving) held.current = { round: at.round, x: at.x, drag: crypto.randomUUID() };
		else if (brush !== null) {
			if (at.stitch === null) return false;
			last.current = null;
			onCursor({ round: at.round, stitch: at.stitch });
			brushOver({ round: at.round, stitch: at.stitch });
		} else {
			dragged.current = at.round;
			onPick(at.round, howOf(pointed));
		}
		return true;
	}

	function drag(pointed: Pointed) {
		if (carry.drag(pointed)) return;
		const at = roundUnder(pointed);
		if (at === null) return;
		if (held.current !== null) onMove(...dragOf(at, held.current), { drag: held.current.drag, resizes: pointed.shift });
		else if (brush !== null) {
			if (at.stitch !== null) brushOver({ round: at.round, stitch: at.stitch });
		} else if (at.round !== dragged.current) {
			dragged.current = at.round;
			onPick(at.round, 'extend');
		}
	}

	function drop(pointed: Pointed | null) {
		if (carry.drop(pointed, pointed === null ? null : roundUnder(pointed))) return;
		if (pointed !== null && held.current !== null) drag(pointed);
		if (brush !== null && held.current === null) {
			if (pointed === null) setStroke(new Map());
			else if (painted.current.size > 0) onPaint(runsOf(painted.current));
		}
		held.current = dragged.current = null;
	}

	function tap(pointed: Pointed) {
		const at = roundUnder(pointed);
		if (at === null) return;
		if (onPut !== undefined) {
			if (at.stitch !== null) onPut({ round: at.round, stitch: at.stitch });
		} else if (brush === null) onPick(at.round, howOf(pointed));
		else if (at.stitch !== null) {
			onCursor({ round: at.round, stitch: at.stitch });
			onPaint([{ round: at.round, from: at.stitch, to: at.stitch }]);
		}
	}
	const gestures = useGestures(surface, { tap, take, drag, drop, atOnce: !isMoving, pinch: pinch.by });

	/** How far a layer was dragged: in rounds, and in degrees of the round that it was taken by. */
	function dragOf(at: { round: number; x: number }, from: { round: number; x: number }): [number, number] {
		const makes = piece.rounds[from.round - 1]?.makes ?? 1;
		return [at.round - from.round, ((at.x - from.x) / (makes * opening.stitchWidth)) * (isLeftHanded ? -360 : 360)];
	}

	function onUnder(event: PointerEvent) {
		gestures.onPointerMove(event);
		// A finger hides what it is on.
		const at = event.pointerType === 'touch' ? null : roundUnder({ x: event.clientX, y: event.clientY });
		const cell = at === null || at.stitch === null ? null : { ...at, stitch: at.stitch };
		setUnder(cell);
		carry.hover(event);
		if (cell?.round !== under?.round || cell?.stitch !== under?.stitch) tellUnder(cell === null ? null : { round: cell.round, stitch: cell.stitch });
	}

	function onKey(event: KeyboardEvent) {
		const at = cursor ?? { round: [...picked][0] ?? 1, stitch: 1 };
		const to = steppedBy(event, piece, at, isLeftHanded);
		if (to === undefined && event.key !== ' ' && (event.key !== 'Enter' || onPut === undefined)) return;
		if (to !== undefined) onCursor(to);
		else if (onPut !== undefined) onPut(at);
		else if (brush !== null) onPaint([{ round: at.round, from: at.stitch, to: at.stitch }]);
		else onPick(at.round, event.shiftKey ? 'extend' : 'new');
		event.preventDefault();
		event.stopPropagation();
	}

	const hand = carry.isOver ? 'cursor-grab' : isMoving ? 'cursor-move' : brush !== null || onPut !== undefined ? 'cursor-crosshair' : '';
	const named = under === null ? null : piece.rounds[under.round - 1];
	const onKeys = cursor === null ? undefined : piece.rounds[cursor.round - 1];

	return (
		<div ref={box} className="relative h-full w-full overflow-x-auto overflow-y-hidden" onScroll={(event) => setLeft(event.currentTarget.scrollLeft)}>
			<div style={{ width: width * zoom, height: '100%' }}>
				<div
					ref={surface}
					tabIndex={0}
					role="slider"
					aria-valuemin={1}
					aria-valuemax={onKeys?.makes ?? 1}
					aria-valuenow={cursor?.stitch ?? 1}
					aria-valuetext={
						cursor === null || onKeys === undefined
							? say('chart.noStitch')
							: say('chart.roundRoundStitchStitchOf', {
									round: cursor.round,
									stitch: cursor.stitch,
									makes: onKeys.makes,
									runs: yarnOf(onKeys.runs, cursor.stitch),
								})
					}
					aria-label={say('chart.thePieceNameOpenedAlong', { name: piece.name, keys: KEYS, lies: piece.lies ? 'yes' : 'no' })}
					className={`pickable sticky left-0 h-full overflow-hidden -outline-offset-2 ${hand}`}
					style={{ width }}
					{...gestures}
					onPointerMove={onUnder}
					onPointerLeave={() => {
						setUnder(null);
						tellUnder(null);
					}}
					onKeyDown={onKey}
				>
					<canvas ref={canvas} className="block h-full w-full" />
				</div>
			</div>
			{under !== null && named != null && carry.carried === null && (
				<Readout piece={piece} round={named} stitch={under.stitch} stitches={stitches} into={into} style={roomBeside(under, left, width, height)} />
			)}
		</div>
	);
});
