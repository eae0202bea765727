import { expect, line, openPlan, round, saved, test } from './bench';

test('an earlier version is looked at, taken back, and begun anew from', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await line(page, 2).fill('R2: inc around');
	await saved(page);
	await page.getByLabel('The plan’s title').fill('Buoy with a wider foot');
	await saved(page);
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /Earlier versions/ }).click();
	const versions = page.getByRole('dialog', { name: 'Earlier versions' });
	const listed = versions.getByRole('list', { name: 'Versions' }).getByRole('button');
	await expect(listed).toHaveText([/Title.*as it is now/, /Rounds typed/, /Begun/]);
	await listed.nth(2).click();
	await expect(versions.getByRole('region', { name: /as it was/ }).locator('canvas')).toBeVisible();
	await versions.getByRole('button', { name: 'Restore this version' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Harbour buoy');
	await saved(page);
	// What was taken back can be undone as anything else.
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Buoy with a wider foot');
	await expect(round(page, 2)).toContainText('12');
	await saved(page);
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /Earlier versions/ }).click();
	await listed.last().click();
	const there = page.url();
	await versions.getByRole('button', { name: 'Begin a new plan from it' }).click();
	await expect(page).not.toHaveURL(there);
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Harbour buoy');
});
