import { type KeyboardEvent, type PointerEvent, type RefObject, useEffect, useLayoutEffect, useRef } from 'react';
import { usePinch } from '../ui/gestures/usePinch';
import { say } from '../ui/say';
import { RoundScene, type Shown, type Standing } from './scene';
import { sides, TIPPED } from './sides';

/** How far it is turned about, and tipped towards the viewer, in radians. */
export interface Turned {
	about: number;
	over: number;
}

interface Props {
	shown: readonly Shown[];
	standing: Standing;
	turned: Turned;
	onTurn: (change: (turned: Turned) => Turned) => void;
	label: string;
	/** the picture, for who saves it */
	scene?: RefObject<RoundScene | null>;
	onPick?: ((cell: { round: number; stitch: number }) => void) | undefined;
	/** a key that means something else here; whether it did */
	onOtherKey?: (key: string) => boolean;
	/** the browser cannot draw it */
	onNoWebGl: () => void;
}

const STEP = Math.PI / 12;
/** A pointer that moved less than this has clicked. */
const CLICK = 4;
const MOST_TIPPED = 1.5;

const tipped = (over: number): number => Math.min(MOST_TIPPED, Math.max(-MOST_TIPPED, over));

/** Pieces in the round, turned by drag or by keys, nearer by two fingers. */
export function TurnedPicture({ shown, standing, turned, onTurn, label, scene: kept, onPick, onOtherKey, onNoWebGl }: Props) {
	const canvas = useRef<HTMLCanvasElement>(null);
	const surface = useRef<HTMLDivElement>(null);
	const own = useRef<RoundScene | null>(null);
	const scene = kept ?? own;
	/** how near it is looked at, and moved by how many pixels */
	const near = useRef({ zoom: 1, dx: 0, dy: 0 });
	const held = useRef<{ x: number; y: number; from: Turned; moved: number } | null>(null);

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

	const noWebGl = useRef(onNoWebGl);
	noWebGl.current = onNoWebGl;
	useLayoutEffect(() => {
		if (canvas.current === null) return;
		try {
			scene.current = new RoundScene(canvas.current);
		} catch {
			noWebGl.current();
			return;
		}
		const resize = () => scene.current?.resize(surface.current?.clientWidth ?? 1, surface.current?.clientHeight ?? 1);
		const observer = new ResizeObserver(resize);
		if (surface.current !== null) observer.observe(surface.current);
		resize();
		return () => {
			observer.disconnect();
			scene.current?.dispose();
			scene.current = null;
		};
	}, [scene]);

	const { isTurnedOver, lies } = standing;
	useEffect(() => {
		// Not in one go with all that led to it, so that no frame waits for both.
		const soon = requestAnimationFrame(() => scene.current?.show(shown, { isTurnedOver, lies }));
		return () => cancelAnimationFrame(soon);
	}, [scene, shown, isTurnedOver, lies]);

	useEffect(() => {
		scene.current?.turn(turned.about, turned.over);
	}, [scene, turned]);

	const by = (about: number, over: number) => onTurn((now) => ({ about: now.about + about, over: tipped(now.over + over) }));

	function onKey(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const key = event.key.toLowerCase();
		const side = sides.find(([, , its]) => its === key);
		if (side !== undefined) onTurn(() => ({ about: side[1], over: side[3] }));
		else if (event.key === 'ArrowLeft') by(-STEP, 0);
		else if (event.key === 'ArrowRight') by(STEP, 0);
		else if (event.key === 'ArrowUp') by(0, -STEP);
		else if (event.key === 'ArrowDown') by(0, STEP);
		else if (onOtherKey?.(key) !== true) return;
		event.preventDefault();
		event.stopPropagation();
	}

	function onMove(event: PointerEvent) {
		const at = held.current;
		if (at === null) return;
		at.moved = Math.max(at.moved, Math.hypot(event.clientX - at.x, event.clientY - at.y));
		onTurn(() => ({ about: at.from.about + (event.clientX - at.x) / 120, over: tipped(at.from.over + (event.clientY - at.y) / 160) }));
	}

	function onUp(event: PointerEvent) {
		const isClick = held.current !== null && held.current.moved < CLICK;
		held.current = null;
		if (!isClick || onPick === undefined) return;
		const rect = event.currentTarget.getBoundingClientRect();
		const hit = scene.current?.pick(((event.clientX - rect.left) / rect.width) * 2 - 1, 1 - ((event.clientY - rect.top) / rect.height) * 2);
		if (hit != null) onPick({ round: hit.round, stitch: hit.stitch });
	}

	const degrees = Math.round((((turned.about * 180) / Math.PI) % 360) + 360) % 360;
	return (
		<div
			ref={surface}
			tabIndex={0}
			role="slider"
			aria-valuemin={0}
			aria-valuemax={359}
			aria-valuenow={degrees}
			aria-valuetext={sides.find((side) => isSeenFrom(side, turned))?.[0] ?? say('inTheRound.turnedByDegrees', { degrees })}
			aria-label={label}
			className="h-full w-full touch-none cursor-grab -outline-offset-2"
			onKeyDown={onKey}
			onPointerDown={(event) => {
				if (!event.isPrimary) return;
				event.currentTarget.setPointerCapture(event.pointerId);
				held.current = { x: event.clientX, y: event.clientY, from: turned, moved: 0 };
			}}
			onPointerMove={onMove}
			onPointerUp={onUp}
		>
			<canvas ref={canvas} className="block h-full w-full" />
		</div>
	);
}

/** How a piece is looked at first: what lies obliquely from above. */
export const firstTurn = (lies: boolean): Turned => (lies ? { about: -Math.PI / 4, over: 0.4 } : { about: 0, over: TIPPED });

export function isSeenFrom([, about, , over]: (typeof sides)[number], turned: Turned): boolean {
	return Math.abs(Math.sin((turned.about - about) / 2)) < 0.01 && (over < 1 ? turned.over < 1 : turned.over > 1);
}
