import { type PointerEvent, type RefObject, useMemo, useRef } from 'react';
import { type Pinch, usePinch } from './usePinch';

/** Where a pointer is, in pixels of the window, and which keys are held with it. */
export interface Pointed {
	x: number;
	y: number;
	target: Element;
	shift: boolean;
	control: boolean;
	isTouch: boolean;
}

export interface Gestures {
	/** a click, or a tap of a finger */
	tap: (at: Pointed) => void;
	/** a drag begins; false: there is nothing to drag here. A mouse that takes nothing at once begins one when it has moved. */
	take: (at: Pointed) => boolean;
	drag: (at: Pointed) => void;
	/** the drag ends; null: it is broken off */
	drop: (at: Pointed | null) => void;
	/** whether a mouse takes at once */
	atOnce: boolean;
	/** two fingers; `isOver` when they are lifted */
	pinch?: (by: Pinch, isOver: boolean) => void;
}

/** A finger that rests for so long takes what is under it; one that moves before scrolls. */
const LONG_MS = 380;
/** Pixels that a pointer may move and still have clicked. */
const STILL = { mouse: 4, touch: 10 };

interface Down {
	id: number;
	at: Pointed;
	isTouch: boolean;
	isDragging: boolean;
	timer: ReturnType<typeof setTimeout> | undefined;
}

/**
 * What pointers do on an element. A finger that scrolls never picks and never paints: a tap does, and a drag begins by a long press. Two
 * fingers move and zoom. The element needs the class `pickable`, which leaves scrolling with one finger to the browser.
 */
export function useGestures(ref: RefObject<HTMLElement | null>, gestures: Gestures) {
	const latest = useRef(gestures);
	latest.current = gestures;
	const down = useRef<Down | null>(null);

	usePinch(ref, {
		begin: () => {
			if (latest.current.pinch === undefined) return false;
			breakOff(down, latest.current);
			return true;
		},
		isDragging: () => down.current?.isDragging === true,
		pinch: (by, isOver) => latest.current.pinch?.(by, isOver),
	});

	return useMemo(
		() => ({
			onPointerDown: (event: PointerEvent) => {
				if (event.button !== 0 || !event.isPrimary) return;
				const isTouch = event.pointerType === 'touch';
				const is: Down = { id: event.pointerId, at: pointed(event), isTouch, isDragging: false, timer: undefined };
				down.current = is;
				if (isTouch) {
					// A slow device may have moves of the finger still to tell: they come before the frame.
					is.timer = setTimeout(
						() =>
							requestAnimationFrame(() => {
								is.isDragging = down.current === is && latest.current.take(is.at);
							}),
						LONG_MS,
					);
					return;
				}
				event.currentTarget.setPointerCapture(event.pointerId);
				if (latest.current.atOnce) is.isDragging = latest.current.take(is.at);
			},
			onPointerMove: (event: PointerEvent) => {
				const is = down.current;
				if (is === null || is.id !== event.pointerId) return;
				const at = pointed(event);
				const hasMoved = Math.hypot(at.x - is.at.x, at.y - is.at.y) > (is.isTouch ? STILL.touch : STILL.mouse);
				if (!is.isDragging && hasMoved) {
					if (is.isTouch || latest.current.atOnce) breakOff(down, latest.current);
					else is.isDragging = latest.current.take(is.at);
				}
				if (is.isDragging) latest.current.drag(at);
			},
			onPointerUp: (event: PointerEvent) => {
				const is = down.current;
				if (is === null || is.id !== event.pointerId) return;
				clearTimeout(is.timer);
				down.current = null;
				if (is.isTouch) keepFromOthers(event.currentTarget);
				if (is.isDragging) latest.current.drop(pointed(event));
				else if (is.isTouch || !latest.current.atOnce) latest.current.tap(is.at);
			},
			onPointerCancel: () => breakOff(down, latest.current),
			onContextMenu: (event: React.MouseEvent) => {
				// A long press is ours.
				if (down.current?.isTouch === true) event.preventDefault();
			},
		}),
		[],
	);
}

/**
 * What a finger has pressed may give its place to something else at once. The mouse's events, which a browser makes up after the finger's
 * own, would press that: they end here until the next pointer comes down.
 */
function keepFromOthers(pressed: EventTarget): void {
	const over = new AbortController();
	const end = (event: Event) => {
		if (event.target instanceof Node && (pressed as Node).contains(event.target)) return;
		event.preventDefault();
		event.stopPropagation();
	};
	for (const type of ['mousedown', 'mouseup', 'click'] as const) window.addEventListener(type, end, { capture: true, signal: over.signal });
	window.addEventListener('pointerdown', () => over.abort(), { capture: true, signal: over.signal });
	setTimeout(() => over.abort(), LONG_MS);
}

function breakOff(down: RefObject<Down | null>, gestures: Gestures): void {
	const is = down.current;
	down.current = null;
	clearTimeout(is?.timer);
	if (is?.isDragging === true) gestures.drop(null);
}

function pointed(event: PointerEvent): Pointed {
	return {
		x: event.clientX,
		y: event.clientY,
		target: event.target as Element,
		shift: event.shiftKey,
		control: event.ctrlKey || event.metaKey,
		isTouch: event.pointerType === 'touch',
	};
}
