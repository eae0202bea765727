import { expect, round, test } from './bench';

const plan = {
	format: 'alternum-plan',
	version: 1,
	title: '<script>alert("x")</script> „Łódź“ 灯台 🧶 and a name that goes on for as long as a name can go on in this program',
	terms: 'us',
	hand: 'left',
	units: 'imperial',
	yarns: [
		{
			key: 'A',
			name: 'A yarn whose name is longer than any label that was ever printed, <b>bold</b> and all',
			hex: '#D8C8A0',
			weight: 'dk',
			metresPer100g: 250,
		},
	],
	gauge: { stitchesPer10cm: 22, roundsPer10cm: 24 },
	yarnUse: { basis: 'guess', sparePercent: 10, tailCm: 15, sewingTailCm: 40 },
	pieces: [
		{
			key: 'body',
			name: 'The body, which has a long name too',
			copies: 2,
			worked: 'joined',
			rounds: ['6 sc in MR', 'inc x6'],
			front: { degrees: 90 },
			colours: [],
			changes: { method: 'auto' },
		},
	],
};

const file = (name: string, content: string) => ({ name, mimeType: 'application/json', buffer: Buffer.from(content) });

test('a plan file is opened, strange names and all', async ({ page }) => {
	await page.goto('/');
	await page.getByLabel('Plan file').setInputFiles(file('plan.json', JSON.stringify(plan)));
	await expect(page.getByLabel('The plan’s title')).toHaveValue(plan.title);
	await expect(round(page, 2)).toContainText('12');
	expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
	await page.goto('/');
	await expect(page.getByRole('link', { name: plan.title })).toBeVisible();
});

for (const [name, content, says] of [
	['an unknown field', JSON.stringify({ ...plan, pieces: [{ ...plan.pieces[0], glitter: true }] }), 'piece 1, glitter'],
	['another format', '{"recipe": "soup"}', 'This is not an Alternum plan.'],
	['no JSON', 'R1: 6 sc in MR', 'This file is no plan, or it is damaged.'],
	['two megabytes', JSON.stringify({ ...plan, title: 'x'.repeat(2_000_000) }), 'at most 1,024'],
] as const) {
	test(`a file with ${name} is refused, and nothing is stored`, async ({ page }) => {
		await page.goto('/');
		await page.getByLabel('Plan file').setInputFiles(file('wrong.json', content));
		const told = page.getByRole('dialog', { name: 'This file could not be opened' });
		await expect(told).toContainText(says);
		await expect(told).toContainText('Nothing was stored.');
		await told.getByRole('button', { name: 'OK' }).click();
		await page.reload();
		await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(4);
	});
}
