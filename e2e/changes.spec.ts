import { begin, change, expect, goTo, line, openChange, openPlan, panel, saved, test } from './bench';

test.beforeEach(async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'changes');
});

test('a change line keeps every jog in one column, and the pattern says at which stitch', async ({ page }) => {
	await page.getByRole('tab', { name: /^Arm/ }).click();
	await expect(panel(page)).toContainText('On the line no jog shows; at the marker 1.');
	await panel(page).getByLabel('Rounds change yarn').selectOption({ label: 'on a straight line' });
	await expect(panel(page)).toContainText('4 changes; no jog shows at the front');
	const [first] = await panel(page).locator('li[data-round]').all();
	await first?.getByRole('button').click();
	await expect(panel(page)).toContainText('keeps every jog in one straight column');
	await goTo(page, 'pattern');
	await expect(panel(page)).toContainText('R7: 2 sc; with C Cream: 8 sc (10)');
	await page.getByRole('button', { name: 'Undo' }).click();
	await goTo(page, 'changes');
	await expect(panel(page)).toContainText('1 jog shows at the front');
});

test('each method can be chosen for one change, and a standing stitch begins where she likes', async ({ page }) => {
	await page.getByRole('tab', { name: /^Arm/ }).click();
	const method = (await openChange(page, 8)).getByLabel('Method after round 8');
	for (const [label, says] of [
		['a stitch early', 'A stitch early: work the last sc but one in C (Cream)'],
		['pull the loop through, a stitch later', 'Work one sc more in C (Cream), to its last yarn over'],
		['joined round', 'Join with a sl st in the first stitch of the round, tugged tight so that no gap stays, ch 1'],
		['level with a sl st', 'to its last yarn over; finish with S (Slack tide). It does not count as a stitch'],
		['cut, and a standing stitch', 'Attach S (Slack tide) with a standing sc into stitch'],
	] as const) {
		await method.selectOption({ label });
		await expect(panel(page)).toContainText(says);
	}
	await panel(page).getByLabel('Begins, degrees from the front').fill('90');
	await expect(panel(page)).toContainText('counted from the fastened-off one, 90° on from the front');
	await saved(page);
	await page.reload();
	await page.getByRole('tab', { name: /^Arm/ }).click();
	await expect((await openChange(page, 8)).getByLabel('Begins, degrees from the front')).toHaveValue('90');
});

test('what becomes of the old yarn and the ends is said for the plan, the piece and one change', async ({ page }) => {
	await page.getByRole('tab', { name: 'Body and head' }).click();
	const ends = panel(page).getByRole('region', { name: 'Old yarn and ends' });
	await ends.getByLabel('Its end').selectOption({ label: 'knot inside' });
	await openChange(page, 2);
	await expect(panel(page)).toContainText('Cut P, leaving 8 cm, and knot it to S’s end inside');
	await ends.getByLabel('Old yarn').selectOption({ label: 'crochet over' });
	await expect(panel(page)).toContainText('Lay P along the top of the round below and crochet over it');
	await (await openChange(page, 4)).getByLabel('Old yarn').selectOption({ label: 'cut' });
	await expect(change(page, 4)).toContainText('You chose to cut S.');
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /terms, units, hand/ }).click();
	await page.getByRole('dialog').getByLabel('The new yarn’s end').selectOption({ label: 'crochet over 3–4 stitches' });
	await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
	await openChange(page, 2);
	await expect(panel(page)).toContainText('Attach S with 10 cm, and crochet over its end for three or four stitches.');
});

test('the best changes are offered against hers, taken at a click and taken back by one undo', async ({ page }) => {
	await page.getByRole('tab', { name: /^Arm/ }).click();
	await panel(page).getByText('The best changes').click();
	await expect(panel(page)).toContainText('The neatest front');
	await panel(page).getByRole('button', { name: 'Take the neatest front' }).click();
	await expect(panel(page)).toContainText('4 changes; no jog shows at the front');
	await page.keyboard.press('Control+z');
	await expect(panel(page)).toContainText('1 jog shows at the front');
});

