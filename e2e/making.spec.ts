import { gzipSync } from 'node:zlib';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import type { components } from '../web/src/api/generated/contract';
import { expect, test } from './bench';

type Event = components['schemas']['Event'];
type Guide = components['schemas']['Guide'];
type Making = components['schemas']['Making'];

const PHONE = { width: 390, height: 844 };
test.use({ viewport: PHONE });

/** Opens the making page of a plan from the shelf. */
async function make(page: Page, title: RegExp): Promise<string> {
	await page.goto('/');
	const link = page.getByRole('link', { name: title }).first();
	const id = ((await link.getAttribute('href')) ?? '').split('/')[2] ?? '';
	await page.goto(`/plan/${id}/make`);
	await expect(page.locator('.make-target')).toBeVisible();
	return id;
}

const json = async <T>(page: Page, path: string): Promise<T> => (await (await page.request.get(path)).json()) as T;

/** What the page keeps is there, so that it goes on without a network. */
async function isKept(page: Page): Promise<void> {
	await page.evaluate(() => navigator.serviceWorker.ready);
	await expect
		.poll(() =>
			page.evaluate(
				() =>
					new Promise<boolean>((done) => {
						const request = indexedDB.open('alternum-making');
						request.onsuccess = () => {
							const database = request.result;
							const stores = database.transaction(['makings', 'guides']);
							const made = stores.objectStore('makings').getAll();
							const kept = stores.objectStore('guides').count();
							stores.oncomplete = () => {
								const tasks = (made.result[0]?.toy.tasks ?? []) as { piece: string | null; group: number }[];
								done(
									kept.result >= new Set(tasks.flatMap(({ piece, group }) => (piece === null ? [] : [`${piece} ${group}`]))).size &&
										tasks.length > 0,
								);
								database.close();
							};
						};
					}),
			),
		)
		.toBe(true);
}

/**
 * Taps the large target so often as it takes, at most so many times, until something else than counting is there or the work is done.
 *
 * @returns how often, and what the target said at each
 */
const tapOn = (page: Page, most: number): Promise<string[]> =>
	page.evaluate(async (times) => {
		const said: string[] = [];
		// A second tap within a fifth of a second is the same: each of these says that it came later.
		let at = performance.now() + 1e6 * (1 + Number(sessionStorage.getItem('taps') ?? 0));
		sessionStorage.setItem('taps', String(1 + Number(sessionStorage.getItem('taps') ?? 0)));
		const frame = () => new Promise((done) => requestAnimationFrame(done));
		while (said.length < times) {
			const target = document.querySelector<HTMLElement>('button.make-target');
			if (target === null || target.offsetParent === null) {
				// What comes next may still be on its way from the device: what was there is hidden meanwhile.
				await frame();
				await frame();
				if (document.querySelector('a.make-target') !== null) break;
				continue;
			}
			said.push(target.textContent ?? '');
			const tap = new MouseEvent('click', { bubbles: true, cancelable: true });
			at += 1000;
			Object.defineProperty(tap, 'timeStamp', { value: at });
			target.dispatchEvent(tap);
			await frame();
			await frame();
		}
		return said;
	}, most);

for (const title of [/Barrel cactus/, /Harbour buoy/, /Otter/, /Spotted mushroom/]) {
	test(`${title.source} is made by taps alone, without a network in the middle and with the page closed twice`, async ({ page: first, context }) => {
		test.setTimeout(180_000);
		let page = first;
		const plan = await make(page, title);
		await isKept(page);
		const { makings } = await json<components['schemas']['Makings']>(page, `/api/plans/${plan}/makings`);
		const id = makings[0]?.id ?? '';
		const making = await json<Making>(page, `/api/makings/${id}`);

		// What is to be done, by the guides.
		const todo: string[] = [];
		for (const { key, piece, copy, group } of making.toy.tasks) {
			if (piece === null) {
				todo.push(`answered ${key}`);
				continue;
			}
			const guide = await json<Guide>(page, `/api/makings/${id}/guides/${piece}?group=${group}`);
			for (const stop of guide.stops) {
				todo.push(stop.key === undefined ? `worked ${piece}.${copy} ${stop.round} ${stop.to}` : `answered ${piece}.${copy} ${stop.key}`);
			}
		}
		const pieces = making.toy.tasks.filter(({ piece }) => piece !== null).length;

		const acts = await tapOn(page, Math.floor(todo.length / 3));
		await context.setOffline(true);
		await page.close();
		page = await context.newPage();
		await page.setViewportSize(PHONE);
		await page.goto(`/plan/${plan}/make`);
		await expect(page.getByRole('status')).toContainText('offline');
		acts.push(...(await tapOn(page, Math.floor(todo.length / 3))));
		await page.close();
		page = await context.newPage();
		await page.goto(`/plan/${plan}/make`);
		await expect(page.locator('.make-target')).toBeVisible();
		await context.setOffline(false);
		acts.push(...(await tapOn(page, 10_000)));
		await expect(page.getByRole('heading', { name: 'All done' })).toBeVisible();
		await expect(page.getByRole('status')).toHaveText('saved');

		// One tap for each stop, and one to go on to each piece after the first: nothing more was asked.
		expect(acts.length).toBeLessThanOrEqual(todo.length + making.toy.tasks.length);
		const events = (await json<{ events: Event[] }>(page, `/api/makings/${id}/events`)).events.sort((a, b) => a.n - b.n);
		const done = events.map(({ kind, piece = '', copy, round, stitch, key }) =>
			kind === 'worked' ? `worked ${piece}.${copy} ${round} ${stitch}` : piece === '' ? `answered ${key}` : `answered ${piece}.${copy} ${key}`,
		);
		expect(done).toEqual(todo);
		expect(new Set(events.map((event) => event.id)).size).toBe(todo.length);
		expect(pieces).toBeGreaterThan(0);
		const [shown] = (await json<components['schemas']['Makings']>(page, '/api/makings')).makings;
		expect(shown?.worked).toBe(shown?.of);
	});
}

