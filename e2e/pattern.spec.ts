import type { Locator, Page } from '@playwright/test';
import { expect, goTo, openPlan, panel, saved, test } from './bench';

const piece = (page: Page, name: string): Locator =>
	panel(page)
		.locator('details')
		.filter({ has: page.getByRole('heading', { name, exact: true }) });

test('the steps lead from the ring to the last tail, piece by piece', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'pattern');
	await page.getByRole('tab', { name: 'Body and head' }).click();
	const body = piece(page, 'Body and head');
	await expect(body).toContainText('Begin around both legs, joined by 3 chains');
	await expect(body).toContainText('R3-4: with S Slack tide: sc around; attach C at end of R4, keep S (36)');
	await expect(body).toContainText('Set the eyes (8 mm) between rounds 23 and 24');
	await expect(body).toContainText('After round 29 fingers no longer fit');
	const said = (await body.textContent()) ?? '';
	const order = [
		'Stuff firmly up to here',
		'Set the eyes',
		'Stuff more',
		'Finish stuffing',
		'Fasten off, 15 cm tail',
		'Thread through the front loops of the 6 sts',
	];
	expect(order.map((words) => said.indexOf(words))).toEqual(order.map((words) => said.indexOf(words)).sort((a, b) => a - b));
	expect(said).not.toContain('undefined');
	// The other pieces are folded until they are wanted.
	const hat = piece(page, 'Hat');
	await expect(hat.getByText('Do not stuff')).toBeHidden();
	await hat.locator('summary').first().press('Enter');
	await expect(hat.getByText('Do not stuff')).toBeVisible();
	await expect(hat).toContainText('(sc, inc) x6 (18), join with sl st in first st');
});

test('what can be taken away leads somewhere, in the station and in the menu', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'pattern');
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await expect(page.getByRole('menuitem', { name: 'Download the plan as a file' })).toBeVisible();
	const links = await page.locator('a[href^="/api/"]').evaluateAll((all) => all.map((link) => link.getAttribute('href') ?? ''));
	expect(links.length).toBeGreaterThanOrEqual(5);
	for (const link of links) expect((await page.request.get(link)).status(), link).toBe(200);
});

test('how a piece ends can be chosen, and one undo takes it back', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'pattern');
	const float = piece(page, 'Float');
	await float.getByText('How it begins and ends').click();
	await float.getByLabel('The last round is').selectOption({ label: 'drawn closed, twice around' });
	await expect(float).toContainText('Thread through the front loops of the 6 sts twice around');
	await float.getByLabel('Stuffing', { exact: true }).selectOption({ label: 'light' });
	await expect(float).toContainText('Begin stuffing lightly');
	await float.getByLabel('Tail at the end').fill('55');
	await expect(float).toContainText('Fasten off, 55 cm tail');
	await float.getByLabel('Drawn in: times from pole to pole').fill('6');
	await expect(float).toContainText('repeat evenly: 6 grooves in all');
	await saved(page);
	await page.reload();
	await float.getByText('How it begins and ends').click();
	await expect(float.getByLabel('Tail at the end')).toHaveValue('55');
	await expect(float).toContainText('You chose it.');
	await float.getByLabel('The last round is').selectOption({ index: 0 });
	await expect(float).toContainText('Thread through the front loops of the 6 sts, pull closed');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(float).toContainText('twice around');
});

test('an edging finds the row-ends of a flat piece', async ({ page }) => {
	await openPlan(page, 'Barrel cactus in a pot', 'pattern');
	await page.getByRole('tab', { name: 'Edging' }).click();
	await expect(panel(page)).toContainText('around the edge of Mat');
	await expect(panel(page)).toContainText('on 64 stitches');
	await page.getByRole('tab', { name: 'Flower' }).click();
	await expect(panel(page)).toContainText('2 dc in same st, ch 3, sl st in same st');
	await goTo(page, 'rounds');
	await page.getByRole('tab', { name: 'Cactus' }).click();
	await expect(panel(page)).toContainText('3.9 cm high');
});

test('a piece begins into the side of a tube, in a spiral of loops, or around an edge, and says on how many', async ({ page }) => {
	await openPlan(page, 'Barrel cactus in a pot', 'rounds');
	await page.getByRole('tab', { name: 'Edging' }).click();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: /Name, copies/ }).click();
	await page.getByRole('dialog').getByText('How it is worked', { exact: true }).click();
	const dialog = page.getByRole('dialog', { name: 'Edging' });
	await expect(dialog).toContainText('64 stitches');
	await dialog.getByLabel('It begins').selectOption({ label: 'into the side of a tube, up and down' });
	await dialog.getByLabel('Piece', { exact: true }).selectOption({ label: 'Pot' });
	await dialog.getByLabel('to round').fill('10');
	await dialog.getByLabel('After round').fill('7');
	await expect(dialog).toContainText('8 stitches');
	await dialog.getByLabel('It begins').selectOption({ label: 'in loops that several rounds left free' });
	// The fields stay open while what is told of them is mended.
	await expect(dialog).toContainText('Round 1 of “Pot” leaves no loop free');
	await dialog.getByLabel('After round').fill('5');
	await dialog.getByLabel('to round').fill('5');
	await expect(dialog).toContainText('30 stitches');
	await dialog.getByLabel('It begins').selectOption({ label: 'on the opening of another piece' });
	await dialog.getByLabel('The gap of the joining slip stitch').selectOption({ label: 'takes one stitch more' });
	await expect(dialog).toContainText('37 stitches');
	await page.keyboard.press('Escape');
	await saved(page);
});
