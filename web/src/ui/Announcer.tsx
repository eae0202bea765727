import { useAnnounced } from './announce';
import { say } from './say';

/** The place where readers of the screen hear what happened. */
export function Announcer() {
	const { says, times } = useAnnounced();
	return (
		<div role="log" aria-label={say('announcer.whatHappened')} aria-live="polite" className="sr-only">
			{/* Said anew where the same happens again. */}
			<p key={times}>{says}</p>
		</div>
	);
}
