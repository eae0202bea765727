// Takes the pictures in docs/screenshots anew, from the demo plans: bin/start, then `node e2e/screenshots.mjs`.
import { readFile } from 'node:fs/promises';
import { chromium } from '@playwright/test';
import { launchOptions } from './browser.mjs';

const address = process.env.ALTERNUM_URL ?? 'http://127.0.0.1:8420';
const browser = await chromium.launch(launchOptions);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

async function picture(name) {
	await page.mouse.move(900, 780);
	await page.waitForTimeout(400);
	await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

async function open(title, station) {
	await page.goto(`${address}/`);
	await page.getByRole('link', { name: title }).click();
	await page.locator('canvas').waitFor();
	await page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name: station }).click();
	// A plan is opened in the view in which it was left.
	await page.getByRole('button', { name: 'Flat', exact: true }).click();
}

/** The making page as a phone has it: counting, before a change, a miscount, a step that waits. */
async function making() {
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const phone = await context.newPage();
	await phone.goto(`${address}/`);
	const taken = [];
	const take = async () => {
		await phone.waitForTimeout(400);
		taken.push((await phone.screenshot()).toString('base64'));
	};
	const tap = async (times) => {
		for (let i = 0; i < times; i++) {
			await phone.locator('.make-target').click();
			await phone.waitForTimeout(230);
		}
	};
	const make = async (title) => {
		await phone.goto(`${address}/`);
		const id = (await phone.getByRole('link', { name: title }).first().getAttribute('href')).split('/')[2];
		await phone.goto(`${address}/plan/${id}/make`);
		await phone.locator('.make-target').waitFor();
	};
	await make('Spotted mushroom');
	await tap(10);
	await take();
	await make('Harbour buoy');
	await tap(4);
	await take();
	await phone.getByRole('button', { name: 'Something is wrong' }).click();
	await phone.getByLabel('It has').fill('23');
	await take();
	await phone.keyboard.press('Escape');
	await phone.goto(`${address}/practice`);
	await phone.locator('.make-target').waitFor();
	await tap(1);
	await phone.getByLabel('Seven stitches').check();
	await take();
	const board = await browser.newPage({ viewport: { width: 1400, height: 740 } });
	await board.setContent(
		`<body style="margin:0;background:#ecebe5;display:flex;justify-content:space-around;padding:20px 0">${taken
			.map((data) => `<img src="data:image/png;base64,${data}" style="width:320px">`)
			.join('')}</body>`,
	);
	await board.waitForTimeout(300);
	await board.screenshot({ path: 'docs/screenshots/making.png' });
	await context.close();
	await board.close();
}

/** Every toy as it is saved, the fronts above the backs. */
async function toys(titles) {
	const taken = [];
	for (const title of titles) {
		await open(title, 'Parts');
		await page.getByRole('button', { name: 'In 3D', exact: true }).click();
		await page.waitForTimeout(1500);
		const whole = page.getByRole('button', { name: 'whole toy' });
		if ((await whole.getAttribute('aria-pressed')) === 'false') await whole.click();
		await page.waitForTimeout(2500);
		for (const side of ['front', 'back']) {
			await page.getByRole('button', { name: side, exact: true }).click();
			await page.waitForTimeout(800);
			const saving = page.waitForEvent('download');
			await page.getByRole('button', { name: 'save picture' }).click();
			taken.push((await readFile(await (await saving).path())).toString('base64'));
		}
	}
	const board = await browser.newPage({ viewport: { width: 1280, height: 1060 } });
	const shown = (from) =>
		taken.filter((_, i) => i % 2 === from).map((data) => `<img src="data:image/png;base64,${data}" style="width:318px;margin-top:-20px">`);
	await board.setContent(
		`<body style="margin:0;background:#fdfcfa"><div style="display:flex;flex-wrap:wrap;width:1280px">${[0, 1]
			.map((from) => `<div style="display:flex;justify-content:space-around;width:1280px;height:530px;overflow:hidden">${shown(from).join('')}</div>`)
			.join('')}</div>`,
	);
	await board.waitForTimeout(500);
	await board.screenshot({ path: 'docs/screenshots/toys.png' });
	await board.close();
}

const view = (name) => page.getByRole('button', { name, exact: true }).click();

