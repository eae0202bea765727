import { describe, expect, it } from 'vitest';
import type { PieceAnalysis, Round } from '../api/types';
import { pieceOf, roundOf, sizeOf } from '../test/pieces';
import { sides } from './sides';
import { solidOf } from './solid';

const how = { isStuffed: true, isLeftHanded: false, looks: {} };

/** Six rounds of 40 stitches, one above the other. */
const sized = sizeOf(Array.from({ length: 7 }, (_, i) => [(40 * 5) / (2 * Math.PI), i * 4]));

const piece = (rounds: Round[], more: Partial<PieceAnalysis> = {}) => pieceOf(rounds, { lean: 0, size: sized, ...more });

const tube = Array.from({ length: 6 }, (_, i) => roundOf(i + 1, 40, { heightMm: 4 }));

describe('the piece in the round', () => {
	it('has a seat for every stitch, on the fabric', () => {
		const { seats } = solidOf(piece(tube), how);
		expect(seats).toHaveLength(240);
		for (const { x, z } of seats.filter(({ round: number }) => number > 2)) expect(Math.hypot(x, z)).toBeCloseTo((40 * 5) / (2 * Math.PI), 6);
	});

	it('shows the front, and what comes after it in working order to its right', () => {
		const { seats } = solidOf(piece(tube), how);
		const front = seats.find(({ round: number, stitch }) => number === 4 && stitch === 21);
		expect(front?.z).toBeGreaterThan(31);
		expect(front?.x).toBeGreaterThan(0);
		const mirrored = solidOf(piece(tube), { ...how, isLeftHanded: true }).seats.find(({ round: number, stitch }) => number === 4 && stitch === 21);
		expect(mirrored?.x).toBeCloseTo(-(front?.x ?? 0), 6);
	});

	/** A point is seen where it lies on the viewer's half; turned about the axis as the scene turns it. */
	it('shows in its views what the core says of places: to 90° seen, to 120° at the side, the rest at the back', () => {
		const about = (name: string) => sides.find(([is]) => is === name)?.[1] ?? Number.NaN;
		const depth = (degrees: number, turned: number) => Math.cos((degrees * Math.PI) / 180 + turned);
		const seenFrom = (degrees: number) =>
			sides
				.filter(([name]) => /front|¾/.test(name))
				.filter(([name]) => depth(degrees, about(name)) > 0)
				.map(([name]) => name);
		expect(seenFrom(75)).toContain('front');
		expect(seenFrom(89)).toContain('front');
		expect(seenFrom(91)).toEqual(['¾ right']);
		expect(seenFrom(119)).toEqual(['¾ right']);
		expect(seenFrom(-119)).toEqual(['¾ left']);
		expect(seenFrom(121)).toEqual([]);
		expect(seenFrom(180)).toEqual([]);
	});

	it('climbs by one round in a turn, so that a change shows as a step', () => {
		const { seats } = solidOf(piece(tube), how);
		const of = (number: number, stitch: number) => seats.find((seat) => seat.round === number && seat.stitch === stitch)?.y ?? 0;
		expect(of(4, 1) - of(4, 40)).toBeCloseTo(4 * (39 / 40), 6);
		expect(of(4, 40) - of(5, 1)).toBeCloseTo(4 / 40, 6);
		const joined = solidOf(piece(tube, { worked: 'joined' }), how).seats.filter(({ round: number }) => number === 4);
		expect(new Set(joined.map(({ y }) => y.toFixed(6))).size).toBe(1);
	});

	it('climbs by as many rounds in a turn as there are yarns in one spiral', () => {
		const helix = tube.map((round) => ({ ...round, loops: [20] }));
		const { seats } = solidOf(piece(helix), how);
		const of = (number: number, stitch: number) => seats.find((seat) => seat.round === number && seat.stitch === stitch)?.y ?? 0;
		// A yarn that comes to a loop goes on over the next section, a round higher, without a step.
		expect(of(4, 20) - of(5, 21)).toBeCloseTo(4 / 20, 6);
		expect(of(4, 40) - of(5, 1)).toBeCloseTo(4 / 20, 6);
		expect(of(4, 1) - of(5, 40)).toBeCloseTo(4 + 4 * (19 / 20), 6);
	});

	it('eases a jog as the edge between its colours says', () => {
		const edge = {
			before: [
				[-2, 1],
				[0, 0.6],
			],
			after: [
				[0, 0.25],
				[2, 0],
			],
		};
		const eased = piece(tube);
		const changes = [{ jog: true, treated: 4, edge } as PieceAnalysis['changes'][number]];
		const { seats } = solidOf({ ...eased, changes }, how);
		const heightOf = (number: number, stitch: number) => seats.find((seat) => seat.round === number && seat.stitch === stitch)?.height ?? 0;
		// By hand, for a stitch's middle: half a stitch before the end the line lies at 0.7, half a stitch after it at 0.1875.
		expect(heightOf(4, 40) / heightOf(4, 20)).toBeCloseTo(0.7, 6);
		expect(heightOf(5, 40) / heightOf(5, 20)).toBeCloseTo(1.3, 6);
		expect(heightOf(4, 1) / heightOf(4, 20)).toBeCloseTo(1.1875, 6);
		expect(heightOf(5, 1) / heightOf(5, 20)).toBeCloseTo(0.8125, 6);
		expect(heightOf(5, 3)).toBeCloseTo(heightOf(5, 20), 6);
	});

	it('lays stitches on the fabric, whichever end is up: from one round to the next is along them, not off the piece', () => {
		// A cone of 45 degrees, which grows from its first round on.
		const cone = sizeOf([0, 1, 2, 3, 4].map((i) => [5 + 5 * i, 5 * i]));
		const rounds = [1, 2, 3, 4].map((number) => roundOf(number, 20));
		for (const beginsAtTop of [true, false]) {
			const { seats } = solidOf(piece(rounds, { beginsAtTop, size: cone }), how);
			expect(seats).toHaveLength(80);
			for (const { slope } of seats) {
				// A stitch's upper end points up along the fabric: inwards where the piece widens downwards, else outwards.
				expect(Math.cos(slope)).toBeCloseTo(Math.SQRT1_2, 6);
				expect(Math.sin(slope)).toBeCloseTo(beginsAtTop ? -Math.SQRT1_2 : Math.SQRT1_2, 6);
			}
		}
	});

	it('lays rows flat', () => {
		const { seats, marker } = solidOf(piece(tube, { worked: 'rows' }), how);
		// Each stitch is seen from both sides.
		const front = seats.filter(({ around }) => around === 0);
		expect(front.length).toBe(seats.length / 2);
		expect(new Set(front.map(({ z }) => z)).size).toBe(1);
		expect(seats.every(({ z }) => Math.abs(z) === front[0]?.z)).toBe(true);
		expect(marker).toEqual([]);
		expect(front[0]?.x).toBeCloseTo(-(front[39]?.x ?? 0), 6);
	});

	it('sets eyes at the edge of their round', () => {
		const { placed } = solidOf(
			piece(tube, {
				placed: [
					{
						key: 'p1',
						kind: 'eyes',
						mm: null,
						covers: false,
						round: 3,
						degrees: [150, 210],
						after: [],
						apartMm: 10,
						summary: '',
						said: '',
						sizesMm: [],
						remarks: [],
					},
				],
			}),
			how,
		);
		expect(placed.map(({ x }) => Math.sign(x))).toEqual([-1, 1]);
		expect(placed[0]?.y).toBeCloseTo(placed[1]?.y ?? 1, 6);
	});

	it('lets leaves stand out where the core says, as far as it says', () => {
		const plain = piece(tube);
		const leafy = { ...plain, rounds: plain.rounds.map((round) => (round.number === 4 ? { ...round, out: [[10, 4, 2]] } : round)) };
		const [seats, more] = [solidOf(plain, how).seats, solidOf(leafy, how).seats];
		const own = more.slice(0).filter((seat) => !seats.some(({ x, y, z }) => x === seat.x && y === seat.y && z === seat.z));
		// Each is eight tenths of a stitch long, so that five make four stitches.
		expect(own).toHaveLength(5);
		const far = own.map(({ x, z }) => Math.hypot(x, z));
		expect(far).toEqual(far.toSorted((a, b) => a - b));
		expect(own[0]?.around).toBeCloseTo(seats.find(({ round, stitch }) => round === 4 && stitch === 10)?.around ?? 0, 0);
	});

	it('lays an oval along two half circles and two straight parts', () => {
		// By hand: half circles of 10 mm and straight parts of 40 mm are 20π + 80 mm around, and a stitch every fortieth of that.
		const oval = { ...sizeOf(Array.from({ length: 7 }, (_, i) => [10, i * 4, 40])), straightDegrees: 0 };
		const { seats } = solidOf(piece(tube, { size: oval, worked: 'joined', frontDegrees: 90 }), how);
		const round = seats.filter(({ round: number }) => number === 3);
		for (const { x, z } of round) expect(Math.abs(x) <= 20 ? Math.abs(z) : Math.hypot(Math.abs(x) - 20, z)).toBeCloseTo(10, 6);
		expect(round[0]?.width).toBeCloseTo((20 * Math.PI + 80) / 40, 6);
		// Its end, where it begins, lies at the left of its front; its long side is the front.
		expect(round[0]?.x).toBeLessThan(-29);
		expect(round[9]?.z).toBeCloseTo(10, 6);
	});
});
