import type { Weight } from '../api/types';

/** The weight categories under their usual US names, with the standard's numbers. */
const weights: readonly (readonly [Weight, string])[] = [
	['lace', '0 lace'],
	['fingering', '1 fingering'],
	['sport', '2 sport'],
	['dk', '3 DK'],
	['worsted', '4 worsted'],
	['aran', '4 aran'],
	['bulky', '5 bulky'],
	['super-bulky', '6 super bulky'],
	['jumbo', '7 jumbo'],
];

/** What is called otherwise where UK terms are used. */
const uk: Partial<Record<Weight, string>> = { fingering: '1 4-ply', bulky: '5 chunky', 'super-bulky': '6 super chunky' };

export const weightsIn = (terms: 'us' | 'uk'): readonly (readonly [Weight, string])[] =>
	terms === 'us' ? weights : weights.map(([weight, name]) => [weight, uk[weight] ?? name] as const);
