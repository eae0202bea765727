import { expect, goTo, line, openPlan, panel, paste, round, saved, test } from './bench';

test('an empty plan says what to do, and grows from the keyboard alone', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await expect(page.getByText('The piece will be drawn here')).toBeVisible();
	await line(page, 1).click();
	await page.keyboard.type('R1: 6 sc in MR');
	await page.keyboard.press('Enter');
	await page.keyboard.type('R2: inc x6');
	await page.keyboard.press('Enter');
	await page.keyboard.type('R3-5: sc around');
	await expect(round(page, 5)).toContainText('12');
	await saved(page);
	await line(page, 2).click();
	await page.keyboard.press('End');
	await page.keyboard.press('Enter');
	await page.keyboard.type('R3: (sc, inc) x6');
	await expect(page.getByText('This line says round 3, but it is round 4.').first()).toBeVisible();
	await page.getByRole('button', { name: 'Number them' }).first().click();
	await expect(line(page, 4)).toHaveText('R4-6: sc around');
	await expect(round(page, 6)).toContainText('18');
});

test('in a small window an empty plan leads to the shapes, too', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await page.getByRole('button', { name: 'Or begin from a shape' }).click();
	await expect(panel(page).getByRole('button', { name: 'Begin from a shape' })).toBeVisible();
});

test('lines are parted, joined and walked through from the keyboard', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await line(page, 3).click();
	await page.keyboard.press('Home');
	await page.keyboard.press('Backspace');
	await expect(line(page, 2)).toHaveText('R2: inc x6 (12)R3: (sc, inc) x6 (18)');
	// One line may hold several rounds.
	await expect(round(page, 3)).toContainText('18');
	await expect(panel(page)).toContainText('Every round uses all the stitches');
	await page.keyboard.press('Enter');
	await expect(line(page, 3)).toHaveText('R3: (sc, inc) x6 (18)');
	await expect(line(page, 3)).toHaveClass(/cm-activeLine/);
	await page.keyboard.press('ArrowDown');
	await expect(line(page, 4)).toHaveClass(/cm-activeLine/);
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('End');
	await page.keyboard.press('Delete');
	await expect(line(page, 2)).toHaveText('R2: inc x6 (12)R3: (sc, inc) x6 (18)');
	await saved(page);
	await page.keyboard.press('Control+z');
	await expect(line(page, 3)).toHaveText('R3: (sc, inc) x6 (18)');
	await expect(panel(page)).toContainText('Every round uses all the stitches');
});

test('a piece worked in rows lies flat, without a front', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin a plan' }).click();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Name, copies' }).click();
	await page.getByRole('dialog').getByText('How it is worked', { exact: true }).click();
	await page.getByLabel('Worked', { exact: true }).selectOption('rows');
	await page.getByRole('button', { name: 'Done' }).click();
	await line(page, 1).fill('Row 1: ch 13');
	await page.keyboard.press('Enter');
	await page.keyboard.type('Row 2: sc in 2nd ch from hook and in each ch across, turn (12)');
	await page.keyboard.press('Enter');
	await page.keyboard.type('Row 3-8: ch 1, sc across, turn (12)');
	await expect(round(page, 8)).toContainText('12');
	await expect(panel(page)).toContainText('8 rows');
	await goTo(page, 'changes');
	await expect(page.getByRole('slider', { name: 'Front in degrees' })).toHaveCount(0);
});

test('a body begins on two legs, joined by chains', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('tab', { name: 'Staff' }).click();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Add a piece' }).click();
	await line(page, 1).fill('R1: sc around');
	await expect(page.getByText('Round 1 has nothing below it to work into.').first()).toBeVisible();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Name, copies' }).click();
	await page.getByRole('dialog').getByText('How it is worked', { exact: true }).click();
	await page.getByLabel('It begins').selectOption('bridge');
	await expect(page.getByText('Round 1 finds 24 stitches: 9 of Staff, 3 chains, 9 of Staff, 3 chains.')).toBeVisible();
	await page.getByLabel('Chains between them').fill('6');
	await expect(page.getByText('Round 1 finds 30 stitches: 9 of Staff, 6 chains, 9 of Staff, 6 chains.')).toBeVisible();
	await page.getByRole('button', { name: 'Done' }).click();
	await expect(round(page, 1)).toContainText('30');
	await expect(panel(page)).toContainText('This piece begins on 2 of “Staff”, and only one is made.');
	await page.getByRole('tab', { name: 'Staff' }).click();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Name, copies' }).click();
	await page.getByRole('dialog').getByText('How it is worked', { exact: true }).click();
	await page.getByLabel('How many to make').fill('2');
	await page.getByRole('button', { name: 'Done' }).click();
	await expect(panel(page)).toContainText('Every round uses all the stitches');
});

test('a pattern of two pieces is looked at, mended and taken beside what is there', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await page.getByRole('button', { name: 'Paste a pattern' }).click();
	const dialog = page.getByRole('dialog', { name: 'Paste a pattern' });
	const text = dialog.getByLabel('The pattern');
	await text.fill('Ear (make 2)\nR1: 6 sc in MR (6)\nR2: incs x6 (12)\n\nBase\nRow 1: ch 8\nRow 2: sc in 2nd ch from hook, 5 sc (6)');
	await expect(dialog).toContainText('2 pieces, 4 rounds, 1 to fix');
	await expect(dialog).toContainText('Row 2 uses 7 of the 8 stitches below');
	await text.fill('Ear (make 2)\nR1: 6 sc in MR (6)\nR2: incs x6 (12)\n\nBase\nRow 1: ch 8\nRow 2: sc in 2nd ch from hook, 6 sc (7)');
	await expect(dialog).toContainText('every one fits');
	await dialog.getByRole('button', { name: 'Take as new pieces' }).click();
	await page.getByRole('tab', { name: 'Ear ×2' }).click();
	await expect(round(page, 2)).toContainText('12');
	await page.getByRole('tab', { name: 'Base' }).click();
	await expect(panel(page)).toContainText('2 rows');
	await saved(page);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('tab')).toHaveCount(2);
});

