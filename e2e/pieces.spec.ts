import AxeBuilder from '@axe-core/playwright';
import { begin, expect, saved, test } from './bench';

/** Eight legs and a body: more than a strip shows. */
const many = (page: Parameters<typeof begin>[0]): Promise<string> => {
	const body = { rounds: ['6 sc in MR', 'inc x6'], colours: [] };
	return begin(page, 'Octopod', body, ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) => ({ ...body, key: `leg${n}`, name: `Leg ${n}` })));
};

test('many pieces are found by typing, named, copied and put in order in one list', async ({ page }) => {
	await page.goto(`/plan/${await many(page)}/rounds`);
	await page.getByRole('button', { name: 'All 9' }).click();
	const list = page.getByRole('dialog', { name: 'All pieces' });
	await expect(list.getByRole('listitem')).toHaveCount(9);
	expect((await new AxeBuilder({ page }).analyze()).violations.map(({ id }) => id)).toEqual([]);
	// Found and shown without the mouse: the field has the focus.
	await page.keyboard.type('leg 7');
	await expect(list.getByRole('listitem')).toHaveCount(1);
	await page.keyboard.press('Enter');
	await expect(list).toBeHidden();
	await expect(page.getByRole('tab', { name: 'Leg 7' })).toHaveAttribute('aria-selected', 'true');

	await page.getByRole('button', { name: 'All 9' }).click();
	await list.getByLabel(/^Name of .Leg 2.$/).fill('Short leg');
	await list.getByRole('button', { name: /^Make .Short leg. earlier$/ }).click();
	await list.getByRole('button', { name: /^Duplicate .Leg 8.$/ }).click();
	await expect(list.getByRole('listitem')).toHaveCount(10);
	await list.getByRole('button', { name: /^Delete .Leg 3.$/ }).click();
	await expect(list.getByRole('listitem')).toHaveCount(9);
	await list.getByRole('button', { name: 'Done' }).click();
	await saved(page);
	const names = await page
		.getByRole('tab')
		.filter({ hasText: /Leg|leg|Body/ })
		.allInnerTexts();
	expect(names).toEqual(['Body', 'Short leg', 'Leg 1', 'Leg 4', 'Leg 5', 'Leg 6', 'Leg 7', 'Leg 8', 'Leg 8 again']);
	// A list is no more than the way to a few pieces where there are few.
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('tab', { name: 'Leg 3' })).toBeVisible();
});
