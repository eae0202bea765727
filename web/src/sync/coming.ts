import { limits } from '../api/generated/limits';
import type { Edit, Layer, Plan } from '../api/types';
import { type SetValue, valueAt } from './operations';

/** Stitches that are about to look otherwise, of which the core has not answered yet. */
export interface Coming {
	piece: string;
	round: number;
	/** first and last stitch, from 1; a whole round goes beyond its last */
	from: number;
	to: number;
	/** that they were given; null: the core has yet to say which */
	yarn: string | null;
}

const NONE: readonly Coming[] = [];

/** What of a queue of edits changes how stitches look, in its order: its place is drawn in the frame in which it was done. */
export function comingOf(queue: readonly { edit: Edit }[], saved: Plan): readonly Coming[] {
	const all = queue.flatMap(({ edit }): Coming[] => {
		if (edit.do === 'paint') return edit.rounds.map((round) => ({ piece: edit.piece, round, from: 1, to: Number.POSITIVE_INFINITY, yarn: edit.yarn }));
		if (edit.do === 'stitches') return edit.cells.map(({ round, from, to }) => ({ piece: edit.piece, round, from, to, yarn: edit.yarn }));
		if (edit.do === 'set') return edit.values.flatMap((set) => placesOf(set, saved));
		if (edit.do === 'stripes') return placed(edit.piece, between(edit.from, edit.to));
		if (edit.do === 'crisp') return placed(edit.piece, [edit.round]);
		return [];
	});
	return all.length === 0 ? NONE : all;
}

/** Where layers lie that are set and were not there before: which stitches of it they colour is the core's to say. */
function placesOf({ at, value }: SetValue, saved: Plan): Coming[] {
	const [pieces, piece = '', colours] = at;
	if (pieces !== 'pieces' || colours !== 'colours' || at.length !== 3 || !Array.isArray(value)) return [];
	const before = (valueAt(saved, at) as Layer[] | undefined) ?? [];
	const same = (a: Layer, b: Layer) => a === b || JSON.stringify(a) === JSON.stringify(b);
	return (value as Layer[]).filter((layer) => !before.some((one) => same(one, layer))).flatMap((layer) => placed(piece, roundsOf(layer)));
}

const placed = (piece: string, rounds: readonly number[]): Coming[] =>
	rounds.map((round) => ({ piece, round, from: 1, to: Number.POSITIVE_INFINITY, yarn: null }));

const between = (from: number, to: number) => Array.from({ length: Math.max(0, Math.min(to, limits.rounds) - from + 1) }, (_, i) => from + i);

function roundsOf(layer: Layer): number[] {
	switch (layer.kind) {
		case 'fill':
			return between(1, limits.rounds);
		case 'stripes':
		case 'spots':
		case 'panel':
		case 'helix':
		case 'blend':
			return between(layer.from, layer.to ?? limits.rounds);
		case 'motif':
			return between(layer.round, layer.round + layer.rows.length - 1);
		case 'run':
			return [layer.round];
		default:
			return [];
	}
}
