import AxeBuilder from '@axe-core/playwright';
import { begin, coloursOnChart, expect, goTo, openPlan, panel, round, saved, test } from './bench';

test.beforeEach(async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
});

test('a motif is set, moved, slanted and hidden, each with a way back', async ({ page }) => {
	await page.getByRole('tab', { name: 'Motif' }).click();
	await page.getByLabel('Yarn', { exact: true }).selectOption('C');
	await page.getByRole('button', { name: 'heart' }).click();
	const layers = page.getByRole('region', { name: 'Layers' });
	await expect(layers).toContainText('Heart: motif, 7 × 6, from round 6');
	await expect(round(page, 8)).toHaveAccessibleName(/3 runs of yarn/);
	await layers.getByRole('button', { name: /^Heart:/ }).click();
	await layers.getByRole('textbox', { name: 'From round' }).fill('8');
	await expect(round(page, 6)).toHaveAccessibleName(/yarn B/);
	await expect(round(page, 9)).toHaveAccessibleName(/3 runs of yarn/);
	const chart = page.getByRole('slider', { name: /opened along/ });
	const box = await chart.boundingBox();
	if (box === null) throw new Error('There is no chart.');
	await page.mouse.move(box.x + box.width / 2, box.y + 300);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + 60, box.y + 370, { steps: 5 });
	await page.mouse.up();
	await expect(layers.getByLabel('Degrees from the front')).not.toHaveValue('0');
	await expect(layers.getByRole('textbox', { name: 'From round' })).not.toHaveValue('8');
	await layers.getByLabel('keep upright (corrects slant)').uncheck();
	await saved(page);
	await layers
		.getByRole('button', { name: /^Hide the layer/ })
		.first()
		.click();
	await expect(round(page, 11)).toHaveAccessibleName(/yarn/);
	await expect(layers.getByRole('button', { name: /^Show the layer/ })).toBeVisible();
	await saved(page);
	for (let i = 0; i < 4; i++) {
		await page.getByRole('button', { name: 'Undo' }).click();
		await saved(page);
	}
	await expect(layers.getByLabel('Degrees from the front')).toHaveValue('0');
});

test('caps, spots, panels and blends are laid, and stay what they are when the piece grows', async ({ page }) => {
	await page.getByRole('tab', { name: 'Band of rounds' }).click();
	await page.getByLabel('Which rounds').selectOption('shrinking');
	await page.getByLabel('Yarn', { exact: true }).selectOption('C');
	await page.getByRole('button', { name: 'Add the band' }).click();
	await expect(round(page, 14)).toHaveAccessibleName(/yarn C/);
	await page.getByRole('tab', { name: 'Spots' }).click();
	await page.getByLabel('Spots around').fill('4');
	await page.getByLabel('Yarn', { exact: true }).selectOption('C');
	await page.getByRole('button', { name: 'Add spots' }).click();
	await expect(page.getByRole('region', { name: 'Layers' })).toContainText('spots, 4 around, round 9');
	await expect(round(page, 9)).toHaveAccessibleName(/[89] runs of yarn/);
	await page.getByRole('button', { name: /^spots, 4 around/ }).click();
	await page.getByRole('button', { name: 'Work them as bobbles' }).click();
	await expect(page.locator('.cm-line', { hasText: /^R9: .*bob/ })).toBeVisible();
	await saved(page);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.locator('.cm-line', { hasText: 'bob' })).toHaveCount(0);
	await page.keyboard.press('Escape');
	await page.getByRole('tab', { name: 'Oval patch' }).click();
	await page.getByLabel('From round').first().fill('10');
	await page.getByLabel('to round').first().fill('12');
	await page.getByRole('button', { name: 'Add the patch' }).click();
	await page.getByRole('tab', { name: 'Fade' }).click();
	await page.getByLabel('From round').first().fill('3');
	await page.getByLabel('to round').first().fill('4');
	await page.getByRole('button', { name: 'Add the fade' }).click();
	await expect(round(page, 3)).toHaveAccessibleName(/runs of yarn/);
	await saved(page);
	await goTo(page, 'rounds');
	await page.getByRole('button', { name: 'Longer' }).click();
	await expect(panel(page)).toContainText('19 rounds');
	await expect(round(page, 15)).toHaveAccessibleName(/yarn C/);
	await expect(round(page, 14)).not.toHaveAccessibleName(/yarn C$/);
});

