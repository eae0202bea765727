import type { Locator, Page } from '@playwright/test';
import { begin, coloursOnChart, expect, test } from './bench';

/** Counts what a maker does: a press, a drag, or a field typed is an act. */
class Acts {
	count = 0;
	constructor(readonly page: Page) {}
	async press(what: Locator): Promise<void> {
		this.count++;
		await what.click();
	}
	async type(into: Locator, text: string): Promise<void> {
		this.count++;
		await into.fill(text);
	}
	station = (name: string) => this.press(this.page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name }));
}

const PATTERN = `Striped vole (US terms)
Yarn: cream, rust and dark grey

BODY
R1: with rust, 6 sc in MR (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-5: with cream, sc around (18)
R6-7: with rust, sc around (18)
R8: (sc, dec) x6 (12)
R9: dec x6 (6)

EAR (make 2, in rust)
R1: 6 sc in MR (6)
R2: sc around (6)

TAIL (dark grey)
R1: 4 sc in MR (4)
R2-8: sc around (4)`;

for (const [where, use, more] of [
	['at a desk', { viewport: { width: 1280, height: 800 } }, 1],
	['on a phone, by touch', { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }, 1.5],
] as const) {
	test.describe(where, () => {
		test.use(use);
		test.setTimeout(45_000);

		/** The maker sees an empty sheet, and beside it "Begin from a shape" as the strongest thing. Hesitates: whether stripes or spiral stripes. */
		test('a ball with spiral stripes of one round, and its picture in the round', async ({ page }) => {
			const acts = new Acts(page);
			await page.goto(`/plan/${await begin(page, 'Ball', { rounds: [], colours: [] })}/rounds`);
			// A new plan on a phone opens with its words; the panel is a press away.
			if (where !== 'at a desk') await acts.press(page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name: 'Rounds' }));
			await acts.press(page.getByRole('button', { name: 'Begin from a shape' }));
			await acts.press(page.getByRole('dialog').getByRole('button', { name: 'Write rounds' }));
			await expect(page.getByRole('dialog')).toBeHidden();
			await acts.station('Colours');
			await acts.press(page.getByRole('tab', { name: 'Spiral stripes' }).or(page.getByRole('button', { name: 'Spiral stripes' })));
			await acts.press(page.getByRole('button', { name: 'Add the spiral' }));
			if (where !== 'at a desk') await acts.press(page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name: 'Picture' }));
			await expect.poll(() => coloursOnChart(page, ['#556677', '#C9A24A'])).toHaveLength(2);
			await acts.press(page.getByRole('button', { name: 'In 3D', exact: true }));
			await expect(page.locator('canvas').or(page.getByText('cannot be shown in 3D'))).toBeVisible();
			expect(acts.count).toBeLessThanOrEqual(6 * more);
		});

		/**
		 * The maker sees legs, arms and tail in the menu of pieces, and then in the tray as "made, not placed yet". Hesitates: whether to press the
		 * picture or "Where it usually goes"; each is right.
		 */
		test('a striped animal with legs, arms, tail, eyes and mouth, begun from shapes, all placed', async ({ page }) => {
			const acts = new Acts(page);
			const isDesk = where === 'at a desk';
			const leaf = async (name: string) => {
				const button = page.getByRole('toolbar', { name: 'Shown' }).getByRole('button', { name });
				if (!isDesk && (await button.getAttribute('aria-pressed')) !== 'true') await acts.press(button);
			};
			const id = await begin(page, 'Animal', { rounds: [], colours: [] });
			await page.goto(`/plan/${id}/rounds`);
			await leaf('Rounds');
			await acts.press(page.getByRole('button', { name: 'Begin from a shape' }));
			await acts.press(page.getByRole('dialog').getByRole('button', { name: 'Write rounds' }));
			await expect(page.getByRole('dialog')).toBeHidden();
			await acts.station('Colours');
			await acts.press(page.locator('#panel').getByRole('button', { name: 'Add stripes' }));
			for (const part of ['Add legs', 'Add arms', 'Add a tail']) {
				await acts.press(page.getByRole('button', { name: 'More about pieces' }));
				await acts.press(page.getByRole('menuitem', { name: part }));
			}
			await expect(page.getByRole('tab', { name: 'Tail' })).toHaveAttribute('aria-selected', 'true');
			await acts.press(page.getByRole('tab', { name: 'Body' }));
			await acts.station('Parts');
			const tray = page.getByRole('region', { name: 'What can be put on' });
			for (const what of ['Leg ×2', 'Arm ×2', 'Tail', 'Eyes', 'Mouth']) {
				await acts.press(tray.getByRole('button', { name: what, exact: true }));
				await acts.press(page.getByRole('button', { name: 'Where it usually goes' }).locator('visible=true'));
			}
			await expect
				.poll(async () => {
					const { plan, analysis } = await (await page.request.get(`/api/plans/${id}`)).json();
					const [body] = plan.pieces;
					return {
						placed: body.placements?.map(({ kind }: { kind: string }) => kind),
						thread: body.thread?.map(({ kind }: { kind: string }) => kind),
						made: plan.pieces.map(({ name, copies }: { name: string; copies: number }) => `${name} ×${copies}`),
						joined: plan.assembly?.map(({ part, onto }: { part: string; onto: string }) => `${part} on ${onto}`),
						loose: analysis.loose,
						problems: analysis.problems,
					};
				})
				.toEqual({
					placed: ['eyes'],
					thread: ['smile'],
					made: ['Body ×1', 'Leg ×2', 'Arm ×2', 'Tail ×1'],
					joined: ['leg on body', 'arm on body', 'tail on body'],
					// What all are on is on nothing itself.
					loose: { body: 1 },
					problems: [],
				});
			expect(acts.count).toBeLessThanOrEqual(30 * more);
		});

		/** The maker sees what was understood of each piece before it is taken. Hesitates: nowhere, where every line is read. */
		test('a pasted pattern of three pieces, in its colours', async ({ page }) => {
			const acts = new Acts(page);
			await page.goto('/');
			await acts.press(page.getByRole('button', { name: 'a pasted pattern …' }));
			const dialog = page.getByRole('dialog');
			await acts.type(dialog.getByLabel('The pattern'), PATTERN);
			await expect(dialog).toContainText('3 pieces');
			await acts.press(dialog.getByRole('button', { name: /^Take/ }).first());
			await expect(page.getByRole('tab', { name: /^Body/ })).toBeVisible();
			await expect(page.getByRole('tab', { name: /^Ear ×2/ })).toBeVisible();
			await expect(page.getByRole('toolbar', { name: 'Yarns' }).getByRole('button', { name: /Rust/ })).toBeAttached();
			const id = page.url().split('/')[4];
			await expect
				.poll(async () => {
					const { plan } = await (await page.request.get(`/api/plans/${id}`)).json();
					return plan.yarns.map(({ name }: { name: string }) => name).join(', ');
				})
				.toBe('Cream, Rust, Dark grey');
			expect(acts.count).toBeLessThanOrEqual(3 * more);
		});
	});
}
