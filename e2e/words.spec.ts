import type { Page } from '@playwright/test';
import { expect, goTo, line, panel, paste, round, saved, test } from './bench';

/** A new plan whose rounds are these lines. */
async function typed(page: Page, lines: string[]): Promise<void> {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await goTo(page, 'rounds');
	await line(page, 1).click();
	for (const [i, text] of lines.entries()) {
		await page.keyboard.insertText(text);
		if (i < lines.length - 1) await page.keyboard.press('Enter');
	}
	await saved(page);
}

test('a line that can be read in two ways asks, and one key takes a reading', async ({ page }) => {
	await typed(page, ['6 sc in MR', 'sc 5 inc']);
	await expect(panel(page).getByRole('button', { name: /5 sc, inc makes 7/ })).toBeVisible();
	await expect(panel(page).getByRole('button', { name: /sc, inc x5 makes 11/ })).toBeVisible();
	await page.keyboard.press('Alt+2');
	await expect(line(page, 2)).toHaveText('sc, inc x5');
	await expect(round(page, 2)).toContainText('11');
	await expect(panel(page)).toContainText('Every round uses all the stitches');
	await page.keyboard.press('Control+z');
	await expect(line(page, 2)).toHaveText('sc 5 inc');
});

test('the words at the caret say what they were taken for', async ({ page }) => {
	await typed(page, ['6 sc in MR', 'inc x6', '(sc, inc) x6']);
	const said = page.locator('.cm-tooltip');
	await page.keyboard.press('Home');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	await expect(said).toContainText('6 repeats of: sc, then 2 sc in one stitch');
	await page.keyboard.press('ArrowUp');
	await expect(said).toContainText('2 sc in one stitch');
	await page.getByRole('button', { name: /Paste a pattern/ }).click();
	await expect(said).toBeHidden();
});

test('yarns that the words name colour the rounds; one that is missing is added', async ({ page }) => {
	await typed(page, ['6 sc in MR', 'inc x6, change to B in last st', 'sc around', 'sc around (cream)']);
	await expect(panel(page)).toContainText('“cream” is the name of no yarn of this plan.');
	await panel(page).getByRole('button', { name: 'Add yarn “cream”' }).click();
	await expect(panel(page)).not.toContainText('“cream” is the name of no yarn');
	await expect(round(page, 2)).toHaveAccessibleName(/yarn A/);
	await expect(round(page, 3)).toHaveAccessibleName(/yarn B/);
	await expect(round(page, 4)).toHaveAccessibleName(/yarn C/);
	await line(page, 3).fill('with A: sc around');
	await expect(round(page, 3)).toHaveAccessibleName(/yarn A/);
	await goTo(page, 'colours');
	await panel(page)
		.getByRole('listitem')
		.filter({ hasText: 'your words name' })
		.getByRole('button', { name: /^Hide the layer/ })
		.click();
	await expect(round(page, 4)).toHaveAccessibleName(/yarn A/);
});

test('what the words say to do is offered, kept, and shown while making', async ({ page }) => {
	await typed(page, [
		'6 sc in MR',
		'inc x6',
		'(sc, inc) x6',
		'sc around',
		'sc around. Stuff lightly.',
		'Place the eyes between rounds 3 and 4, 5 stitches apart.',
	]);
	const offers = page.getByRole('region', { name: 'What your words say' });
	await expect(offers).toContainText('“Place the eyes between rounds 3 and 4, 5 stitches apart”');
	await offers.getByRole('button', { name: /Set the eyes/ }).click();
	await expect(offers).toHaveCount(0);
	await goTo(page, 'pattern');
	await expect(page.getByText('Stuff lightly').first()).toBeVisible();
});

test('a text that looks joined is told, with one click to change it', async ({ page }) => {
	await typed(page, [
		'6 sc in MR, join with sl st to first sc (6)',
		'ch 1, inc x6, join with sl st to first sc (12)',
		'ch 1, sc around, join with sl st to first sc (12)',
	]);
	await panel(page).getByRole('button', { name: 'The piece is joined' }).first().click();
	await expect(panel(page).getByRole('button', { name: 'The piece is joined' })).toHaveCount(0);
	await expect(line(page, 3)).toHaveText('ch 1, sc around, join with sl st to first sc (12)');
	await page.keyboard.press('Control+z');
	await expect(panel(page).getByRole('button', { name: 'The piece is joined' }).first()).toBeVisible();
});

test('a pasted piece begins on the others that its words name', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await goTo(page, 'rounds');
	await line(page, 1).click();
	await paste(page, 'Leg (make 2)\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\n\nTrunk\nWith the second leg, ch 3, join to the first leg.\nR1: sc around (30)\n');
	const dialog = page.getByRole('dialog', { name: 'Paste a pattern' });
	await expect(dialog.getByLabel(/begin/i)).toBeChecked();
	await dialog.getByRole('button', { name: 'Take it' }).click();
	await page.getByRole('tablist', { name: 'Pieces' }).getByRole('tab', { name: 'Trunk' }).click();
	await expect(round(page, 1)).toContainText('30');
	await expect(panel(page)).toContainText('Every round uses all the stitches');
});
