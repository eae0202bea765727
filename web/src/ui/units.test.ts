import { describe, expect, it } from 'vitest';
import { grams, size, yarnLength } from './units';

// Source: the international yard and inch, 0.9144 m and 25.4 mm exactly.
describe('units', () => {
	it('says lengths in either system', () => {
		expect(yarnLength(91.44, 'imperial')).toBe('100 yd');
		expect(yarnLength(91.44, 'metric')).toBe('91 m');
		expect(yarnLength(4.26, 'metric')).toBe('4.3 m');
		expect(yarnLength(0.3, 'metric')).toBe('30 cm');
		expect(yarnLength(0.3048, 'imperial')).toBe('12 in');
		expect(size(25.4, 'imperial')).toBe('1 in');
		expect(size(44, 'imperial')).toBe('1¾ in');
		expect(size(12, 'imperial')).toBe('½ in');
		expect(size(0, 'imperial')).toBe('under ¼ in');
		expect(size(45, 'metric')).toBe('4.5 cm');
	});

	it('counts', () => {
		expect(grams(3.14)).toBe('3.1 g');
	});
});
