import type { Page } from '@playwright/test';
import { expect, goTo, openPlan, type Point, round, saved, test, touch } from './bench';

const chartOf = (page: Page) => page.getByRole('slider', { name: /opened along/ });

async function middleOf(page: Page, n: number): Promise<Point> {
	const chart = await chartOf(page).boundingBox();
	const row = await round(page, n).boundingBox();
	return [(chart?.x ?? 0) + (chart?.width ?? 0) / 2, (row?.y ?? 0) + (row?.height ?? 0) / 2];
}

test.describe('with fingers', () => {
	test.use({ hasTouch: true, viewport: { width: 820, height: 760 } });

	test('scrolling picks nothing, a tap picks, a long press begins a drag, two fingers zoom', async ({ page }) => {
		await openPlan(page, 'Harbour buoy');
		const cdp = await page.context().newCDPSession(page);
		const [x, y] = await middleOf(page, 6);
		await touch(cdp, 'touchStart', [x, y]);
		for (let i = 1; i <= 8; i++) await touch(cdp, 'touchMove', [x, y - i * 12]);
		await touch(cdp, 'touchEnd');
		await expect(page.locator('[data-round][aria-pressed="true"]')).toHaveCount(0);
		const at = await middleOf(page, 8);
		await page.touchscreen.tap(...at);
		await expect(round(page, 8)).toHaveAttribute('aria-pressed', 'true');
		// A long press, then over two rounds more.
		const from = await middleOf(page, 9);
		const to = await middleOf(page, 11);
		await touch(cdp, 'touchStart', from);
		await page.waitForTimeout(500);
		for (let i = 1; i <= 4; i++) await touch(cdp, 'touchMove', [from[0], from[1] + ((to[1] - from[1]) * i) / 4]);
		await touch(cdp, 'touchEnd');
		await expect(page.locator('[data-round][aria-pressed="true"]')).toHaveCount(3);
		await touch(cdp, 'touchStart', [from[0] - 40, from[1]], [from[0] + 40, from[1]]);
		for (let i = 1; i <= 5; i++) await touch(cdp, 'touchMove', [from[0] - 40 - i * 10, from[1]], [from[0] + 40 + i * 10, from[1]]);
		await touch(cdp, 'touchEnd');
		await expect(page.getByTitle('Fit (0)')).toHaveText(/^(19|20|21|22|23)\d? %|2\d\d %$/);
	});

	test('with the brush, scrolling paints nothing and a tap paints one stitch', async ({ page }) => {
		await openPlan(page, 'Harbour buoy');
		await page.getByRole('button', { name: /^Brush/ }).click();
		await page.getByRole('toolbar', { name: 'Yarns' }).getByRole('button', { name: /^C/ }).click();
		const cdp = await page.context().newCDPSession(page);
		const [x, y] = await middleOf(page, 7);
		await touch(cdp, 'touchStart', [x, y]);
		for (let i = 1; i <= 6; i++) await touch(cdp, 'touchMove', [x, y - i * 10]);
		await touch(cdp, 'touchEnd');
		await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute('aria-disabled', 'true');
		await page.touchscreen.tap(...(await middleOf(page, 7)));
		await saved(page);
		await expect(round(page, 7)).toHaveAccessibleName(/3 runs of yarn/);
	});

	test('what is touched is large enough', async ({ page }) => {
		await openPlan(page, 'Harbour buoy');
		for (const station of ['yarns', 'rounds', 'colours', 'changes', 'amounts', 'pattern'] as const) {
			await goTo(page, station);
			const small = await page.evaluate(() =>
				[...document.querySelectorAll<HTMLElement>('button, a[href], select, input:not([type="file"], [type="color"])')]
					.map((element) => ({ element, box: element.getBoundingClientRect() }))
					.filter(({ element, box }) => box.width > 1 && box.height > 1 && !element.closest('p') && (box.width < 24 || box.height < 24))
					.map(
						({ element, box }) => `${element.getAttribute('aria-label') ?? element.textContent} ${box.width.toFixed(0)} × ${box.height.toFixed(0)}`,
					),
			);
			expect(small, station).toEqual([]);
		}
	});
});

