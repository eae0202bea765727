import { describe, expect, it } from 'vitest';
import { trialPlan } from '../test/trialPlan';
import { emptyPiece, fixed, freeKey, freeLetter, set, withLayer, withPiece, withYarn } from './plans';

const plan = trialPlan();

describe('changes of a plan', () => {
	it('finds letters and keys that are free', () => {
		expect(freeLetter(plan)).toBe('C');
		const full = {
			...plan,
			yarns: [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((key) => ({ key, name: '', hex: '#000000', weight: 'dk' as const, metresPer100g: 100 })),
		};
		expect(freeLetter(full)).toBeUndefined();
		expect(freeKey(plan, 'body')).toBe('body-2');
		expect(freeKey({ ...plan, pieces: [emptyPiece('body', ''), emptyPiece('body-2', '')] }, 'body')).toBe('body-3');
	});

	it('leaves out a field that is not known, as the format does', () => {
		expect(set({ a: 1, b: 2 } as { a: number; b?: number }, 'b', null)).toEqual({ a: 1 });
		expect(set({ a: 1 } as { a: number; b?: number }, 'b', 3)).toEqual({ a: 1, b: 3 });
	});

	it('changes one part and leaves the others as they are', () => {
		const changed = withYarn(plan, 'B', (yarn) => ({ ...yarn, name: 'Kelp' }));
		expect(changed.yarns.map(({ name }) => name)).toEqual(['Chalk', 'Kelp']);
		expect(changed.yarns[0]).toBe(plan.yarns[0]);
		const painted = withPiece(plan, 'body', (piece) => ({
			...piece,
			colours: [
				{ kind: 'fill', yarn: 'A' },
				{ kind: 'fill', yarn: 'B' },
			],
		}));
		expect(withLayer(painted, 'body', 0, () => null).pieces[0]?.colours).toEqual([{ kind: 'fill', yarn: 'B' }]);
		expect(
			withLayer(painted, 'body', 1, () => ({ kind: 'fill', yarn: 'C' })).pieces[0]?.colours.map((layer) => (layer.kind === 'fill' ? layer.yarn : '')),
		).toEqual(['A', 'C']);
	});

	it('gives a copy a key that is free, and no longer than a key may be', () => {
		expect(freeKey(plan, 'body')).toBe('body-2');
		expect(freeKey(plan, 'wing')).toBe('wing');
		const long = 'b'.repeat(40);
		const pieces = [emptyPiece(long, 'Long')];
		expect(freeKey({ ...plan, pieces }, long)).toHaveLength(36);
	});

	it('makes a mend at its character, beyond the basic plane too', () => {
		expect(fixed('R4: (2 sc, imc) x6', { column: 12, length: 3, text: 'inc' })).toBe('R4: (2 sc, inc) x6');
		expect(fixed('🧶🧶 imc', { column: 4, length: 3, text: 'inc' })).toBe('🧶🧶 inc');
		expect(fixed('17 sc', { column: 6, length: 0, text: ', 1 sc' })).toBe('17 sc, 1 sc');
	});
});
