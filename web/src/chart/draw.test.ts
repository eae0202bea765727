import { describe, expect, it } from 'vitest';
import type { Change, Round, Yarn } from '../api/types';
import { pieceOf, roundOf } from '../test/pieces';
import { draw } from './draw';
import { layOut } from './layout';
import type { Picture } from './pen';

/** A canvas that remembers what was drawn on it: each fill with its colour and its outline, each line with its ends. */
class Recorder {
	fills: { colour: string; points: [number, number][] }[] = [];
	strokes: { colour: string; width: number; points: [number, number][] }[] = [];
	texts: string[] = [];
	fillStyle = '';
	strokeStyle = '';
	lineWidth = 1;
	globalAlpha = 1;
	font = '';
	textAlign = '';
	textBaseline = '';
	lineCap = '';
	private points: [number, number][] = [];
	private shift = 0;

	clearRect() {}
	save() {}
	restore() {}
	clip() {}
	rect() {}
	setLineDash() {}
	closePath() {}
	translate(_x: number, y: number) {
		this.shift += y;
	}
	beginPath() {
		this.points = [];
	}
	moveTo(x: number, y: number) {
		this.points.push([x, y + this.shift]);
	}
	lineTo(x: number, y: number) {
		this.points.push([x, y + this.shift]);
	}
	bezierCurveTo(_x1: number, _y1: number, _x2: number, _y2: number, x: number, y: number) {
		this.points.push([x, y + this.shift]);
	}
	arc(x: number, y: number) {
		this.points.push([x, y + this.shift]);
	}
	fill() {
		this.fills.push({ colour: this.fillStyle, points: this.points });
	}
	stroke() {
		this.strokes.push({ colour: this.strokeStyle, width: this.lineWidth, points: this.points });
	}
	strokeRect(x: number, y: number, width: number, height: number) {
		this.strokes.push({
			colour: this.strokeStyle,
			width: this.lineWidth,
			points: [
				[x, y + this.shift],
				[x + width, y + height + this.shift],
			],
		});
	}
	fillText(text: string) {
		this.texts.push(text);
	}
}

const round = (number: number, makes: number, runs: [string, number][], more: Partial<Round> = {}): Round =>
	roundOf(number, makes, { runs: runs.map(([yarn, stitches]) => ({ yarn, stitches })), ...more });

const jog = (after: number, more: Partial<Change> = {}): Change => ({
	round: after,
	stitch: 12,
	from: 'A',
	to: 'B',
	degrees: 180,
	drawings: [],
	edge: { before: [[0, 1]], after: [[0, 0]] },
	methodShort: 'plain change',
	coveredBy: null,
	onward: 0,
	toBack: null,
	canBeCrisp: true,
	treated: after,
	newEnd: true,
	onLine: false,
	fromFront: 0,
	jog: true,
	method: 'plain',
	methodLabel: 'plain change',
	chosen: false,
	stepRounds: 1,
	shows: true,
	oldYarn: 'cut',
	backRound: null,
	summary: '',
	toDo: '',
	why: '',
	...more,
});

const yarns: Yarn[] = [
	{ key: 'A', name: 'Pale', hex: '#EEDDCC', weight: 'dk', metresPer100g: 250 },
	{ key: 'B', name: 'Deep', hex: '#223344', weight: 'dk', metresPer100g: 250 },
];

function drawn(rounds: Round[], changes: Change[] = [], more: Partial<Picture> = {}): Recorder {
	const piece = pieceOf(rounds, { changes });
	const recorder = new Recorder();
	const layout = layOut(piece, rounds.length, [], 20);
	const opening = { worked: 'spiral', view: 'opened', frontDegrees: 180, isLeftHanded: false, width: 400, stitchWidth: 12, rowHeight: 20 } as const;
	draw(recorder as unknown as CanvasRenderingContext2D, { piece, yarns, layout, opening, picked: new Set(), under: null, top: 0, height: 400, ...more });
	return recorder;
}

const widthOf = (points: [number, number][]) => Math.max(...points.map(([x]) => x)) - Math.min(...points.map(([x]) => x));