for (const [width, height] of [
	[390, 844],
	[640, 400],
	[320, 200],
] as const) {
	test(`at ${width} × ${height} words, picture and panel are there one at a time, and nothing runs off sideways`, async ({ page }) => {
		await page.setViewportSize({ width, height });
		await openPlan(page, 'Harbour buoy');
		const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
		for (const [name, there] of [
			['Picture', 'canvas'],
			['Words', '[aria-label="Rounds, a line each"]'],
			['Colours', '#panel h2'],
		] as const) {
			await page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name }).click();
			await expect(page.locator(there)).toBeVisible();
			expect(await wide()).toBe(width);
		}
		// The panel has all the room between the header and the leaves, and the title what the buttons beside it leave.
		const panelBox = await page.locator('#panel').boundingBox();
		if (height > 480) {
			const leaves = await page.getByRole('toolbar', { name: 'Shown' }).boundingBox();
			expect((panelBox?.y ?? 0) + (panelBox?.height ?? 0)).toBeCloseTo(leaves?.y ?? 0, -1);
			expect((leaves?.y ?? 0) + (leaves?.height ?? 0)).toBeCloseTo(height, -1);
		}
		expect((await page.getByLabel('The plan’s title').boundingBox())?.width).toBeGreaterThan(0.35 * width);
		for (const station of ['yarns', 'rounds', 'changes', 'amounts', 'pattern'] as const) {
			await goTo(page, station);
			expect(await wide(), station).toBe(width);
		}
		for (const [menu, item] of [
			['Plan', /^Gauge/],
			['Plan', /^Keys/],
			['More about pieces', /^Name, copies/],
			['More about pieces', /^A cover/],
		] as const) {
			await page.getByRole('button', { name: menu, exact: true }).click();
			await page.getByRole('menuitem', { name: item }).click();
			const dialog = page.getByRole('dialog');
			expect(await dialog.evaluate((element) => element.scrollWidth - element.clientWidth), String(item)).toBe(0);
			await page.keyboard.press('Escape');
			await expect(dialog).toBeHidden();
		}
		await page.goto('/');
		await expect(page.getByRole('heading', { name: 'Plans' })).toBeVisible();
		expect(await wide(), 'shelf').toBe(width);
	});
}

test('the rounds are one stop, gone through and picked by keys', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	const picked = () => page.locator('[data-round][aria-pressed="true"]').evaluateAll((all) => all.map((one) => Number((one as HTMLElement).dataset.round)));
	expect(await page.locator('[data-round][tabindex="0"]').count()).toBe(1);
	await round(page, 1).focus();
	await page.keyboard.press('ArrowDown');
	expect(await picked()).toEqual([2]);
	await expect(round(page, 2)).toBeFocused();
	await page.keyboard.press('Shift+ArrowDown');
	expect(await picked()).toEqual([2, 3]);
	await page.keyboard.press('Control+ArrowDown');
	await page.keyboard.press('Control+ArrowDown');
	expect(await picked()).toEqual([2, 3]);
	await page.keyboard.press('Control+Space');
	expect(await picked()).toEqual([2, 3, 5]);
	await page.keyboard.press('Control+a');
	expect((await picked()).length).toBe(18);
	await page.keyboard.press('Escape');
	expect(await picked()).toEqual([]);
	await page.keyboard.press('End');
	await expect(round(page, 18)).toBeFocused();
});

test('the focus goes where the work goes on, and single letters can be switched off', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await page.getByRole('button', { name: 'Delete the layer rounds 16–18' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('#panel').locator(':focus')).toHaveCount(1);
	await round(page, 3).focus();
	await page.keyboard.press('2');
	await expect(page.locator('#panel')).toBeFocused();
	// From there the next station's key goes on, and a yarn's letter does nothing.
	await page.keyboard.press('b');
	await page.keyboard.press('4');
	await expect(page.locator('#panel')).toHaveAccessibleName('Colour changes');
	await expect(page.locator('#panel')).toBeFocused();
	await page.keyboard.press('3');
	await expect(page.locator('#panel')).toHaveAccessibleName('Colours');
	// What happens on the sheet is one stop, gone through by arrows.
	const events = page.getByRole('toolbar', { name: 'Colour changes' });
	await expect(events.locator('[tabindex="0"]')).toHaveCount(1);
	await events.locator('[tabindex="0"]').focus();
	await page.keyboard.press('Home');
	await page.keyboard.press('ArrowDown');
	await expect(events.getByRole('button').nth(1)).toBeFocused();
	await page.locator('#panel').focus();
	await page.keyboard.press('F6');
	await expect(page.locator('#panel')).not.toBeFocused();
	await round(page, 3).focus();
	await page.keyboard.press('?');
	const keys = page.getByRole('dialog', { name: 'Keys' });
	// A slip of the next key changes nothing.
	await page.keyboard.press('Space');
	await expect(keys.getByLabel('Keys of a single letter or sign act')).toBeChecked();
	await keys.getByLabel('Keys of a single letter or sign act').uncheck();
	await keys.getByRole('button', { name: 'Done' }).click();
	await expect(round(page, 3)).toBeFocused();
	const menu = page.getByRole('button', { name: 'Plan', exact: true });
	await menu.press('Enter');
	await page.getByRole('menuitem', { name: /^Keys/ }).press('Enter');
	await expect(keys).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(menu).toBeFocused();
	await round(page, 3).focus();
	await page.keyboard.press('Enter');
	await page.keyboard.press('c');
	await page.waitForTimeout(300);
	await expect(round(page, 3)).toHaveAccessibleName(/yarn A/);
	await page.keyboard.press('?');
	await expect(keys).toHaveCount(0);
	await page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name: 'Rounds' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name: 'Colours' })).toBeFocused();
});

