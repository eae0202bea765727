import { expect, line, openPlan, panel, round, saved, test } from './bench';

test('a piece is resized to a size, and a cone is laid by the angle of its tip', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('button', { name: 'To a size' }).click();
	const dialog = page.getByRole('dialog', { name: 'To a size' });
	await dialog.getByLabel('High').fill('8');
	await expect(dialog).toContainText(/8\.2 cm high/);
	await dialog.getByRole('button', { name: 'Resize' }).click();
	await expect(panel(page)).toContainText(/8\.2 cm high/);
	await expect(panel(page)).toContainText('Before: 18 rounds, 36 at the widest');
	await page.getByRole('button', { name: 'Begin from a shape' }).click();
	const shape = page.getByRole('dialog', { name: 'Begin from a shape' });
	await shape.getByLabel('Form').selectOption('cone');
	await shape.getByLabel('Size given as').selectOption('counts');
	await shape.getByLabel('Slope given as').selectOption('growth');
	await shape.getByLabel('Each round grows by').fill('3');
	await shape.getByRole('button', { name: 'Write rounds' }).click();
	await expect(panel(page)).toContainText('11 rounds');
	await expect(round(page, 11)).toContainText('36');
});

test('a plan begins from a shape', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await page.getByRole('button', { name: 'Begin from a shape' }).click();
	const dialog = page.getByRole('dialog', { name: 'Begin from a shape' });
	await dialog.getByLabel('Form').selectOption('drum');
	await dialog.getByLabel('High').fill('2');
	await expect(dialog).toContainText(/this form comes out \d\.\d cm high and no nearer/);
	await dialog.getByLabel('Form').selectOption('ball');
	await expect(dialog).toContainText('6.0 cm high,5.6 cm wide');
	await dialog.getByLabel('Across').fill('8');
	await expect(dialog).toContainText('30 rounds');
	await dialog.getByLabel('Increases and decreases').selectOption('stacked');
	await dialog.getByRole('button', { name: 'Write rounds' }).click();
	await expect(line(page, 3)).toHaveText('R3: (sc, inc) x6 (18)');
	await expect(panel(page)).toContainText('8.1 cm high,8.4 cm wide');
	await expect(panel(page)).toContainText(/by round \d+: after it no fingers fit/);
	await expect(panel(page)).toContainText('Every round uses all the stitches');
	await page.getByRole('button', { name: 'Longer' }).click();
	await expect(panel(page)).toContainText('31 rounds');
	await page.getByRole('button', { name: 'Wider' }).click();
	await expect(round(page, 10)).toContainText('60');
	for (let i = 0; i < 3; i++) {
		await saved(page);
		await page.getByRole('button', { name: 'Undo' }).click();
	}
	await expect(line(page, 1)).toHaveText('Type round 1 here');
});

test('a finished piece that was measured sets the sizes', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('button', { name: 'Made it?' }).click();
	const dialog = page.getByRole('dialog', { name: 'A finished piece, measured' });
	await dialog.getByLabel('It measures').fill('5.8');
	await dialog.getByRole('button', { name: 'Go by this' }).click();
	await expect(panel(page)).toContainText('5.8 cm wide');
	await expect(panel(page)).toContainText('From your measure: Float was 5.8 cm wide.');
	await saved(page);
	await page.reload();
	await expect(panel(page)).toContainText('From your measure');
	await page.getByRole('button', { name: 'Made it?' }).click();
	await dialog.getByLabel('It measures').fill('3');
	await dialog.getByRole('button', { name: 'Go by this' }).click();
	await expect(page.getByText(/more or less than this fabric gives: between/)).toBeVisible();
	await page.getByRole('button', { name: 'Made it?' }).click();
	await dialog.getByRole('button', { name: 'Go by the usual again' }).click();
	await expect(panel(page)).not.toContainText('From your measure');
});
