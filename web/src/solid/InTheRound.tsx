import '../ui/benchWords';
import { type KeyboardEvent, type PointerEvent, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Analysis, PieceAnalysis } from '../api/types';
import { usePinch } from '../ui/gestures/usePinch';
import { say } from '../ui/say';
import type { ShownYarn } from './looks';
import { RoundButtons } from './RoundButtons';
import { SidePicture } from './SidePicture';
import { RoundScene, type Shown } from './scene';
import { sides, TIPPED } from './sides';
import { solidOf } from './solid';

export interface ToyView {
	isShown: boolean;
	/** pieces where they are on the toy; null: they are not known yet */
	posed: readonly { key: string; piece: PieceAnalysis; pose: Shown['pose'] }[] | null;
	/** nothing of it is left out */
	isWhole: boolean;
	/** it could not be fetched */
	isAway: boolean;
}

interface Props {
	piece: PieceAnalysis;
	yarns: readonly ShownYarn[];
	/** of stitches that are no plain V, by their signs */
	looks: Analysis['constants']['looks'];
	isLeftHanded: boolean;
	picked: ReadonlySet<number>;
	/** null: the plan has one piece */
	toy: ToyView | null;
	onToy: (isShown: boolean) => void;
	onPick: (cell: { round: number; stitch: number }) => void;
}

const KEYS = say('inTheRound.arrowKeysTurnItF');
const STEP = Math.PI / 12;
/** A pointer that moved less than this has clicked. */
const CLICK = 4;

/** The piece, or the whole toy, in the round, turned by drag or by keys. */
export default function InTheRound({ piece, yarns, looks, isLeftHanded, picked, toy, onToy, onPick }: Props) {
	const canvas = useRef<HTMLCanvasElement>(null);
	const box = useRef<HTMLDivElement>(null);
	const scene = useRef<RoundScene | null>(null);
	const [hasWebGl, setHasWebGl] = useState(true);
	const [isStuffed, setIsStuffed] = useState(true);
	const [hasMarker, setHasMarker] = useState(true);
	const [isTurnedOver, setIsTurnedOver] = useState(false);
	const [turned, setTurned] = useState(piece.lies ? { about: -Math.PI / 4, over: 0.4 } : { about: 0, over: TIPPED });
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

	const posed = toy?.isShown === true ? toy.posed : null;
	const solid = useMemo(() => solidOf(piece, { isStuffed, isLeftHanded, looks }), [piece, isStuffed, isLeftHanded, looks]);
	const shown = useMemo((): Shown[] => {
		const known = new Map(yarns.map((yarn) => [yarn.key, yarn]));
		const working = isLeftHanded ? -1 : 1;
		const lean = (one: PieceAnalysis) => (one.worked === 'rows' ? 0 : isLeftHanded ? -one.lean : one.lean);
		if (posed === null) return [{ solid, pose: null, look: { yarns: known, lean: lean(piece), working, hasMarker, hasMarks: hasMarker, picked } }];
		return posed.map(({ piece: one, pose }) => ({
			solid: solidOf(one, { isStuffed: true, isLeftHanded, looks }),
			pose,
			look: { yarns: known, lean: lean(one), working, hasMarker: false, hasMarks: false, picked: NONE },
		}));
	}, [posed, solid, piece, yarns, hasMarker, picked, isLeftHanded, looks]);

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
		scene.current?.show(shown, { isTurnedOver, lies: piece.lies });
	}, [shown, piece.lies, isTurnedOver]);

	useEffect(() => {
		scene.current?.turn(turned.about, turned.over);
	}, [turned]);

	const by = (about: number, over: number) => setTurned((now) => ({ about: now.about + about, over: Math.min(1.5, Math.max(-1.5, now.over + over)) }));
	const fill = () => void (document.fullscreenElement === null ? box.current?.requestFullscreen() : document.exitFullscreen());

	function onKey(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const key = event.key.toLowerCase();
		const side = sides.find(([, , its]) => its === key);
		if (side !== undefined) setTurned({ about: side[1], over: side[3] });
		else if (event.key === 'ArrowLeft') by(-STEP, 0);
		else if (event.key === 'ArrowRight') by(STEP, 0);
		else if (event.key === 'ArrowUp') by(0, -STEP);
		else if (event.key === 'ArrowDown') by(0, STEP);
		else if (key === 'm') setHasMarker((is) => !is);
		else if (key === 's') setIsStuffed((is) => !is);
		else if (key === 'o') setIsTurnedOver((is) => !is);
		else if (key === 't' && toy !== null) onToy(!toy.isShown);
		else if (key === 'w') fill();
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
		if (!isClick || posed !== null) return;
		const rect = event.currentTarget.getBoundingClientRect();
		const hit = scene.current?.pick(((event.clientX - rect.left) / rect.width) * 2 - 1, 1 - ((event.clientY - rect.top) / rect.height) * 2);
		if (hit != null) onPick({ round: hit.round, stitch: hit.stitch });
	}

	const degrees = Math.round((((turned.about * 180) / Math.PI) % 360) + 360) % 360;
	return (
		<div ref={box} className="relative h-full w-full bg-sheet">
			{hasWebGl ? (
				<div
					ref={surface}
					tabIndex={0}
					role="slider"
					aria-valuemin={0}
					aria-valuemax={359}
					aria-valuenow={degrees}
					aria-valuetext={sides.find((side) => isSeenFrom(side, turned))?.[0] ?? say('inTheRound.turnedByDegrees', { degrees })}
					aria-label={
						posed === null ? say('inTheRound.thePieceNameInThe', { name: piece.name, keys: KEYS }) : say('inTheRound.toyInThe', { keys: KEYS })
					}
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
			{toy?.isShown === true && (toy.posed === null || !toy.isWhole) && (
				<p role="status" className="absolute top-10 right-2 left-2 text-center text-faint">
					{toy.posed !== null ? say('inTheRound.notAllOfIt') : toy.isAway ? say('inTheRound.noToy') : say('inTheRound.puttingItTogether')}
				</p>
			)}
			<RoundButtons
				isSeen={(side) => isSeenFrom(side, turned)}
				onSide={([, about, , over]) => setTurned({ about, over })}
				toy={toy}
				onToy={onToy}
				ofPiece={[
					[say('inTheRound.stuffed'), isStuffed, (piece.size?.unstuffed.length ?? 0) === 0, () => setIsStuffed(!isStuffed)],
					[say('inTheRound.marker'), hasMarker, false, () => setHasMarker(!hasMarker)],
					[say('inTheRound.flip'), isTurnedOver, false, () => setIsTurnedOver(!isTurnedOver)],
				]}
				onFill={fill}
				onSave={async () => saveAs(await scene.current?.picture(), `${piece.name}.png`)}
			/>
		</div>
	);
}

const NONE: ReadonlySet<number> = new Set();

function isSeenFrom([, about, , over]: (typeof sides)[number], turned: { about: number; over: number }): boolean {
	return Math.abs(Math.sin((turned.about - about) / 2)) < 0.01 && (over === TIPPED ? turned.over < 1 : turned.over > 1);
}

function saveAs(picture: Blob | null | undefined, name: string): void {
	if (picture == null) return;
	const link = document.createElement('a');
	link.href = URL.createObjectURL(picture);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
