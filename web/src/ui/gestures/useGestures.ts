import { type PointerEvent, type RefObject, useEffect, useMemo, useRef } from 'react';

/** Where a pointer is, in pixels of the window, and which keys are held with it. */
export interface Pointed {
	x: number;
	y: number;
	target: Element;
	shift: boolean;
	control: boolean;
}

export interface Pinch {
	/** how far the fingers have parted since they came down */
	factor: number;
	/** the place between them when they came down, and how far it has moved since */
	x: number;
	y: number;
	dx: number;
	dy: number;
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

const between = (touches: TouchList) => {
	const [one, other] = [touches[0], touches[1]];
	if (one === undefined || other === undefined) return null;
	return {
		x: (one.clientX + other.clientX) / 2,
		y: (one.clientY + other.clientY) / 2,
		apart: Math.max(20, Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY)),
	};
};

/**
 * What pointers do on an element. A finger that scrolls never picks and never paints: a tap does, and a drag begins by a long press. Two
 * fingers move and zoom. The element needs the class `pickable`, which leaves scrolling with one finger to the browser.
 */
export function useGestures(ref: RefObject<HTMLElement | null>, gestures: Gestures) {
	const latest = useRef(gestures);
	latest.current = gestures;
	const down = useRef<Down | null>(null);

	useEffect(() => {
		const element = ref.current;
		if (element === null) return;
		let began: ReturnType<typeof between> = null;
		let last: Pinch | null = null;
		const onStart = (event: TouchEvent) => {
			if (event.touches.length < 2 || latest.current.pinch === undefined) return;
			breakOff(down, latest.current);
			began = between(event.touches);
		};
		const onMove = (event: TouchEvent) => {
			if (down.current?.isDragging === true) event.preventDefault();
			const now = began === null ? null : between(event.touches);
			if (began === null || now === null) return;
			event.preventDefault();
			last = { factor: now.apart / began.apart, x: began.x, y: began.y, dx: now.x - began.x, dy: now.y - began.y };
			latest.current.pinch?.(last, false);
		};
		const onEnd = (event: TouchEvent) => {
			if (began === null || event.touches.length > 1) return;
			if (last !== null) latest.current.pinch?.(last, true);
			began = last = null;
		};
		// React listens passively: it could not keep the page from scrolling under a drag.
		element.addEventListener('touchstart', onStart, { passive: true });
		element.addEventListener('touchmove', onMove, { passive: false });
		element.addEventListener('touchend', onEnd);
		element.addEventListener('touchcancel', onEnd);
		return () => {
			element.removeEventListener('touchstart', onStart);
			element.removeEventListener('touchmove', onMove);
			element.removeEventListener('touchend', onEnd);
			element.removeEventListener('touchcancel', onEnd);
		};
	}, [ref]);

	return useMemo(
		() => ({
			onPointerDown: (event: PointerEvent) => {
				if (event.button !== 0 || !event.isPrimary) return;
				const isTouch = event.pointerType === 'touch';
				const is: Down = { id: event.pointerId, at: pointed(event), isTouch, isDragging: false, timer: undefined };
				down.current = is;
				if (isTouch) {
					is.timer = setTimeout(() => {
						is.isDragging = down.current === is && latest.current.take(is.at);
					}, LONG_MS);
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
	};
}
