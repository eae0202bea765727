import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isMovable, type Movable, moved, resized } from './drag';

const motif: Movable = { kind: 'motif', rows: ['B.', 'BB', '.B'], round: 4, fromFront: 10 };
const panel: Movable = { kind: 'panel', yarn: 'B', from: 5, to: 8, degrees: 80 };
const spots: Movable = { kind: 'spots', yarn: 'B', from: 3, count: 6 };

describe('a layer dragged on the chart', () => {
	it('goes by whole rounds and half degrees', () => {
		expect(moved(motif, 3, 12.3, 20)).toEqual({ ...motif, round: 7, fromFront: 22.5 });
		expect(moved(panel, -2, -30, 20)).toEqual({ ...panel, from: 3, to: 6, fromFront: -30 });
		expect(moved(spots, 1, 0, 20)).toEqual({ ...spots, from: 4, to: 4, fromFront: 0 });
	});

	it('stays on the piece, and within one turn of the front', () => {
		for (const layer of [motif, panel, spots]) {
			fc.assert(
				fc.property(fc.integer({ min: -500, max: 500 }), fc.double({ min: -1000, max: 1000, noNaN: true }), (rounds, degrees) => {
					const to = moved(layer, rounds, degrees, 12);
					const from = to.kind === 'motif' ? to.round : to.from;
					const end = to.kind === 'motif' ? to.round + to.rows.length - 1 : (to.to ?? to.from);
					expect(from).toBeGreaterThanOrEqual(1);
					expect(end).toBeLessThanOrEqual(12);
					expect(Math.abs(to.fromFront ?? 0)).toBeLessThanOrEqual(180);
				}),
			);
		}
	});

	it('grows at its far edge, both sides alike', () => {
		expect(resized(panel, 2, 15, 20)).toEqual({ ...panel, to: 10, degrees: 110 });
		expect(resized(panel, -20, -200, 20)).toEqual({ ...panel, to: 5, degrees: 1 });
		expect(resized(panel, 50, 300, 12)).toEqual({ ...panel, to: 12, degrees: 360 });
		expect(resized(spots, 6, 90, 20)).toEqual({ ...spots, to: 9 });
		expect(resized(motif, 6, 90, 20)).toBe(motif);
	});

	it('is one that lies at a place', () => {
		expect([motif, panel, spots].every(isMovable)).toBe(true);
		expect(isMovable({ kind: 'fill', yarn: 'A' })).toBe(false);
		expect(isMovable(undefined)).toBe(false);
	});
});