test('stripes are laid by their height', async ({ page }) => {
	await page.getByLabel('heights in cm').check();
	await page.getByLabel('1: B').fill('1.7');
	await page.getByLabel('2: A').fill('0.8');
	await page.getByRole('button', { name: '+ another stripe' }).click();
	await page.getByLabel(/^3: /).fill('2.4');
	await page.getByRole('button', { name: 'Delete stripe 2' }).click();
	// A height stays with its stripe when another goes.
	await expect(page.getByLabel(/^2: /)).toHaveValue('2.4');
	await page.getByLabel(/^2: /).fill('0.8');
	await page.getByRole('combobox', { name: 'Yarn of stripe 2' }).selectOption('A');
	await expect(page.getByLabel('2: A')).toHaveValue('0.8');
	await page.getByRole('button', { name: 'Add stripes' }).click();
	for (const [n, yarn] of [
		[4, 'B'],
		[5, 'A'],
		[7, 'B'],
	] as const)
		await expect(round(page, n)).toHaveAccessibleName(new RegExp(`yarn ${yarn}`));
});

test('single stitches are coloured with the pointer, with keys and in pairs', async ({ page }) => {
	await page.getByRole('button', { name: /^Brush/ }).click();
	await page.getByRole('region', { name: 'Brush' }).getByRole('button', { name: /Tar/ }).click();
	const chart = page.getByRole('slider', { name: /opened along/ });
	const box = await chart.boundingBox();
	const band = await round(page, 2).boundingBox();
	if (box === null || band === null) throw new Error('There is no chart.');
	await page.mouse.move(box.x + box.width / 2 - 20, band.y + band.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + 20, band.y + band.height / 2, { steps: 4 });
	await page.mouse.up();
	await expect(round(page, 2)).toHaveAccessibleName(/3 runs of yarn/);
	await expect(page.getByRole('region', { name: 'Layers' })).toContainText('stitches by hand in 1 round');
	await chart.focus();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press(' ');
	await expect(round(page, 3)).toHaveAccessibleName(/3 runs of yarn/);
	await page.getByLabel('mirror it').check();
	await chart.focus();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press(' ');
	await expect(round(page, 4)).toHaveAccessibleName(/5 runs of yarn/);
	await page.getByRole('button', { name: 'clear' }).click();
	await chart.focus();
	await page.keyboard.press(' ');
	await expect(round(page, 4)).toHaveAccessibleName(/yarn A/);
	await page.keyboard.press('Control+z');
	await expect(round(page, 4)).toHaveAccessibleName(/5 runs of yarn/);
});

test('eyes are placed, with what is in their way', async ({ page }) => {
	await goTo(page, 'parts');
	await panel(page).getByRole('button', { name: 'Eyes', exact: true }).click();
	await panel(page).getByRole('button', { name: 'Put it where it usually goes' }).click();
	const placements = page.getByRole('region', { name: 'On Float' });
	await expect(placements).toContainText('while fingers still fit');
	await placements.getByRole('button', { name: /^Eyes:/ }).click();
	await placements.getByLabel('Round', { exact: true }).fill('7');
	await expect(placements).toContainText('It straddles two colours');
	await placements.getByLabel('Where').selectOption('widest');
	await placements.getByLabel('Rounds on from there').fill('-2');
	await expect(placements).toContainText('Eyes: 2 rounds above the widest');
	await placements.getByLabel('Stitches apart').fill('40');
	await expect(page.getByRole('navigation', { name: 'Stations' })).toContainText('1');
	await goTo(page, 'rounds');
	await expect(panel(page)).toContainText('40 stitches apart, but round 11 has 36');
});

