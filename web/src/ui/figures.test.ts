import { describe, expect, it } from 'vitest';
import { cut } from './cut';
import { numberOf } from './figures';

describe('a typed number', () => {
	it.each([
		['1,000', 1000],
		['1.000', 1000],
		['1 000', 1000],
		['12,345,678', 12_345_678],
		['1,234.5', 1234.5],
		['1.234,5', 1234.5],
		['1,5', 1.5],
		['1.5', 1.5],
		['0,125', 0.125],
		['-12', -12],
		['.5', 0.5],
		['7.', 7],
	])('%s is %d', (typed, number) => expect(numberOf(typed, 100_000_000)).toBe(number));

	it('is a fraction where a thousand cannot be meant', () => expect(numberOf('3.500', 30)).toBe(3.5));

	it.each(['', 'x', '1,0,0', '1e3', '1..2', '--3', '1,00,000'])('“%s” is none', (typed) => expect(numberOf(typed)).toBeNaN());
});

describe('a text that is cut', () => {
	it('stays whole where it is short', () => expect(cut('Buoy', 4)).toBe('Buoy'));
	it('never ends within what is read as one character', () => {
		expect(cut('ab👩‍🚀c', 4)).toBe('ab');
		expect(cut('ab👩‍🚀c', 5)).toBe('ab👩‍🚀');
	});
});
