import { describe, expect, it } from 'vitest';
import { contrast, inkOn, luminance } from './contrast';

// Source: WCAG 2.1, definitions of relative luminance and contrast ratio; black on white is 21:1, #777777 on white 4.48:1.
describe('contrast', () => {
	it('agrees with the published figures', () => {
		expect(luminance('#FFFFFF')).toBeCloseTo(1, 6);
		expect(luminance('#000000')).toBe(0);
		expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 6);
		expect(contrast('#777777', '#FFFFFF')).toBeCloseTo(4.48, 2);
		expect(contrast('#FF0000', '#FFFFFF')).toBeCloseTo(4.0, 1);
	});

	it('puts a letter on any yarn that can be read there', () => {
		for (let r = 0; r <= 255; r += 15) {
			for (let g = 0; g <= 255; g += 15) {
				for (let b = 0; b <= 255; b += 15) {
					const hex = `#${[r, g, b].map((n) => n.toString(16).padStart(2, '0')).join('')}`;
					expect(contrast(hex, inkOn(hex))).toBeGreaterThan(3.8);
				}
			}
		}
	});
});
