import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { inOrder, newId, progressIn, progressOf } from './journal';
import type { Event } from './types';

interface Sample {
	events: Event[];
	place: { round: number; stitch: number };
	answers: Record<string, string>;
	revision: number;
	slips: Record<string, number>;
}

// Written by the core's own tests: core/tests/Making/Journal/JournalTest.php.
const samples = JSON.parse(readFileSync('contract/journals.json', 'utf8')) as Sample[];

describe('the journal', () => {
	it('comes to what the core comes to, in whatever order it is read', () => {
		expect(samples.length).toBeGreaterThan(30);
		for (const { events, place, answers, revision, slips } of samples) {
			for (const some of [events, events.toReversed(), [...events, ...events]]) {
				const task = progressIn(progressOf(some), 'body.1');
				expect(task.place).toEqual(place);
				expect(task.revision).toBe(revision);
				expect(Object.fromEntries([...task.slips].map(([round, { has }]) => [round, has]))).toEqual(slips);
				expect(Object.fromEntries([...task.answers].map(([key, { answer }]) => [key, answer]))).toEqual(answers);
			}
		}
	});

	it('is the same value for what is not begun, as it is compared by what it is', () => {
		const progress = progressOf([]);
		expect(progressIn(progress, 'body.1')).toBe(progressIn(progress, 'ear.2'));
	});

	it('keeps each event once', () => {
		const { events } = samples[0] as Sample;
		expect(inOrder([...events, ...events]).length).toBe(new Set(events.map(({ id }) => id)).size);
	});

	it('gives ids that the server takes, the later one after the earlier', () => {
		const [early, late] = [newId(1_700_000_000_000), newId(1_700_000_000_001)];
		expect(early).toMatch(/^[0-9A-Z]{26}$/);
		expect(late.slice(0, 10) > early.slice(0, 10)).toBe(true);
	});
});
