import { useCallback, useMemo, useRef, useState } from 'react';
import { announce } from '../ui/announce';
import { say } from '../ui/say';

export type PickHow = 'new' | 'extend' | 'add';

export interface Picks {
	picked: ReadonlySet<number>;
	/** the round that keys go on from */
	current: number;
	pick: (round: number, how: PickHow) => void;
	/** all from one round to another */
	pickRange: (from: number, to: number) => void;
	pickAll: () => void;
	pickNone: () => void;
	/** drops what is picked beyond the last round */
	pickWithin: (last: number) => void;
	/** goes to a round without picking it */
	reach: (round: number) => void;
}

/** The picked rounds of the piece in view. `count` tells how many there are to pick. */
export function usePicks(count: () => number): Picks {
	const [picked, setPicked] = useState<ReadonlySet<number>>(new Set());
	const [current, setCurrent] = useState(1);
	const now = useRef(picked);
	const anchor = useRef(1);

	const show = useCallback((next: ReadonlySet<number>) => {
		// The caret that goes on in a line picks its round again and again.
		if (next.size === now.current.size && [...next].every((round) => now.current.has(round))) return;
		now.current = next;
		setPicked(next);
		announce(inWords(next));
	}, []);

	const pick = useCallback(
		(round: number, how: PickHow) => {
			if (how !== 'extend') anchor.current = round;
			setCurrent(round);
			if (how === 'add') {
				const next = new Set(now.current);
				if (!next.delete(round)) next.add(round);
				show(next);
			} else show(how === 'new' ? new Set([round]) : new Set(range(Math.min(anchor.current, round), Math.max(anchor.current, round))));
		},
		[show],
	);
	const pickNone = useCallback(() => (now.current.size > 0 ? show(new Set()) : undefined), [show]);
	const pickRange = useCallback(
		(from: number, to: number) => {
			anchor.current = from;
			setCurrent(to);
			show(new Set(range(from, to)));
		},
		[show],
	);
	const pickWithin = useCallback((last: number) => show(new Set([...now.current].filter((round) => round <= last))), [show]);
	const pickAll = useCallback(() => show(new Set(range(1, count()))), [show, count]);

	return useMemo(
		() => ({ picked, current, pick, pickRange, pickAll, pickNone, pickWithin, reach: setCurrent }),
		[picked, current, pick, pickRange, pickAll, pickNone, pickWithin],
	);
}

const range = (from: number, to: number) => Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);

function inWords(picked: ReadonlySet<number>): string {
	const rounds = [...picked].sort((a, b) => a - b);
	const [first, last] = [rounds[0], rounds.at(-1)];
	if (first === undefined || last === undefined) return say('usePicks.noRoundPicked');
	if (rounds.length === 1) return say('usePicks.roundFirstPicked', { first });
	return last - first + 1 === rounds.length
		? say('usePicks.roundsFirstToLastPicked', { first, last })
		: `${say('common.countedRounds', { rounds: rounds.length })} picked`;
}
