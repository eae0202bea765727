import type { Locator, Page } from '@playwright/test';
import { expect, goTo, openPlan, panel, round, saved, test } from './bench';

const chartOf = (page: Page): Locator => page.getByRole('slider', { name: /opened/ });

/** Presses the chart at a share of its width and height. */
async function pressChart(page: Page, across: number, down: number): Promise<void> {
	const chart = chartOf(page);
	const box = await chart.boundingBox();
	await chart.click({ position: { x: (box?.width ?? 0) * across, y: (box?.height ?? 0) * down } });
}

type Place = { across: number; down: number };
type Hand = (page: Page, thing: Locator, at: Place) => Promise<void>;

/** Two acts with each of the three: take the thing, and say where it goes. */
const mouse: Hand = async (page, thing, at) => {
	await thing.click();
	await pressChart(page, at.across, at.down);
};
const finger: Hand = async (page, thing, at) => {
	await thing.tap();
	const row = round(page, Math.round(at.down * 24));
	await row.evaluate((is) => is.scrollIntoView({ block: 'center' }));
	// No finger is there before the picture has followed.
	await page.waitForTimeout(300);
	const [box, line] = [await chartOf(page).boundingBox(), await row.boundingBox()];
	await page.touchscreen.tap((box?.x ?? 0) + (box?.width ?? 0) * at.across, (line?.y ?? 0) + (line?.height ?? 0) / 2);
};
const keys: Hand = async (page, thing) => {
	await thing.focus();
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'Where it usually goes' }).focus();
	await page.keyboard.press('Enter');
};

async function dress(page: Page, put: Hand): Promise<void> {
	await openPlan(page, 'Otter in a striped jersey', 'parts');
	await page.getByRole('tab', { name: /^Body and head/ }).click();
	// What the plan has already is taken off, so that all of it is placed here.
	const take = page.getByRole('button', { name: /^Take off/ });
	await expect(page.getByRole('region', { name: 'On Body and head' })).toBeVisible();
	await expect(take).toHaveCount(7);
	while ((await take.count()) > 0) {
		const left = await take.count();
		await take.first().click();
		await expect(take).toHaveCount(left - 1);
	}
	const tray = page.getByRole('region', { name: 'What can be put on' });
	let acts = 0;
	for (const [name, across, down] of [
		['Eyes', 0.42, 0.9],
		['Mouth', 0.5, 0.85],
		['Cheeks', 0.36, 0.87],
		['Arm ×2', 0.3, 0.6],
		['Tail', 0.15, 0.25],
		['Hat', 0.5, 0.5],
	] as const) {
		await put(page, tray.getByRole('button', { name, exact: true }).first(), { across, down });
		await expect(tray.getByRole('button', { pressed: true })).toHaveCount(0);
		await saved(page);
		acts += 2;
	}
	expect(acts).toBe(12);
	const on = page.getByRole('region', { name: 'On Body and head' });
	await expect(on.getByRole('listitem')).toHaveCount(3);
	const together = page.getByRole('region', { name: 'Put together' });
	await expect(together.getByRole('listitem')).toHaveCount(3);
	await expect(together).toContainText('Arm on Body and head');
	await expect(together).not.toContainText('not placed yet');
	await expect(on).toContainText(/the eyes/);
	await goTo(page, 'pattern');
	await expect(panel(page)).toContainText('Put together');
	await expect(panel(page)).toContainText(/Sew Left arm and Right arm to Body and head/);
}

test('a toy gets its face and its parts by mouse, two acts a thing', ({ page }) => dress(page, mouse));
test('a toy gets its face and its parts by keys alone, two acts a thing', ({ page }) => dress(page, keys));
test.describe('on a phone', () => {
	test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });
	test('a toy gets its face and its parts by finger, two acts a thing', ({ page }) => dress(page, finger));
});

test('from above, what is held lands where it is pressed: the front is at the bottom', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'parts');
	await page.getByRole('tab', { name: /^Body and head/ }).click();
	await page.getByRole('button', { name: 'From above', exact: true }).click();
	const rings = page.getByRole('img', { name: /from above/ });
	const box = await rings.boundingBox();
	const [width, height] = [box?.width ?? 0, box?.height ?? 0];
	const out = Math.min(width, height) * 0.2;
	const on = page.getByRole('region', { name: 'On Body and head' });
	for (const [thing, right, down, said] of [
		['Felt or a cut shape', 0, out, /: second round of stripe 7/],
		['Clasp', 0, -out, /180° on from the middle/],
		// A quarter of 36 stitches, less the half of the one that is pressed.
		['Ring', out, 0, /8\.5 stitches back from the middle/],
	] as const) {
		await page.getByRole('button', { name: thing, exact: true }).click();
		await rings.click({ position: { x: width / 2 + right, y: height / 2 + down } });
		await expect(on.getByRole('button', { name: new RegExp(`^${thing}`) })).toHaveAccessibleName(said);
	}
});

