import { say } from '../ui/say';
import type { Guide, Place } from './types';

/** The piece so far in small, from its side: a band for each round. */
export function SoFar({ guide, place, hexOf }: { guide: Guide; place: Place; hexOf: (letter: string) => string }) {
	const widest = Math.max(1, ...guide.rounds.map(({ across }) => across));
	const high = Math.max(1, ...guide.rounds.map(({ level }) => level));
	const scale = Math.min(60 / widest, 84 / high);
	/** y of a level: what begins at its top grows down */
	const y = (level: number) => (guide.beginsAtTop ? 4 + level * scale : 88 - level * scale);
	return (
		<svg
			role="img"
			viewBox="0 0 64 92"
			className="make-so-far"
			aria-label={say('make.soFar', { made: Math.max(0, place.round - 1), of: guide.rounds.length })}
		>
			{guide.rounds
				.map((round, i) => ({ ...round, number: i + 1 }))
				.map((round, i) => {
					const below = guide.rounds[i - 1] ?? { across: 0, level: 0 };
					const [w, v] = [(round.across * scale) / 2, (below.across * scale) / 2];
					const longest = round.groups.reduce(
						(best, group, at) => {
							const size = group.to - (round.groups[at - 1]?.to ?? 0);
							return size > best.size ? { size, yarn: group.yarn } : best;
						},
						{ size: 0, yarn: '' },
					);
					const isMade = round.number < place.round || (round.number === place.round && place.stitch >= round.makes);
					return (
						<polygon
							key={round.number}
							points={`${32 - v},${y(below.level)} ${32 + v},${y(below.level)} ${32 + w},${y(round.level)} ${32 - w},${y(round.level)}`}
							fill={isMade ? hexOf(longest.yarn[0] ?? '') : 'none'}
							className={round.number === place.round ? 'stroke-ink' : 'stroke-rule'}
							strokeWidth={isMade ? 0.5 : 0.7}
						/>
					);
				})}
		</svg>
	);
}
