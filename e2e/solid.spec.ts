import AxeBuilder from '@axe-core/playwright';
import { coloursOnChart, expect, openPlan, round, test, touch } from './bench';
import { launchOptions } from './browser.mjs';

// The piece in the round is drawn by WebGL, which the other tests do without, as in software it slows all drawing down.
test.use({ launchOptions });

test.beforeEach(async ({ page }) => openPlan(page, 'Harbour buoy'));

test('the piece is looked at in four views, from near and from all sides', async ({ page }) => {
	await page.getByRole('slider', { name: /opened along its back/ }).focus();
	await page.keyboard.press('/');
	await expect(page.getByRole('button', { name: 'Chart' })).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('+');
	await expect(page.getByRole('button', { name: '150 %' })).toBeVisible();
	await page.keyboard.press('0');
	await page.keyboard.press('/');
	await expect(page.getByRole('img', { name: /from above/ })).toBeVisible();
	await round(page, 1).focus();
	await page.keyboard.press('/');
	const solid = page.getByRole('slider', { name: /in the round/ }).or(page.getByRole('img', { name: /from one side/ }));
	await expect(solid).toBeVisible();
	await solid.focus();
	await page.keyboard.press('b');
	await expect(page.getByRole('button', { name: 'back', exact: true })).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('s');
	await expect(page.getByRole('button', { name: 'stuffed' })).toHaveAttribute('aria-pressed', 'false');
	const box = await solid.boundingBox();
	if (box === null) throw new Error('There is no picture.');
	await page.waitForTimeout(500);
	await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
	await expect(page.getByRole('list', { name: 'Rounds' }).locator('[aria-pressed="true"]')).toHaveCount(1);
	await page.getByRole('button', { name: 'Flat' }).click();
	await expect.poll(() => coloursOnChart(page, ['#C8372D'])).toEqual(['#C8372D']);
});

test('axe finds nothing serious in the view In 3D', async ({ page }) => {
	test.setTimeout(60_000);
	await page.getByRole('button', { name: 'In 3D', exact: true }).click();
	await page.getByRole('tab', { name: 'Motif' }).click();
	await page.getByRole('button', { name: 'Draw one' }).click();
	await page.waitForTimeout(300);
	const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
	expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical').map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)).toEqual([]);
});

test.describe('with fingers', () => {
	test.use({ hasTouch: true, viewport: { width: 820, height: 760 } });

	test('two fingers zoom the piece in the round', async ({ page }) => {
		await page.getByRole('button', { name: 'In 3D' }).click();
		const piece = page.getByRole('slider', { name: /in the round/ });
		await expect(piece).toBeVisible();
		await page.waitForTimeout(1500);
		const before = await piece.screenshot();
		const box = await piece.boundingBox();
		const [x, y] = [(box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + (box?.height ?? 0) / 2];
		const cdp = await page.context().newCDPSession(page);
		await touch(cdp, 'touchStart', [x - 30, y], [x + 30, y]);
		for (let i = 1; i <= 5; i++) await touch(cdp, 'touchMove', [x - 30 - i * 10, y], [x + 30 + i * 10, y]);
		await touch(cdp, 'touchEnd');
		await page.waitForTimeout(500);
		expect((await piece.screenshot()).equals(before)).toBe(false);
		await expect(page.locator('[data-round][aria-pressed="true"]')).toHaveCount(0);
		await expect(piece).toHaveAttribute('aria-valuenow', '0');
	});
});
