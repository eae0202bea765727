import type { Weight } from '../api/types';

/** The weight categories under their usual names, with the standard's numbers. */
export const weights: readonly (readonly [Weight, string])[] = [
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
