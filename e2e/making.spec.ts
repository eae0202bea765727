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
	await page.getByRole('button', { name: 'The count is off' }).click();
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

test('the page is light, and its readers find nothing wrong, by day and by night', async ({ page }) => {
	let bytes = 0;
	await make(page, /Otter/);
	const scripts = await page.locator('script[type=module]').evaluateAll((all) => all.map((one) => (one as HTMLScriptElement).src));
	for (const script of scripts) bytes += (await (await page.request.get(script)).body()).length;
	expect(bytes).toBeGreaterThan(0);
	for (const night of ['day', 'night']) {
		await page.getByRole('button', { name: 'More' }).click();
		await page.getByLabel('Light').selectOption(night);
		await page.getByRole('button', { name: 'Close' }).click();
		await expect(page.getByRole('dialog')).toBeHidden();
		expect((await new AxeBuilder({ page }).analyze()).violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target}`)).toEqual([]);
	}
});
