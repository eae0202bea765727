import type { KeyboardEvent } from 'react';
import type { PieceAnalysis } from '../api/types';

interface Cell {
	round: number;
	stitch: number;
}

/** The stitch that a key goes to from one: along the round, or to the same share of the way around in the next; undefined where it goes nowhere. */
export function steppedBy(event: KeyboardEvent, piece: PieceAnalysis, at: Cell, isLeftHanded: boolean): Cell | undefined {
	const round = piece.rounds[at.round - 1];
	if (round === undefined || event.ctrlKey || event.metaKey || event.altKey) return undefined;
	const to = (next: number, stitch: number): Cell => {
		const makes = piece.rounds[next - 1]?.makes;
		return makes === undefined ? at : { round: next, stitch: ((Math.round(stitch) - 1 + makes * 2) % makes) + 1 };
	};
	const beside = (next: number): Cell => {
		const there = piece.rounds[next - 1];
		return to(next, ((at.stitch - 0.5) / round.makes + (round.startDegrees - (there?.startDegrees ?? 0)) / 360) * (there?.makes ?? 1) + 0.5);
	};
	const forth = isLeftHanded ? -1 : 1;
	if (event.key === 'ArrowRight') return to(at.round, at.stitch + forth);
	if (event.key === 'ArrowLeft') return to(at.round, at.stitch - forth);
	if (event.key === 'ArrowDown') return beside(at.round + 1);
	if (event.key === 'ArrowUp') return beside(at.round - 1);
	if (event.key === 'Home') return to(at.round, 1);
	return event.key === 'End' ? to(at.round, round.makes) : undefined;
}
