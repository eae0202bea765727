import type { PieceAnalysis } from '../api/types';
import { listed, say } from '../ui/say';
import { size as length, type Units } from '../ui/units';

/** "about 3 g (2 lightly, 4 firmly)". */
function stuffing({ low, likely, high }: NonNullable<PieceAnalysis['size']>['stuffingGrams']): string {
	if (high < 1.5) return 'a pinch';
	return `about ${Math.round(likely)} g (${Math.round(low)} lightly, ${Math.round(high)} firmly)`;
}

type Outlined = Pick<PieceAnalysis, 'size' | 'beginsAtTop' | 'lies'> & { rounds: readonly { number: number; ruffles?: boolean }[] };

/** The piece from its side, as it will stand when stuffed, with what it measures. */
export function Outline({ piece, units, onPlace }: { piece: Outlined; units: Units; onPlace?: () => void }) {
	const { size, rounds } = piece;
	if (size === null) return null;
	const half = Math.max(1, ...size.outline.map(([radius = 0, , straight = 0]) => radius + straight / 2));
	const isFlat = size.depthMm === 0;
	const isRound = isFlat || size.widthMm - size.depthMm < 1;
	// Lying, its face is on the left.
	const at = (away: number, level: number) => {
		const along = piece.beginsAtTop ? level : size.heightMm - level;
		return piece.lies ? `${along} ${half + away}` : `${half + away} ${along}`;
	};
	// From its broad side.
	const one = size.outline.map(([radius = 0, level = 0, straight = 0]) => at(radius + straight / 2, level));
	const other = size.outline.map(([radius = 0, level = 0, straight = 0]) => at(-radius - straight / 2, level)).reverse();
	const [wide, high] = piece.lies ? [size.heightMm, 2 * half] : [2 * half, size.heightMm];
	const ruffled = rounds.filter(({ ruffles }) => ruffles).map(({ number }) => number);
	return (
		<section aria-label={say('outline.size')} className="mb-5 flex gap-4">
			<svg viewBox={`-2 -2 ${wide + 4} ${high + 4}`} aria-hidden="true" className="h-28 w-24 shrink-0" preserveAspectRatio="xMidYMin meet">
				<path
					d={`M${one.join('L')}L${other.join('L')}Z`}
					fill="#ecebe5"
					stroke="#20262a"
					strokeWidth="1.5"
					vectorEffect="non-scaling-stroke"
					strokeLinejoin="round"
				/>
			</svg>
			<div>
				<p className="figures text-lg leading-snug font-semibold">
					{say('outline.heightmmHigh', { heightMm: length(size.heightMm, units), lies: piece.lies ? 'yes' : 'no' })}
					<br />
					{isRound
						? say('outline.widthmmWide', { widthMm: length(size.widthMm, units) })
						: say('outline.widthByDepth', { widthMm: length(size.widthMm, units), depthMm: length(size.depthMm, units) })}
				</p>
				{!isFlat && (
					<p className="figures text-faint">
						{say('outline.girthmmAroundStuffingStuffing', { girthMm: length(size.girthMm, units), stuffing: stuffing(size.stuffingGrams) })}
					</p>
				)}
				{size.lastReachRound !== null && (
					<p>
						{say('outline.eyesAndOtherBackedParts', { lastReachRound: size.lastReachRound })}{' '}
						{onPlace !== undefined && (
							<button type="button" className="underline" onClick={onPlace}>
								{say('outline.placeThem')}
							</button>
						)}
					</p>
				)}
				{size.remarks.map((remark) => (
					<p key={remark}>{remark}</p>
				))}
				{ruffled.length > 0 && (
					<p className="border-l-4 border-ink pl-2">{say('outline.willRuffleOrPuckerRound', { ruffled: listed(ruffled.map(String)) })}</p>
				)}
			</div>
		</section>
	);
}
