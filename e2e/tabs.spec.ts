import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, openPlan, test } from './bench';
import { STATIONS } from './stations.mjs';

/** More stops than any station has: who comes so far is caught somewhere. */
const MOST = 220;

/** What the focus is on, as a reader of the screen hears it. */
const heard = async (page: Page) => ((await page.locator(':focus').ariaSnapshot()).split('\n')[0] ?? '').replace(/^- /, '').replace(/[\u2066-\u2069]/g, '');

/** Every stop of a page by the Tab key, until it has gone round. */
async function stops(page: Page): Promise<string[]> {
	const all: string[] = [];
	await page.evaluate(() => Object.assign(window, { walked: new Set<Element>() }));
	for (let i = 0; i < MOST; i++) {
		await page.keyboard.press('Tab');
		const isRound = await page.evaluate(() => {
			const { walked } = window as unknown as { walked: Set<Element> };
			const at = document.activeElement;
			if (at === null || at === document.body || walked.has(at)) return true;
			walked.add(at);
			return false;
		});
		if (isRound) return all;
		all.push(await heard(page));
	}
	throw new Error(`No end after ${MOST} stops: ${all.slice(-5).join(' | ')}`);
}

for (const station of Object.keys(STATIONS) as (keyof typeof STATIONS)[]) {
	/** The walks are written down: `ALTERNUM_WALKS=write` writes them anew. */
	test(`${station} is walked by the Tab key alone, each stop by its name`, async ({ page }) => {
		await openPlan(page, 'Harbour buoy', station);
		// From its top on.
		await page.reload();
		await expect(page.locator('canvas')).toBeVisible();
		// What the caret picks is known once the plan's answer is there, however slow the machine.
		await page.waitForLoadState('networkidle');
		await page.waitForTimeout(500);
		const walked = await stops(page);
		expect(walked.filter((stop) => !/"|: /.test(stop))).toEqual([]);
		const file = new URL(`./walks/${station}.txt`, import.meta.url);
		if (process.env.ALTERNUM_WALKS === 'write' || !existsSync(file)) writeFileSync(file, `${walked.join('\n')}\n`);
		expect(walked).toEqual(readFileSync(file, 'utf8').trim().split('\n'));
	});
}
