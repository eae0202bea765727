import { type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { Pointed } from '../ui/gestures/useGestures';
import { gripAt, gripsOf } from './grips';
import type { Picture } from './pen';

/** Pixels that something may be dragged and still lie where it did. */
const STILL = 4;

interface Point {
	x: number;
	y: number;
}

export interface Carrying {
	/** to where it was dragged, by its key as grips have it; undefined: nothing can be dragged */
	onCarry: ((key: string, to: { round: number; stitch: number }) => void) | undefined;
	/** keys of what is placed, and of what each is counted from */
	ties: readonly (readonly [string, string])[];
}

const NOTHING: Carrying = { onCarry: undefined, ties: [] };

/** Drags what is placed over the chart. */
export function useCarry(
	{ onCarry, ties }: Carrying = NOTHING,
	drawn: Pick<Picture, 'piece' | 'layout' | 'opening' | 'top'> & { left: number },
	surface: RefObject<HTMLElement | null>,
) {
	const [now, setNow] = useState<Point | null>(null);
	const [isOver, setIsOver] = useState(false);
	const held = useRef<{ key: string; from: Point } | null>(null);

	/** On the chart, of which a part is seen. */
	function on({ x, y }: Point): Point {
		const rect = surface.current?.getBoundingClientRect();
		return { x: x - (rect?.left ?? 0) + drawn.left, y: y - (rect?.top ?? 0) + drawn.top };
	}

	function gripUnder(at: Point, isTouch: boolean): string | null {
		if (onCarry === undefined) return null;
		const { x, y } = on(at);
		return gripAt(gripsOf(drawn), x, y, isTouch ? 'touch' : 'mouse');
	}

	return {
		/** what is dragged, to be drawn; null: nothing is */
		carried: now === null || held.current === null ? null : { ...now, ties: tiedTo(held.current.key, ties) },
		/** the pointer is over what can be dragged */
		isOver,
		hover: ({ clientX: x, clientY: y, pointerType }: PointerEvent) => setIsOver(pointerType !== 'touch' && gripUnder({ x, y }, false) !== null),
		take(at: Pointed): boolean {
			const key = gripUnder(at, at.isTouch);
			if (key === null) return false;
			held.current = { key, from: on(at) };
			setNow(on(at));
			return true;
		},
		/** Whether anything is dragged. */
		drag(at: Point): boolean {
			if (held.current === null) return false;
			setNow(on(at));
			return true;
		},
		/** Whether anything was dragged; `to` is what it was let go over. */
		drop(at: Point | null, to: { round: number; stitch: number | null } | null): boolean {
			const was = held.current;
			held.current = null;
			setNow(null);
			if (was === null) return false;
			const end = at === null ? was.from : on(at);
			if (to !== null && to.stitch !== null && Math.hypot(end.x - was.from.x, end.y - was.from.y) > STILL)
				onCarry?.(was.key, { round: to.round, stitch: to.stitch });
			return true;
		},
	};
}

/** What is counted from something, and what that is counted from. */
function tiedTo(key: string, ties: Carrying['ties']): string[] {
	return ties.flatMap(([one, of]) => (one === key ? [of] : of === key ? [one] : []));
}
