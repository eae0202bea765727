import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, openPlan, saved, test } from './bench';

/** What stands on paper, read with poppler, which knows nothing of how it was made. */
async function printed(page: Page, format: 'A4' | 'Letter', path: string): Promise<{ pages: number; text: string; widest: number; width: number }> {
	writeFileSync(path, await page.pdf({ format }));
	const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [path], { encoding: 'utf8' }))?.[1]);
	const boxes = execFileSync('pdftotext', ['-bbox', path, '-'], { encoding: 'utf8' });
	return {
		pages,
		text: execFileSync('pdftotext', ['-raw', path, '-'], { encoding: 'utf8' }),
		widest: Math.max(...[...boxes.matchAll(/<word[^>]* xMax="([\d.]+)"/g)].map(([, x]) => Number(x))),
		width: Number(/<page width="([\d.]+)"/.exec(boxes)?.[1]),
	};
}

const words = (text: string) => text.replace(/\s+/g, ' ');

for (const [title, station] of [
	['Spotted mushroom', 'colours'],
	['Otter in a striped jersey', 'pattern'],
] as const) {
	test(`what is printed of ${title} is the pattern, all of it and nothing else`, async ({ page }, info) => {
		await openPlan(page, title, station);
		await page.waitForLoadState('networkidle');
		const id = page.url().split('/')[4];
		const written = await (await page.request.get(`/api/plans/${id}/as/text?terms=us`)).text();
		for (const format of ['A4', 'Letter'] as const) {
			const { pages, text, widest, width } = await printed(page, format, info.outputPath(`${format}.pdf`));
			expect(pages).toBeGreaterThanOrEqual(2);
			expect(pages).toBeLessThanOrEqual(6);
			// Between two lines of a paragraph a page may end, with its number.
			const paper = words(text.replace(/\n?\d+ \/ \d+\n\f?/g, '\n').replace(/\f/g, ' '));
			for (const line of written.split('\n')) expect(paper).toContain(words(line.replace(/^# /, '')));
			for (let of = 1; of <= pages; of++) expect(text).toContain(`${of} / ${pages}`);
			expect(text).not.toContain('Colour changes');
			expect(text).not.toContain('Print the pattern');
			// Nothing reaches into the margin of 15 mm.
			expect(widest).toBeLessThanOrEqual(width - (15 / 25.4) * 72 + 1);
		}
		await expect(page.locator('#print')).toHaveCount(0);
	});
}

test('a chart has every stitch of a round with spots, by letter and number', async ({ page }, info) => {
	await openPlan(page, 'Spotted mushroom', 'rounds');
	await page.waitForLoadState('networkidle');
	const { text } = await printed(page, 'A4', info.outputPath('chart.pdf'));
	// Round 9 of the cap: the pattern's words against the chart's runs.
	const said = /Rnd 9: (with R: sc; .*?)\. \[42\]/.exec(words(text))?.[1];
	expect(said).toBe('with R: sc; (with W: 3 sc; with R: 4 sc) × 5; with W: 3 sc; with R: 3 sc');
	expect(words(text)).toContain(`9 R ${'W3 R4 '.repeat(5)}W3 R3 [42]`);
});

test('without a connection what was fetched is printed, or it says why nothing is', async ({ page, context }, info) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.waitForLoadState('networkidle');
	await context.setOffline(true);
	const { text } = await printed(page, 'A4', info.outputPath('offline.pdf'));
	expect(text).toContain('The pattern cannot be had without a connection');
	await context.setOffline(false);
	const older = 'Your latest changes are not in this print';
	const { text: fetched } = await printed(page, 'A4', info.outputPath('online.pdf'));
	expect(fetched).toContain('Harbour buoy');
	expect(words(fetched)).not.toContain(older);
	await context.setOffline(true);
	await page.getByLabel('The plan’s title').fill('Estuary buoy');
	await page.keyboard.press('Tab');
	const { text: kept } = await printed(page, 'A4', info.outputPath('kept.pdf'));
	expect(kept).toContain('Harbour buoy');
	expect(words(kept)).toContain(older);
	await context.setOffline(false);
	await saved(page);
	const { text: newest } = await printed(page, 'A4', info.outputPath('newest.pdf'));
	expect(newest).toContain('Estuary buoy');
	expect(words(newest)).not.toContain(older);
});
