import { readFile } from 'node:fs/promises';
import { coloursOnChart, expect, goTo, line, openChange, openPlan, panel, paste, round, saved, test } from './bench';
import { STATIONS } from './stations.mjs';

const CHALK = '#F2EDE4';
const RED = '#C8372D';
const TAR = '#2B3138';

test('every station has an address of its own, at which it opens again', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	for (const station of Object.keys(STATIONS) as (keyof typeof STATIONS)[]) {
		await goTo(page, station);
		await page.reload();
		await expect(page.getByLabel('The plan’s title')).toHaveValue('Harbour buoy');
		await expect(page.getByRole('navigation', { name: 'Stations' }).locator('[aria-current]')).toHaveText(new RegExp(`^${STATIONS[station]}`));
	}
});

test('from the first visit to a pattern in the hand', async ({ page }) => {
	await test.step('the shelf opens with four plans', async () => {
		await page.goto('/');
		await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(4);
	});

	await test.step('a plan opens on the bench with its chart', async () => {
		await openPlan(page, 'Harbour buoy');
		await expect.poll(() => coloursOnChart(page, [CHALK, RED, TAR])).toEqual([CHALK, RED, TAR]);
		await expect(round(page, 7)).toContainText('36');
	});

	await test.step('a round is typed, wrong, then mended', async () => {
		await goTo(page, 'rounds');
		await line(page, 4).fill('R4: (2 sc, inc) x5, 2 sc');
		await expect(page.getByText('Round 4 uses 17 of the 18 stitches below: 1 left over.').first()).toBeVisible();
		await expect(panel(page)).toContainText('Add 1 sc at the end, or write (2 sc, inc) x6.');
		await expect(line(page, 4)).toHaveAttribute('data-wrong');
		await expect(line(page, 5)).toHaveText('R5: (3 sc, inc) x6 (30)');
		await page.getByRole('button', { name: 'Write (2 sc, inc) x6' }).first().click();
		await expect(line(page, 4)).toHaveText('R4: (2 sc, inc) x6');
		await expect(line(page, 4)).not.toHaveAttribute('data-wrong');
		await expect(panel(page)).toContainText('Every round uses all the stitches of the round below.');
		await saved(page);
	});

	await test.step('rounds are picked and given a yarn, by pointer and by key', async () => {
		await goTo(page, 'colours');
		await round(page, 2).click();
		await round(page, 3).click({ modifiers: ['Shift'] });
		await expect(panel(page)).toContainText('Rounds 2 to 3 picked');
		await page.keyboard.press('c');
		await expect(round(page, 3)).toHaveAccessibleName('Round 3, 18 stitches, yarn C');
		await page.keyboard.press('ArrowDown');
		await page.keyboard.press('Shift+ArrowDown');
		await expect(panel(page)).toContainText('Rounds 4 to 5 picked');
		await page.getByRole('toolbar', { name: 'Yarns' }).getByRole('button', { name: /^B / }).click();
		await expect(round(page, 4)).toHaveAccessibleName('Round 4, 24 stitches, yarn B');
	});

	await test.step('each step can be undone and done again', async () => {
		await page.keyboard.press('Control+z');
		await expect(round(page, 4)).toHaveAccessibleName(/yarn A/);
		await page.keyboard.press('Control+z');
		await expect(round(page, 3)).toHaveAccessibleName(/yarn A/);
		await page.keyboard.press('Control+Shift+z');
		await expect(round(page, 3)).toHaveAccessibleName(/yarn C/);
	});

	await test.step('stripes are repeated over a range, and one made higher', async () => {
		await page.getByLabel('From round').fill('7');
		await page.getByLabel('to round').fill('12');
		await page.getByRole('button', { name: 'Add stripes' }).click();
		await expect(round(page, 8)).toHaveAccessibleName(/yarn B/);
		await expect(round(page, 9)).toHaveAccessibleName(/yarn A/);
		await page.getByRole('button', { name: 'Height of stripe 1 of rounds 7 to 12: one round more' }).click();
		await expect(round(page, 9)).toHaveAccessibleName(/yarn B/);
	});

	await test.step('every change is listed with its place and what to do', async () => {
		await goTo(page, 'changes');
		await openChange(page, 9);
		await expect(panel(page)).toContainText(/after stitch 36 of round 9: B → A, at \d+°, a jog of one round, at the back/);
		await expect(panel(page)).toContainText('to the last yarn over');
		const front = page.getByRole('slider', { name: 'Front in degrees' });
		await front.focus();
		for (let i = 0; i < 15; i++) await page.keyboard.press('PageUp');
		await expect(panel(page)).toContainText(/shows, \d+° from the front/);
		await expect(panel(page)).toContainText('Drop the loop. Insert the hook from front to back');
		await page.getByRole('button', { name: /^Turn the front to/ }).click();
		await expect(panel(page)).toContainText('no jog shows at the front');
		await expect(panel(page)).toContainText('This is the best front');
		await page.getByLabel('Treat every jog').selectOption('slip-stitch');
		await expect(panel(page)).toContainText('a jog of about ½ round');
		await expect(panel(page)).toContainText('You chose it.');
	});

	await test.step('the amounts say whether it is enough', async () => {
		await goTo(page, 'amounts');
		await expect(panel(page)).toContainText('Enough, even at the high figure.');
		await page.getByLabel('Grams of B on hand').fill('1');
		await expect(panel(page)).toContainText(/Short by [\d.]+ g/);
		await expect(panel(page).getByRole('table').first()).toContainText('tails');
	});

	await test.step('a yarn has its name, weight and colour', async () => {
		await goTo(page, 'yarns');
		await page.getByLabel('Name of yarn A').fill('Sea foam');
		await page.getByLabel('Colour of yarn A').fill('#88ccbb');
		await expect(page.getByRole('toolbar', { name: 'Yarns' })).toContainText('Sea foam');
		await saved(page);
		await expect.poll(() => coloursOnChart(page, ['#88CCBB', CHALK])).toEqual(['#88CCBB']);
	});

	await test.step('all of it is there after the browser was closed', async () => {
		await page.reload();
		await expect(page.getByLabel('Name of yarn A')).toHaveValue('Sea foam');
		await expect(round(page, 9)).toHaveAccessibleName(/yarn B/);
	});

	await test.step('the pattern and the plan are downloaded', async () => {
		await page.getByRole('button', { name: 'Plan', exact: true }).click();
		const [pattern] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: 'Download the pattern, UK terms' }).click()]);
		const text = await readFile(await pattern.path(), 'utf8');
		expect(text).toContain('Yarn: A Sea foam');
		expect(text).toContain('With A\nRnd 1: 6 dc in MR');
		await page.getByRole('button', { name: 'Plan', exact: true }).click();
		const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: 'Download the plan as a file' }).click()]);
		const plan = JSON.parse(await readFile(await file.path(), 'utf8'));
		expect(plan).toMatchObject({ format: 'alternum-plan', version: 1, title: 'Harbour buoy', pieces: [{ changes: { method: 'slip-stitch' } }, {}] });
	});

	await test.step('and the work is led in words', async () => {
		await goTo(page, 'pattern');
		await expect(panel(page)).toContainText('R1: with A Sea foam: 6 sc in MR');
		await expect(panel(page)).toContainText('check what holds where you live');
	});
});