await page.goto(`${address}/`);
await page.locator('main li img').nth(3).waitFor();
await picture('shelf');
await making();
await toys(['Otter in a striped jersey', 'Spotted mushroom', 'Harbour buoy', 'Barrel cactus in a pot']);
await open('Harbour buoy', 'Yarns');
await picture('bench-yarns');
await open('Otter in a striped jersey', 'Parts');
await page.getByRole('button', { name: 'In 3D', exact: true }).click();
const isWhole = page.getByRole('button', { name: 'whole toy' });
if ((await isWhole.getAttribute('aria-pressed')) === 'false') await isWhole.click();
await page.getByRole('tab', { name: /^Body/ }).click();
await page.getByRole('button', { name: 'compare …' }).click();
await page.getByLabel('What to choose').selectOption('Yarns swapped');
await page.waitForTimeout(6000);
await picture('compare');
await page.keyboard.press('Escape');
await page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name: 'Yarns' }).click();
const another = page.getByRole('region', { name: 'The same toy in another yarn' });
await another.getByLabel('Weight').selectOption('bulky');
await another.getByRole('button', { name: 'Take this yarn' }).scrollIntoViewIfNeeded();
await picture('another-yarn');
await open('Spotted mushroom', 'Rounds');
await page.locator('.cm-line').nth(5).fill('R6: (4 sc, inc) x5, 4 sc');
await page.getByText('1 left over').first().waitFor();
await picture('bench-rounds');
await page.keyboard.press('Control+z');
await page.getByRole('button', { name: 'Paste a pattern' }).click();
await page
	.getByLabel('The pattern')
	.fill(
		[
			'Ear (make 2)',
			'Rnd 1: 5 sc in MR [5]',
			'Rnd 2: inc in each st [10]',
			'Rnds 3-5: sc around [10]',
			'Leave a tail to sew with.',
			'',
			'Foot',
			'Rnd 1: Ch 6, sc in 2nd ch from hook, 3 sc, 3 sc in last ch, on the other side: 3 sc, inc [12]',
			'Rnd 2: sc arund in BLO [12]',
		].join('\n'),
	);
await page.getByText('to fix').last().waitFor();
await picture('paste');
await page.keyboard.press('Escape');
await open('Spotted mushroom', 'Colours');
await view('From above');
await picture('view-above');
await view('In 3D');
await page.waitForTimeout(2500);
await page.getByRole('tab', { name: 'Stem' }).click();
await view('front');
await page.getByRole('tab', { name: 'Motif' }).click();
await page.waitForTimeout(1500);
await picture('in-the-round-motif');
await open('Otter in a striped jersey', 'Parts');
await page.getByRole('tab', { name: 'Body and head' }).click();
await view('In 3D');
await page.waitForTimeout(2500);
await page.getByRole('region', { name: 'On Body and head' }).scrollIntoViewIfNeeded();
await picture('bench-parts');
await open('Otter in a striped jersey', 'Colours');
await page.getByRole('tab', { name: 'Body and head' }).click();
const round = (n) => page.getByRole('list', { name: 'Rounds' }).getByRole('button', { name: new RegExp(`^Round ${n},`) });
await round(10).click();
await round(12).click({ modifiers: ['Shift'] });
await picture('bench-colours');
await page.setViewportSize({ width: 820, height: 1180 });
await picture('bench-colours-tablet');
await page.setViewportSize({ width: 1280, height: 800 });
await open('Otter in a striped jersey', 'Colour changes');
await page.getByRole('tab', { name: 'Body and head' }).click();
await page.getByRole('slider', { name: 'Front in degrees' }).focus();
await page.keyboard.press('Home');
await page.getByText('at the front', { exact: false }).first().waitFor();
await picture('bench-changes');
const near = page.locator('#panel').locator('li[data-round="4"]');
await near.getByRole('button', { expanded: false }).click();
await near.getByText('How it looks, from near').click();
await near.getByText('How it is done').click();
await near.getByRole('img', { name: 'The jog from near: plain change' }).waitFor();
await near.getByText('How it looks, from near').evaluate((is) => is.scrollIntoView({ block: 'start' }));
await picture('change-from-near');
await open('Spotted mushroom', 'Yarn needed');
await picture('bench-amounts');
await open('Harbour buoy', 'Pattern');
await picture('bench-pattern');
await open('Harbour buoy', 'Colours');
await page.getByRole('list', { name: 'Rounds' }).getByRole('button').nth(4).click();
await page.keyboard.press('C');
await page.getByText('Saved', { exact: true }).waitFor();
await page.getByRole('button', { name: 'Plan', exact: true }).click();
await page.getByRole('menuitem', { name: /Earlier versions/ }).click();
await page.getByRole('list', { name: 'Versions' }).getByRole('button').last().click();
await page
	.getByRole('region', { name: /as it was/ })
	.locator('canvas')
	.waitFor();
await picture('versions');
await page.keyboard.press('Escape');
await open('Harbour buoy', 'Colours');
await page.setViewportSize({ width: 390, height: 844 });
await page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name: 'Picture' }).click();
await picture('phone');
await browser.close();