test('a part covers a jog, and no longer where it is moved away', async ({ page }) => {
	await page.getByRole('tab', { name: /^Arm/ }).click();
	await goTo(page, 'parts');
	await panel(page).getByRole('button', { name: 'Buttons', exact: true }).click();
	await panel(page).getByRole('button', { name: 'Put it where it usually goes' }).click();
	const placed = panel(page).getByRole('region', { name: 'On Arm' });
	await placed.getByRole('button', { name: /^Buttons:/ }).click();
	await placed.getByLabel('Round', { exact: true }).fill('8');
	await placed.getByLabel('Degrees from the front').fill('79');
	await expect(placed).toContainText('It hides the jog after round 8.');
	await goTo(page, 'changes');
	await openChange(page, 8);
	await expect(panel(page)).toContainText('hidden under the buttons');
	await panel(page).getByLabel('Method after round 8').selectOption({ label: 'covered by: buttons' });
	await expect(panel(page)).toContainText('Sew the buttons on over the jog.');
	await goTo(page, 'parts');
	await placed.getByRole('button', { name: /^Buttons:/ }).click();
	await placed.getByLabel('Degrees from the front').fill('-120');
	await goTo(page, 'changes');
	await openChange(page, 8);
	await expect(panel(page)).toContainText('The part that is to cover the jog does not lie over it: move it, or take another method.');
	await expect(line(page, 1)).toContainText('R1: 5 sc in MR');
});

test('a jog is looked at from near by each method, and one is taken by eye', async ({ page }) => {
	await openPlan(page, 'Harbour buoy', 'changes');
	const change = await openChange(page, 4);
	await change.getByText('How it looks, from near').click();
	await expect(change.getByRole('img', { name: 'The jog from near: plain change' })).toBeVisible();
	await expect(change.getByRole('button', { name: /^The jog from near: plain change/ })).toHaveAttribute('aria-pressed', 'true');
	await change.getByRole('button', { name: /^The jog from near: pull the loop through pull/ }).click();
	await saved(page);
	await expect(change.getByLabel('Method after round 4')).toHaveValue('drawn-loop');
	await expect(change.getByRole('button', { name: /^The jog from near: pull the loop through pull/ })).toHaveAttribute('aria-pressed', 'true');
});

test('how a change is done is drawn, in its yarns, and mirrored for left hands', async ({ page }) => {
	await page.getByRole('tab', { name: 'Body and head' }).click();
	const row = await openChange(page, 2);
	await row.getByText('How it is done').click();
	await expect(row.getByRole('heading', { name: 'A plain change' })).toBeVisible();
	await expect(row.getByRole('heading', { name: 'Cut', exact: true })).toBeVisible();
	await expect(row.getByRole('heading', { name: 'Weave in' })).toBeVisible();
	const drawing = row.getByRole('img', { name: 'A plain change, drawing 2' });
	await expect(drawing).toBeVisible();
	await expect(drawing).not.toHaveCSS('transform', /-1/);
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('menuitem', { name: /terms, units, hand/ }).click();
	await page.getByRole('dialog').getByLabel('Hand that holds the hook').selectOption('left');
	await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
	await expect(drawing).toHaveCSS('transform', /-1/);
	await goTo(page, 'pattern');
	await panel(page).getByText('How stitches, beginnings and ends are done').click();
	await expect(panel(page).getByRole('img', { name: 'Magic ring, drawing 1' })).toBeVisible();
});

test('several changes are picked and set at once, those that show are listed alone, and one undo takes it back', async ({ page }) => {
	await page.getByRole('tab', { name: 'Body and head' }).click();
	const several = panel(page).getByRole('region', { name: 'Several changes at once' });
	await panel(page).getByRole('checkbox', { name: 'Pick the change after round 4' }).check();
	await panel(page).getByRole('checkbox', { name: 'Pick the change after round 8' }).check();
	await several.getByLabel('The 2 picked').selectOption({ label: 'pull the loop through' });
	await expect(change(page, 4)).toContainText('R4: S → C loop through, carry S');
	await expect(change(page, 8)).toContainText('loop through');
	await expect(change(page, 6)).toContainText('plain change');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(change(page, 8)).toContainText('plain change');
	// What was chosen for those before is not done to others that are picked later.
	await several.getByLabel('Old yarn').selectOption({ label: 'cut' });
	await expect(change(page, 8)).toContainText('cut S');
	await expect(await openChange(page, 8)).toContainText('You chose to cut S.');
	await several.getByRole('button', { name: 'Clear' }).click();
	await panel(page).getByRole('checkbox', { name: 'Pick the change after round 6' }).check();
	await several.getByLabel('The new yarn’s end').selectOption({ label: 'knot inside' });
	await expect((await openChange(page, 6)).getByLabel('Old yarn')).toHaveValue('auto');
	await expect(change(page, 6).getByLabel('Old yarn')).toContainText('carry up inside (as for all)');
	await several.getByRole('checkbox', { name: 'Only those that show' }).check();
	await expect(panel(page)).toContainText('No jog shows.');
	await expect(change(page, 8)).toHaveCount(0);
});

