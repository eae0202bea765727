import { expect, line, openPlan, round, saved, test } from './bench';

test('with the server gone the work stays, and is saved when it is back', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	let isGone = true;
	await page.route('**/api/**', (route) => (isGone ? route.abort() : route.continue()));
	await line(page, 4).fill('R4: 6 sc, (sc, inc) x6');
	await expect(page.getByRole('region', { name: 'No answer from Alternum' })).toBeVisible();
	await page.getByLabel('The plan’s title').fill('Buoy at sea');
	await expect(line(page, 4)).toHaveText('R4: 6 sc, (sc, inc) x6');
	isGone = false;
	await saved(page);
	await page.reload();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Buoy at sea');
	await expect(line(page, 4)).toHaveText('R4: 6 sc, (sc, inc) x6');
});

test('a window that was closed before it could save goes on where it was', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/operations', (route) => route.abort());
	await line(page, 2).fill('R2: inc around');
	await expect(page.getByRole('region', { name: 'No answer from Alternum' })).toBeVisible();
	// No answer until the window is open again: else a late try could still be on its way when it closes.
	await page.reload();
	await expect(line(page, 2)).toHaveText('R2: inc around');
	await page.unroute('**/operations');
	await saved(page);
	await expect(round(page, 2)).toContainText('12');
});

test('the second of two windows is told, and can keep both', async ({ page, context }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	const other = await context.newPage();
	await other.goto(page.url());
	await other.getByLabel('The plan’s title').fill('Changed over there');
	await saved(other);
	await page.getByLabel('The plan’s title').fill('Changed here');
	const told = page.getByRole('region', { name: 'This plan was changed in another window' });
	await expect(told).toBeVisible();
	await other.reload();
	await expect(other.getByLabel('The plan’s title')).toHaveValue('Changed over there');
	await told.getByRole('button', { name: /Keep both/ }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Changed here (mine)');
	await page.goto('/');
	await expect(page.getByRole('link', { name: 'Changed here (mine)' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Changed over there' })).toBeVisible();
});

test('another workshop’s plan does not exist', async ({ page, browser, errors }) => {
	await openPlan(page, 'Harbour buoy');
	const stranger = await (await browser.newContext()).newPage();
	await stranger.goto(page.url());
	await expect(stranger.getByRole('heading', { name: 'There is no such plan on your shelf.' })).toBeVisible();
	expect(errors).toEqual([]);
});
