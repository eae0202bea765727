import { say } from '../ui/say';

const PLACES = [
	['#sheet [tabindex="0"]', say('skipLinks.toTheTypedRounds')],
	['[data-area="rounds"] [tabindex="0"]', say('skipLinks.toTheListOfRounds')],
	['#panel', say('skipLinks.toThePanel')],
] as const;

/** Ways past what is above the bench, for whoever goes by the Tab key. */
export function SkipLinks() {
	return (
		<nav aria-label={say('skipLinks.goTo')} className="absolute z-50">
			{PLACES.map(([place, says]) => (
				<button
					key={place}
					type="button"
					className="sr-only focus:not-sr-only focus:border focus:border-ink focus:bg-sheet focus:px-3 focus:py-2"
					onClick={() => document.querySelector<HTMLElement>(place)?.focus()}
				>
					{says}
				</button>
			))}
		</nav>
	);
}
