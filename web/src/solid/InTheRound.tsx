import '../ui/benchWords';
import { type KeyboardEvent, type PointerEvent, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Analysis, PieceAnalysis, Yarn } from '../api/types';
import { usePinch } from '../ui/gestures/usePinch';
import { say } from '../ui/say';
import { SidePicture } from './SidePicture';
import { RoundScene } from './scene';
import { sides } from './sides';
import { solidOf } from './solid';

interface Props {
	piece: PieceAnalysis;
	yarns: readonly Yarn[];
	gauge: Analysis['gauge'];
	isLeftHanded: boolean;
	picked: ReadonlySet<number>;
	onPick: (cell: { round: number; stitch: number }) => void;
}

const KEYS = say('inTheRound.arrowKeysTurnItF');
const STEP = Math.PI / 12;
/** A pointer that moved less than this has clicked. */
const CLICK = 4;

/** The piece in the round, turned by drag or by keys. */
export default function InTheRound({ piece, yarns, gauge, isLeftHanded, picked, onPick }: Props) {
	const canvas = useRef<HTMLCanvasElement>(null);
	const box = useRef<HTMLDivElement>(null);
	const scene = useRef<RoundScene | null>(null);
	const [hasWebGl, setHasWebGl] = useState(true);
	const [isStuffed, setIsStuffed] = useState(true);
	const [hasMarker, setHasMarker] = useState(true);
	const [isTurnedOver, setIsTurnedOver] = useState(false);
	const [turned, setTurned] = useState(piece.lies ? { about: -Math.PI / 4, over: 0.4 } : { about: 0, over: 0.12 });
	const surface = useRef<HTMLDivElement>(null);
	/** how near it is looked at, and moved by how many pixels */
	const near = useRef({ zoom: 1, dx: 0, dy: 0 });
	const held = useRef<{ x: number; y: number; about: number; over: number; moved: number } | null>(null);

	usePinch(surface, {
		begin: () => {
			held.current = null;
			return true;
		},
		isDragging: () => false,
		pinch: ({ factor, dx, dy }, isOver) => {
			const zoom = Math.min(6, Math.max(1, near.current.zoom * factor));
			// As it fits, it is in the middle.
			const now = zoom === 1 ? { zoom, dx: 0, dy: 0 } : { zoom, dx: near.current.dx + dx, dy: near.current.dy + dy };
			scene.current?.look(now.zoom, now.dx, now.dy);
			if (isOver) near.current = now;
		},
	});

	const solid = useMemo(() => solidOf(piece, isStuffed, isLeftHanded, gauge), [piece, isStuffed, isLeftHanded, gauge]);

	useLayoutEffect(() => {
		if (canvas.current === null) return;
		try {
			scene.current = new RoundScene(canvas.current);
		} catch {
			setHasWebGl(false);
			return;
		}
		const resize = () => scene.current?.resize(box.current?.clientWidth ?? 1, box.current?.clientHeight ?? 1);
		const observer = new ResizeObserver(resize);
		if (box.current !== null) observer.observe(box.current);
		resize();
		return () => {
			observer.disconnect();
			scene.current?.dispose();
			scene.current = null;
		};
	}, []);

	useEffect(() => {
		scene.current?.show(solid, new Map(yarns.map(({ key, hex }) => [key, hex])), piece.worked === 'rows' ? 0 : isLeftHanded ? -piece.lean : piece.lean, {
			hasMarker,
			isTurnedOver,
			lies: piece.lies,
			picked,
		});
	}, [solid, yarns, piece.lean, piece.worked, piece.lies, isLeftHanded, hasMarker, isTurnedOver, picked]);

	useEffect(() => {
		scene.current?.turn(turned.about, turned.over);
	}, [turned]);

	const by = (about: number, over: number) => setTurned((now) => ({ about: now.about + about, over: Math.min(1.5, Math.max(-1.5, now.over + over)) }));

	function onKey(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const side = sides.find(([, , key]) => key === event.key.toLowerCase());
		if (side !== undefined) setTurned({ about: side[1], over: 0.12 });
		else if (event.key === 'ArrowLeft') by(-STEP, 0);
		else if (event.key === 'ArrowRight') by(STEP, 0);
		else if (event.key === 'ArrowUp') by(0, -STEP);
		else if (event.key === 'ArrowDown') by(0, STEP);
		else if (event.key === 'm') setHasMarker((is) => !is);
		else if (event.key === 's') setIsStuffed((is) => !is);
		else if (event.key === 'o') setIsTurnedOver((is) => !is);
		else return;
		event.preventDefault();
		event.stopPropagation();
	}

	function onMove(event: PointerEvent) {
		const from = held.current;
		if (from === null) return;
		from.moved = Math.max(from.moved, Math.hypot(event.clientX - from.x, event.clientY - from.y));
		setTurned({ about: from.about + (event.clientX - from.x) / 120, over: Math.min(1.5, Math.max(-1.5, from.over + (event.clientY - from.y) / 160)) });
	}

	function onUp(event: PointerEvent) {
		const isClick = held.current !== null && held.current.moved < CLICK;
		held.current = null;
		if (!isClick) return;
		const rect = event.currentTarget.getBoundingClientRect();
		const hit = scene.current?.pick(((event.clientX - rect.left) / rect.width) * 2 - 1, 1 - ((event.clientY - rect.top) / rect.height) * 2);
		if (hit != null) onPick({ round: hit.round, stitch: hit.stitch });
	}

	const degrees = Math.round((((turned.about * 180) / Math.PI) % 360) + 360) % 360;
	const button = 'border border-rule bg-sheet px-2 py-1 text-sm hover:border-ink aria-pressed:border-ink aria-pressed:font-semibold';
	return (
		<div ref={box} className="relative h-full w-full">
			{hasWebGl ? (
				<div
					ref={surface}
					tabIndex={0}
					role="slider"
					aria-valuemin={0}
					aria-valuemax={359}
					aria-valuenow={degrees}
					aria-valuetext={
						sides.find(([, about]) => Math.abs(Math.sin((turned.about - about) / 2)) < 0.01)?.[0] ?? say('inTheRound.turnedByDegrees', { degrees })
					}
					aria-label={say('inTheRound.thePieceNameInThe', { name: piece.name, keys: KEYS })}
					className="h-full w-full touch-none cursor-grab -outline-offset-2"
					onKeyDown={onKey}
					onPointerDown={(event) => {
						if (!event.isPrimary) return;
						event.currentTarget.setPointerCapture(event.pointerId);
						held.current = { x: event.clientX, y: event.clientY, ...turned, moved: 0 };
					}}
					onPointerMove={onMove}
					onPointerUp={onUp}
				>
					<canvas ref={canvas} className="block h-full w-full" />
				</div>
			) : (
				<SidePicture lies={piece.lies} solid={solid} yarns={yarns} about={turned.about} name={piece.name} />
			)}
			<div className="absolute right-2 bottom-2 left-2 flex flex-wrap justify-center gap-1">
				{sides.map(([name, about]) => (
					<button
						key={name}
						type="button"
						className={button}
						aria-pressed={Math.abs(Math.sin((turned.about - about) / 2)) < 0.01}
						onClick={() => setTurned({ about, over: 0.12 })}
					>
						{name}
					</button>
				))}
				<button
					type="button"
					className={button}
					aria-pressed={isStuffed}
					disabled={(piece.size?.unstuffed.length ?? 0) === 0}
					onClick={() => setIsStuffed(!isStuffed)}
				>
					{say('inTheRound.stuffed')}
				</button>
				<button type="button" className={button} aria-pressed={hasMarker} onClick={() => setHasMarker(!hasMarker)}>
					{say('inTheRound.marker')}
				</button>
				<button type="button" className={button} aria-pressed={isTurnedOver} onClick={() => setIsTurnedOver(!isTurnedOver)}>
					{say('inTheRound.flip')}
				</button>
			</div>
		</div>
	);
}
