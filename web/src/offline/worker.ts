import { PrecacheController, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkOnly, StaleWhileRevalidate } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;

type Part = 'make' | 'bench';

/** What each page is made of: vite.worker.config.ts puts it in. */
declare const KEPT: Record<Part, { print: string; files: PrecacheEntry[] }>;

/** Each page as it is before anything is opened in it. What was made and planned so far is kept by the pages themselves. */
const SHELLS = { make: '/make', bench: '/bench' } as const;

/** Pages of so many builds: one that is open goes on with its own, although a newer one is there. */
const BUILDS = 2;

/** So long a page of the bench is waited for before the kept one is shown. */
const ANSWER_S = 5;

const nameOf = (part: Part) => `${part}-${KEPT[part].print}`;

const making = new PrecacheController({ cacheName: nameOf('make') });
making.addToCacheList(KEPT.make.files);

/** Whole or not at all. It is many times as large as the making page, and kept where it is used. */
async function keepBench(): Promise<void> {
	const cache = await caches.open(nameOf('bench'));
	if ((await cache.match(SHELLS.bench)) === undefined) await cache.addAll(KEPT.bench.files.map(({ url }) => url));
}

async function dropOldBuilds(): Promise<void> {
	const names = await caches.keys();
	const old = (['make', 'bench'] as const).flatMap((part) => {
		const others = names.filter((name) => name.startsWith(`${part}-`) && name !== nameOf(part));
		return others.slice(0, Math.max(0, others.length - BUILDS + 1));
	});
	await Promise.all(old.map((name) => caches.delete(name)));
}

/** From the newest build that was kept whole. */
async function kept(url: string): Promise<Response | undefined> {
	for (const name of (await caches.keys()).reverse()) {
		const found = await (await caches.open(name)).match(url, { ignoreSearch: true });
		if (found !== undefined) return found;
	}
	return undefined;
}

self.addEventListener('install', (event) => {
	void self.skipWaiting();
	event.waitUntil(making.install(event));
});
self.addEventListener('activate', (event) => event.waitUntil(Promise.all([self.clients.claim(), dropOldBuilds()])));
self.addEventListener('message', (event) => {
	if (event.data === 'keep the bench') event.waitUntil(keepBench());
});

// Addresses are held against these with what they ask: the piece in hand, one making of several.
registerRoute(new NavigationRoute(making.createHandlerBoundToURL(SHELLS.make), { allowlist: [/^\/plan\/[^/?]+\/make(\?|$)/] }));
// The bench comes from the server as long as that answers, and is newest there.
const fresh = new NetworkOnly({
	networkTimeoutSeconds: ANSWER_S,
	plugins: [
		{
			fetchDidSucceed: async ({ response }) => {
				if (response.status >= 500) throw new TypeError(`The server answered ${response.status}.`);
				return response;
			},
		},
	],
});
registerRoute(new NavigationRoute(fresh, { allowlist: [/^\/(\?|$)/, /^\/plan\/[^/?]+(\/[a-z]+)?(\?|$)/] }));
setCatchHandler(async ({ request }) => (request.mode === 'navigate' ? await kept(SHELLS.bench) : undefined) ?? Response.error());

// The names of files change with what is in them; the mark stays what it is.
registerRoute(
	({ url }) => url.pathname.startsWith('/build/') || url.pathname === '/mark.svg',
	async ({ request }) => (await kept(request.url)) ?? fetch(request),
);

// The drawings of how things are done are the same for all: once looked at they are here, and fetched anew behind it.
registerRoute(({ url }) => url.pathname === '/api/drawings', new StaleWhileRevalidate({ cacheName: 'drawings' }));
