import type { Edit } from '../api/types';

/** Stitches that were given a yarn, of which the core has not answered yet. */
export interface Coming {
	piece: string;
	round: number;
	/** first and last stitch, from 1; a whole round goes beyond its last */
	from: number;
	to: number;
	yarn: string;
}

const NONE: readonly Coming[] = [];

/** What of a queue of edits lays a yarn on stitches, in its order: that is drawn in the frame in which it was done. */
export function comingOf(queue: readonly { edit: Edit }[]): readonly Coming[] {
	const all = queue.flatMap(({ edit }): Coming[] => {
		if (edit.do === 'paint') return edit.rounds.map((round) => ({ piece: edit.piece, round, from: 1, to: Number.POSITIVE_INFINITY, yarn: edit.yarn }));
		if (edit.do === 'stitches') return edit.cells.map(({ round, from, to }) => ({ piece: edit.piece, round, from, to, yarn: edit.yarn }));
		return [];
	});
	return all.length === 0 ? NONE : all;
}