describe('the drawn piece', () => {
	it('fills each run in its yarn, as wide as its stitches', () => {
		const { fills } = drawn([
			round(1, 12, [
				['A', 5],
				['B', 7],
			]),
		]);
		const wide = (hex: string) => fills.filter(({ colour }) => colour === hex).reduce((sum, { points }) => sum + widthOf(points), 0);
		expect(wide('#EEDDCC')).toBeCloseTo(60);
		expect(wide('#223344')).toBeCloseTo(84);
	});

	it('writes the yarn’s letter in every stitch where there is room', () => {
		expect(drawn([round(1, 12, [['A', 12]])]).texts).toEqual(Array(12).fill('A'));
		const narrow = { worked: 'spiral', view: 'opened', frontDegrees: 180, isLeftHanded: false, width: 400, stitchWidth: 3, rowHeight: 20 } as const;
		expect(drawn([round(1, 100, [['A', 100]], { startDegrees: 90 })], [], { opening: narrow }).texts).toEqual(['A', 'A']);
	});

	it('lets a spiral climb by one round from its beginning to its end', () => {
		const { fills } = drawn([round(1, 12, [['A', 12]], { startDegrees: 0 })]);
		const heights = fills.filter(({ colour }) => colour === '#EEDDCC').flatMap(({ points }) => points.map(([, y]) => y));
		expect(Math.max(...heights) - Math.min(...heights)).toBeCloseTo(40);
	});

	it('stands a bar at each step, as high as what is left of it', () => {
		const bars = (change: Partial<Change>) =>
			drawn([round(1, 12, [['A', 12]]), round(2, 12, [['B', 12]])], [jog(1, change)]).strokes.filter(({ width }) => width === 4.5);
		const high = (change: Partial<Change>) => {
			const [bar] = bars(change);
			return Math.abs((bar?.points[1]?.[1] ?? 0) - (bar?.points[0]?.[1] ?? 0));
		};
		expect(bars({})).toHaveLength(1);
		expect(high({})).toBeCloseTo(20);
		expect(high({ stepRounds: 0.5 })).toBeCloseTo(10);
		expect(high({ stepRounds: 0.35 })).toBeCloseTo(7);
		expect(bars({ jog: false })).toHaveLength(0);
	});

	it('puts the bar at its degrees: at the front in the middle, a quarter on to the side', () => {
		const at = (degrees: number) =>
			drawn([round(1, 12, [['A', 12]]), round(2, 12, [['B', 12]])], [jog(1, { degrees })]).strokes.find(({ width }) => width === 4.5)?.points[0]?.[0];
		expect(at(180)).toBeCloseTo(200);
		expect(at(270)).toBeCloseTo(236);
		expect(at(90)).toBeCloseTo(164);
	});

	it('opens the bar of a hidden step', () => {
		const inner = (shows: boolean) =>
			drawn([round(1, 12, [['A', 12]]), round(2, 12, [['B', 12]])], [jog(1, { shows })]).strokes.filter(({ width }) => width === 1.8).length;
		expect(inner(true)).toBe(0);
		expect(inner(false)).toBe(1);
	});

	it('marks what is picked, and the stitch under the pointer', () => {
		const plain = drawn([round(1, 12, [['A', 12]])]);
		const picked = drawn([round(1, 12, [['A', 12]])], [], { picked: new Set([1]) });
		expect(picked.strokes.filter(({ width }) => width === 2.5).length).toBeGreaterThan(0);
		expect(plain.strokes.filter(({ width }) => width === 2.5)).toHaveLength(0);
		const under = drawn([round(1, 12, [['A', 12]])], [], { under: { round: 1, stitch: 4 } });
		expect(widthOf(under.strokes.find(({ width }) => width === 2)?.points ?? [])).toBeCloseTo(12);
	});

	it('draws only what is seen of 400 rounds', () => {
		const many = Array.from({ length: 400 }, (_, i) => round(i + 1, 12, [['A', 12]]));
		const all = drawn(many, [], { top: 4000, height: 200 });
		expect(all.fills.length).toBeLessThan(80);
		expect(all.fills.length).toBeGreaterThan(10);
	});

	it('hatches a round that could not be read', () => {
		const lines = (readable: boolean) => drawn([round(1, 12, [['A', 12]], { readable })]).strokes.length;
		expect(lines(false)).toBeGreaterThan(lines(true) + 20);
	});

	it('draws what stands out of a round, in its yarn', () => {
		const plain = drawn([round(1, 12, [['A', 12]])]);
		const leafy = drawn([
			round(1, 12, [['A', 12]], {
				out: [
					[3, 4, 2],
					[6, 4, 2],
				],
			}),
		]);
		expect(leafy.fills.length - plain.fills.length).toBe(2);
	});
});
