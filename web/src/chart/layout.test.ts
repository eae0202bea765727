import { describe, expect, it } from 'vitest';
import type { PieceAnalysis } from '../api/types';
import { pieceOf } from '../test/pieces';
import { layOut, roundsBetween, roundsNear } from './layout';

const piece = (lines: PieceAnalysis['lines']) => pieceOf([], { lines });

describe('the sheet', () => {
	it('gives a line as many bands as it says rounds', () => {
		const layout = layOut(piece([{ from: 1, to: 1 }, { from: 2, to: 5 }, null, { from: 6, to: 6 }]), 4, [], 20);
		expect(layout.places.map(({ top, height }) => [top, height])).toEqual([
			[0, 20],
			[20, 80],
			[100, 20],
			[120, 20],
		]);
		expect(layout.tops).toEqual([0, 20, 40, 60, 80, 120]);
		expect(layout.height).toBe(140);
	});

	it('parts the bands below a line that is wrong', () => {
		const layout = layOut(
			piece([
				{ from: 1, to: 1 },
				{ from: 2, to: 2 },
			]),
			2,
			[{ message: 'm', mend: 'n', severity: 'error', line: 1, column: 1, length: 1, round: 1 }],
			20,
		);
		expect(layout.tops).toEqual([0, 44]);
		expect(layout.places[0]?.troubles).toHaveLength(1);
	});

	it('shows a line that the core has not seen yet', () => {
		expect(layOut(piece([]), 1, [], 20).places[0]?.rounds).toBeNull();
		expect(layOut(undefined, 0, [], 20).height).toBe(0);
	});

	it('draws rounds before they come into sight, and the same ones during a little scrolling', () => {
		const lines = Array.from({ length: 400 }, (_, i) => ({ from: i + 1, to: i + 1 }));
		const layout = layOut(piece(lines), 400, [], 26);
		const drawn = new Set<string>();
		for (let top = 0; top < 400 * 26; top += 13) {
			const [from, to] = roundsNear(layout, top, top + 700);
			const [first, end] = roundsBetween(layout, top, top + 700);
			expect(from).toBeLessThanOrEqual(Math.max(1, first + 1 - 10));
			expect(to).toBeGreaterThanOrEqual(Math.min(400, end + 10));
			expect(to - from).toBeLessThan(100);
			drawn.add(`${from} ${to}`);
		}
		// Of 800 places that it is scrolled to.
		expect(drawn.size).toBeLessThan(60);
	});

	it('finds the rounds that are seen, of 400', () => {
		const layout = layOut(piece([{ from: 1, to: 400 }]), 1, [], 26);
		const [first, last] = roundsBetween(layout, 2600, 3000);
		expect(first).toBeLessThanOrEqual(100);
		expect(first).toBeGreaterThan(95);
		expect(last).toBeGreaterThanOrEqual(116);
		expect(last).toBeLessThan(120);
	});
});
