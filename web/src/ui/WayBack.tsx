import { useEffect } from 'react';
import { useRouteError } from 'react-router';
import { Button } from './Button';

/** A page that could not be shown: what became of the work, and the ways on. */
export function WayBack() {
	const error = useRouteError();
	useEffect(() => {
		document.title = 'Alternum';
	}, []);
	// A part of the program that was not loaded yet cannot be, without a connection.
	const isOffline = !navigator.onLine || (error instanceof TypeError && /import|fetch/i.test(error.message));
	return (
		<main className="mx-auto max-w-xl p-12">
			<h1 className="mb-2 text-2xl font-semibold">{isOffline ? 'This page needs a connection.' : 'This page could not be shown.'}</h1>
			<p className="mb-4">What you made is kept in this browser, and is saved when it is opened again.</p>
			<p className="flex flex-wrap gap-3">
				<Button kind="strong" onClick={() => location.reload()}>
					Try again
				</Button>
				<Button onClick={() => location.assign('/')}>To the shelf</Button>
			</p>
		</main>
	);
}
