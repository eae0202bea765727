import { api } from '../api/client';

/** So often an idle window asks whether another one saved. */
const EVERY_MS = 30_000;

/** What windows of one browser tell one another of a plan. */
export type News = { plan: string; revision: number; savedAt: string } | { plan: string; is: 'gone' | 'back' };

const CHANNEL = 'alternum.plans';

/** Tells the other windows of this browser. */
export function tell(news: News): void {
	if (typeof BroadcastChannel === 'undefined') return;
	const channel = new BroadcastChannel(CHANNEL);
	channel.postMessage(news);
	channel.close();
}

/**
 * Listens for what other windows do with a plan: of the same browser at once, of others when this one is looked at, and now and then.
 *
 * @returns ends it
 */
export function watch(id: string, isIdle: () => boolean, hear: (news: News) => void): () => void {
	const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);
	channel?.addEventListener('message', ({ data }: MessageEvent<News>) => {
		if (data.plan === id) hear(data);
	});
	async function ask(): Promise<void> {
		if (document.visibilityState !== 'visible' || !navigator.onLine || !isIdle()) return;
		try {
			const { data, response } = await api.GET('/api/plans/{id}/revision', { params: { path: { id } } });
			if (response.status === 404) hear({ plan: id, is: 'gone' });
			else if (data !== undefined) hear({ plan: id, ...data });
		} catch {
			// No answer is no news.
		}
	}
	const look = () => void ask();
	const timer = setInterval(look, EVERY_MS);
	document.addEventListener('visibilitychange', look);
	window.addEventListener('online', look);
	return () => {
		channel?.close();
		clearInterval(timer);
		document.removeEventListener('visibilitychange', look);
		window.removeEventListener('online', look);
	};
}
