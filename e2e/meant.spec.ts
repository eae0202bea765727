import { editor, expect, goTo, line, openPlan, panel, round, saved, test } from './bench';

const chartOf = (page: import('@playwright/test').Page) => page.getByRole('slider', { name: /opened along/ });
const sheet = (page: import('@playwright/test').Page) => page.locator('#sheet');

test('what arrives by itself takes no key and no focus', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	let isRefusing = false;
	await page.route('**/api/plans/*/operations*', async (route) => {
		if (!isRefusing) return route.continue();
		await new Promise((resolve) => setTimeout(resolve, 300));
		await route.fulfill({ status: 412, contentType: 'application/problem+json', body: JSON.stringify({ status: 412, detail: 'x', mend: 'y' }) });
	});
	await line(page, 2).click();
	await page.keyboard.press('End');
	isRefusing = true;
	await page.keyboard.type(' # one two', { delay: 60 });
	await expect(page.getByRole('region', { name: 'This plan was changed in another window' })).toBeVisible();
	await page.keyboard.type(' and three');
	await expect(line(page, 2)).toHaveText(/# one two and three$/);
	await expect(editor(page)).toBeFocused();
});

test('undo takes back what was done last, while it is still being saved', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await round(page, 3).click();
	await page.route('**/api/plans/*/operations*', async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 400));
		await route.continue();
	});
	await page.keyboard.press('c');
	await page.getByRole('button', { name: 'Delete the layer rounds 16–18' }).click();
	await page.getByRole('button', { name: 'Undo' }).click();
	await saved(page);
	await expect(page.getByRole('button', { name: 'Delete the layer rounds 16–18' })).toBeVisible();
	await expect(round(page, 3)).toHaveAccessibleName(/yarn C/);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(round(page, 3)).toHaveAccessibleName(/yarn A/);
});

test('undo right after typing in two lines takes back the second, in the line too', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	for (const [nth, words] of [
		[4, ' # keel'],
		[6, ' # buoy'],
	] as const) {
		await line(page, nth).click();
		await page.keyboard.press('End');
		await page.keyboard.insertText(words);
	}
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(line(page, 6)).not.toHaveText(/buoy/);
	await expect(line(page, 4)).toHaveText(/# keel$/);
	await saved(page);
	await page.reload();
	await expect(line(page, 4)).toHaveText(/# keel$/);
	await expect(line(page, 6)).not.toHaveText(/buoy/);
});

test('in a field, Ctrl Z is the field’s own', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await round(page, 3).click();
	await page.keyboard.press('c');
	await expect(round(page, 3)).toHaveAccessibleName(/yarn C/);
	const title = page.getByLabel('The plan’s title');
	await title.click();
	await page.keyboard.press('End');
	await page.keyboard.type('red', { delay: 40 });
	await expect(page).toHaveTitle('Harbour buoyred: Colours – Alternum');
	// The browser parts a word where the page is busy between its letters; whatever it takes back, it takes back here.
	for (const left of ['Harbour buoyre', 'Harbour buoyr', 'Harbour buoy'])
		if ((await title.inputValue()).length > left.length) await page.keyboard.press('Control+z');
	await expect(title).toHaveValue('Harbour buoy');
	await expect(round(page, 3)).toHaveAccessibleName(/yarn C/);
	// In the lines, what was typed last is taken back first; then what was done before it.
	await line(page, 2).click();
	await page.keyboard.press('End');
	await page.keyboard.type('x');
	await page.keyboard.press('Control+z');
	await expect(line(page, 2)).toHaveText('R2: inc x6 (12)');
});

test('“Longer” and typing right after it both hold', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/api/plans/*/operations*', async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 500));
		await route.continue();
	});
	await panel(page)
		.getByRole('button', { name: /^Longer/ })
		.click();
	await line(page, 1).click();
	await page.keyboard.press('End');
	await page.keyboard.type(' # here');
	await saved(page);
	await expect(line(page, 1)).toHaveText('R1: 6 sc in MR (6) # here');
	await expect(round(page, 19)).toBeAttached();
});

test('“Translate” and typing right after it both hold, in the same line too', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/api/plans/*/operations*', async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 500));
		await route.continue();
	});
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /^Gauge, terms/ }).click();
	const dialog = page.getByRole('dialog', { name: 'The whole plan' });
	await dialog.getByRole('button', { name: /^Translate/ }).click();
	await dialog.getByRole('button', { name: 'Done' }).click();
	await line(page, 3).click();
	await page.keyboard.press('End');
	await page.keyboard.type(' # here');
	await saved(page);
	await expect(line(page, 3)).toHaveText('R3: (dc, inc) x6 (18) # here');
	await page.keyboard.type(' and now');
	await expect(line(page, 3)).toHaveText('R3: (dc, inc) x6 (18) # here and now');
	await expect(line(page, 4)).toHaveText('R4: (2 dc, inc) x6 (24)');
	await expect(round(page, 18)).toBeAttached();
});

