import { describe, expect, it } from 'vitest';
import type { Layer } from '../../../api/types';
import { yarnsOf } from '../../plans';
import { says } from './says';

const layers: [Layer, string, string][] = [
	[{ kind: 'fill', yarn: 'A' }, 'the whole piece', 'A'],
	[{ kind: 'run', round: 3, from: 5, to: 9, yarn: 'B' }, 'round 3, stitches 5–9', 'B'],
	[{ kind: 'stripes', from: 4, to: 4, sequence: [{ yarn: 'B', rounds: 1 }] }, 'round 4', 'B'],
	[
		{
			kind: 'stripes',
			from: 4,
			to: 9,
			sequence: [
				{ yarn: 'B', rounds: 2 },
				{ yarn: 'A', rounds: 1 },
			],
		},
		'rounds 4–9, striped',
		'BA',
	],
	[{ kind: 'band', yarn: 'B', where: { part: 'first', rounds: 1 } }, 'the first 1 round', 'B'],
	[{ kind: 'band', yarn: 'B', where: { part: 'last', rounds: 3 } }, 'the last 3 rounds', 'B'],
	[{ kind: 'band', yarn: 'B', where: { part: 'widest', offset: 2, rounds: 2 } }, '2 rounds, 2 from the widest', 'B'],
	[{ kind: 'band', yarn: 'B', where: { part: 'rounds', from: 3, to: 5 } }, 'rounds 3–5', 'B'],
	[{ kind: 'band', yarn: 'B', where: { part: 'even' } }, 'all of the widest rounds', 'B'],
	[{ kind: 'band', yarn: 'B', where: { part: 'shrinking' } }, 'all shrinking rounds', 'B'],
	[{ kind: 'spots', yarn: 'B', from: 5, count: 6 }, 'spots, 6 around, round 5', 'B'],
	[{ kind: 'spots', yarn: 'B', from: 5, to: 9, every: 7 }, 'spots, every 7 stitches, rounds 5–9', 'B'],
	[{ kind: 'motif', rows: ['.B.', 'BAB'], round: 6 }, 'motif, 3 × 2, from round 6', 'BA'],
	[{ kind: 'panel', yarn: 'B', from: 5, to: 8, degrees: 80 }, 'panel, rounds 5–8, 80° wide', 'B'],
	[{ kind: 'blend', yarn: 'B', from: 5, to: 8 }, 'blend, rounds 5–8', 'B'],
	[{ kind: 'hand', rounds: { '5': '..B', '6': 'A' } }, 'stitches by hand in 2 rounds', 'BA'],
];

describe('a layer', () => {
	it.each(layers)('is said in words: %o', (layer, words) => {
		expect(says(layer)).toBe(words);
	});

	it.each(layers)('names its yarns: %o', (layer, _words, letters) => {
		expect(yarnsOf(layer).join('')).toBe(letters);
	});
});
