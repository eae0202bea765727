import { type MouseEvent, type RefObject, useRef } from 'react';
import type { PickHow } from '../bench/usePicks';
import { type Pointed, useGestures } from '../ui/gestures/useGestures';

/** Rounds picked from a list by pointer: a click or a tap picks one, a drag several. `roundOf` tells the round of what is under the pointer. */
export function useDragPick(list: RefObject<HTMLElement | null>, roundOf: (under: Element) => number | null, pick: (round: number, how: PickHow) => void) {
	const at = useRef<number | null>(null);
	const under = ({ x, y }: Pointed) => document.elementFromPoint(x, y);

	function take(pointed: Pointed): boolean {
		const round = roundOf(pointed.target);
		at.current = round;
		if (round !== null) pick(round, pointed.shift ? 'extend' : pointed.control ? 'add' : 'new');
		return round !== null;
	}
	function drag(pointed: Pointed): void {
		const element = under(pointed);
		const round = element === null ? null : roundOf(element);
		if (round === null || round === at.current) return;
		at.current = round;
		pick(round, 'extend');
	}
	const gestures = useGestures(list, { tap: take, take, drag, drop: () => undefined, atOnce: true });
	return {
		...gestures,
		// A click without a pointer: a screen reader's.
		onClick: (event: MouseEvent) => {
			const round = event.detail === 0 ? roundOf(event.target as Element) : null;
			if (round !== null) pick(round, 'new');
		},
	};
}
