import type { Piece } from '../../../api/types';
import { say } from '../../../ui/say';

export type Thread = NonNullable<Piece['thread']>[number];

/** A figure of a kind of thread: its field, what it is called, its bounds, and what it is where nothing is said. */
export interface Figure {
	field: string;
	label: string;
	min: number;
	max: number;
	step: number;
	usual: number;
}

const figure = (field: string, label: string, min: number, max: number, step: number, usual: number): Figure => ({ field, label, min, max, step, usual });

/** The figures of each kind, in the order in which they are said. A new kind is a line here. */
export const threadForms: Record<Thread['kind'], readonly Figure[]> = {
	smile: [figure('width', say('parts.stitchesWide'), 0.5, 200, 0.5, 5), figure('drop', say('parts.roundsDrawnDown'), -20, 20, 0.5, 1)],
	bars: [
		figure('count', say('parts.bars'), 1, 20, 1, 1),
		figure('width', say('parts.stitchesWide'), 0.5, 200, 0.5, 2),
		figure('step', say('parts.roundsBetween'), 0, 10, 0.1, 0.4),
		figure('rise', say('parts.roundsSlanting'), -20, 20, 0.5, 0),
	],
	lashes: [
		figure('count', say('parts.strands'), 1, 12, 1, 3),
		figure('length', say('parts.roundsLong'), 0.25, 20, 0.25, 1),
		figure('spread', say('parts.degreesSpread'), 0, 360, 5, 90),
	],
	backstitch: [],
	surface: [],
	strand: [],
	seeds: [
		figure('around', say('parts.toARound'), 1, 200, 1, 8),
		figure('rows', say('parts.rows'), 1, 400, 1, 1),
		figure('step', say('parts.roundsBetween'), 1, 400, 1, 2),
		figure('length', say('parts.roundsLong'), 0.25, 10, 0.25, 0.5),
		figure('across', say('parts.degreesSpread'), 1, 360, 5, 360),
	],
	swirl: [
		figure('turns', say('parts.turns'), -40, 40, 0.25, 1),
		figure('rounds', say('parts.roundsDown'), 0, 400, 1, 5),
		figure('swing', say('parts.swing'), 0, 200, 0.5, 0),
		figure('waves', say('parts.waves'), 0, 60, 1, 0),
	],
	fringe: [
		figure('count', say('parts.strands'), 1, 400, 1, 6),
		figure('across', say('parts.overStitches'), 0, 2000, 0.5, 0),
		figure('lengthMm', say('parts.mmLong'), 2, 1000, 5, 40),
	],
};