test('what is done to layers and pieces right after painting and typing takes neither away', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await page.route('**/api/plans/*/operations*', async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 500));
		await route.continue();
	});
	await round(page, 3).click();
	await page.keyboard.press('c');
	await page.getByRole('button', { name: 'Delete the layer rounds 16–18' }).click();
	await saved(page);
	await expect(round(page, 3)).toHaveAccessibleName(/yarn C/);
	await expect(round(page, 17)).toHaveAccessibleName(/yarn A/);
	await goTo(page, 'rounds');
	await line(page, 2).click();
	await page.keyboard.press('End');
	await page.keyboard.type(' # kept');
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: /^Duplicate/ }).click();
	await saved(page);
	await expect(line(page, 2)).toHaveText('R2: inc x6 (12) # kept');
	await page.reload();
	await page.getByRole('tab', { name: 'Float', exact: true }).click();
	await expect(line(page, 2)).toHaveText('R2: inc x6 (12) # kept');
});

test('at the sheet’s end the bands lie beside their words, and a click picks the round under it', async ({ page }) => {
	await page.setViewportSize({ width: 1280, height: 520 });
	await openPlan(page, 'Harbour buoy');
	await sheet(page).evaluate((element) => element.scrollTo(0, element.scrollHeight));
	await expect(page.getByRole('toolbar', { name: 'View of the piece' })).toBeInViewport();
	const bar = await page.getByRole('toolbar', { name: 'View of the piece' }).boundingBox();
	const above = await sheet(page).boundingBox();
	expect(bar?.y).toBeCloseTo(above?.y ?? 0, 0);
	const last = await round(page, 18).boundingBox();
	const chart = await chartOf(page).boundingBox();
	await page.mouse.click((chart?.x ?? 0) + (chart?.width ?? 0) / 2, (last?.y ?? 0) + (last?.height ?? 0) / 2);
	await expect(round(page, 18)).toHaveAttribute('aria-pressed', 'true');
});

test('the sheet stays where it is when something changes', async ({ page }) => {
	await page.setViewportSize({ width: 1280, height: 560 });
	await openPlan(page, 'Harbour buoy');
	await round(page, 1).click();
	await sheet(page).evaluate((element) => element.scrollTo(0, 150));
	await page.getByRole('toolbar', { name: 'Yarns' }).getByRole('button', { name: /^C/ }).click();
	await saved(page);
	expect(await sheet(page).evaluate((element) => element.scrollTop)).toBe(150);
	// It is found again there.
	await page.reload();
	await expect(round(page, 1)).toHaveAccessibleName(/yarn C/);
	await expect.poll(() => sheet(page).evaluate((element) => element.scrollTop)).toBe(150);
});

test('brush and layer stay with their plan; piece, view and place are found again', async ({ page }) => {
	await openPlan(page, 'Spotted mushroom');
	await page.getByRole('tab').nth(1).click();
	await page.getByRole('button', { name: 'Chart' }).click();
	await page.getByRole('button', { name: /^Brush/ }).click();
	await page.reload();
	await expect(page.getByRole('tab').nth(1)).toHaveAttribute('aria-selected', 'true');
	await expect(page.getByRole('button', { name: 'Chart' })).toHaveAttribute('aria-pressed', 'true');
	await page.getByRole('button', { name: /^Brush/ }).click();
	await page.getByRole('link', { name: 'Back to the shelf' }).click();
	await page.getByRole('link', { name: 'Harbour buoy' }).click();
	await expect(page.getByRole('button', { name: /^Brush/ })).toHaveAttribute('aria-pressed', 'false');
	await expect(page.getByRole('button', { name: 'Flat' })).toHaveAttribute('aria-pressed', 'true');
});

test('the words about a stitch are whole, wherever it is', async ({ page }) => {
	await page.setViewportSize({ width: 1280, height: 560 });
	await openPlan(page, 'Harbour buoy');
	await sheet(page).evaluate((element) => element.scrollTo(0, 9999));
	const chart = await chartOf(page).boundingBox();
	if (chart === null) throw new Error('no chart');
	for (const [n, across] of [
		[18, 0.5],
		[16, 0.62],
		[12, 0.05],
		[12, 0.9],
	] as const) {
		const row = await round(page, n).boundingBox();
		await page.mouse.move(chart.x + chart.width * across, (row?.y ?? 0) + (row?.height ?? 0) / 2);
		const words = page.getByText(/^round \d+, stitch/);
		await expect(words).toBeVisible();
		const box = await words.boundingBox();
		expect(box?.x, `round ${n}`).toBeGreaterThanOrEqual(chart.x);
		expect((box?.x ?? 0) + (box?.width ?? 0), `round ${n}`).toBeLessThanOrEqual(chart.x + chart.width + 1);
		expect((box?.y ?? 0) + (box?.height ?? 0), `round ${n}`).toBeLessThanOrEqual(560);
		expect(await words.evaluate((element) => element.scrollWidth - element.clientWidth)).toBe(0);
	}
});