test('copies get their own yarns, and the sums follow', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Name, copies' }).click();
	await page.getByRole('button', { name: 'Each with its own yarns' }).click();
	await page.getByLabel('instead of B Signal red').nth(1).selectOption('C');
	await page.getByRole('button', { name: 'Done' }).click();
	await expect(page.getByRole('tab', { name: 'Float ×2' })).toBeVisible();
	await saved(page);
	await expect(round(page, 5)).toHaveAccessibleName(/yarn B/);
	await page.getByLabel('Copy that is shown').selectOption('Float 2');
	await expect(round(page, 5)).toHaveAccessibleName(/yarn C/);
	await page.reload();
	await expect(page.getByRole('tab', { name: 'Float ×2' })).toBeVisible();
});

test('a whole pattern is pasted', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await line(page, 1).click();
	await paste(
		page,
		'Rnd 1\u2013 6 sc in MR [6]\r\nRnd 2\u2013 2\u00a0sc in each st [12]\r\n\r\nstuff lightly 🧶\r\nRnds 3\u20135: with B: sc around [12]\r\n',
	);
	const dialog = page.getByRole('dialog', { name: 'Paste a pattern' });
	await expect(dialog).toContainText('1 piece, 5 rounds, every one fits');
	await expect(dialog.getByRole('listitem').filter({ hasText: 'stuff lightly' })).toContainText('note');
	await dialog.getByRole('button', { name: 'Take it' }).click();
	await expect(line(page, 5)).toHaveText('Rnds 3–5: with B: sc around [12]');
	await expect(round(page, 5)).toContainText('12');
	await expect(panel(page)).toContainText('Every round uses all the stitches');
	await expect(round(page, 4)).toHaveAccessibleName(/yarn B/);
	await expect(round(page, 2)).toHaveAccessibleName(/yarn A/);
});