test('readers of the screen hear what happened, and where they are', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	const heard = page.getByRole('log', { name: 'What happened' });
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Harbour buoy');
	await expect(page).toHaveTitle('Harbour buoy: Colours – Alternum');
	await round(page, 4).click();
	await expect(heard).toHaveText('Round 4 picked');
	await page.keyboard.press('c');
	await expect(heard).toHaveText(/round 4 in C/i);
	await page.keyboard.press('Control+z');
	await expect(heard).toHaveText('Undone');
	await goTo(page, 'changes');
	await expect(page).toHaveTitle('Harbour buoy: Colour changes – Alternum');
});

test('yarns keep their colours where the system takes over those of pages', async ({ page }) => {
	await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
	await openPlan(page, 'Harbour buoy');
	const swatch = page.getByRole('toolbar', { name: 'Yarns' }).locator('.yarn').nth(1);
	await expect(swatch).toHaveCSS('background-color', 'rgb(200, 55, 45)');
	await round(page, 4).click();
	await expect(round(page, 4)).toHaveCSS('outline-style', 'solid');
	expect(await page.evaluate(() => document.getAnimations().length)).toBe(0);
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
	test('the header leaves the height to the work, and the open station is in sight', async ({ page }) => {
		await openPlan(page, 'Otter in a striped jersey', 'colours');
		const header = page.getByRole('banner');
		expect((await header.boundingBox())?.height).toBeLessThanOrEqual(0.155 * 844);
		for (const station of ['pattern', 'yarns'] as const) {
			await goTo(page, station);
			await expect(page.getByRole('navigation', { name: 'Stations' }).locator('[aria-current="page"]')).toBeInViewport();
			expect((await header.boundingBox())?.height).toBeLessThanOrEqual(0.155 * 844);
		}
		await expect(page.getByRole('toolbar', { name: 'Shown' })).toBeInViewport();
	});

	test('stations and pieces fold away while one reads on, and are there as soon as one goes back', async ({ page }) => {
		await openPlan(page, 'Otter in a striped jersey', 'pattern');
		const header = page.getByRole('banner');
		const stations = page.getByRole('navigation', { name: 'Stations' });
		const panel = page.locator('#panel');
		const scrollTo = (top: number) => panel.evaluate((one, top) => one.scrollTo({ top }), top);
		await expect.poll(() => panel.evaluate((one) => one.scrollHeight)).toBeGreaterThan(1500);
		await scrollTo(20);
		await page.waitForTimeout(100);
		await scrollTo(400);
		await expect(stations).toBeHidden();
		expect((await header.boundingBox())?.height).toBeLessThanOrEqual(0.08 * 844);
		// A little to and fro is no going back.
		await page.waitForTimeout(400);
		await scrollTo(390);
		await expect(stations).toBeHidden();
		await scrollTo(300);
		await expect(stations).toBeVisible();
		await page.waitForTimeout(400);
		await scrollTo(700);
		await expect(stations).toBeHidden();
		// Another leaf begins with all of it.
		await page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name: 'Picture' }).click();
		await expect(stations).toBeVisible();
	});

	test('help speaks of fingers', async ({ page }) => {
		await openPlan(page, 'Harbour buoy', 'colours');
		await page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name: 'Colours' }).click();
		await expect(page.getByText('Pick rounds, then press a yarn.')).toBeVisible();
		const manual = page.getByText('Tap a round to pick it, or hold it and drag over more; then tap a yarn.');
		await expect(manual).toBeHidden();
		await page.getByRole('button', { name: 'How “Colours” is used' }).click();
		await expect(manual).toBeVisible();
		await page.getByRole('button', { name: 'take the brush' }).click();
		await page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name: 'Colours' }).click();
		await expect(page.getByText('Tap a stitch, or hold it and drag to paint over more.')).toBeVisible();
	});
});
