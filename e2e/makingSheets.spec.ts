import { gzipSync } from 'node:zlib';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import type { components } from '../web/src/api/generated/contract';
import { begin, expect, keptPlans, test } from './bench';
import { json, make, PHONE, tapOn } from './making';

test.use({ viewport: PHONE, serviceWorkers: 'allow' });

test('the first script is light: 80 kB gzipped, with all that the page fetches with it', async ({ page }) => {
	await page.goto('/');
	const html = await (await page.request.get('/make')).text();
	const scripts = [...html.matchAll(/(?:modulepreload" href|module" src)="([^"]+)"/g)].map(([, script = '']) => script);
	let bytes = 0;
	for (const script of scripts) bytes += gzipSync(await (await page.request.get(script)).body()).length;
	expect(bytes).toBeGreaterThan(50_000);
	expect(bytes).toBeLessThanOrEqual(80_000);
});

const wrongWith = async (page: Page) => (await new AxeBuilder({ page }).analyze()).violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target}`);

test('its readers find nothing wrong, by day and by night, in any of its sheets', async ({ page }) => {
	await make(page, /Otter/);
	for (const night of ['day', 'night']) {
		await page.getByRole('button', { name: 'More' }).click();
		await page.getByLabel('Light').selectOption(night);
		expect(await wrongWith(page)).toEqual([]);
		await page.getByRole('button', { name: 'Close' }).click();
		await expect(page.getByRole('dialog')).toBeHidden();
		expect(await wrongWith(page)).toEqual([]);
	}
	for (const sheet of ['All pieces', 'Something is wrong', 'Where was I?']) {
		await page.getByRole('button', { name: sheet }).click();
		await expect(page.getByRole('dialog')).toBeVisible();
		expect(await wrongWith(page)).toEqual([]);
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toBeHidden();
	}
	await tapOn(page, 8);
	await expect(page.getByText('Stuff firmly')).toBeVisible();
	expect(await wrongWith(page)).toEqual([]);
	await tapOn(page, 2);
	await expect(page.getByRole('heading', { name: 'Leg 1 is done' })).toBeVisible();
	expect(await wrongWith(page)).toEqual([]);
});

test('the place is found again by two answers', async ({ page }) => {
	await make(page, /Harbour buoy/);
	await page.getByRole('button', { name: 'Where was I?' }).click();
	const sheet = page.getByRole('dialog');
	await sheet.getByLabel('Stitches of the last whole round').fill('12');
	await sheet.getByRole('textbox', { name: 'Stitches since the marker' }).fill('5');
	// 12 stitches are the second round's, and the last but one's.
	await expect(sheet.getByRole('button', { name: /^In round/ })).toHaveText(['In round 3, 5 of 18 made', 'In round 18, 5 of 6 made']);
	await sheet.getByRole('button', { name: 'In round 3, 5 of 18 made' }).click();
	await expect(page.getByText('Round 3 of')).toBeVisible();
	await expect(page.getByRole('img', { name: 'Round 3 from above: 5 of 18 stitches made' })).toBeVisible();
});

test('what is pulled out opens its steps again, and says which end is short', async ({ page }) => {
	await make(page, /Otter/);
	await page.getByRole('button', { name: 'All pieces' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Body and head/ })
		.click();
	await tapOn(page, 3);
	await expect(page.getByText('Round 4 of')).toBeVisible();
	await page.getByRole('button', { name: 'More' }).click();
	const sheet = page.getByRole('dialog');
	await sheet.getByLabel('Last round made').fill('1');
	await expect(sheet.getByText('The cut end of P is short there now')).toBeVisible();
	await sheet.getByRole('button', { name: 'Ripped back to there' }).click();
	await expect(page.getByText('Round 2 of')).toBeVisible();
});

test('a plan that is changed meanwhile is told, and followed from where the maker says', async ({ page, context }) => {
	const plan = await make(page, /Harbour buoy/);
	await tapOn(page, 2);
	const bench = await context.newPage();
	await bench.setViewportSize({ width: 1280, height: 800 });
	await bench.goto(`/plan/${plan}/rounds`);
	// The round in hand is marked there.
	await expect(bench.getByText('Round 2 is being made.')).toBeAttached();
	await bench.getByRole('button', { name: '+ another round' }).click();
	await bench.keyboard.type('sc around');
	await expect(bench.getByText('Saved', { exact: true })).toBeVisible();
	await page.bringToFront();
	await page.getByRole('button', { name: 'The plan was changed meanwhile' }).click();
	await expect(page.getByRole('dialog').getByText('other stitches or yarns in rounds 15 and 18 to 19')).toBeVisible();
	await page.getByRole('dialog').getByRole('button', { name: 'From the next round on' }).click();
	await expect(page.getByText('Round 3 of 19')).toBeVisible();
	await expect(page.getByRole('button', { name: 'The plan was changed meanwhile' })).toBeHidden();
});

test('a ball that is weighed says how far its yarn goes', async ({ page }) => {
	await make(page, /Harbour buoy/);
	await page.getByRole('button', { name: 'More' }).click();
	await page.getByRole('button', { name: 'How long, and does the yarn last?' }).click();
	const sheet = page.getByRole('dialog');
	await expect(sheet.getByText('Too little was counted yet')).toBeVisible();
	await sheet.getByLabel('Grams').fill('1');
	await sheet.getByRole('button', { name: 'Keep the weight' }).click();
	await expect(sheet.getByText(/1 g are left\. Enough for \d+ rounds? more/)).toBeVisible();
	await expect(sheet.getByText('Get more of it now')).toBeVisible();
});

test('a phone opens the workshop once, by a code, and goes on where the other is', async ({ page, browser }) => {
	const plan = await make(page, /Harbour buoy/);
	await tapOn(page, 4);
	await expect(page.getByRole('status')).toHaveText('saved');
	await page.setViewportSize({ width: 1280, height: 800 });
	await page.goto(`/plan/${plan}/pattern`);
	await page.getByRole('button', { name: 'On a phone …' }).click();
	await expect(page.getByRole('img', { name: 'The link as a code to scan' })).toBeVisible();
	const link = await page.getByLabel('Or open this there').inputValue();
	const phone = await (await browser.newContext({ viewport: PHONE })).newPage();
	await phone.goto(link);
	await phone.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(phone).toHaveURL(new RegExp(`/plan/${plan}/make$`));
	await expect(phone.getByText('Round 5 of')).toBeVisible();
	const late = await (await browser.newContext()).newPage();
	await late.goto(link);
	await late.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(late.getByRole('alert')).toContainText('This link opens no workshop');
});

test('rounds are worked until it fits, and the twin is told how many they were', async ({ page }) => {
	await make(page, /Otter/);
	await page.getByRole('button', { name: 'All pieces' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Leg 1/ })
		.click();
	await tapOn(page, 5);
	await expect(page.getByText('Round 6 of 8')).toBeVisible();
	await page.getByRole('button', { name: 'More' }).click();
	await page.getByRole('button', { name: 'It fits after 5 rounds: leave out 6 to 8' }).click();
	await expect(page.getByText('Stuff firmly')).toBeVisible();
	await page.getByRole('button', { name: 'All pieces' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Leg 2/ })
		.click();
	await tapOn(page, 3);
	await expect(page.getByText('Leg 1 fitted after round 5, without 6 to 8.')).toBeVisible();
	await page.getByRole('button', { name: 'Something is wrong' }).click();
	await page.getByText('The loop slipped off the hook').click();
	await page.getByRole('button', { name: 'Note it in the journal, and go on' }).click();
	await expect(page.getByRole('dialog')).toBeHidden();
});

/** An arm that is as long as it takes, made twice. */
const arm = (page: Page): Promise<string> =>
	begin(page, 'Heron', {
		key: 'arm',
		name: 'Arm',
		copies: 2,
		rounds: ['6 sc in MR', 'inc x6', 'R3-8: sc around, about 6 rounds; stop when it reaches the belly', 'dec x6'],
		colours: [{ kind: 'fill', yarn: 'A' }],
	});

test('what the typed words leave to the eye ends where it fits, or goes on', async ({ page }) => {
	const plan = await arm(page);
	await page.goto(`/plan/${plan}/make`);
	await tapOn(page, 2);
	await expect(page.getByText('About 6 rounds; stop when it reaches the belly: rounds 3 to 8.')).toBeVisible();
	await tapOn(page, 4);
	await expect(page.getByText('Round 7 of 9')).toBeVisible();
	await page.getByRole('button', { name: 'It fits after 6 rounds: leave out 7 to 8' }).click();
	await expect(page.getByText(/^Stuff/)).toBeVisible();
	await page.getByLabel('Does it take more? Rounds worked beyond these').fill('2');
	await page.getByRole('button', { name: 'Keep the note' }).click();
	await page.getByRole('button', { name: 'All pieces' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Arm 2/ })
		.click();
	await tapOn(page, 2);
	await expect(page.getByText('Arm 1 fitted after round 6, without 7 to 8.')).toBeVisible();
	await tapOn(page, 5);
	await expect(page.getByText('Round 8 of 9')).toBeVisible();
	await expect(page.getByText('Arm 1 took 2 more rounds after round 8 until it fitted.')).toBeVisible();
});

test('a piece that was gone on with is kept as it was made, for its twin', async ({ page }) => {
	const plan = await arm(page);
	await page.goto(`/plan/${plan}/make`);
	await tapOn(page, 4);
	await page.getByRole('button', { name: 'Something is wrong' }).click();
	await page.getByRole('dialog').getByRole('button', { name: '11', exact: true }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Go on with it' }).click();
	await tapOn(page, 8);
	await expect(page.getByRole('heading', { name: 'Arm 1 is done' })).toBeVisible();
	await expect(page.getByText('Round 4 has 11 in place of 12')).toBeVisible();
	await page.getByRole('button', { name: 'Let the plan be so, too' }).click();
	await expect(page.getByText('The plan has these rounds now as you made them.')).toBeVisible();
	const saved = await json<{ plan: { pieces: { rounds: string[] }[] } }>(page, `/api/plans/${plan}`);
	expect(saved.plan.pieces[0]?.rounds).toEqual([
		'6 sc in MR',
		'inc x6',
		'R3: sc around (12)',
		'R4: sc, sk, 10 sc (11)',
		'R5: sc, inc, 9 sc (12)',
		'R6-8: sc around (12), about 6 rounds; stop when it reaches the belly',
		'dec x6',
	]);
	await page.getByRole('button', { name: 'The plan was changed meanwhile' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^From the next piece on/ })
		.click();
	await page.getByRole('button', { name: 'Begin Arm 2' }).click();
	await tapOn(page, 3);
	await expect(page.getByText('sc, sk, 10 sc', { exact: true })).toBeVisible();
});

test('a plan without rounds says so, and leads to them', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).first().click();
	await expect(page).toHaveURL(/\/plan\/\w+/);
	const plan = page.url().split('/')[4];
	await page.goto(`/plan/${plan}/make`);
	await expect(page.getByRole('heading', { name: 'This plan has no rounds yet' })).toBeVisible();
	await page.getByRole('link', { name: 'Type its rounds' }).click();
	await expect(page).toHaveURL(new RegExp(`/plan/${plan}/rounds`));
});

test('practice explains each thing where it comes, and leaves nothing behind', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('link', { name: 'New to rounds? Practise on a small ball' }).click();
	await expect(page.getByText('Wind the yarn once around two fingers')).toBeVisible();
	await tapOn(page, 1);
	await page.getByLabel('Seven stitches in a ring').check();
	await expect(page.getByText('Not quite. The loop on the hook is no stitch')).toBeVisible();
	await tapOn(page, 10_000);
	await expect(page.getByText('That was all of it')).toBeVisible();
	const { makings } = await json<components['schemas']['Makings']>(page, '/api/makings');
	expect(makings).toEqual([]);
	// The shelf itself may be kept by now, for when there is no network.
	const kept = await page.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name));
	expect(kept.filter((name) => name !== 'alternum-kept')).toEqual([]);
	expect(await keptPlans(page)).toEqual([]);
});
