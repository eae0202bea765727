import { expect, goTo, openPlan, round, test } from './bench';

/** The browser's own way back, and its addresses, lead on the bench where they lead anywhere. */
test('back leads to the station, the piece and the view before, and a link opens there', async ({ page, context }) => {
	await openPlan(page, 'Otter in a striped jersey', 'rounds');
	await page.getByRole('tab', { name: 'Body and head' }).click();
	await expect(page).toHaveURL(/\/rounds\?piece=body$/);
	await goTo(page, 'changes');
	await page.getByRole('button', { name: 'From above', exact: true }).click();
	await expect(page.getByRole('button', { name: 'From above', exact: true })).toHaveAttribute('aria-pressed', 'true');
	await page.getByRole('tab', { name: 'Tail' }).click();
	await page.goBack();
	await expect(page.getByRole('tab', { name: 'Body and head' })).toHaveAttribute('aria-selected', 'true');
	await expect(page.getByRole('button', { name: 'From above', exact: true })).toHaveAttribute('aria-pressed', 'true');
	await page.goBack();
	await expect(page.getByRole('button', { name: 'Flat', exact: true })).toHaveAttribute('aria-pressed', 'true');
	await expect(page).toHaveURL(/\/changes\?piece=body$/);
	await page.goBack();
	await expect(page).toHaveURL(/\/rounds\?piece=body$/);
	await page.goBack();
	await expect(page.getByRole('tab', { name: /^Leg/ })).toHaveAttribute('aria-selected', 'true');
	await page.goForward();
	await expect(page.getByRole('tab', { name: 'Body and head' })).toHaveAttribute('aria-selected', 'true');
	const other = await context.newPage();
	await other.goto(page.url().replace(/\/rounds.*/, '/parts?piece=tail'));
	await expect(other.getByRole('tab', { name: 'Tail' })).toHaveAttribute('aria-selected', 'true');
	await expect(other.getByRole('heading', { name: 'Parts', exact: true })).toBeVisible();
});

test('a plan opens where it was left, in a window of its own, too', async ({ page, context }) => {
	await openPlan(page, 'Otter in a striped jersey', 'changes');
	await page.getByRole('tab', { name: 'Hat' }).click();
	await expect(round(page, 1)).toBeVisible();
	await page.close();
	const again = await context.newPage();
	await again.goto('/');
	await again.getByRole('link', { name: 'Otter in a striped jersey' }).click();
	await expect(again.getByRole('tab', { name: 'Hat' })).toHaveAttribute('aria-selected', 'true');
	await expect(again).toHaveURL(/\/changes\?piece=hat$/);
});
