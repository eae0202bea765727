import { readFile } from 'node:fs/promises';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { coloursOnChart, expect, goTo, openPlan, round, saved, test, touch } from './bench';
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

interface Measured {
	wide: number;
	high: number;
	/** of the picture */
	height: number;
	/** pixels that can be seen through the piece */
	holes: number;
	/** down the middle, of each row of pixels how much redder than green it is there, as a share; null: nothing is there */
	reds: (number | null)[];
}

/** Of a saved picture, which is transparent beside the piece: how wide and high it is, and what is seen of it. */
async function measured(page: Page, name: string): Promise<Measured> {
	const saving = page.waitForEvent('download');
	await page.getByRole('button', { name: 'save picture' }).click();
	const saved = await saving;
	expect(saved.suggestedFilename()).toBe(`${name}.png`);
	const picture = await readFile(await saved.path());
	return page.evaluate(async (data) => {
		const image = new Image();
		image.src = `data:image/png;base64,${data}`;
		await image.decode();
		const canvas = document.createElement('canvas');
		[canvas.width, canvas.height] = [image.width, image.height];
		const context = canvas.getContext('2d');
		context?.drawImage(image, 0, 0);
		const pixels = context?.getImageData(0, 0, image.width, image.height).data ?? new Uint8ClampedArray();
		// The shadow on the ground can be seen through.
		const isPiece = (x: number, y: number) => (pixels[4 * (y * image.width + x) + 3] ?? 0) > 230;
		let [left, right, top, bottom, holes] = [image.width, 0, image.height, 0, 0];
		for (let y = 0; y < image.height; y++) {
			const own = Array.from({ length: image.width }, (_, x) => x).filter((x) => isPiece(x, y));
			const [first, last] = [own[0], own.at(-1)];
			if (first === undefined || last === undefined) continue;
			[left, right, top, bottom] = [Math.min(left, first), Math.max(right, last), Math.min(top, y), y];
			holes += last - first + 1 - own.length;
		}
		// A few pixels side by side: a single one may be in a groove between two plies.
		const middle = Array.from({ length: 41 }, (_, i) => Math.round((left + right) / 2) - 20 + i);
		const reds = Array.from({ length: image.height }, (_, y) => {
			const own = middle.filter((x) => isPiece(x, y)).map((x) => 4 * (y * image.width + x));
			const sum = (channel: number) => own.reduce((all, at) => all + (pixels[at + channel] ?? 0), 0);
			return own.length < middle.length ? null : (sum(0) - sum(1)) / Math.max(1, sum(0) + sum(1));
		});
		return { wide: right - left + 1, high: bottom - top + 1, height: image.height, holes, reds };
	}, picture.toString('base64'));
}

test('nothing shines through a closed piece, and it is as the core says that it is shaped', async ({ page }) => {
	await page.getByRole('button', { name: 'In 3D', exact: true }).click();
	await page.getByRole('button', { name: 'marker' }).click();
	await page.waitForTimeout(1500);
	const { wide, high, height, holes } = await measured(page, 'Float');
	const { analysis } = await (await page.request.get(`/api/plans/${page.url().split('/').at(-2) ?? ''}`)).json();
	const edges: [number, number][] = analysis.pieces[0].size.outline;
	const middle = (edges.at(-1)?.[1] ?? 0) / 2;
	const radius = Math.max(...edges.map(([own]) => own));
	// So far away it is looked at, by how wide it is seen in a picture of 28 degrees: a body of rotation, tipped towards the viewer by 0.12.
	const seen = (wide / height) * Math.tan((14 * Math.PI) / 180);
	const away = radius * Math.hypot(1, 1 / seen);
	const reach = (up: number) =>
		Math.max(
			...edges.flatMap(([own, level]) =>
				[-1, -0.5, 0, 0.5, 1].map((share) => {
					const [y, z] = [middle - level, share * own];
					return (up * (y * Math.cos(0.12) - z * Math.sin(0.12))) / (away - y * Math.sin(0.12) - z * Math.cos(0.12));
				}),
			),
		);
	const expected = ((reach(1) + reach(-1)) / 2 / Math.tan((14 * Math.PI) / 180)) * height;
	expect(Math.abs(high / expected - 1)).toBeLessThan(0.02);
	// Its edge is ragged where legs stand beside one another.
	expect(holes / (wide * high)).toBeLessThan(0.002);
});

