import type { components } from '../web/src/api/generated/contract';
import { expect, test } from './bench';
import { isKept, json, make, PHONE, tapOn } from './making';

type Event = components['schemas']['Event'];
type Guide = components['schemas']['Guide'];
type Making = components['schemas']['Making'];

test.use({ viewport: PHONE, serviceWorkers: 'allow' });

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
		// As the shelf names one of several.
		await page.goto(`/plan/${plan}/make?making=${id}`);
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

/** They ask one another every 1.5 s; a machine that is busy with other pages is given longer. */
test('two devices see the same place soon, and a tap too many goes back on both', async ({ page, context }) => {
	const plan = await make(page, /Harbour buoy/);
	const other = await context.newPage();
	await other.goto(`/plan/${plan}/make`);
	await expect(other.getByText('Round 1 of')).toBeVisible();
	await page.bringToFront();
	await page.locator('.make-target').click();
	await expect(page.getByText('Round 2 of')).toBeVisible();
	await expect(other.getByText('Round 2 of')).toBeVisible();
	// What is taken in hand on one is in hand on the other, once it is worked on.
	await page.getByRole('button', { name: 'All pieces' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Staff/ })
		.click();
	await page.waitForTimeout(250);
	await page.locator('.make-target').click();
	await expect(other.getByRole('heading', { name: 'Staff' })).toBeVisible();
	await expect(other.getByText('Round 2 of')).toBeVisible();
	await other.getByRole('button', { name: 'That tap was one too many' }).click();
	await expect(page.getByText('Round 1 of')).toBeVisible();
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