test('the best changes follow her own weights', async ({ page }) => {
	await page.getByRole('tab', { name: 'Arm' }).click();
	await panel(page).getByText('The best changes').click();
	await panel(page).getByLabel('a jog that shows').fill('50');
	await panel(page).getByRole('button', { name: 'Take what is best by your own weights' }).click();
	await saved(page);
	await expect(panel(page)).toContainText('no jog shows at the front');
});

/** A piece that lies: its sides are called otherwise everywhere, and it is asked once. */
test('says where a jog is by the sides of a piece that lies', async ({ page }) => {
	await openPlan(page, 'Otter in a striped jersey', 'rounds');
	await page.getByText('Body and head').first().click();
	await page.getByRole('button', { name: 'More about pieces' }).click();
	await page.getByRole('menuitem', { name: 'Name, copies' }).click();
	await page.getByRole('dialog').getByText('How it is worked', { exact: true }).click();
	await page.getByLabel('Round 1 is the finished piece’s').selectOption('tail');
	await page.keyboard.press('Escape');
	await expect(panel(page).getByText(/cm long,/)).toBeVisible();
	await expect(page.getByText('back, face below')).toBeVisible();
	await goTo(page, 'changes');
	await expect(panel(page).getByRole('heading', { name: /^Middle of the back at/ })).toBeVisible();
	let underside = 0;
	for (const at of await panel(page)
		.locator('li[data-round]')
		.evaluateAll((all) => all.map((one) => Number((one as HTMLElement).dataset.round)))) {
		const row = await openChange(page, at);
		underside += await row.getByText(/on the underside/).count();
		await expect(row.getByText(/at the back/)).toHaveCount(0);
	}
	expect(underside).toBeGreaterThan(0);
});

test('stripes of one round are offered as one spiral, with what that saves, and taken at a press', async ({ page }) => {
	const stripes = {
		kind: 'stripes',
		from: 4,
		to: 13,
		sequence: [
			{ yarn: 'B', rounds: 1 },
			{ yarn: 'A', rounds: 1 },
		],
	};
	const id = await begin(page, 'Ringtail', { rounds: ['12 sc in MR', 'R2-15: sc around'], colours: [{ kind: 'fill', yarn: 'A' }, stripes] });
	await page.goto(`/plan/${id}/changes`);
	const offer = panel(page).getByRole('region', { name: 'As one spiral' });
	await expect(offer).toContainText(
		/Rounds 4 to 13 are stripes of one round in B, A\. In one spiral they take \d ends? and leave 2 jogs, instead of \d+ ends? and 10 jogs/,
	);
	await offer.getByRole('button', { name: 'Work them as one spiral' }).click();
	await expect(offer).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(offer).toBeVisible();
});

test('of hundreds of changes those in sight are in the page, and any is found from the sheet', async ({ page }) => {
	const stripes = {
		kind: 'stripes',
		from: 1,
		to: 400,
		sequence: [
			{ yarn: 'B', rounds: 1 },
			{ yarn: 'A', rounds: 1 },
		],
	};
	const rounds = ['12 sc in MR', 'R2-400: sc around'];
	const id = await begin(page, 'Long', { worked: 'joined', rounds, colours: [{ kind: 'fill', yarn: 'A' }, stripes] });
	await page.goto(`/plan/${id}/changes`);
	await expect(change(page, 2)).toBeVisible();
	expect(await panel(page).locator('li[data-round]').count()).toBeLessThan(60);
	expect(await panel(page).locator('*').count()).toBeLessThan(1500);
	await expect(change(page, 2)).toHaveAttribute('aria-setsize', '399');
	await page
		.getByRole('list', { name: 'Rounds' })
		.getByRole('button', { name: /^Round 301,/ })
		.click();
	await expect(change(page, 300)).toBeInViewport();
	await expect(change(page, 300).getByLabel('Method after round 300')).toBeVisible();
});
