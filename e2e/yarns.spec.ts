import { expect, goTo, openPlan, panel, saved, test } from './bench';

test('two yarns are held together, each counted by itself', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'yarns');
	await page.getByRole('button', { name: 'Hold two together' }).click();
	await saved(page);
	const rows = panel(page).getByRole('listitem');
	const row = rows.filter({ hasText: 'Each is counted by itself' });
	await row.getByLabel(/^Name of yarn/).fill('Marl');
	await row.getByLabel('strands').nth(1).fill('2');
	await saved(page);
	// What cannot be held together is told beside it, and gone once it can.
	await row.getByLabel('and', { exact: true }).selectOption({ index: 0 });
	await expect(row).toContainText(/is held together of [A-Z] twice/);
	await row.getByLabel('and', { exact: true }).selectOption({ index: 1 });
	await expect(row).not.toContainText('twice');
	await saved(page);
	// It is counted with them, and neither can be taken out while it is held.
	await goTo(page, 'amounts');
	await expect(panel(page).getByRole('listitem').filter({ hasText: 'Marl' })).toContainText(/Counted with [A-Z] and [A-Z]\./);
});

test('a piece has a gauge of its own, and is as large as that makes it', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'rounds');
	await page.getByRole('tab', { name: /^Tail/ }).click();
	const size = panel(page).getByRole('region', { name: 'Size' });
	const wide = async () => Number((await size.textContent())?.match(/([\d.]+) cm wide/)?.[1]);
	const before = await wide();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: /^Name, copies/ }).click();
	await page.getByRole('dialog').getByText('How it is worked', { exact: true }).click();
	await page.getByLabel(/It has a gauge of its own/).click();
	const own = page.getByRole('group', { name: 'Gauge of the piece' });
	await own.getByLabel(/^Stitches in/).fill('44');
	await own.getByLabel(/^Rounds in/).fill('48');
	await page.getByRole('button', { name: 'Done' }).click();
	await saved(page);
	await expect.poll(wide).toBeCloseTo(before / 2, 0);
	expect(await wide()).toBeLessThan(before * 0.6);
});

test('the same toy in another yarn is compared before it is taken, and taken back at one undo', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'yarns');
	const section = page.getByRole('region', { name: 'The same toy in another yarn' });
	await section.getByLabel('Weight').selectOption('bulky');
	const table = section.getByRole('table');
	await expect(table).toContainText('2 safety eyes (12 mm)');
	await expect(table).toContainText('14.9 sc');
	await expect(panel(page).getByLabel('In 100 g').first()).toHaveValue('240');
	await section.getByRole('button', { name: 'Take this yarn' }).click();
	await saved(page);
	await expect(panel(page).getByLabel('In 100 g').first()).toHaveValue('110');
	await expect(section.getByRole('table')).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await saved(page);
	await expect(panel(page).getByLabel('In 100 g').first()).toHaveValue('240');
	// What no yarn gives is told at its place.
	await section.getByLabel('Weight').selectOption('jumbo');
	await section.getByLabel('in 100 g, if known').fill('1');
	await expect(section).toContainText('which no yarn gives');
});
