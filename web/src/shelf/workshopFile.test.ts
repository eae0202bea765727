// @vitest-environment jsdom
import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inParts, isWhole, type WorkshopFile } from './workshopFile';

const written = (plans: object[]) => {
	const summed = `{"format":"alternum-workshop","version":2,"yarns":[],"plans":${JSON.stringify(plans)},"kept":[]`;
	// Node's own sum, held against the browser's.
	return `${summed},"sha256":"${createHash('sha256').update(summed).digest('hex')}"}\n`;
};
const read = (text: string) => JSON.parse(text) as WorkshopFile;

describe('the sum at the end of a workshop file', () => {
	test('holds for what is as it was written, whatever is in it', async () => {
		for (const title of ['Buoy', 'Łódź “buoy”', 'a ,"sha256":"0" b', '💥']) {
			const text = written([{ title }]);
			expect(await isWhole(text, read(text)), title).toBe(true);
		}
	});
	test('does not hold for what was changed in one sign', async () => {
		const text = written([{ title: 'Buoy', rounds: ['6 sc in MR'] }]);
		const changed = text.replace('6 sc', '7 sc');
		expect(await isWhole(changed, read(changed))).toBe(false);
	});
	test('is not asked of files from before there was one', async () => {
		const text = '{"format":"alternum-workshop","version":1,"yarns":[],"plans":[]}';
		expect(await isWhole(text, read(text))).toBe(true);
	});
});

test('a list is parted without losing anything or its order, each part small enough', () => {
	fc.assert(
		fc.property(fc.array(fc.string({ maxLength: 40 }).map((text) => text.repeat(8000))), fc.integer({ min: 1, max: 6 }), (list, most) => {
			const parts = inParts(list, most);
			expect(parts.flat()).toEqual(list);
			for (const part of parts) {
				expect(part.length).toBeLessThanOrEqual(most);
				if (part.length > 1) expect(JSON.stringify(part).length).toBeLessThan(610_000);
			}
		}),
		{ numRuns: 60 },
	);
});
