import { expect, goTo, line, openChange, openPlan, panel, saved, test } from './bench';

test('a round’s start is moved on, so that the jog lies at the back, and the pattern says how', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'changes');
	await page.getByRole('tab', { name: /^Arm/ }).click();
	await expect(panel(page)).toContainText('1 jog shows at the front');
	const change = await openChange(page, 8);
	await change.getByRole('button', { name: 'Move the jog to the back: 3 stitches on' }).click();
	await expect(panel(page)).toContainText('no jog shows at the front');
	await expect(change.getByLabel('Extra stitches before the round start moves')).toHaveValue('3');
	await goTo(page, 'pattern');
	await expect(panel(page)).toContainText('work 3 sc more in C (Cream), and move the marker up to there');
	await page.getByRole('button', { name: 'Undo' }).click();
	await goTo(page, 'changes');
	await expect(panel(page)).toContainText('1 jog shows at the front');
});

test('a change meets in a crisp line, and one undo takes it back', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'changes');
	await (await openChange(page, 4)).getByRole('button', { name: 'Work round 5 in back loops' }).click();
	await expect(line(page, 5)).toContainText('R5: (3 sc, inc) x6 in BLO (30)');
	await expect(panel(page).getByRole('button', { name: 'Work round 5 in back loops' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(line(page, 5)).toContainText('R5: (3 sc, inc) x6 (30)');
});

test('stripes that come out even are offered with their reasons', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await panel(page).getByText('Heights that fit exactly').click();
	const best = panel(page)
		.getByRole('listitem')
		.filter({ hasText: /stripes of .*alike on both sides/ })
		.first();
	await expect(best).toContainText('9 stripes of 2 rounds, rounds 1–18');
	await panel(page).getByRole('textbox', { name: 'to round' }).fill('11');
	await panel(page).getByRole('textbox', { name: 'From round' }).fill('7');
	await expect(panel(page)).toContainText('stripes of 1 round, rounds 7–11');
	const cut = panel(page)
		.getByRole('listitem')
		.filter({ hasText: /2 stripes of 2 rounds, rounds 7–10/ });
	await cut.getByRole('button', { name: /^Take/ }).click();
	await expect(panel(page).getByRole('textbox', { name: 'to round' })).toHaveValue('10');
	await panel(page).getByRole('button', { name: 'Add stripes' }).click();
	await saved(page);
	await expect(page.getByRole('region', { name: 'Layers' })).toContainText('rounds 7–10, striped');
});

test('a cover is written as a piece of its own, snug or to slip off', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	for (const [fit, first, widest] of [
		['Fits snugly', 'R1: 7 sc in MR (7)', '(37)'],
		['Comes off easily', 'R1: 6 sc in MR (6)', '(41)'],
	] as const) {
		await page.getByRole('button', { name: 'More about pieces' }).click();
		await page.getByRole('menuitem', { name: 'A cover for Float …' }).click();
		await page.getByRole('radio', { name: fit }).check();
		await page.getByRole('button', { name: 'Write the cover' }).click();
		await page.getByRole('tab', { name: 'Cover of Float' }).click();
		await expect(line(page, 1)).toContainText(first);
		await expect(page.locator('[aria-label="Rounds, a line each"]')).toContainText(widest);
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(page.getByRole('tab', { name: 'Cover of Float' })).toHaveCount(0);
	}
});

test('which end is up is asked once, where something stands by it', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'parts');
	const asked = page.getByRole('region', { name: 'Which end is round 1' });
	await expect(asked).toHaveCount(0);
	await page.getByRole('button', { name: 'Eyes', exact: true }).click();
	await page.getByRole('button', { name: 'Put it where it usually goes' }).click();
	await expect(asked).toContainText('Round 1 is taken as the top, as pieces are begun there as a rule. Which end is it of the finished piece?');
	const [button, around] = [await asked.getByRole('button', { name: 'The bottom' }).boundingBox(), await asked.boundingBox()];
	expect((button?.x ?? 0) + (button?.width ?? 0)).toBeLessThanOrEqual((around?.x ?? 0) + (around?.width ?? 0));
	await asked.getByRole('button', { name: 'The bottom' }).click();
	await expect(asked).toHaveCount(0);
	await expect(page.getByText('front, upside down')).toBeVisible();
});

test('what is worth knowing is told beside the colours, and good habits beside the changes', async ({ page }) => {
	await openPlan(page, 'Harbour buoy');
	await panel(page).getByRole('tab', { name: 'Fade' }).click();
	await panel(page).getByRole('button', { name: 'Add the fade' }).click();
	await expect(page.getByRole('region', { name: 'Worth knowing' })).toContainText('Fading by strands is easier');
	await goTo(page, 'changes');
	await panel(page).getByText('Good habits').click();
	await expect(panel(page)).toContainText('Tug both yarns gently after each change');
});

test('the pattern says how a body is begun on two legs', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'pattern');
	await page.getByRole('tab', { name: 'Body and head' }).click();
	await expect(panel(page)).toContainText('Begin around both legs, joined by 3 chains, on 36 stitches: 15 of Leg, 3 chains, 15 of Leg, 3 chains');
	await expect(panel(page)).toContainText('From the second leg ch 3, join to the first leg with sc');
});