test('two devices see the same place within two seconds, and a tap too many goes back on both', async ({ page, context }) => {
	const plan = await make(page, /Harbour buoy/);
	const other = await context.newPage();
	await other.goto(`/plan/${plan}/make`);
	await expect(other.getByText('Round 1 of')).toBeVisible();
	await page.bringToFront();
	await page.locator('.make-target').click();
	await expect(page.getByText('Round 2 of')).toBeVisible();
	await expect(other.getByText('Round 2 of')).toBeVisible({ timeout: 2000 });
	await other.getByRole('button', { name: 'That tap was one too many' }).click();
	await expect(page.getByText('Round 1 of')).toBeVisible({ timeout: 2000 });
});

test('a second tap within a fifth of a second is the same tap; keys and a tap anywhere count, too', async ({ page }) => {
	await make(page, /Harbour buoy/);
	await page.locator('.make-target').dblclick({ delay: 10 });
	await expect(page.getByText('Round 2 of')).toBeVisible();
	await page.waitForTimeout(250);
	await page.keyboard.press('PageDown');
	await expect(page.getByText('Round 3 of')).toBeVisible();
	await page.waitForTimeout(250);
	await page.locator('.make-picture').click({ position: { x: 20, y: 20 } });
	await expect(page.getByText('Round 4 of')).toBeVisible();
	await page.keyboard.press('Backspace');
	await expect(page.getByText('Round 3 of')).toBeVisible();
});

test('one stitch too few is parted by two looks, gone on with, and said again where it is mended', async ({ page }) => {
	await make(page, /Harbour buoy/);
	await tapOn(page, 3);
	await page.getByRole('button', { name: 'Something is wrong' }).click();
	const sheet = page.getByRole('dialog');
	await sheet.getByRole('button', { name: '17' }).click();
	await expect(sheet.getByText('1 stitch too few')).toBeVisible();
	await expect(sheet.getByRole('listitem')).toHaveCount(3);
	await sheet.getByLabel('Each has one').check();
	await sheet.getByLabel('Fewer').check();
	await expect(sheet.getByRole('listitem')).toHaveText(['An increase was missed: one stitch went where two belong.']);
	await sheet.getByRole('button', { name: 'Go on with it' }).click();
	await expect(page.getByText('Because round 3 has 17:')).toBeVisible();
	await expect(page.getByText('work inc in place of 2 sc')).toBeVisible();
	await tapOn(page, 1);
	await expect(page.getByText('Because round 3 has 17:')).toBeHidden();
});

test('what is put off is told again at its last moment', async ({ page }) => {
	const plan = await make(page, /Otter/);
	const { makings } = await json<components['schemas']['Makings']>(page, `/api/plans/${plan}/makings`);
	const { stops } = await json<Guide>(page, `/api/makings/${makings[0]?.id}/guides/body`);
	await page.getByRole('button', { name: 'All pieces' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Body and head/ })
		.click();
	await expect(page.getByRole('heading', { name: 'Body and head' })).toBeVisible();
	const eyes = stops.findIndex(({ key }) => key?.startsWith('lock-washers'));
	await tapOn(page, eyes);
	await expect(page.getByText('press the washers on')).toBeVisible();
	await page.getByRole('button', { name: 'Later' }).click();
	await expect(page.getByText('press the washers on')).toBeHidden();
	await tapOn(page, (stops[eyes]?.until ?? 0) - eyes - 1);
	// The next round makes the opening too small for fingers.
	await expect(page.getByRole('region', { name: 'Now or not at all:' })).toContainText('press the washers on');
	await tapOn(page, stops.length - (stops[eyes]?.until ?? 0));
	await expect(page.getByRole('heading', { name: 'Body and head is done' })).toBeVisible();
	await expect(page.getByText('Not done yet')).toBeVisible();
	await expect(page.getByText('press the washers on')).toBeVisible();
});

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
	await expect(bench.getByText('Round 2 is being made.')).toBeAttached({ timeout: 5000 });
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
	expect(await page.evaluate(async () => (await indexedDB.databases()).length)).toBe(0);
});
