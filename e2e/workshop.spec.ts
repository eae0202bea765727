import { readFile } from 'node:fs/promises';
import { expect, keptPlans, openPlan, saved, test } from './bench';

test('a recovery link opens the workshop in another browser', async ({ page, browser, errors }) => {
	await openPlan(page, 'Harbour buoy');
	await page.getByLabel('The plan’s title').fill('Known by its link');
	await saved(page);
	await page.goto('/');
	await page.getByRole('button', { name: 'Workshop' }).click();
	await page.getByRole('menuitem', { name: /Other browsers/ }).click();
	await page.getByRole('button', { name: 'Make a recovery link' }).click();
	const link = await page.getByLabel(/Your recovery link/).inputValue();
	const stranger = await (await browser.newContext()).newPage();
	await stranger.goto(link);
	await stranger.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(stranger.getByRole('link', { name: 'Known by its link' })).toBeVisible();
	await stranger.goto(`${link.slice(0, -4)}0000`);
	await stranger.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(stranger.getByRole('alert')).toContainText('opens no workshop');
	expect(errors).toEqual([]);
});

test('browsers that have the workshop open are listed, and the others are signed out', async ({ page, browser, errors }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Workshop' }).click();
	await page.getByRole('menuitem', { name: /Other browsers/ }).click();
	await page.getByLabel('It works once').check();
	await page.getByRole('button', { name: 'Make a recovery link' }).click();
	const link = await page.getByLabel(/Your recovery link/).inputValue();
	const other = await (await browser.newContext()).newPage();
	await other.goto(link);
	await other.getByRole('button', { name: 'Open it in this browser' }).click();
	await other.getByRole('link', { name: 'Harbour buoy' }).click();
	await expect(other.getByLabel('The plan’s title')).toBeVisible();
	await expect.poll(() => keptPlans(other)).toHaveLength(1);
	const third = await (await browser.newContext()).newPage();
	await third.goto(link);
	await third.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(third.getByRole('alert')).toContainText('opens no workshop');
	await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
	await page.getByRole('button', { name: 'Workshop' }).click();
	await page.getByRole('menuitem', { name: /Other browsers/ }).click();
	const listed = page.getByRole('dialog').getByRole('listitem');
	await expect(listed).toHaveCount(2);
	await listed
		.filter({ hasNotText: 'this browser' })
		.getByRole('button', { name: /Sign out/ })
		.click();
	await expect(listed).toHaveCount(1);
	// What is done there is kept, and it says why it is not saved.
	await other.getByLabel('The plan’s title').fill('Signed out');
	await expect(other.getByRole('region', { name: 'This browser was signed out of its workshop' })).toBeVisible();
	await other.goto('/');
	await expect(other.getByRole('region', { name: 'This is a new workshop' })).toBeVisible();
	await expect.poll(() => keptPlans(other)).toEqual([]);
	expect(errors).toEqual([]);
});

test('a workshop is erased for good, asked for twice, and another browser is told', async ({ page, browser }) => {
	await openPlan(page, 'Harbour buoy');
	await page.getByLabel('The plan’s title').fill('To be erased');
	await saved(page);
	await page.goto('/');
	await page.getByRole('button', { name: 'Workshop' }).click();
	await page.getByRole('menuitem', { name: /Other browsers/ }).click();
	await page.getByRole('button', { name: 'Make a recovery link' }).click();
	const other = await (await browser.newContext()).newPage();
	await other.goto(await page.getByLabel(/Your recovery link/).inputValue());
	await other.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(other.getByRole('link', { name: 'To be erased' })).toBeVisible();
	await page.getByText('Erase this workshop').click();
	const erase = page.getByRole('button', { name: 'Erase it for good' });
	await expect(erase).toBeDisabled();
	await page.getByLabel('I have what I want to keep').check();
	await erase.click();
	// What is there now is a new one, with what each begins with.
	await expect(page.getByRole('link', { name: 'Harbour buoy' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'To be erased' })).toBeHidden();
	await expect.poll(() => keptPlans(page)).toEqual([]);
	await other.reload();
	await expect(other.getByRole('region', { name: 'This is a new workshop' })).toBeVisible();
	await expect(other.getByRole('link', { name: 'To be erased' })).toBeHidden();
});

test('the whole shelf goes out as one file and comes in again', async ({ page, browser }) => {
	await openPlan(page, 'Harbour buoy');
	await page.getByLabel('The plan’s title').fill('Taken along');
	await saved(page);
	await page.goto('/');
	await page.getByRole('button', { name: 'Workshop' }).click();
	const download = page.waitForEvent('download');
	await page.getByRole('menuitem', { name: 'Download everything as one file' }).click();
	const file = await readFile(await (await download).path());
	const other = await (await browser.newContext()).newPage();
	await other.goto('/');
	await other.getByLabel('Plan file').setInputFiles({ name: 'workshop.json', mimeType: 'application/json', buffer: file });
	await expect(other.getByText('4 plans and 3 yarns are on the shelf.', { exact: true })).toBeVisible();
	await expect(other.getByRole('link', { name: 'Taken along' })).toBeVisible();
	// What it was before came along, and is there to be gone back to.
	await other.getByRole('link', { name: 'Taken along' }).click();
	await other.getByRole('button', { name: 'Plan', exact: true }).click();
	await other.getByRole('menuitem', { name: /Earlier versions/ }).click();
	await expect(other.getByRole('list', { name: 'Versions' }).getByRole('button')).toHaveText([/Title.*as it is now/, /Begun/]);
	await other.goto('/');
	const broken = JSON.parse(file.toString()) as { plans: { terms: string; title: string }[]; sha256?: string };
	broken.plans = broken.plans.slice(0, 2).map((plan, i) => ({ ...plan, title: `Again ${i}`, terms: i === 0 ? 'martian' : 'us' }));
	const choose = () =>
		other.getByLabel('Plan file').setInputFiles({ name: 'workshop.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(broken)) });
	await choose();
	const told = other.getByRole('dialog', { name: 'This file could not be opened' });
	await expect(told).toContainText('not as it was written');
	await told.getByRole('button', { name: 'OK' }).click();
	await expect(other.getByRole('link', { name: 'Again 1' })).toBeHidden();
	delete broken.sha256;
	await choose();
	await expect(told).toContainText('Again 0');
	await told.getByRole('button', { name: 'OK' }).click();
	await expect(other.getByRole('link', { name: 'Again 1' })).toBeVisible();
});

test('the shelf shows each toy', async ({ page }) => {
	await page.goto('/');
	const rows = page.getByRole('main').getByRole('listitem');
	await expect(rows).toHaveCount(4);
	for (const row of await rows.all()) {
		const picture = row.locator('img');
		await expect(picture).toBeVisible();
		// A picture that could not be read is nothing wide.
		expect(await picture.evaluate((is) => (is as HTMLImageElement).naturalWidth)).toBeGreaterThan(100);
	}
});
