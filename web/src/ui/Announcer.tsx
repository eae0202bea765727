import { useAnnounced } from './announce';

/** The place where readers of the screen hear what happened. */
export function Announcer() {
	const { says, times } = useAnnounced();
	return (
		<div role="log" aria-label="What happened" aria-live="polite" className="sr-only">
			{/* Said anew where the same happens again. */}
			<p key={times}>{says}</p>
		</div>
	);
}
