import { expect, type Page } from '@playwright/test';

export const PHONE = { width: 390, height: 844 };
/** Opens the making page of a plan from the shelf. */
export async function make(page: Page, title: RegExp): Promise<string> {
	await page.goto('/');
	const link = page.getByRole('link', { name: title }).first();
	const id = ((await link.getAttribute('href')) ?? '').split('/')[2] ?? '';
	await page.goto(`/plan/${id}/make`);
	await expect(page.locator('.make-target')).toBeVisible();
	return id;
}

export const json = async <T>(page: Page, path: string): Promise<T> => (await (await page.request.get(path)).json()) as T;

/** What the page keeps is there, so that it goes on without a network. */
export async function isKept(page: Page): Promise<void> {
	await page.evaluate(() => navigator.serviceWorker.ready);
	await expect
		.poll(() =>
			page.evaluate(
				() =>
					new Promise<boolean>((done) => {
						const request = indexedDB.open('alternum-making');
						request.onsuccess = () => {
							const database = request.result;
							const stores = database.transaction(['makings', 'guides']);
							const made = stores.objectStore('makings').getAll();
							const kept = stores.objectStore('guides').count();
							stores.oncomplete = () => {
								const tasks = (made.result[0]?.toy.tasks ?? []) as { piece: string | null; group: number }[];
								done(
									kept.result >= new Set(tasks.flatMap(({ piece, group }) => (piece === null ? [] : [`${piece} ${group}`]))).size &&
										tasks.length > 0,
								);
								database.close();
							};
						};
					}),
			),
		)
		.toBe(true);
}

/**
 * Taps the large target so often as it takes, at most so many times, until something else than counting is there or the work is done.
 *
 * @returns how often, and what the target said at each
 */
export const tapOn = (page: Page, most: number): Promise<string[]> =>
	page.evaluate(async (times) => {
		const said: string[] = [];
		// A second tap within a fifth of a second is the same: each of these says that it came later.
		let at = performance.now() + 1e6 * (1 + Number(sessionStorage.getItem('taps') ?? 0));
		sessionStorage.setItem('taps', String(1 + Number(sessionStorage.getItem('taps') ?? 0)));
		const frame = () => new Promise((done) => requestAnimationFrame(done));
		while (said.length < times) {
			const target = document.querySelector<HTMLElement>('button.make-target');
			if (target === null || target.offsetParent === null) {
				// What comes next may still be on its way from the device: what was there is hidden meanwhile.
				await frame();
				await frame();
				if (document.querySelector('a.make-target') !== null) break;
				continue;
			}
			said.push(target.textContent ?? '');
			const tap = new MouseEvent('click', { bubbles: true, cancelable: true });
			at += 1000;
			Object.defineProperty(tap, 'timeStamp', { value: at });
			target.dispatchEvent(tap);
			await frame();
			await frame();
		}
		return said;
	}, most);