test('yarns are compared, seen with other eyes, and put into other colours', async ({ page }) => {
	const together = page.getByRole('region', { name: 'Yarns together' });
	await expect(together.getByRole('listitem')).toHaveCount(2);
	await together.getByLabel('View as').selectOption('deutan');
	await expect.poll(() => coloursOnChart(page, ['#C8372D'])).toEqual([]);
	await together.getByLabel('View as').selectOption('own');
	await goTo(page, 'yarns');
	await page.getByRole('button', { name: 'Pebble' }).click();
	await expect.poll(() => coloursOnChart(page, ['#C8372D', '#EFEAE0'])).toEqual(['#EFEAE0']);
	await saved(page);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect.poll(() => coloursOnChart(page, ['#C8372D'])).toEqual(['#C8372D']);
});

test('a table of letters becomes a motif, and a wrong one is told', async ({ page }) => {
	await page.getByRole('tab', { name: 'Motif' }).click();
	await page.getByRole('button', { name: 'From a picture' }).click();
	const dialog = page.getByRole('dialog', { name: 'A motif from a picture' });
	await dialog.getByLabel('File').setInputFiles({ name: 'anchor.csv', mimeType: 'text/csv', buffer: Buffer.from('C,Q\n') });
	await expect(dialog.getByRole('alert')).toContainText('Row 1, column 2: “Q” is no yarn of this plan.');
	await dialog.getByLabel('File').setInputFiles({ name: 'anchor.png', mimeType: 'image/png', buffer: Buffer.from('no picture at all') });
	await expect(dialog.getByRole('alert')).toContainText('This is no PNG picture.');
	await dialog.getByLabel('File').setInputFiles({ name: 'anchor.csv', mimeType: 'text/csv', buffer: Buffer.from(',C,\nC,C,C\n,C,\n') });
	await expect(dialog.getByRole('img')).toHaveAccessibleName('The motif, 3 stitches wide and 3 rounds high');
	await dialog.getByRole('button', { name: 'Place it on the piece' }).click();
	await expect(page.getByRole('region', { name: 'Layers' })).toContainText('anchor: motif, 3 × 3');
});

test('the chart is read as a table', async ({ page }) => {
	await page.getByRole('button', { name: 'Read it as a table' }).click();
	const dialog = page.getByRole('dialog', { name: 'Float' });
	await expect(dialog.getByRole('row')).toHaveCount(19);
	await expect(dialog.getByRole('row').nth(1)).toContainText('Chalk');
});

for (const view of ['Chart', 'From above']) {
	test(`axe finds nothing serious in the view ${view}`, async ({ page }) => {
		test.setTimeout(60_000);
		await page.getByRole('button', { name: view, exact: true }).click();
		await page.getByRole('tab', { name: 'Motif' }).click();
		await page.getByRole('button', { name: 'Draw one' }).click();
		await page.waitForTimeout(300);
		const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
		expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical').map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)).toEqual([]);
	});
}

test('several yarns go on in one spiral, compared with stripes, and one undo takes them back', async ({ page }) => {
	await page.getByRole('tab', { name: 'Spiral stripes' }).click();
	await panel(page).getByRole('textbox', { name: 'From round' }).fill('3');
	await panel(page).getByRole('textbox', { name: 'to round' }).fill('16');
	await expect(panel(page).getByRole('row', { name: /^in one spiral/ })).toContainText('0');
	await expect(panel(page).getByRole('row', { name: /^stripes, cut each time/ })).toContainText(/[23]\d/);
	await panel(page).getByRole('button', { name: 'Add the spiral' }).click();
	await saved(page);
	await expect(page.getByRole('region', { name: 'Layers' })).toContainText('2 yarns in one spiral, rounds 3–16');
	await expect(round(page, 9)).toHaveAccessibleName(/2 runs of yarn/);
	await goTo(page, 'pattern');
	await expect(panel(page)).toContainText('loop on a marker, where it waits. Begin');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(round(page, 9)).not.toHaveAccessibleName(/2 runs of yarn/);
});

