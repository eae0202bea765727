import { begin, expect, test } from './bench';

test('the shelf says what it is for, and a plan begins with a shape or a pasted pattern', async ({ page }) => {
	await page.goto('/');
	await expect(page.getByText('Plan a crocheted toy in colours')).toBeVisible();
	await page.getByRole('button', { name: 'a shape …' }).click();
	await expect(page.getByRole('dialog').getByRole('heading', { name: 'Begin from a shape' })).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('The plan’s title')).toBeVisible();
	await expect(page.getByRole('dialog')).toHaveCount(0);
	await page.goto('/');
	await page.getByRole('button', { name: 'a pasted pattern …' }).click();
	await expect(page.getByRole('dialog').getByRole('textbox')).toBeVisible();
});

test('a plan begins with one of the own, or with a toy to learn from, whatever became of the first', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'one of your plans …' }).click();
	await page.getByRole('menuitem', { name: 'Spotted mushroom' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Spotted mushroom again');
	await page.goto('/');
	await page.getByRole('button', { name: /^Delete .*Harbour buoy/ }).click();
	await expect(page.getByRole('link', { name: /^Harbour buoy/ })).toBeHidden();
	await page.getByRole('button', { name: 'a toy to learn from …' }).click();
	await expect(page.getByRole('menuitem')).toHaveText(['Harbour buoy', 'Otter in a striped jersey', 'Spotted mushroom', 'Barrel cactus in a pot']);
	await page.getByRole('menuitem', { name: 'Harbour buoy' }).click();
	await expect(page.getByLabel('The plan’s title')).toHaveValue('Harbour buoy');
});

test('a plan is duplicated, put by and fetched back', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: /^Duplicate .*Harbour buoy/ }).click();
	await expect(page.getByRole('link', { name: /^Harbour buoy again/ })).toBeVisible();
	await page.getByRole('button', { name: /^Put .*Spotted mushroom.* by/ }).click();
	await expect(page.getByRole('link', { name: /^Spotted mushroom/ })).toBeHidden();
	await page.getByText('1 plan put by').click();
	await page.getByRole('button', { name: /Spotted mushroom.*: back among the others/ }).click();
	await expect(page.getByText('1 plan put by')).toBeHidden();
	await expect(page.getByRole('link', { name: /^Spotted mushroom/ })).toBeVisible();
});

test('of many plans one is found by its name, and they are put in order', async ({ page }) => {
	for (let i = 0; i < 10; i++) await begin(page, `Heron ${i}`, { rounds: [`${6 + i} sc in MR`], colours: [] });
	await page.goto('/');
	await page.getByLabel('Find').fill('heron 7');
	await expect(page.getByRole('main').getByRole('link', { name: /stitches/ })).toHaveCount(1);
	await page.getByLabel('Find').fill('');
	await page.getByLabel('In order of').selectOption('name');
	await expect(
		page
			.getByRole('main')
			.getByRole('link', { name: /stitches/ })
			.first(),
	).toHaveAccessibleName(/^Barrel cactus/);
	await page.getByLabel('In order of').selectOption('size');
	await expect(
		page
			.getByRole('main')
			.getByRole('link', { name: /stitches/ })
			.first(),
	).toHaveAccessibleName(/^Otter/);
	await page.getByLabel('Find').fill('walrus');
	await expect(page.getByText('No plan’s name has “walrus” in it.')).toBeVisible();
});
