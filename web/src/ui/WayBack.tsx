import { useEffect } from 'react';
import type { FallbackProps } from 'react-error-boundary';
import { Button } from './Button';
import { nameWindow } from './nameWindow';
import { say } from './say';

/** A page that could not be shown: what became of the work, and the ways on. */
export function WayBack({ error }: Pick<FallbackProps, 'error'>) {
	useEffect(() => {
		nameWindow('Alternum');
	}, []);
	// A part of the program that was not loaded yet cannot be, without a connection.
	const isOffline = !navigator.onLine || (error instanceof TypeError && /import|fetch/i.test(error.message));
	return (
		<main className="mx-auto max-w-xl p-12">
			<h1 className="mb-2 text-2xl font-semibold">{isOffline ? say('wayBack.thisPageNeedsAConnection') : say('wayBack.thisPageCouldNotBe')}</h1>
			<p className="mb-4">{say('wayBack.whatYouMadeIsKept')}</p>
			<p className="flex flex-wrap gap-3">
				<Button kind="strong" onClick={() => location.reload()}>
					{say('common.tryAgain')}
				</Button>
				<Button onClick={() => location.assign('/')}>{say('wayBack.toTheShelf')}</Button>
			</p>
		</main>
	);
}
