import { describe, expect, it } from 'vitest';
import { emptyPiece } from '../../plans';
import { settled } from './settled';

describe('what is said of several changes at once', () => {
	const piece = {
		...emptyPiece('body', 'Body'),
		changes: {
			method: 'auto' as const,
			at: [
				{ round: 3, oldYarn: 'cut' as const, tails: { new: 'knot' as const } },
				{ round: 5, onward: 2 },
			],
		},
	};

	it('leaves each what it has of its own', () => {
		const { at } = settled(piece, [3, 7], ({ tails }) => ({ tails: { ...tails, old: 'over' } })).changes;
		expect(at).toEqual([
			{ round: 5, onward: 2 },
			{ round: 3, oldYarn: 'cut', tails: { new: 'knot', old: 'over' } },
			{ round: 7, tails: { old: 'over' } },
		]);
	});

	it('takes out what is undefined, and a change of which nothing is said any more', () => {
		expect(settled(piece, [3, 5], { oldYarn: undefined, tails: undefined, onward: undefined }).changes).toEqual({ method: 'auto' });
	});
});
