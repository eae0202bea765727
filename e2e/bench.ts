import { test as base, type CDPSession, expect, type Locator, type Page } from '@playwright/test';
import { STATIONS } from './stations.mjs';

/** Every test fails where the page logs an error, a breach of the content policy among them. */
export const test = base.extend<{ errors: string[] }>({
	errors: [
		async ({ page }, use) => {
			const errors: string[] = [];
			page.on('console', (message) => {
				if (message.type() === 'error' && !/Failed to load resource|net::ERR/.test(message.text())) errors.push(message.text());
			});
			page.on('pageerror', (error) => errors.push(error.message));
			await use(errors);
			expect(errors).toEqual([]);
		},
		{ auto: true },
	],
});

export { expect };

/** For asking the server as a page of this origin does, without one being drawn for it: the first page begins a workshop. */
const asked = { 'X-CSRF-Token': 'csrf-token', Origin: new URL(process.env.ALTERNUM_URL ?? 'http://127.0.0.1:8420').origin };

/** Opens one of the plans that every workshop begins with; that the shelf leads there is looked at in shelf.spec.ts. */
export async function openPlan(page: Page, title: string, station: keyof typeof STATIONS = 'colours'): Promise<void> {
	await page.request.get('/');
	const shelf: { plans: { id: string; title: string }[] } = await (await page.request.get('/api/shelf', { headers: asked })).json();
	await page.goto(`/plan/${shelf.plans.find((plan) => plan.title === title)?.id}`);
	await expect(page.getByLabel('The plan’s title')).toHaveValue(title);
	await goTo(page, station);
}

export async function goTo(page: Page, station: keyof typeof STATIONS): Promise<void> {
	await page
		.getByRole('navigation', { name: 'Stations' })
		.getByRole('button', { name: new RegExp(`^${STATIONS[station]}`) })
		.click();
	await expect(page).toHaveURL(new RegExp(`/${station}(\\?.*)?$`));
}

/** A plan in two yarns, of one piece or more, begun without a hand on the bench; its id. */
export async function begin(page: Page, title: string, ...pieces: Record<string, unknown>[]): Promise<string> {
	const plan = {
		format: 'alternum-plan',
		version: 1,
		title,
		terms: 'us',
		hand: 'right',
		units: 'metric',
		yarns: ['A', 'B'].map((key, i) => ({ key, name: ['Slate', 'Reed'][i], hex: ['#556677', '#c9a24a'][i], weight: 'dk', metresPer100g: 250 })),
		gauge: { stitchesPer10cm: 22, roundsPer10cm: 24 },
		yarnUse: { basis: 'guess', sparePercent: 10, tailCm: 15, sewingTailCm: 40 },
		pieces: pieces.map((piece) => ({
			key: 'body',
			name: 'Body',
			copies: 1,
			worked: 'spiral',
			front: { degrees: 180 },
			changes: { method: 'auto' },
			...piece,
		})),
	};
	await page.request.get('/');
	return (await (await page.request.post('/api/plans', { headers: asked, data: plan })).json()).id;
}

export const editor = (page: Page): Locator => page.locator('[aria-label="Rounds, a line each"]');
export const line = (page: Page, n: number): Locator =>
	editor(page)
		.locator('.cm-line')
		.nth(n - 1);
export const panel = (page: Page): Locator => page.locator('#panel');
/** The line of the change at a round's end. */
export const change = (page: Page, n: number): Locator => panel(page).locator(`li[data-round="${n}"]`);
/** The same, open. */
export async function openChange(page: Page, n: number): Promise<Locator> {
	const row = change(page, n);
	const head = row.getByRole('button', { name: new RegExp(`^R${n}:`) });
	if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
	await expect(head).toHaveAttribute('aria-expanded', 'true');
	return row;
}
export const round = (page: Page, n: number): Locator => page.getByRole('list', { name: 'Rounds' }).getByRole('button', { name: new RegExp(`^Round ${n},`) });
export const saved = (page: Page): Promise<void> => expect(page.getByText('Saved', { exact: true })).toBeVisible();

export type Point = readonly [number, number];

/** Fingers on the page's own surface, as the browser has them. */
export const touch = (cdp: CDPSession, type: 'touchStart' | 'touchMove' | 'touchEnd', ...points: Point[]) =>
	cdp.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(([x, y], id) => ({ x, y, id })) });

/** Pastes a text where the page has the focus. */
export const paste = (page: Page, text: string): Promise<void> =>
	page.evaluate((typed) => {
		const data = new DataTransfer();
		data.setData('text/plain', typed);
		document.activeElement?.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
	}, text);

/** Which of these colours the chart shows at all, by pixels. */
export async function coloursOnChart(page: Page, hexes: string[]): Promise<string[]> {
	await page.waitForTimeout(80);
	return page.locator('canvas').evaluate((canvas, wanted) => {
		const { data } = (canvas as HTMLCanvasElement)
			.getContext('2d')
			?.getImageData(0, 0, (canvas as HTMLCanvasElement).width, (canvas as HTMLCanvasElement).height) ?? { data: new Uint8ClampedArray() };
		const seen = new Map<string, number>();
		for (let i = 0; i < data.length; i += 4) {
			const hex = `#${[data[i], data[i + 1], data[i + 2]].map((n) => (n ?? 0).toString(16).padStart(2, '0')).join('')}`.toUpperCase();
			seen.set(hex, (seen.get(hex) ?? 0) + 1);
		}
		return wanted.filter((hex) => (seen.get(hex) ?? 0) > 100);
	}, hexes);
}

/** What this browser keeps of plans for when there is no network. */
export const keptPlans = (page: Page) =>
	page.evaluate(async () =>
		(await indexedDB.databases()).every(({ name }) => name !== 'alternum-kept')
			? []
			: new Promise<{ title: string; colours: number }[]>((done) => {
					const opened = indexedDB.open('alternum-kept');
					opened.onsuccess = () => {
						const asked = opened.result.transaction('plans').objectStore('plans').getAll();
						asked.onsuccess = () => {
							opened.result.close();
							done(asked.result.map(({ plan }) => ({ title: plan.title, colours: plan.pieces[0].colours.length })));
						};
					};
				}),
	);