test('with a layer opened, a click still picks, and a drag moves the layer', async ({ page }) => {
	await openPlan(page, 'Spotted mushroom');
	await panel(page).getByRole('region', { name: 'Layers' }).getByRole('button', { name: /spots/ }).first().click();
	const box = await chartOf(page).boundingBox();
	const at = await round(page, 4).boundingBox();
	await page.mouse.click((box?.x ?? 0) + (box?.width ?? 0) / 2, (at?.y ?? 0) + (at?.height ?? 0) / 2);
	await expect(round(page, 4)).toHaveAttribute('aria-pressed', 'true');
	const two = (await round(page, 6).boundingBox())?.y ?? 0;
	await page.mouse.move((box?.x ?? 0) + (box?.width ?? 0) / 2, (at?.y ?? 0) + 8);
	await page.mouse.down();
	await page.mouse.move((box?.x ?? 0) + (box?.width ?? 0) / 2, two + 8, { steps: 8 });
	await page.mouse.up();
	await expect(panel(page).getByRole('region', { name: 'Layers' }).getByText('rounds 10–15')).toBeVisible();
	await expect(round(page, 4)).toHaveAttribute('aria-pressed', 'true');
});

test('a layer lands where it is let go, however long that takes, and what else is done ends the drag', async ({ page }) => {
	await openPlan(page, 'Spotted mushroom');
	const layers = panel(page).getByRole('region', { name: 'Layers' });
	await layers.getByRole('button', { name: /spots/ }).first().click();
	const chart = await chartOf(page).boundingBox();
	const x = (chart?.x ?? 0) + (chart?.width ?? 0) / 2;
	const reach = async (n: number) => page.mouse.move(x, ((await round(page, n).boundingBox())?.y ?? 0) + 8, { steps: 4 });
	await reach(4);
	await page.mouse.down();
	await reach(5);
	await expect(layers.getByText('rounds 9–14')).toBeVisible();
	await page.waitForTimeout(1700);
	await reach(6);
	await expect(layers.getByText('rounds 10–15')).toBeVisible();
	await page.mouse.up();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(layers.getByText('rounds 8–13')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute('aria-disabled', 'true');
	await reach(4);
	await page.mouse.down();
	await reach(5);
	await expect(layers.getByText('rounds 9–14')).toBeVisible();
	await page.keyboard.press('Control+z');
	await reach(7);
	await page.mouse.up();
	await saved(page);
	await expect(layers.getByText('rounds 8–13')).toBeVisible();
});

test('figures are read in both ways of writing, and a wrong one is never laid', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'yarns');
	const grams = panel(page).getByLabel('On hand').first();
	await grams.fill('1,000');
	await saved(page);
	await page.reload();
	await expect(grams).toHaveValue('1000');
	await goTo(page, 'colours');
	await panel(page).getByRole('tab', { name: 'Band of rounds' }).click();
	const layers = panel(page).getByRole('region', { name: 'Layers' }).getByRole('listitem');
	const before = await layers.count();
	await panel(page).getByRole('tabpanel').getByRole('textbox').first().fill('2.5');
	await panel(page)
		.getByRole('tabpanel')
		.getByRole('button', { name: /^Add the band/ })
		.click();
	await expect(panel(page).getByText(/A whole number from/)).toBeVisible();
	expect(await layers.count()).toBe(before);
});

test('units changed in a dialog change its figures, and a yarn in a hidden layer is not taken out without a word', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /^Gauge, terms/ }).click();
	const dialog = page.getByRole('dialog', { name: 'The whole plan' });
	await expect(dialog.getByLabel('over').first()).toHaveValue('5');
	await dialog.getByLabel('Units').selectOption('imperial');
	await expect(dialog.getByLabel('over').first()).toHaveValue('1.97');
	await expect(dialog.getByLabel('Stitches in 4 in')).toBeVisible();
	await dialog.getByRole('button', { name: 'Done' }).click();
	await goTo(page, 'yarns');
	await panel(page).getByRole('button', { name: 'Add a yarn' }).click();
	await goTo(page, 'colours');
	await round(page, 3).click();
	await page.keyboard.press('d');
	await panel(page).getByRole('button', { name: 'Hide the layer round 3' }).click();
	await expect(round(page, 3)).toHaveAccessibleName(/yarn A/);
	await goTo(page, 'yarns');
	await panel(page).getByRole('button', { name: 'Delete yarn D' }).click({ force: true });
	await expect(page.getByText('A layer that is hidden or covered has it.').first()).toBeVisible();
	await expect(panel(page).getByLabel('Name of yarn D')).toBeVisible();
});
