import { expect, goTo, line, openChange, openPlan, round, saved, test } from './bench';
import { launchOptions } from './browser.mjs';

// The piece in the round is one of the ways that go on.
test.use({ launchOptions });

test('without a connection the ways go on, and what cannot be done says so', async ({ page, context }) => {
	await page.goto('/');
	await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(4);
	// The rest of the program comes while there is a connection.
	await page.waitForTimeout(3000);
	await openPlan(page, 'Harbour buoy', 'rounds');
	await context.setOffline(true);
	await line(page, 2).fill('R2: inc around');
	await expect(page.getByRole('region', { name: 'No answer from Alternum' })).toBeVisible();
	await page.getByRole('button', { name: 'In 3D' }).click();
	await expect(page.getByRole('slider', { name: /in the round/ }).or(page.getByRole('img', { name: /round/ }))).toBeVisible();
	await page.getByRole('link', { name: 'Back to the shelf' }).click();
	await expect(page.getByRole('listitem').filter({ hasText: 'Harbour buoy' })).toContainText('Not saved yet');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await expect(page.getByText('This needs a connection, and this device is offline.').first()).toBeVisible();
	await context.setOffline(false);
	await expect(page.getByText('What was not saved is saved.').first()).toBeVisible();
	await expect(page.getByRole('listitem').filter({ hasText: 'Harbour buoy' })).not.toContainText('Not saved yet');
	// Nothing was kept back to be done all at once.
	await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(4);
	await page.getByRole('link', { name: 'Harbour buoy' }).click();
	await expect(line(page, 2)).toHaveText('R2: inc around');
});

test('what a part of the program is missing for takes nothing else away', async ({ page, context }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	const url = page.url();
	await context.route('**/assets/InTheRound*', (route) => route.abort());
	await page.goto(url);
	await page.getByRole('button', { name: 'In 3D' }).click();
	await expect(page.getByText('Seeing it in 3D needs a connection the first time.')).toBeVisible();
	await line(page, 2).fill('R2: inc around');
	await saved(page);
	await context.unroute('**/assets/InTheRound*');
	await page.getByRole('button', { name: 'Try again' }).click();
	await expect(page.getByRole('slider', { name: /in the round/ }).or(page.getByRole('img', { name: /round/ }))).toBeVisible();
	// The shelf that was never seen here cannot be shown, but what is kept is told.
	await page.goto(url);
	await expect(line(page, 3)).toBeVisible();
	await context.setOffline(true);
	await line(page, 3).fill('R3: sc around');
	await expect(page.getByText('Not saved yet')).toBeVisible();
	await page.getByRole('link', { name: 'Back to the shelf' }).click();
	await expect(page.getByText('What you changed in one plan is kept in this browser')).toBeVisible();
	await context.setOffline(false);
	await expect(page.getByText('What was not saved is saved.').first()).toBeVisible();
});

test('a plan that cannot be opened for want of a connection has a way back', async ({ page, context }) => {
	await page.goto('/');
	await page.waitForTimeout(3000);
	await context.setOffline(true);
	await page.getByRole('link', { name: 'Harbour buoy' }).click();
	await expect(page.getByRole('heading', { name: 'This needs a connection, and this device is offline.' })).toBeVisible();
	await page.getByRole('link', { name: 'Back to the shelf' }).click();
	await expect(page.getByRole('heading', { name: 'Plans' })).toBeVisible();
	await context.setOffline(false);
});

test('one window that is left in the middle of a save and entered again meets no other', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.route('**/api/plans/*/operations*', async (route) => {
		// It is saved; the answer comes when the window is gone.
		const answer = await route.fetch();
		await new Promise((resolve) => setTimeout(resolve, 400));
		await route.fulfill({ response: answer }).catch(() => undefined);
	});
	await line(page, 2).fill('R2: inc around');
	await page.getByRole('link', { name: 'Back to the shelf' }).click();
	await page.getByRole('link', { name: 'Harbour buoy' }).click();
	await goTo(page, 'rounds');
	await line(page, 3).fill('R3: (sc, inc) around');
	await page.reload();
	await saved(page);
	await expect(page.getByRole('region', { name: /another window/i })).toHaveCount(0);
	await expect(line(page, 2)).toHaveText('R2: inc around');
	await expect(line(page, 3)).toHaveText('R3: (sc, inc) around');
});

