import { describe, expect, it } from 'vitest';
import type { Amount } from '../api/types';
import { trialPlan } from '../test/trialPlan';
import { inPalette, palettes } from './palettes';

/** How the core sees yarns without colour. */
const seen = (greys: Record<string, string>) => Object.entries(greys).map(([key, grey]) => ({ key, seen: { grey } }) as Amount);

describe('palettes', () => {
	it('gives the darkest yarn the darkest colour', () => {
		const plan = trialPlan();
		const [light, dark] = inPalette(plan, seen({ A: '#E2E2E2', B: '#666666' }), ['#000000', '#777777', '#FFFFFF']).yarns;
		expect([light?.hex, dark?.hex]).toEqual(['#FFFFFF', '#000000']);
		expect(light?.name).toBe(plan.yarns[0]?.name);
	});

	it('keeps yarns apart while there are colours enough', () => {
		const plan = trialPlan();
		const keys = ['A', 'B', 'C', 'D', 'E'];
		const yarns = keys.map((key) => ({ key, name: key, hex: '#888888', weight: 'dk' as const, metresPer100g: 250 }));
		const greys = seen(Object.fromEntries(keys.map((key, i) => [key, `#${String(i + 1).repeat(6)}`])));
		for (const { hexes } of palettes) expect(inPalette({ ...plan, yarns }, greys, hexes).yarns.map(({ hex }) => hex)).toEqual(hexes);
	});
});
