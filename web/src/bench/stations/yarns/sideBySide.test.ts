import { describe, expect, it } from 'vitest';
import { sideBySide } from './sideBySide';

describe('two lists of what is needed', () => {
	it('stand side by side, what is the same left out', () => {
		const now = [
			{ name: 'Size', text: '9 cm' },
			{ name: 'Yarn', text: 'A 10 m' },
			{ name: 'Yarn', text: 'B 4 m' },
			{ name: 'Skill level', text: 'easy' },
		];
		const after = [
			{ name: 'Size', text: '14 cm' },
			{ name: 'Yarn', text: 'A 15 m' },
			{ name: 'Yarn', text: 'B 6 m' },
			{ name: 'Skill level', text: 'easy' },
			{ name: 'Hook', text: '5 mm' },
		];
		expect(sideBySide(now, after)).toEqual([
			{ name: 'Size', now: '9 cm', after: '14 cm' },
			{ name: 'Yarn', now: 'A 10 m', after: 'A 15 m' },
			{ name: 'Yarn', now: 'B 4 m', after: 'B 6 m' },
			{ name: 'Hook', now: '', after: '5 mm' },
		]);
	});

	it('lose nothing that is needed no more', () => {
		expect(sideBySide([{ name: 'Hook', text: '3 mm' }], [])).toEqual([{ name: 'Hook', now: '3 mm', after: '' }]);
	});
});
