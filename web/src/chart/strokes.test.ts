import { describe, expect, it } from 'vitest';
import { runsOf } from './runs';

describe('a brush stroke', () => {
	it('becomes runs of neighbours, round by round', () => {
		const stroke = new Map([
			[4, new Set([7, 5, 6, 9])],
			[5, new Set([1])],
		]);
		expect(runsOf(stroke)).toEqual([
			{ round: 4, from: 5, to: 7 },
			{ round: 4, from: 9, to: 9 },
			{ round: 5, from: 1, to: 1 },
		]);
		expect(runsOf(new Map())).toEqual([]);
	});
});
