import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roundOf } from '../test/pieces';
import { dropAt, fromFront, type Opening, stitchAt, stitchWidthFor, stretchesOf, xAt } from './geometry';

const round = (makes: number, startDegrees = 0, number = 3) => roundOf(number, makes, { startDegrees });

const opening = (more: Partial<Opening> = {}): Opening => ({
	worked: 'spiral',
	view: 'opened',
	frontDegrees: 180,
	isLeftHanded: false,
	width: 400,
	stitchWidth: 10,
	rowHeight: 26,
	...more,
});

const anyOpening = fc.record({
	worked: fc.constantFrom('spiral', 'joined', 'rows'),
	frontDegrees: fc.integer({ min: 0, max: 359 }),
	isLeftHanded: fc.boolean(),
	width: fc.constant(400),
	stitchWidth: fc.constant(10),
	rowHeight: fc.constant(26),
}) as fc.Arbitrary<Opening>;

describe('the piece opened along its back', () => {
	it('has the front in the middle and the back at the edges', () => {
		expect(fromFront(0.5, 180)).toBeCloseTo(0);
		expect(fromFront(0.25, 180)).toBeCloseTo(-0.25);
		expect(fromFront(0.75, 180)).toBeCloseTo(0.25);
		expect(Math.abs(fromFront(0, 180))).toBeCloseTo(0.5);
	});

	it('is one surface: where a round of a spiral ends, the next begins, however much it grows', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 6, max: 38 }),
				fc.integer({ min: 6, max: 38 }),
				fc.integer({ min: 0, max: 359 }),
				fc.boolean(),
				(one, other, start, isLeftHanded) => {
					const between = (one + other) / 2;
					const how = opening({ isLeftHanded });
					const below = roundOf(3, one, { startDegrees: start, widths: [one, between] });
					const above = roundOf(4, other, { startDegrees: start, widths: [between, other] });
					expect(xAt(below, one, how)).toBeCloseTo(xAt(above, 0, how));
					expect(dropAt(below, one, how)).toBeCloseTo(dropAt(above, 0, how) + how.rowHeight);
					const parts = [...stretchesOf(below, 1, one, how), ...stretchesOf(above, 1, other, how)];
					for (const { width, from, to } of parts) expect(width / (to - from + 1)).toBeGreaterThan(0);
					// All around it is as wide as it has stitches, growing from the one to the other.
					const ends = parts.flatMap(({ x, width }) => [x, x + width]);
					expect(Math.max(...ends) - Math.min(...ends)).toBeLessThanOrEqual((Math.max(one, other) + 1) * 10 + 0.001);
				},
			),
		);
	});

	it('puts the marker at its degrees', () => {
		expect(xAt(round(36, 180), 0, opening())).toBeCloseTo(200);
		expect(xAt(round(36, 270), 0, opening())).toBeCloseTo(200 + 90);
		expect(xAt(round(36, 270), 0, opening({ isLeftHanded: true }))).toBeCloseTo(200 - 90);
	});

	it('lays every stitch once, side by side, whatever the front and the hand', () => {
		fc.assert(
			fc.property(
				anyOpening,
				fc.integer({ min: 1, max: 38 }),
				fc.double({ min: 0, max: 359.9, noNaN: true }),
				fc.integer({ min: 1, max: 4 }),
				(how, makes, start, number) => {
					const band = round(makes, start, number);
					const parts = stretchesOf(band, 1, makes, how);
					expect(parts.reduce((sum, { from, to }) => sum + to - from + 1, 0)).toBe(makes);
					const ends = parts.map(({ x, width }) => [x, x + width] as const).sort((a, b) => a[0] - b[0]);
					expect((ends.at(-1)?.[1] ?? 0) - (ends[0]?.[0] ?? 0)).toBeCloseTo(makes * 10);
					// The opening is at the very back, to within a stitch.
					expect(Math.abs((ends[0]?.[0] ?? 0) - (200 - makes * 5))).toBeLessThanOrEqual(5.001);
				},
			),
		);
	});

	it('finds under a point the stitch that is drawn there', () => {
		fc.assert(
			fc.property(anyOpening, fc.integer({ min: 1, max: 38 }), fc.double({ min: 0, max: 359.9, noNaN: true }), fc.nat(), (how, makes, start, n) => {
				const band = round(makes, start);
				const stitch = (n % makes) + 1;
				const [cell] = stretchesOf(band, stitch, stitch, how);
				expect(stitchAt(band, (cell?.x ?? 0) + 5, how)).toBe(stitch);
			}),
		);
		expect(stitchAt(round(10), 5, opening())).toBeNull();
	});

	it('climbs by one round in a turn of a spiral, and not elsewhere', () => {
		const band = round(36);
		expect(dropAt(band, 36, opening()) - dropAt(band, 0, opening())).toBe(26);
		expect(dropAt(band, 36, opening({ worked: 'joined' }))).toBe(0);
	});

	it('lets each of several yarns in one spiral go on smoothly, one round higher at every loop', () => {
		const band = { ...round(36), loops: [12, 24] };
		const parts = stretchesOf(band, 1, 36, opening());
		expect(parts.reduce((sum, { from, to }) => sum + to - from + 1, 0)).toBe(36);
		for (const [from, to] of [
			[1, 12],
			[13, 24],
			[25, 36],
		] as const) {
			const section = stretchesOf(band, from, to, opening());
			const climbed = section.reduce((sum, { leftDrop, rightDrop }) => sum + rightDrop - leftDrop, 0);
			expect(climbed).toBeCloseTo(26, 9);
			expect(section.at(-1)?.rightDrop).toBeCloseTo(13, 9);
		}
	});

	it('fits the widest round into the width', () => {
		expect(stitchWidthFor([round(6), round(40)], 424)).toBe(10);
		expect(stitchWidthFor([round(6)], 1000)).toBe(18);
	});

	it('begins every round at one straight line where stitches are counted', () => {
		const counted = opening({ view: 'grid' });
		for (const makes of [6, 18, 30]) {
			const [stretch, more] = stretchesOf(round(makes, 137), 1, makes, counted);
			expect([stretch?.x, stretch?.width, more]).toEqual([16, makes * 10, undefined]);
			expect(stitchAt(round(makes, 137), 16 + 5 * 10 + 1, counted)).toBe(6);
		}
		const left = opening({ view: 'grid', isLeftHanded: true });
		expect(stitchAt(round(12), 400 - 16 - 1, left)).toBe(1);
		expect(dropAt(round(12), 3, counted)).toBe(0);
	});
});