test('pieces are added, duplicated, taken out and brought back', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	const pieces = page.getByRole('tablist', { name: 'Pieces' });
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Duplicate Float' }).click();
	await expect(pieces.getByRole('tab')).toHaveText(['Float', 'Staff', 'Float again']);
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Make Float again earlier' }).click();
	await expect(pieces.getByRole('tab')).toHaveText(['Float', 'Float again', 'Staff']);
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Delete Float again' }).click();
	await expect(pieces.getByRole('tab')).toHaveText(['Float', 'Staff']);
	await saved(page);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(pieces.getByRole('tab')).toHaveText(['Float', 'Float again', 'Staff']);
});

test('the chart is picked with the pointer, dragged over rounds', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	const chart = await page.locator('canvas').boundingBox();
	const [from, to] = [await round(page, 8).boundingBox(), await round(page, 10).boundingBox()];
	if (chart === null || from === null || to === null) throw new Error('Nothing is drawn.');
	const x = chart.x + chart.width / 2;
	await page.mouse.move(x, from.y + from.height / 2);
	await expect(page.getByText(/round 8, stitch \d+ of 36, sc in A, \d+°/)).toBeVisible();
	await page.mouse.down();
	await page.mouse.move(x, to.y + to.height / 2, { steps: 6 });
	await page.mouse.up();
	await expect(panel(page)).toContainText('Rounds 8 to 10 picked');
	await page.keyboard.press('Escape');
	await expect(panel(page)).toContainText('Pick rounds');
});

test('yarn on hand is kept on the shelf and taken into a plan', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Add a yarn' }).click();
	await page.getByLabel('Name').fill('Kelp');
	await page.getByRole('textbox', { name: 'On hand' }).fill('35');
	await page.getByRole('button', { name: 'Keep' }).click();
	await expect(page.getByRole('region', { name: 'Yarn on hand' })).toContainText('Kelp');
	await openPlan(page, 'Spotted mushroom', 'yarns');
	await panel(page).getByRole('button', { name: /Kelp/ }).click();
	await expect(page.getByRole('toolbar', { name: 'Yarns' })).toContainText('Kelp');
});

test('a plan taken off the shelf can be put back', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: /^Delete .*Harbour buoy/ }).click();
	await expect(page.getByRole('link', { name: 'Harbour buoy' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Put it back' }).click();
	await expect(page.getByRole('link', { name: 'Harbour buoy' })).toBeVisible();
});

test('the whole plan’s settings hold everywhere', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'amounts');
	await expect(panel(page)).toContainText(/\d m/);
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /^Gauge, terms/ }).click();
	const dialog = page.getByRole('dialog', { name: 'The whole plan' });
	await dialog.getByLabel('Units').selectOption('imperial');
	await dialog.getByLabel('Hand that holds the hook').selectOption('left');
	await dialog.getByRole('button', { name: 'Translate them into UK terms' }).click();
	await expect(line(page, 1)).toHaveText('R1: 6 dc in MR (6)');
	await dialog.getByLabel('Stitches', { exact: true }).fill('10');
	await dialog.getByRole('button', { name: 'Take the tension from this' }).click();
	await expect(dialog.getByLabel('Stitches in 4 in')).not.toHaveValue('22');
	await dialog.getByRole('button', { name: 'Done' }).click();
	await expect(panel(page)).toContainText(/\d yd/);
	await expect(page.getByText('back ←')).toBeVisible();
});

test('one change is treated in its own way', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'changes');
	const one = await openChange(page, 7);
	await one.getByLabel('Method after round 7').selectOption('slip-stitch');
	await expect(one).toContainText('a jog of about ½ round');
	await expect(one).toContainText('You chose it.');
	await expect(panel(page).locator('li[data-round]').nth(2)).toContainText('plain change');
	await one.getByLabel('Method after round 7').selectOption('auto');
	await expect(one).toContainText('a jog of one round');
});

test('an edit that cannot be made says why, and costs nothing', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'rounds');
	await page.getByRole('tab', { name: 'Leg' }).click();
	for (const rounds of [7, 6, 5, 4, 3]) {
		await page.getByRole('button', { name: 'Shorter' }).click();
		await expect(panel(page)).toContainText(`${rounds} rounds`);
	}
	await page.getByRole('button', { name: 'Shorter' }).click();
	const told = page.getByRole('region', { name: /^This could not be done/ });
	await expect(told).toContainText('it has no even rounds left to take out');
	await told.getByRole('button', { name: 'All right' }).click();
	await expect(told).toHaveCount(0);
	await saved(page);
	await expect(panel(page)).toContainText('Every round uses all the stitches');
});
