import { describe, expect, it } from 'vitest';
import { cutAgain, lastChances, lastStitch, nextPlace, nextTold, open, slipOf, stopAt } from './flow';
import type { TaskProgress } from './journal';
import type { Answer, Guide } from './types';

const round = (makes: number, groups: [string, number][], each: string[]): Guide['rounds'][number] => ({
	makes,
	total: makes,
	begins: 0,
	across: 10,
	level: 1,
	groups: groups.map(([yarn, to]) => ({ yarn, text: '', to })),
	slips: [],
	each,
});

/** Two rounds, the second in two yarns, then eyes, one more round, and the end. */
const guide: Guide = {
	piece: 'body',
	group: 0,
	name: 'Body',
	once: 'round',
	worked: 'spiral',
	beginsAtTop: true,
	makes: { sc: 1, inc: 2 },
	lasts: { sc: 'plain', inc: 'increase' },
	rounds: [
		round(6, [['A', 6]], ['6 sc']),
		round(
			12,
			[
				['A', 4],
				['B', 12],
			],
			['2 inc', '4 inc'],
		),
		round(12, [['B', 12]], ['12 sc']),
	],
	slips: { kinds: [], stays: [], causes: [], looks: [] },
	marks: [],
	hangs: [],
	next: null,
	stops: [
		{ round: 1, from: 0, to: 6, group: 0 },
		{ round: 2, from: 0, to: 4, group: 0, told: [{ key: 'change', kind: 'change', at: 4, text: 'take B', takes: 'B', cuts: 'A' }] },
		{ round: 2, from: 4, to: 12, group: 1 },
		{ round: 2, from: 12, to: 12, key: 'eyes', kind: 'eyes', text: 'set the eyes', until: 4 },
		{ round: 3, from: 0, to: 12, group: 0 },
		{ round: 3, from: 12, to: 12, key: 'close', kind: 'close', text: 'close it' },
	],
};

const at = (r: number, stitch: number, answers: Record<string, Answer> = {}): TaskProgress => ({
	place: { round: r, stitch },
	revision: 0,
	slips: new Map(),
	answers: new Map(Object.entries(answers).map(([key, answer]) => [key, { answer, at: { round: r, stitch } }])),
});

describe('where the maker stands', () => {
	it('is before the first stitch, within a stretch, and before what waits', () => {
		expect(stopAt(guide, at(0, 0))).toBe(0);
		expect(stopAt(guide, at(2, 3))).toBe(1);
		expect(stopAt(guide, at(2, 4))).toBe(2);
		expect(stopAt(guide, at(2, 12))).toBe(3);
		expect(stopAt(guide, at(2, 12, { eyes: 'later' }))).toBe(4);
		expect(stopAt(guide, at(3, 12, { close: 'done' }))).toBe(6);
	});
});

describe('a tap', () => {
	it('leads to the end of the stretch, of the round or of the stitch', () => {
		expect(nextPlace(guide, 1, { round: 1, stitch: 6 }, 'group')).toEqual({ round: 2, stitch: 4 });
		expect(nextPlace(guide, 1, { round: 1, stitch: 6 }, 'round')).toEqual({ round: 2, stitch: 12 });
		// An increase leaves two.
		expect(nextPlace(guide, 1, { round: 1, stitch: 6 }, 'stitch')).toEqual({ round: 2, stitch: 2 });
		expect(nextPlace(guide, 2, { round: 2, stitch: 4 }, 'stitch')).toEqual({ round: 2, stitch: 6 });
		expect(nextPlace(guide, 0, { round: 0, stitch: 0 }, 'stitch')).toEqual({ round: 1, stitch: 1 });
	});
});

describe('what comes', () => {
	it('is counted down to within the round, and named by its round before', () => {
		expect(nextTold(guide, 1, { round: 2, stitch: 1 })).toMatchObject({ told: { key: 'change' }, inStitches: 3 });
		expect(nextTold(guide, 0, { round: 0, stitch: 0 })).toMatchObject({ told: { key: 'change' }, round: 2, inStitches: null });
		expect(nextTold(guide, 2, { round: 2, stitch: 4 })).toBeNull();
	});
});

describe('a count that is off', () => {
	const [first = round(0, [], []), ...others] = guide.rounds;
	const off: Guide = {
		...guide,
		rounds: [
			{
				...first,
				slips: [
					{ by: 1, kind: 1, right: 2, goOn: 'Mend it in round 2.', stays: 0 },
					{ by: -1, kind: 0 },
				],
			},
			...others,
		],
		slips: {
			kinds: [
				{ causes: ['skipped'], looks: [] },
				{ causes: ['twice', 'beyond'], looks: ['marker'] },
			],
			stays: ['It stays wider.'],
			causes: [],
			looks: [],
		},
	};
	it('has its kind, and both sentences of how one goes on', () => {
		expect(slipOf(off, 1, 1)).toEqual({ right: 2, causes: ['twice', 'beyond'], looks: ['marker'], goOn: 'Mend it in round 2. It stays wider.' });
		expect(slipOf(off, 1, -1)).toEqual({ right: undefined, causes: ['skipped'], looks: [], goOn: '' });
		expect(slipOf(off, 1, 2)).toBeUndefined();
		expect(slipOf(off, 2, 1)).toBeUndefined();
	});
});

describe('what was put off', () => {
	it('is told again at its last moment, and listed while it is not done', () => {
		expect(lastChances(guide, 4, at(2, 12, { eyes: 'later' })).map(({ key }) => key)).toEqual(['eyes']);
		expect(lastChances(guide, 4, at(2, 12, { eyes: 'done' }))).toEqual([]);
		expect(open(guide, 6, at(3, 12, { eyes: 'left', close: 'done' })).map(({ key }) => key)).toEqual(['eyes']);
		// One who was farther on was never asked.
		expect(open(guide, 5, at(3, 12)).map(({ key }) => key)).toEqual(['eyes']);
	});
});

describe('the last stitch before a place', () => {
	it('is an increase or plain, wherever its tops end', () => {
		expect(lastStitch(guide, { round: 2, stitch: 2 })).toBe('increase');
		expect(lastStitch(guide, { round: 2, stitch: 3 })).toBe('increase');
		expect(lastStitch(guide, { round: 3, stitch: 5 })).toBe('plain');
		expect(lastStitch(guide, { round: 4, stitch: 1 })).toBeUndefined();
	});
});

describe('what is pulled out', () => {
	it('leaves short the yarn that was cut there', () => {
		expect(cutAgain(guide, { round: 3, stitch: 2 }, { round: 1, stitch: 6 })).toEqual(['A']);
		expect(cutAgain(guide, { round: 3, stitch: 2 }, { round: 2, stitch: 4 })).toEqual([]);
		expect(cutAgain(guide, { round: 2, stitch: 2 }, { round: 1, stitch: 6 })).toEqual([]);
	});
});
