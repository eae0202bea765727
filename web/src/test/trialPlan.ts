import type { Plan } from '../api/types';
import { emptyPiece } from '../bench/plans';

/** A plan to try things on. */
export const trialPlan = (): Plan => ({
	format: 'alternum-plan',
	version: 1,
	title: 'Trial',
	terms: 'us',
	hand: 'right',
	units: 'metric',
	yarns: [
		{ key: 'A', name: 'Chalk', hex: '#E9E2D0', weight: 'dk', metresPer100g: 250 },
		{ key: 'B', name: 'Teal', hex: '#3F6F7F', weight: 'dk', metresPer100g: 250 },
	],
	gauge: { stitchesPer10cm: 22, roundsPer10cm: 24, hookMm: 3 },
	yarnUse: { basis: 'guess', sparePercent: 10, tailCm: 15, sewingTailCm: 40 },
	pieces: [emptyPiece('body', 'Body')],
});
