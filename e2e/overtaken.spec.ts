import type { Page, Route } from '@playwright/test';
import { expect, openPlan, round, saved, test } from './bench';

const late = (ms: number) => new Promise((done) => setTimeout(done, ms));
const isSave = (route: Route) => route.request().method() === 'POST' && route.request().url().includes('/operations');

/** The first save is made and its answer lost; the next come late, and so does the answer to opening, which was worked out before them. */
async function delay(page: Page, first: number, next: number, opening: number): Promise<{ begin: () => void }> {
	let saves = 0;
	let isBegun = false;
	await page.route('**/api/plans/**', async (route) => {
		try {
			if (!isBegun) await route.continue();
			else if (isSave(route)) {
				saves += 1;
				if (saves === 1) {
					await late(first);
					await route.fetch();
					await route.abort();
				} else {
					await late(next);
					await route.continue();
				}
			} else {
				const response = await route.fetch();
				await late(opening);
				await route.fulfill({ response });
			}
		} catch {
			await route.abort().catch(() => undefined);
		}
	});
	return {
		begin: () => {
			isBegun = true;
		},
	};
}

// With these a plan came into conflict with itself: a reopened plan stood on the revision of before, while the shelf went on saving.
for (const [first, next, opening] of [
	[300, 200, 400],
	[300, 600, 1000],
	[900, 400, 700],
	[2500, 200, 1000],
	[2500, 600, 400],
] as const)
	test(`a plan is never in conflict with itself: saves ${first} and ${next} ms late, opened ${opening} ms late`, async ({ page }) => {
		await openPlan(page, 'Harbour buoy');
		const url = new URL(page.url()).pathname;
		const delays = await delay(page, first, next, opening);
		delays.begin();
		await round(page, 2).click();
		await page.keyboard.press('b');
		await round(page, 4).click();
		await page.keyboard.press('b');
		await page.getByLabel('The plan’s title').fill('Of one window');
		await page.getByRole('link', { name: 'Back to the shelf' }).click();
		await page.locator(`a[href^="${url.split('/').slice(0, 3).join('/')}"]`).click({ timeout: 5000 });
		await expect(round(page, 6)).toBeAttached();
		await round(page, 6).click();
		await page.keyboard.press('b');
		await saved(page);
		await expect(page.getByRole('region', { name: /changed in another window/ })).toHaveCount(0);
		await expect(page.getByLabel('The plan’s title')).toHaveValue('Of one window');
		for (const n of [2, 4, 6]) await expect(round(page, n)).toContainText('yarn B');
	});

test('a piece that an answer about another did not hold comes when it is looked at', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	const id = new URL(page.url()).pathname.split('/')[2];
	const made = await page.evaluate(async (plan) => {
		const opened = await (await fetch(`/api/plans/${plan}`)).json();
		const [piece] = opened.plan.pieces;
		const pieces = Array.from({ length: 12 }, (_, i) => ({
			...piece,
			key: `p${i}`,
			name: `Float ${i}`,
			rounds: ['6 sc in MR', 'R2-100: sc around'],
			colours: [],
		}));
		const answer = await fetch('/api/plans', {
			method: 'POST',
			headers: { 'Content-Type': 'application/json', 'X-CSRF-Token': 'csrf-token' },
			body: JSON.stringify({ ...opened.plan, title: 'Twelve floats', assembly: [], pieces: pieces.map(({ placements: _, ...rest }) => rest) }),
		});
		return (await answer.json()).id;
	}, id);
	await page.goto(`/plan/${made}/rounds`);
	await page.getByRole('tab', { name: 'Float 9' }).click();
	await expect(round(page, 100)).toBeAttached();
	await page.getByRole('button', { name: /^Longer/ }).click();
	await saved(page);
	await expect(round(page, 101)).toBeAttached();
	await page.getByRole('tab', { name: 'Float 3' }).click();
	await expect(round(page, 100)).toBeAttached();
	await expect(round(page, 101)).toHaveCount(0);
	await page.reload();
	await expect(page.getByRole('tab', { name: 'Float 3', selected: true })).toBeVisible();
	await expect(round(page, 100)).toBeAttached();
});
