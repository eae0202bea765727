import { say } from './ui/say';
import '@fontsource-variable/atkinson-hyperlegible-next';
import './style.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { Tooltip } from 'radix-ui';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { OpenWorkshop } from './shelf/OpenWorkshop';
import { Shelf } from './shelf/Shelf';
import { Announcer } from './ui/Announcer';
import { Notices } from './ui/Notices';
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

const router = createBrowserRouter([
	{
		errorElement: <WayBack />,
		hydrateFallbackElement: <p className="p-12">{say('main.opening')}</p>,
		children: [
			{ path: '/', element: <Shelf /> },
			{ path: '/open', element: <OpenWorkshop /> },
			{ path: '/plan/:id/:station?', lazy: async () => ({ Component: (await bench()).BenchPage }) },
			{ path: '*', element: <Navigate to="/" replace /> },
		],
	},
]);

// The rest of the program is fetched while there is a connection, so that the way to a plan and to its views is there without one.
const fetchRest = () => Promise.allSettled([bench(), import('./solid/InTheRound')]);
window.addEventListener('load', () => setTimeout(fetchRest, 1500));

const app = document.getElementById('app');
if (app !== null) {
	createRoot(app).render(
		<StrictMode>
			<QueryClientProvider client={queries}>
				<Tooltip.Provider delayDuration={350}>
					<RouterProvider router={router} />
					<Notices />
					<Announcer />
				</Tooltip.Provider>
			</QueryClientProvider>
		</StrictMode>,
	);
}
