import { describe, expect, it } from 'vitest';
import { inPalette, palettes } from './palettes';
import { newPlan } from './plans';

describe('palettes', () => {
	it('gives the darkest yarn the darkest colour', () => {
		const plan = newPlan('Trial');
		const [light, dark] = inPalette(plan, ['#000000', '#777777', '#FFFFFF']).yarns;
		expect([light?.hex, dark?.hex]).toEqual(['#FFFFFF', '#000000']);
		expect(light?.name).toBe(plan.yarns[0]?.name);
	});

	it('keeps yarns apart while there are colours enough', () => {
		const plan = newPlan('Trial');
		const yarns = ['A', 'B', 'C', 'D', 'E'].map((key, i) => ({ key, name: key, hex: `#${String(i * 20 + 10).repeat(3)}`.slice(0, 7), weight: 'dk' as const, metresPer100g: 250 }));
		for (const { hexes } of palettes) expect(new Set(inPalette({ ...plan, yarns }, hexes).yarns.map(({ hex }) => hex)).size).toBe(5);
	});
});
