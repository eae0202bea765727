import '@fontsource-variable/atkinson-hyperlegible-next';
import '../style.css';
import './making.css';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { openMaking, openPractice } from './making';

const [, plan = ''] = /^\/plan\/([^/]+)\/make/.exec(location.pathname) ?? [];
// What the device keeps is read while the page is fetched.
void (location.pathname === '/practice' ? openPractice() : openMaking(plan, new URLSearchParams(location.search).get('making')));

const MakingPage = lazy(async () => ({ default: (await import('./MakingPage')).MakingPage }));

const app = document.getElementById('app');
if (app !== null) {
	createRoot(app).render(
		<StrictMode>
			<Suspense fallback={null}>
				<MakingPage plan={plan} />
			</Suspense>
		</StrictMode>,
	);
}

if ('serviceWorker' in navigator) addEventListener('load', () => void navigator.serviceWorker.register('/worker.js').catch(() => undefined));
