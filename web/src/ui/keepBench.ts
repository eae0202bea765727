import { notify } from './Notices';
import { say } from './say';

/** So often a page that stays open asks whether there is a newer one. */
const EVERY_MS = 60 * 60 * 1000;

/** Has the bench kept in this browser, so that it opens without a connection; a newer one is offered, and nothing is loaded anew by itself. */
export async function keepBench(): Promise<void> {
	if (!('serviceWorker' in navigator)) return;
	const { serviceWorker } = navigator;
	const isFirst = serviceWorker.controller === null;
	serviceWorker.addEventListener('controllerchange', () => {
		if (!isFirst)
			notify({
				says: say('page.aNewerOneIsThere'),
				mend: say('page.nothingIsLost'),
				stays: true,
				action: { label: say('page.loadIt'), run: () => location.reload() },
			});
	});
	try {
		const registration = await serviceWorker.register('/worker.js');
		(await serviceWorker.ready).active?.postMessage('keep the bench');
		setInterval(() => void registration.update().catch(() => undefined), EVERY_MS);
	} catch {
		// A browser that keeps no pages opens them from the server alone.
	}
}