test('several lines are pasted in at the caret', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await line(page, 6).click();
	await page.keyboard.press('End');
	await paste(page, '\nsc around\nhdc around\nsc around\n');
	await page.getByRole('button', { name: 'Put the lines in at the caret' }).click();
	await expect(line(page, 6)).toHaveText('R6: (4 sc, inc) x6 (36)');
	await expect(line(page, 8)).toHaveText('hdc around');
	await expect(panel(page)).toContainText('21 rounds');
	await saved(page);
	await page.keyboard.press('Control+z');
	await expect(panel(page)).toContainText('18 rounds');
});

test('a mend is made on one key, and a bracket folds', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await line(page, 4).fill('R4: (2 sc, inc) x6 (23)');
	await expect(line(page, 4)).toHaveAttribute('data-wrong');
	await page.keyboard.press('Alt+Enter');
	await expect(line(page, 4)).not.toHaveAttribute('data-wrong');
	await expect(panel(page)).toContainText('Every round uses all the stitches');
	await line(page, 5).click();
	await page.keyboard.press('Control+Shift+BracketLeft');
	await expect(line(page, 5)).toHaveText('R5: (…) x6 (30)');
	await page.keyboard.press('Control+Shift+BracketRight');
	await expect(line(page, 5)).toHaveText('R5: (3 sc, inc) x6 (30)');
});

test('several lines are taken out at once', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	await line(page, 4).click();
	await page.keyboard.press('Home');
	await page.keyboard.press('Shift+ArrowDown');
	await page.keyboard.press('Shift+ArrowDown');
	await expect(round(page, 5)).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('Delete');
	await expect(line(page, 4)).toHaveText('R6: (4 sc, inc) x6 (36)');
	await saved(page);
	await page.keyboard.press('Control+z');
	await expect(line(page, 4)).toHaveText('R4: (2 sc, inc) x6 (24)');
});

test('a line that is longer than the sheet is wide moves aside now and then, not at each letter, and what it means stays readable', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'rounds');
	const before = (await line(page, 7).textContent()) ?? '';
	await line(page, 7).click();
	await page.keyboard.press('End');
	await page.evaluate(() => {
		const moved: number[] = [];
		Object.assign(window, { moved });
		document.querySelector('.cm-scroller')?.addEventListener('scroll', ({ target }) => moved.push((target as Element).scrollLeft));
	});
	const typed = ' then a long remark that goes on and on to the end';
	await page.keyboard.type(typed, { delay: 30 });
	await saved(page);
	const moved = await page.evaluate(() => (window as unknown as { moved: number[] }).moved);
	expect(moved.length).toBeGreaterThan(0);
	expect(moved.length).toBeLessThan(typed.length / 5);

	const meaning = page.locator('.meaning');
	await expect(meaning).toContainText('goes on and on');
	const [words, room] = await Promise.all([meaning.boundingBox(), page.locator('.cm-scroller').boundingBox()]);
	expect(words?.x).toBeGreaterThanOrEqual(room?.x ?? 0);
	expect((words?.x ?? 0) + (words?.width ?? 0)).toBeLessThanOrEqual((room?.x ?? 0) + (room?.width ?? 0) + 1);
	expect(words?.width).toBeGreaterThan(150);

	await page.keyboard.press('Home');
	await expect.poll(() => page.locator('.cm-scroller').evaluate(({ scrollLeft }) => scrollLeft)).toBe(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(line(page, 7)).toHaveText(before);
	await saved(page);
});

test('what is pasted folds its long notes, shows what is wrong in them, and is never cut without a word', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'a pasted pattern …' }).click();
	const dialog = page.getByRole('dialog');
	const notes = ['You need a hook of 3 mm.', 'Stuff firmly as you go.', 'Leave long tails.', 'Move the marker up.', 'About 9 cm tall.'];
	await dialog.getByLabel('The pattern').fill(['BODY', ...notes, 'R1: 6 sc in MR (6)', 'Stuff it.', 'R2: inc x6 (13)'].join('\n'));
	const folded = dialog.getByText('5 lines of notes: You need a hook of 3 mm.');
	await expect(folded).toBeVisible();
	await expect(dialog.locator('li', { hasText: 'Leave long tails.' }).last()).toBeHidden();
	await folded.click();
	await expect(dialog.locator('li', { hasText: 'Leave long tails.' }).last()).toBeVisible();
	await expect(dialog.getByText('Round 2 makes 12 stitches, but the line says 13.')).toBeVisible();
	await dialog.getByLabel('The pattern').evaluate((field: HTMLTextAreaElement) => {
		Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')?.set?.call(field, 'R1: 6 sc in MR (6)\n'.repeat(12_000));
		field.dispatchEvent(new Event('input', { bubbles: true }));
	});
	await expect(dialog.getByRole('alert')).toHaveText('This is longer than 200,000 characters. Make it shorter.');
	await expect(dialog.getByRole('button', { name: 'Take it' })).toBeDisabled();
});
