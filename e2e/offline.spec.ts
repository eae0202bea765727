import type { Page } from '@playwright/test';
import { begin, expect, keptPlans, line, saved, test } from './bench';

test.use({ serviceWorkers: 'allow' });

/** The bench and this plan are kept in the browser. */
async function isKept(page: Page): Promise<void> {
	// Some forty files, on a machine that is busy with other pages.
	await expect
		.poll(
			() =>
				page.evaluate(async () => {
					const names = (await caches.keys()).filter((name) => name.startsWith('bench-'));
					const pages = await Promise.all(names.map(async (name) => (await caches.open(name)).match('/bench')));
					return pages.some((found) => found !== undefined) && navigator.serviceWorker.controller !== null;
				}),
			{ timeout: 45_000 },
		)
		.toBe(true);
}

test('without a network the shelf and the last plan open again, say so, go on, and are saved afterwards', async ({ page, context }) => {
	await page.goto('/');
	const id = await begin(page, 'Lantern', { rounds: ['6 sc in MR', 'inc x6', 'R3-6: sc around'], colours: [{ kind: 'fill', yarn: 'A' }] });
	const other = await begin(page, 'Never opened', { rounds: ['6 sc in MR'], colours: [] });
	await page.goto('/');
	await expect(page.getByRole('link', { name: /Never opened/ })).toBeVisible();
	await page.waitForTimeout(1500);
	// With the piece in the address, as it is once one has looked at another.
	await page.goto(`/plan/${id}/colours?piece=body`);
	await isKept(page);
	await expect.poll(() => keptPlans(page)).toEqual([{ title: 'Lantern', colours: 1 }]);

	await context.setOffline(true);
	await page.reload();
	await expect(page.getByText('No connection: the plan as this browser kept it')).toBeVisible();
	await expect(page.getByText('R3-6: sc around')).toBeVisible();
	// What is done now is kept, and there after another reload.
	await page.getByRole('button', { name: '+ another round' }).click();
	await page.keyboard.type('dec x6');
	await expect(page.getByText('What you do is kept in this browser')).toBeVisible();
	await page.reload();
	await expect(page.getByText('dec x6')).toBeVisible();

	await page.getByRole('link', { name: 'Back to the shelf' }).click();
	await page.reload();
	await expect(page.getByText('No connection: the shelf as this browser kept it')).toBeVisible();
	await expect(page.getByRole('link', { name: /Never opened/ })).toContainText('opens with a connection');
	await expect(page.getByRole('link', { name: /Lantern/ })).not.toContainText('opens with a connection');
	await page.goto(`/plan/${other}`);
	await expect(page.getByText('Nothing is lost.')).toBeVisible();
	await page.goto(`/plan/${id}`);
	await expect(page.getByText('dec x6')).toBeVisible();

	await context.setOffline(false);
	await saved(page);
	await expect(page.getByText('No connection')).toBeHidden();
	const { plan } = await (await page.request.get(`/api/plans/${id}`)).json();
	expect(plan.pieces[0].rounds.at(-1)).toBe('dec x6');
	await expect.poll(() => keptPlans(page)).toEqual([{ title: 'Lantern', colours: 1 }]);
});

test('what another device saved meanwhile is told when there is a connection again', async ({ page, context, browser }) => {
	await page.goto('/');
	const id = await begin(page, 'Lantern', { rounds: ['6 sc in MR', 'inc x6'], colours: [] });
	await page.goto(`/plan/${id}/rounds`);
	await isKept(page);
	await expect.poll(() => keptPlans(page)).toHaveLength(1);
	await context.setOffline(true);
	await page.reload();
	await expect(page.getByText('No connection: the plan as this browser kept it')).toBeVisible();
	// Another device, with the same key: nothing of it is kept here.
	const device = await browser.newContext({ storageState: await context.storageState() });
	const other = await device.newPage();
	await other.goto(`/plan/${id}/rounds`);
	await other.getByRole('button', { name: '+ another round' }).click();
	await other.keyboard.type('sc around');
	await saved(other);
	await device.close();
	await context.setOffline(false);
	await page.getByRole('button', { name: 'Show it as it is' }).click();
	await expect(line(page, 3)).toHaveText('sc around');
	await expect(page.getByText('No connection')).toBeHidden();
});

test('a newer page is offered, and loaded only when the maker says so', async ({ page }) => {
	await page.goto('/');
	const id = await begin(page, 'Lantern', { rounds: ['6 sc in MR'], colours: [] });
	await page.goto(`/plan/${id}/rounds`);
	await isKept(page);
	// The first load had no worker yet; from now on another one is a newer one.
	await page.reload();
	await expect(line(page, 1)).toHaveText('6 sc in MR');
	await page.waitForFunction(() => performance.getEntriesByType('resource').some(({ name }) => name.includes('keepBench')));
	await page.evaluate(() => Object.assign(window, { isSame: true }));
	await page.evaluate(() => navigator.serviceWorker.dispatchEvent(new Event('controllerchange')));
	await expect(page.getByText('There is a newer Alternum.', { exact: true })).toBeVisible();
	expect(await page.evaluate(() => 'isSame' in window)).toBe(true);
	await page.getByRole('button', { name: 'Load it now' }).click();
	await expect.poll(() => page.evaluate(() => 'isSame' in window)).toBe(false);
	await expect(line(page, 1)).toHaveText('6 sc in MR');
});

test('a plan that is not on the shelf any more is not kept', async ({ page, context }) => {
	await page.goto('/');
	await page.goto(`/plan/${await begin(page, 'Lantern', { rounds: ['6 sc in MR'], colours: [] })}/rounds`);
	await expect.poll(() => keptPlans(page)).toHaveLength(1);
	await context.clearCookies();
	await page.goto('/');
	await expect(page.getByRole('link', { name: /Harbour buoy/ })).toBeVisible();
	await expect.poll(() => keptPlans(page)).toEqual([]);
});
