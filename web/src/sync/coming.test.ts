import { describe, expect, it } from 'vitest';
import type { Layer, Plan } from '../api/types';
import { trialPlan } from '../test/trialPlan';
import { comingOf } from './coming';

const fill: Layer = { kind: 'fill', yarn: 'A' };
const stripes: Layer = { kind: 'stripes', from: 3, to: 6, sequence: [{ yarn: 'B', rounds: 1 }] };
const trial = trialPlan();
const saved: Plan = { ...trial, pieces: trial.pieces.map((piece) => ({ ...piece, colours: [fill] })) };
const key = saved.pieces[0]?.key ?? '';
const laid = (...colours: Layer[]) => comingOf([{ edit: { do: 'set', values: [{ at: ['pieces', key, 'colours'], value: colours }] } }], saved);
const rounds = (coming: ReturnType<typeof laid>) => coming.map(({ round }) => round);

describe('what is on its way', () => {
	it('is what was painted, in its yarn, in the order in which it was done', () => {
		const coming = comingOf(
			[
				{ edit: { do: 'paint', piece: key, rounds: [2, 3], yarn: 'B' } },
				{ edit: { do: 'stitches', piece: key, yarn: 'A', cells: [{ round: 3, from: 4, to: 5 }] } },
			],
			saved,
		);
		expect(coming.map(({ round, from, to, yarn }) => [round, from, to, yarn])).toEqual([
			[2, 1, Number.POSITIVE_INFINITY, 'B'],
			[3, 1, Number.POSITIVE_INFINITY, 'B'],
			[3, 4, 5, 'A'],
		]);
	});

	it('is the place of a layer that was not there before, in no yarn yet', () => {
		expect(laid(fill, stripes)).toEqual([3, 4, 5, 6].map((round) => ({ piece: key, round, from: 1, to: Number.POSITIVE_INFINITY, yarn: null })));
		expect(rounds(laid(fill, { kind: 'motif', round: 8, rows: ['B.', '.B'] }))).toEqual([8, 9]);
		expect(rounds(laid(fill, { kind: 'run', round: 5, from: 1, to: 2, yarn: 'B' }))).toEqual([5]);
		expect(rounds(comingOf([{ edit: { do: 'stripes', piece: key, from: 5, to: 7, sequence: [{ yarn: 'B', rounds: 1 }] } }], saved))).toEqual([5, 6, 7]);
		expect(rounds(laid({ kind: 'fill', yarn: 'B' }))).toHaveLength(400);
	});

	it('is nothing where layers only go or change places, or something else is set', () => {
		expect(laid()).toEqual([]);
		expect(laid(fill)).toEqual([]);
		expect(comingOf([{ edit: { do: 'set', values: [{ at: ['title'], value: 'Other' }] } }], saved)).toEqual([]);
	});
});
