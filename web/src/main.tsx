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
import { Notices } from './ui/Notices';

const nonce = document.querySelector<HTMLMetaElement>('meta[name=style-nonce]')?.content;
if (nonce !== undefined) {
	setNonce(nonce);
}

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });

const router = createBrowserRouter([
	{ path: '/', element: <Shelf /> },
	{ path: '/open', element: <OpenWorkshop /> },
	{ path: '/plan/:id/:station?', lazy: async () => ({ Component: (await import('./bench/BenchPage')).BenchPage }) },
	{ path: '*', element: <Navigate to="/" replace /> },
]);

const app = document.getElementById('app');
if (app !== null) {
	createRoot(app).render(
		<StrictMode>
			<QueryClientProvider client={queries}>
				<Tooltip.Provider delayDuration={350}>
					<RouterProvider router={router} />
					<Notices />
				</Tooltip.Provider>
			</QueryClientProvider>
		</StrictMode>,
	);
}
