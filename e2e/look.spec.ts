import { gzipSync } from 'node:zlib';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { editor, expect, goTo, line, openPlan, round, test } from './bench';
import { STATIONS } from './stations.mjs';

const stations = Object.keys(STATIONS) as (keyof typeof STATIONS)[];

async function checkWithAxe(page: Page): Promise<void> {
	const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
	expect(violations.map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)).toEqual([]);
}

test('axe finds nothing on the shelf', async ({ page }) => {
	await page.goto('/');
	await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(4);
	await checkWithAxe(page);
});

test('the shelf is there with little: 150 kB of scripts, gzipped', async ({ page }) => {
	await page.goto('/');
	const scripts = await page
		.locator('script[type=module], link[rel=modulepreload]')
		.evaluateAll((all) => all.map((one) => one.getAttribute('src') ?? one.getAttribute('href') ?? ''));
	const bodies = await Promise.all(scripts.map(async (script) => (await page.request.get(script)).body()));
	const bytes = bodies.reduce((sum, body) => sum + gzipSync(body).length, 0);
	expect(bytes).toBeGreaterThan(50_000);
	expect(bytes).toBeLessThanOrEqual(150_000);
});

/** A desk, a wide window, a tablet either way, a phone either way, and a desk seen at four times its size. */
const SIZES = [
	[1280, 800],
	[1920, 1080],
	[820, 1180],
	[390, 844],
	[844, 390],
	[320, 256],
] as const;

for (const [i, station] of stations.entries()) {
	test(`axe finds nothing on the bench, at ${station}`, async ({ page }) => {
		await openPlan(page, 'Otter in a striped jersey', station);
		// Each station in two sizes, so that every size has its turn.
		for (const at of [i, i + 3]) {
			const [width, height] = SIZES[at % SIZES.length] ?? SIZES[0];
			await page.setViewportSize({ width, height });
			await page.getByRole('navigation', { name: 'Stations' }).locator('[aria-current="page"]').waitFor();
			await checkWithAxe(page);
		}
	});
}

test('axe finds nothing where a line is wrong, nor in the dialogs', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'rounds');
	await line(page, 3).fill('R3: (sc, imc) x6');
	await expect(page.getByText('“imc” isn’t a stitch I know').first()).toBeVisible();
	await checkWithAxe(page);
	await page.getByRole('button', { name: 'Begin from a shape' }).click();
	await expect(page.getByRole('dialog')).toBeVisible();
	await checkWithAxe(page);
});

for (const [width, height] of [
	[1280, 800],
	[820, 1180],
	[1180, 820],
] as const) {
	test(`nothing runs off the page at ${width} × ${height}`, async ({ page }) => {
		await page.setViewportSize({ width, height });
		await openPlan(page, 'Spotted mushroom');
		for (const station of stations) {
			await goTo(page, station);
			expect(await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight]), station).toEqual([width, height]);
			await expect(round(page, 1)).toBeInViewport();
		}
	});
}

test('the stations have keys', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	// Where nothing of the sheet has the focus, a letter or a figure does nothing.
	await page.getByRole('button', { name: 'Undo' }).focus();
	await page.keyboard.press('6');
	await page.keyboard.press('c');
	await expect(page).toHaveURL(/\/colours$/);
	for (const [i, station] of stations.entries()) {
		await round(page, 3).focus();
		await page.keyboard.press(String(i + 1));
		await expect(page).toHaveURL(new RegExp(`/${station}(\\?.*)?$`));
	}
});

test('a plan of 400 rounds is worked on', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Add a piece' }).click();
	await page.getByRole('button', { name: 'Paste a pattern' }).click();
	const dialog = page.getByRole('dialog', { name: 'Paste a pattern' });
	await dialog.getByLabel('The pattern').fill(['100 sc in MR', ...Array.from({ length: 399 }, (_, i) => `R${i + 2}: sc around`)].join('\n'));
	await expect(dialog).toContainText('1 piece, 400 rounds, every one fits');
	await dialog.getByRole('button', { name: 'Take it' }).click();
	await expect(round(page, 400)).toContainText('100');
	await round(page, 300).scrollIntoViewIfNeeded();
	const far = editor(page).locator('.cm-line', { hasText: 'R300:' });
	expect(Math.abs(((await far.boundingBox())?.y ?? 0) - ((await round(page, 300).boundingBox())?.y ?? 1000))).toBeLessThan(2);
	await far.fill('R300: 99 sc');
	await expect(page.getByText('Round 300 uses 99 of the 100 stitches below: 1 left over.').first()).toBeVisible();
	await far.fill('R300: sc around');
	await expect(page.getByText('Round 300 uses')).toHaveCount(0);
});

test('a piece of 120 rounds is seen at once at a key, and its words are back at the next', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('tab', { name: /^Staff/ }).click();
	await editor(page).click();
	await page.keyboard.press('Control+A');
	await page.keyboard.type('R1: 24 sc in MR\nR2-120: sc around');
	await expect(round(page, 120)).toBeAttached();
	const sheet = page.locator('#sheet');
	const isAtOnce = () => sheet.evaluate((is) => is.scrollHeight <= is.clientHeight + 1);
	expect(await isAtOnce()).toBe(false);
	await page.getByRole('slider', { name: /opened/ }).focus();
	await page.keyboard.press('0');
	await expect.poll(isAtOnce).toBe(true);
	await expect(editor(page)).toBeHidden();
	await expect(page.getByRole('button', { name: 'The whole piece at once' })).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('0');
	await expect(editor(page)).toBeVisible();
	expect(await isAtOnce()).toBe(false);
});
