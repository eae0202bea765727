import './ui/shelfWords';
import '@fontsource-variable/atkinson-hyperlegible-next';
import './style.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { Tooltip } from 'radix-ui';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Shelf } from './shelf/Shelf';
import { Announcer } from './ui/Announcer';
import { Notices } from './ui/Notices';
import { say } from './ui/say';
import { WayBack } from './ui/WayBack';

const nonce = document.querySelector<HTMLMetaElement>('meta[name=style-nonce]')?.content;
if (nonce !== undefined) {
	setNonce(nonce);
}

// Without a connection a thing is tried and told, not kept back and done at some later time.
const queries = new QueryClient({
	defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, networkMode: 'always', staleTime: 60_000 }, mutations: { networkMode: 'always' } },
});

const bench = () => import('./bench/BenchPage');

const OpenWorkshop = lazy(async () => ({ default: (await import('./shelf/OpenWorkshop')).OpenWorkshop }));
const BenchPage = lazy(async () => ({ default: (await bench()).BenchPage }));

const keepPage = async () => (await import('./ui/keepBench')).keepBench();

// The rest of the program is fetched while there is a connection, so that the way to a plan and to its views is there without one.
const fetchRest = () => Promise.allSettled([bench(), import('./solid/InTheRound'), import('./shelf/WorkshopAccess'), import('./shelf/YarnDialog'), keepPage()]);
window.addEventListener('load', () => setTimeout(fetchRest, 1500));

const app = document.getElementById('app');
if (app !== null) {
	createRoot(app).render(
		<StrictMode>
			<QueryClientProvider client={queries}>
				<Tooltip.Provider delayDuration={350}>
					<BrowserRouter>
						<ErrorBoundary FallbackComponent={WayBack}>
							<Suspense fallback={<p className="p-12">{say('main.opening')}</p>}>
								<Routes>
									<Route path="/" element={<Shelf />} />
									<Route path="/open" element={<OpenWorkshop />} />
									<Route path="/plan/:id/:station?" element={<BenchPage />} />
									<Route path="*" element={<Navigate to="/" replace />} />
								</Routes>
							</Suspense>
						</ErrorBoundary>
					</BrowserRouter>
					<Notices />
					<Announcer />
				</Tooltip.Provider>
			</QueryClientProvider>
		</StrictMode>,
	);
}
