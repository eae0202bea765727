import { expect, line, openPlan, round, saved, test } from './bench';

test('with the server gone the work stays, and is saved when it is back', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	let isGone = true;
	await page.route('**/api/**', (route) => (isGone ? route.abort() : route.continue()));
	await line(page, 4).fill('R4: 6 sc, (sc, inc) x6');
	await expect(page.getByRole('region', { name: 'No answer from Alternum' })).toBeVisible();
	await page.getByLabel('The plan’s title').fill('Buoy at sea');
	await expect(line(page, 4)).toHaveText('R4: 6 sc, (sc, inc) x6');
	isGone = false;
	await saved(page);
	await page.reload();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Buoy at sea');
	await expect(line(page, 4)).toHaveText('R4: 6 sc, (sc, inc) x6');
});

test('a window that was closed before it could save goes on where it was', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/api/plans/*/operations*', (route) => route.abort());
	await line(page, 2).fill('R2: inc around');
	await expect(page.getByRole('region', { name: 'No answer from Alternum' })).toBeVisible();
	// No answer until the window is open again: else a late try could still be on its way when it closes.
	await page.reload();
	await expect(line(page, 2)).toHaveText('R2: inc around');
	await page.unroute('**/api/plans/*/operations*');
	await saved(page);
	await expect(round(page, 2)).toContainText('12');
});

test('the second of two windows is told, and can keep both', async ({ page, context }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	const other = await context.newPage();
	await other.goto(page.url());
	await other.getByLabel('The plan’s title').fill('Changed over there');
	await saved(other);
	await page.getByLabel('The plan’s title').fill('Changed here');
	const told = page.getByRole('region', { name: 'This plan was changed in another window' });
	await expect(told).toBeVisible();
	await other.reload();
	await expect(other.getByLabel('The plan’s title')).toHaveValue('Changed over there');
	await told.getByRole('button', { name: /Keep both/ }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Changed here (mine)');
	await page.goto('/');
	await expect(page.getByRole('link', { name: 'Changed here (mine)' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Changed over there' })).toBeVisible();
});

test('another workshop’s plan does not exist', async ({ page, browser, errors }) => {
	await openPlan(page, 'Harbour buoy');
	const stranger = await (await browser.newContext()).newPage();
	await stranger.goto(page.url());
	await expect(stranger.getByRole('heading', { name: 'There is no such plan on your shelf.' })).toBeVisible();
	expect(errors).toEqual([]);
});

test('trouble of the server’s own is told apart, and the work can be taken out or left', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	let isBroken = true;
	await page.route('**/api/plans/*/operations*', (route) =>
		isBroken ? route.fulfill({ status: 500, contentType: 'text/plain', body: 'no' }) : route.continue(),
	);
	await line(page, 2).fill('R2: inc around');
	const told = page.getByRole('region', { name: 'Alternum has a problem' });
	await expect(told).toBeVisible();
	// Undo and redo go on meanwhile.
	await page.getByLabel('The plan’s title').fill('Unsaved buoy');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Harbour buoy');
	await page.getByRole('button', { name: 'Redo' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Unsaved buoy');
	const download = page.waitForEvent('download');
	await told.getByRole('button', { name: 'Download it as a file' }).click();
	expect((await download).suggestedFilename()).toBe('Unsaved-buoy.json');
	await told.getByRole('button', { name: 'Discard unsaved changes' }).click();
	isBroken = false;
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Harbour buoy');
	await saved(page);
});

test('an edit that is refused is set aside alone, and what was typed can be copied', async ({ page, context }) => {
	await context.grantPermissions(['clipboard-read', 'clipboard-write']);
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/api/plans/*/operations*', async (route) => {
		const sent = route.request().postDataJSON() as { operations: { edit: { do: string; rounds?: string[] } }[] };
		// As the server would of a line that is too long: only the typing is refused.
		for (const { edit } of sent.operations) if (edit.do === 'retype') edit.rounds = ['x'.repeat(3000)];
		await route.continue({ postData: JSON.stringify(sent) });
	});
	await line(page, 2).fill('R2: a line that is not taken');
	const told = page.getByRole('region', { name: /This could not be done/ });
	await expect(told).toBeVisible();
	await page.getByLabel('The plan’s title').fill('Saved all the same');
	await saved(page);
	await told.getByRole('button', { name: 'Copy what you typed' }).click();
	expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('R2: a line that is not taken');
	await told.getByRole('button', { name: 'All right' }).click();
	await expect(told).toHaveCount(0);
});

test('a lost answer is no conflict', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	let lost = 0;
	await page.route('**/api/plans/*/operations*', async (route) => {
		if (lost++ > 0) return route.continue();
		// It is saved, but nobody hears of it.
		await route.fetch();
		await route.abort();
	});
	await line(page, 2).fill('R2: inc around');
	await saved(page);
	expect(lost).toBeGreaterThan(1);
	await expect(page.getByRole('region', { name: 'This plan was changed in another window' })).toHaveCount(0);
	await expect(round(page, 2)).toContainText('12');
});

test('a browser that keeps nothing says so', async ({ page }) => {
	await page.addInitScript(() => {
		Storage.prototype.setItem = () => {
			throw new DOMException('full', 'QuotaExceededError');
		};
	});
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/api/plans/*/operations*', (route) => route.abort());
	await line(page, 2).fill('R2: inc around');
	await expect(page.getByRole('region', { name: 'No answer from Alternum' })).toContainText('This browser keeps nothing');
});
