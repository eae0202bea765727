import { type RefObject, useEffect, useRef } from 'react';

export interface Pinch {
	/** how far the fingers have parted since they came down */
	factor: number;
	/** the place between them when they came down, and how far it has moved since */
	x: number;
	y: number;
	dx: number;
	dy: number;
}

interface Handlers {
	/** two fingers came down; false: they do nothing here */
	begin: () => boolean;
	/** whether one finger drags something, so that the page must not scroll under it */
	isDragging: () => boolean;
	/** `isOver` when the fingers are lifted */
	pinch: (by: Pinch, isOver: boolean) => void;
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

/** Two fingers on an element. React listens passively: it could not keep the page from scrolling under them. */
export function usePinch(ref: RefObject<HTMLElement | null>, handlers: Handlers): void {
	const latest = useRef(handlers);
	latest.current = handlers;
	useEffect(() => {
		const element = ref.current;
		if (element === null) return;
		let began: ReturnType<typeof between> = null;
		let last: Pinch | null = null;
		const onStart = (event: TouchEvent) => {
			if (event.touches.length > 1 && latest.current.begin()) began = between(event.touches);
		};
		const onMove = (event: TouchEvent) => {
			if (latest.current.isDragging()) event.preventDefault();
			const now = began === null ? null : between(event.touches);
			if (began === null || now === null) return;
			event.preventDefault();
			last = { factor: now.apart / began.apart, x: began.x, y: began.y, dx: now.x - began.x, dy: now.y - began.y };
			latest.current.pinch(last, false);
		};
		const onEnd = (event: TouchEvent) => {
			if (began === null || event.touches.length > 1) return;
			if (last !== null) latest.current.pinch(last, true);
			began = last = null;
		};
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
}