test('a face is moved by keys, and what ties to the eyes goes along in one undo', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'parts');
	await page.getByRole('tab', { name: /^Body and head/ }).click();
	const on = page.getByRole('region', { name: 'On Body and head' });
	const eyes = on.getByRole('button', { name: /^Eyes, 8 mm:/ });
	await expect(eyes).toContainText('between rounds 23 and 24, 6 stitches apart');
	await expect(on).toContainText('between rounds 21 and 22, its middle');
	await eyes.focus();
	await page.keyboard.press('ArrowUp');
	await expect(eyes).toContainText('between rounds 22 and 23');
	await expect(on).toContainText('between rounds 20 and 21, its middle');
	await page.keyboard.press('ArrowRight');
	await expect(eyes).toContainText('8 stitches apart');
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(eyes).toContainText('between rounds 23 and 24, 6 stitches apart');
	await expect(on).toContainText('between rounds 21 and 22, its middle');
});

test('a part is put on by keys alone, and what cannot be is told at its place', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'parts');
	await page.getByRole('button', { name: /^Take off Staff on Float/ }).click();
	const tray = page.getByRole('region', { name: 'What can be put on' });
	await tray.getByRole('button', { name: 'Staff' }).focus();
	await page.keyboard.press('Enter');
	const chart = page.getByRole('slider', { name: /opened/ });
	await chart.focus();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	const together = page.getByRole('region', { name: 'Put together' });
	await expect(together).toContainText('Staff on Float');
	await together.getByRole('button', { name: /^Staff on Float/ }).click();
	await together.getByLabel('Held by').selectOption({ label: 'slipped on' });
	await together.getByLabel('Its edge').selectOption({ label: 'pressed flat' });
	await expect(together).toContainText('slipped on does not go along the edge, pressed flat.');
	await together.getByLabel('Onto').selectOption({ label: 'Staff' });
	await expect(together).toContainText('Staff cannot be put on itself.');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(together).toContainText('slipped on does not go');
});

test('what is placed is dragged over the chart, and what goes with it comes along, in one step of undo', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'parts');
	await page.getByRole('tab', { name: /^Body and head/ }).click();
	const on = page.getByRole('region', { name: 'On Body and head' });
	await expect(on).toContainText('between rounds 23 and 24, 6 stitches apart');
	await round(page, 23).evaluate((is) => is.scrollIntoView({ block: 'center' }));
	// No pointer is there before the picture has followed.
	await page.waitForTimeout(300);
	const [chart, eyes, to] = [await chartOf(page).boundingBox(), await round(page, 23).boundingBox(), await round(page, 20).boundingBox()];
	if (chart === null || eyes === null || to === null) throw new Error('The chart is not in sight.');
	// The widest round has 36 stitches; the eyes are three from the middle, and are let go five from it.
	const wide = Math.min(18, (chart.width - 24) / 36);
	const middle = chart.x + chart.width / 2;
	await page.mouse.move(middle + 3 * wide, eyes.y + eyes.height);
	await page.mouse.down();
	await page.mouse.move(middle + 4 * wide, to.y + to.height / 2);
	await page.mouse.move(middle + 5 * wide, to.y + to.height / 2);
	await page.mouse.up();
	await expect(on).toContainText('between rounds 20 and 21, 10 stitches apart');
	await expect(on).toContainText('between rounds 19 and 20, its middle');
	await page.keyboard.press('Control+z');
	await expect(on).toContainText('between rounds 23 and 24, 6 stitches apart');
	await expect(on).toContainText('between rounds 22 and 23, its middle');
});

test('a part is turned on its seat by keys, and the order of the work is chosen', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'parts');
	const arm = page.getByRole('region', { name: 'Put together' }).getByRole('button', { name: /^Arm on Body/ });
	await arm.focus();
	for (let i = 0; i < 6; i++) await page.keyboard.press('Shift+ArrowRight');
	await saved(page);
	await goTo(page, 'pattern');
	const together = panel(page).getByRole('region', { name: 'Put together' });
	await expect(together).toContainText('Let its edge run upright');
	await expect(together.getByRole('listitem').first()).toContainText('Make Leg (both)');
	await together.getByLabel('In which order').selectOption('parts');
	await expect(together.getByRole('listitem').nth(2)).toContainText('Make Left arm and Right arm');
	await expect(together.getByRole('listitem').nth(3)).toContainText('Sew Left arm and Right arm to Body and head');
});

test('the line that says where something is, is typed over; words that say no place are told, and nothing is lost', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'parts');
	await page.getByRole('tab', { name: /^Body and head/ }).click();
	const on = page.getByRole('region', { name: 'On Body and head' });
	await on.getByRole('button', { name: /^Eyes/ }).click();
	const line = on.getByLabel('The place in words').first();
	await expect(line).toHaveValue('between rounds 23 and 24, 6 stitches apart');
	await line.fill('between R21 and R22, 8 sts apart');
	await line.press('Enter');
	await expect(on).toContainText('between rounds 21 and 22, 8 stitches apart');
	await line.fill('somewhere nice');
	await line.press('Enter');
	await expect(page.getByText('“somewhere nice” says no place.').first()).toBeVisible();
	await expect(on).toContainText('between rounds 21 and 22, 8 stitches apart');
});
