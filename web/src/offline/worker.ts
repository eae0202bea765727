import { cleanupOutdatedCaches, createHandlerBoundToURL, type PrecacheEntry, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { StaleWhileRevalidate } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;

/** What the making page is made of: vite.worker.config.ts puts it in. */
declare const KEPT: PrecacheEntry[];

/** The page as it is before anything is opened in it. */
const SHELL = '/make';

// What was made so far is kept by the page itself; here is only what it is shown with.
precacheAndRoute(KEPT);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL(SHELL), { allowlist: [/^\/plan\/[^/]+\/make$/] }));

// The drawings of how things are done are the same for all: once looked at they are here, and fetched anew behind it.
registerRoute(({ url }) => url.pathname === '/api/drawings', new StaleWhileRevalidate({ cacheName: 'drawings' }));

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