test('stripes lie in the picture where the core says that they lie, within half a stitch', async ({ page }) => {
	await page.getByRole('button', { name: 'In 3D', exact: true }).click();
	await page.getByRole('button', { name: 'marker' }).click();
	await page.waitForTimeout(1500);
	const { wide, height, reds } = await measured(page, 'Float');
	const { analysis, plan } = await (await page.request.get(`/api/plans/${page.url().split('/').at(-2) ?? ''}`)).json();
	const [float] = analysis.pieces;
	const edges: [number, number][] = float.size.outline;
	const middle = (edges.at(-1)?.[1] ?? 0) / 2;
	const half = Math.tan((14 * Math.PI) / 180);
	const away = Math.max(...edges.map(([own]) => own)) * Math.hypot(1, height / wide / half);
	const at = (level: number): [number, number] => {
		const none: [number, number] = [0, 0];
		const low = edges[Math.floor(level)] ?? none;
		const high = edges[Math.floor(level) + 1] ?? low;
		const share = level - Math.floor(level);
		return [low[0] + share * (high[0] - low[0]), low[1] + share * (high[1] - low[1])];
	};
	/** The row of pixels in which a point at the front is seen: tipped towards the viewer by 0.12, so far away. */
	const row = (level: number): number => {
		const [z, y] = [at(level)[0], middle - at(level)[1]];
		const up = (y * Math.cos(0.12) - z * Math.sin(0.12)) / (away - y * Math.sin(0.12) - z * Math.cos(0.12));
		return height / 2 - (up / half / 2) * height;
	};
	// Where a red round meets one that is not: at the front a spiral's round has climbed by as much of a round as lies between its beginning and there.
	const red = plan.yarns.find(({ name }: { name: string }) => name === 'Signal red').key;
	const isRed = (round: { runs: string }) => round.runs.startsWith(red);
	const expected = float.rounds.slice(0, -1).flatMap((round: { number: number; runs: string; startDegrees: number }, i: number) => {
		if (isRed(round) === isRed(float.rounds[i + 1])) return [];
		const share = (((float.frontDegrees - round.startDegrees) / 360) % 1) + (float.frontDegrees < round.startDegrees ? 1 : 0);
		return [{ at: row(round.number + share - 0.5), round: Math.abs(row(round.number + 0.5) - row(round.number - 0.5)) }];
	});
	const edge = 0.25;
	const seen = reds.flatMap((share, y) => {
		const before = reds[y - 1];
		return share === null || before == null || share > edge === before > edge ? [] : [y];
	});
	expect(expected.length).toBeGreaterThan(3);
	for (const { at: place, round } of expected) {
		const nearest = Math.min(...seen.map((y) => Math.abs(y - place)));
		expect(nearest / round).toBeLessThan(0.5);
	}
});

test('the whole toy is looked at, with every piece at its place', async ({ page }) => {
	await page.getByRole('button', { name: 'In 3D', exact: true }).click();
	await page.waitForTimeout(800);
	const alone = await measured(page, 'Float');
	await page.getByRole('button', { name: 'whole toy' }).click();
	await expect(page.getByRole('slider', { name: /whole toy/ })).toBeVisible();
	await page.waitForTimeout(1500);
	const toy = await measured(page, 'Float');
	// The staff stands on the float: together they are much higher than wide.
	expect(alone.wide / alone.high).toBeGreaterThan(0.9);
	expect(toy.high / toy.wide).toBeGreaterThan(1.4);
	await page.getByRole('slider', { name: /whole toy/ }).focus();
	await page.keyboard.press('a');
	await expect(page.getByRole('button', { name: 'above', exact: true })).toHaveAttribute('aria-pressed', 'true');
	await page.waitForTimeout(800);
	const above = await measured(page, 'Float');
	expect(Math.abs(above.wide / above.high - 1)).toBeLessThan(0.25);
	await page.getByRole('slider', { name: /whole toy/ }).focus();
	await page.keyboard.press('t');
	await expect(page.getByRole('slider', { name: /piece Float/ })).toBeVisible();
});

test('without a connection the piece alone is shown, and that is said', async ({ page, context }) => {
	await page.getByRole('button', { name: 'In 3D', exact: true }).click();
	await expect(page.getByRole('slider', { name: /piece Float/ })).toBeVisible();
	await context.setOffline(true);
	await page.getByRole('button', { name: 'whole toy' }).click();
	await expect(page.getByText('The whole toy could not be fetched')).toBeVisible();
	await expect(page.getByRole('slider', { name: /piece Float/ })).toBeVisible();
	await context.setOffline(false);
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

test('two choices are looked at beside what is, turned together, and one is taken', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'changes');
	await page.getByRole('button', { name: 'In 3D', exact: true }).click();
	await page.getByRole('button', { name: 'compare …' }).click();
	const dialog = page.getByRole('dialog', { name: 'Look at a choice' });
	await dialog.getByLabel('What to choose').selectOption('Yarns swapped');
	const pictures = dialog.getByRole('slider');
	await expect(pictures).toHaveCount(3);
	// One more takes the place of the first.
	await expect(dialog.getByRole('checkbox', { checked: true })).toHaveCount(2);
	await dialog.getByRole('checkbox', { checked: false }).first().check();
	await expect(dialog.getByRole('checkbox', { checked: true })).toHaveCount(2);
	await expect(pictures).toHaveCount(3);
	await pictures.nth(1).focus();
	await page.keyboard.press('b');
	for (const at of [0, 1, 2]) await expect(pictures.nth(at)).toHaveAttribute('aria-valuetext', 'back');
	const taken = dialog.getByRole('button', { name: /^Take / }).first();
	const names = ((await taken.getAttribute('aria-label')) ?? '').replace('Take ', '').split(' and ');
	await taken.click();
	await expect(dialog).toHaveCount(0);
	await saved(page);
	await goTo(page, 'yarns');
	const named = () => page.getByLabel(/^Name of yarn/).evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value));
	// They stand in the plan's order: each in the other's place.
	await expect.poll(async () => (await named()).filter((name) => names.includes(name))).toEqual([...names].reverse());
	await page.getByRole('button', { name: 'Undo' }).click();
	await saved(page);
});
