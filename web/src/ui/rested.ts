/** So long after a letter, the next one is not coming at once. */
const REST_MS = 140;
/** What waits for a rest waits no longer than this. */
const MOST_MS = 700;

/** Waits until typing rests, so that what the core made of a letter is not drawn while the next one is typed. */
export async function rested(lastTyped: () => number): Promise<void> {
	const began = Date.now();
	for (;;) {
		const wait = Math.min(lastTyped() + REST_MS, began + MOST_MS) - Date.now();
		if (wait <= 0) return;
		await new Promise((resolve) => setTimeout(resolve, wait));
	}
}