/** The press is answered by the page; the core only confirms it. With the server out of reach as well. */
test('what is painted is drawn in the frame of the press, marked until the core has answered', async ({ page, context }) => {
	const id = await begin(page, 'Heron', { rounds: ['24 sc in MR', 'R2-12: sc around'], colours: [{ kind: 'fill', yarn: 'A' }] });
	await page.goto(`/plan/${id}/colours`);
	await expect(page.locator('canvas')).toBeVisible();
	await context.setOffline(true);
	await round(page, 3).click();
	await page.keyboard.press('B');
	await expect.poll(() => coloursOnChart(page, ['#C9A24A'])).toEqual(['#C9A24A']);
	// Pressed again it is the same once more, and not its undoing.
	await page.keyboard.press('B');
	await expect.poll(() => coloursOnChart(page, ['#C9A24A'])).toEqual(['#C9A24A']);
	await context.setOffline(false);
	await saved(page);
	await expect(round(page, 3)).toHaveAccessibleName(/yarn B/);
	for (let pressed = 0; pressed < 2; pressed++) await page.keyboard.press('Control+z');
	await expect.poll(() => coloursOnChart(page, ['#C9A24A'])).toEqual([]);
	// From a press to its frame, with an answer that takes a second and a half.
	await page.route('**/api/plans/*/operations*', async (route) => {
		await new Promise((done) => setTimeout(done, 1500));
		await route.continue();
	});
	await page.evaluate(() => {
		addEventListener('keydown', ({ timeStamp }) => {
			const canvas = document.querySelector('canvas');
			const look = () => {
				const data = canvas?.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height).data ?? new Uint8ClampedArray();
				let found = 0;
				for (let i = 0; i < data.length; i += 4) if (data[i] === 0xc9 && data[i + 1] === 0xa2 && data[i + 2] === 0x4a) found++;
				if (found > 200) document.body.dataset.shown = String(Math.round(performance.now() - timeStamp));
				else requestAnimationFrame(look);
			};
			requestAnimationFrame(look);
		});
	});
	await round(page, 5).click();
	await page.keyboard.press('B');
	await expect(page.locator('body')).toHaveAttribute('data-shown', /^\d+$/);
	expect(Number(await page.locator('body').getAttribute('data-shown'))).toBeLessThan(1000);
	await expect(page.getByText('Saving')).toBeVisible();
	await saved(page);
	// What only the core can draw shows its place at once.
	const picture = () => page.locator('canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
	await page.keyboard.press('Escape');
	const before = await picture();
	await panel(page).getByRole('textbox', { name: 'From round' }).fill('7');
	await panel(page).getByRole('button', { name: 'Add stripes' }).click();
	await expect.poll(picture, { intervals: [50] }).not.toBe(before);
	await expect(page.getByText('Saving')).toBeVisible();
	await saved(page);
});

test('what finds no room is told beside it: spots, eyes, a fringe', async ({ page }) => {
	const round9 = { anchor: 'round', number: 9 };
	const id = await begin(page, 'No room', {
		rounds: ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-12: sc around'],
		colours: [
			{ kind: 'fill', yarn: 'A' },
			{ kind: 'spots', yarn: 'B', from: 4, count: 12, wide: 3 },
		],
		placements: [{ key: 'eyes', kind: 'eyes', mm: 12, anchor: 'round', number: 8, apart: 2, fromFront: 0 }],
		thread: [{ key: 't', kind: 'fringe', count: 90, across: 8, lengthMm: 20, yarn: 'B', at: round9 }],
	});
	await page.goto(`/plan/${id}/colours`);
	const spots = page.getByRole('region', { name: 'Layers' }).getByRole('listitem').filter({ hasText: 'spots, 12 around' });
	await expect(spots).toContainText('Round 4 has 24 stitches, and these spots fill all of it. Take fewer of them, or narrower ones.');
	await goTo(page, 'parts');
	await expect(panel(page).getByRole('listitem').filter({ hasText: 'Eyes, 12 mm' })).toContainText('would lie on one another');
	await expect(panel(page).getByRole('listitem').filter({ hasText: 'Fringe' })).toContainText('10 to a stitch of round 9');
});
