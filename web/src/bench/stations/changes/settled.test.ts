import { describe, expect, it } from 'vitest';
import { emptyPiece } from '../../plans';
import { settled, treatedAlike } from './settled';

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

	it('treats all jogs alike, and leaves what else is said of them', () => {
		const said = {
			...piece,
			changes: {
				method: 'auto' as const,
				line: { fromFront: 180 },
				oldYarn: 'cut' as const,
				tails: { old: 'knot' as const },
				at: [
					{ round: 3, method: 'plain' as const },
					{ round: 5, method: 'standing-start' as const, begins: 90, onward: 2, tails: { new: 'sew' as const } },
				],
			},
		};
		expect(treatedAlike(said, 'slip-stitch').changes).toEqual({
			method: 'slip-stitch',
			line: { fromFront: 180 },
			oldYarn: 'cut',
			tails: { old: 'knot' },
			at: [{ round: 5, onward: 2, tails: { new: 'sew' } }],
		});
	});
});
