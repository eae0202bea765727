import { beforeEach, describe, expect, it } from 'vitest';
import { pieceOf, roundOf } from '../test/pieces';
import { asCopy, setTools, useTools, zoomBy, zoomTo } from './chartTools';

const piece = pieceOf([
	roundOf(1, 6),
	roundOf(2, 6, {
		runs: [
			{ yarn: 'B', stitches: 4 },
			{ yarn: 'A', stitches: 2 },
		],
	}),
]);
const copies = [{ name: 'First' }, { name: 'Second', yarns: { A: 'C', B: 'A' } }];

describe('a copy', () => {
	it('is shown in its own yarns, both changed at once', () => {
		const second = asCopy(piece, copies, 1);
		expect(second?.rounds.map(({ runs }) => runs.map(({ yarn }) => yarn).join(''))).toEqual(['C', 'AC']);
		expect(second?.rounds[1]?.runs.map(({ stitches }) => stitches)).toEqual([4, 2]);
	});

	it('is the piece itself where it has no yarns of its own', () => {
		expect(asCopy(piece, copies, 0)).toBe(piece);
		expect(asCopy(piece, copies, 7)).toBe(piece);
		expect(asCopy(piece, 3, 1)).toBe(piece);
		expect(asCopy(undefined, copies, 1)).toBeUndefined();
	});
});

describe('zooming', () => {
	beforeEach(() => setTools({ zoom: 1 }));

	it('stops at both ends, and goes on from between the usual sizes', () => {
		zoomBy(-1);
		expect(useTools.getState().zoom).toBe(1);
		for (let i = 0; i < 10; i++) zoomBy(1);
		expect(useTools.getState().zoom).toBe(3);
		zoomBy(-1);
		expect(useTools.getState().zoom).toBe(2);
		zoomTo(1.7);
		zoomBy(1);
		expect(useTools.getState().zoom).toBe(2);
		zoomTo(9);
		expect(useTools.getState().zoom).toBe(3);
	});
});
