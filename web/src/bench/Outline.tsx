import type { PieceAnalysis } from '../api/types';
import { size as length, type Units } from '../ui/units';

/** "about 3 g (2 lightly, 4 firmly)". */
function stuffing({ low, likely, high }: NonNullable<PieceAnalysis['size']>['stuffingGrams']): string {
	if (high < 1.5) return 'a pinch';
	return `about ${Math.round(likely)} g (${Math.round(low)} lightly, ${Math.round(high)} firmly)`;
}

/** The piece from its side, as it will stand when stuffed, with what it measures. */
export function Outline({ piece, units }: { piece: PieceAnalysis; units: Units }) {
	const { size, rounds } = piece;
	if (size === null) return null;
	const half = Math.max(1, size.widthMm / 2);
	const right = size.outline.map(([radius = 0, level = 0]) => `${half + radius} ${level}`);
	const left = size.outline.map(([radius = 0, level = 0]) => `${half - radius} ${level}`).reverse();
	const ruffled = rounds.filter(({ ruffles }) => ruffles).map(({ number }) => number);
	return (
		<section aria-label="Size" className="mb-5 flex gap-4">
			<svg viewBox={`-2 -2 ${2 * half + 4} ${size.heightMm + 4}`} aria-hidden="true" className="h-28 w-24 shrink-0" preserveAspectRatio="xMidYMin meet">
				<path
					d={`M${half} 0L${right.join('L')}L${left.join('L')}Z`}
					fill="#ecebe5"
					stroke="#20262a"
					strokeWidth="1.5"
					vectorEffect="non-scaling-stroke"
					strokeLinejoin="round"
				/>
			</svg>
			<div>
				<p className="figures text-lg leading-snug font-semibold">
					{length(size.heightMm, units)} high,
					<br />
					{length(size.widthMm, units)} wide
				</p>
				<p className="figures text-faint">
					{length(size.girthMm, units)} around; stuffing: {stuffing(size.stuffingGrams)}
				</p>
				{size.lastReachRound !== null && (
					<p>Eyes and other backed parts go in once the rounds about them are done, and by round {size.lastReachRound}: after it no fingers fit.</p>
				)}
				{ruffled.length > 0 && (
					<p className="border-l-4 border-ink pl-2">Will ruffle or pucker: round {ruffled.join(', ')} grows or shrinks faster than it is high.</p>
				)}
			</div>
		</section>
	);
}
