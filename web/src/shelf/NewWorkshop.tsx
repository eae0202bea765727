import '../ui/workshopWords';
import { useEffect } from 'react';
import { forgetAll } from '../sync/forget';
import { Button } from '../ui/Button';
import { say } from '../ui/say';

/** Another workshop was open in this browser until now: of that one nothing stays on this device. */
export function NewWorkshop({ onRead }: { onRead: () => void }) {
	useEffect(() => void forgetAll(), []);
	return (
		<section aria-label={say('shelf.thisIsANewWorkshop')} className="mb-6 flex flex-wrap items-center gap-3 border border-ink bg-shade px-4 py-2">
			<p className="min-w-64 flex-1">
				<span className="font-semibold">{say('shelf.thisIsANewWorkshop')}.</span> {say('shelf.theOneBefore')}
			</p>
			<Button onClick={onRead}>{say('saveBar.allRight')}</Button>
		</section>
	);
}
