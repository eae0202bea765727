/** A window that draws nothing, as one in the background, is not waited for longer. */
const MOST_MS = 100;

/** Does something once what was just typed is on the screen. */
export function afterPaint(act: () => void): void {
	let isDone = false;
	const once = () => {
		if (!isDone) act();
		isDone = true;
	};
	requestAnimationFrame(() => setTimeout(once));
	setTimeout(once, MOST_MS);
}