test('two idle windows are told of each other, and of a plan that is taken off the shelf', async ({ page, context }) => {
	await openPlan(page, 'Harbour buoy');
	const other = await context.newPage();
	await other.goto(page.url());
	await other.getByLabel('The plan’s title').fill('Changed over there');
	await saved(other);
	const told = page.getByRole('region', { name: 'Another window changed this plan' });
	await expect(told).toBeVisible();
	await expect(page.getByText('Saved', { exact: true })).toHaveCount(0);
	await told.getByRole('button', { name: 'Show it as it is now' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Changed over there');
	await saved(page);
	await other.goto('/');
	await other.getByRole('button', { name: /^Delete .*Changed over there/ }).click();
	const gone = page.getByRole('region', { name: /was deleted in another window/ });
	await expect(gone).toBeVisible();
	await expect(page.getByText('Saved', { exact: true })).toHaveCount(0);
	await round(page, 3).click();
	await page.keyboard.press('c');
	await gone.getByRole('button', { name: 'Put it back' }).click();
	await saved(page);
	await expect(round(page, 3)).toHaveAccessibleName(/yarn C/);
});

test('a round that is painted without a connection is the one that was pointed at, whatever was typed before', async ({ page, context }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.waitForTimeout(1500);
	await context.setOffline(true);
	await line(page, 2).click();
	await page.keyboard.press('End');
	await page.keyboard.press('Enter');
	await page.keyboard.type('sc around');
	await round(page, 8).click();
	await page.keyboard.press('c');
	await context.setOffline(false);
	await saved(page);
	await expect(round(page, 9)).toHaveAccessibleName(/yarn C/);
	await expect(round(page, 8)).not.toHaveAccessibleName(/yarn C/);
});

test('what is done without a connection is done on the piece that was seen, in the terms that were seen', async ({ page, context }) => {
	await openPlan(page, 'Harbour buoy', 'changes');
	await page.waitForTimeout(1500);
	await goTo(page, 'rounds');
	await context.setOffline(true);
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /, terms, units/ }).click();
	const dialog = page.getByRole('dialog', { name: 'The whole plan' });
	await dialog.getByRole('button', { name: 'Translate them into UK terms' }).click();
	// It cannot be asked for twice before it is made.
	await expect(dialog.getByRole('button', { name: 'They are translated as soon as it is saved' })).toHaveAttribute('aria-disabled', 'true');
	await expect(dialog.getByLabel('Rounds are typed in')).toBeDisabled();
	await dialog.getByRole('button', { name: 'Done' }).click();
	await line(page, 2).click();
	await page.keyboard.press('End');
	await page.keyboard.press('Enter');
	await page.keyboard.type('dc around');
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: /^Duplicate/ }).click();
	await expect(line(page, 3)).toHaveText('dc around');
	await page.getByRole('tab', { name: 'Float', exact: true }).click();
	await goTo(page, 'changes');
	await (await openChange(page, 4)).getByLabel('Method after round 4').selectOption('early');
	await context.setOffline(false);
	await saved(page);
	await expect((await openChange(page, 5)).getByLabel('Method after round 5')).toHaveValue('early');
	await goTo(page, 'rounds');
	for (const piece of ['Float', 'Float again']) {
		await page.getByRole('tab', { name: piece, exact: true }).click();
		// A US double crochet is a UK treble.
		await expect(line(page, 3)).toHaveText('tr around');
		await expect(line(page, 1)).toHaveText('R1: 6 dc in MR (6)');
	}
});
