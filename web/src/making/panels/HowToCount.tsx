import { say } from '../../ui/say';

/** A V, as the top of a stitch looks from outside. */
const V = ({ x, y, isDark = false }: { x: number; y: number; isDark?: boolean }) => (
	<path
		d={`M${x - 6} ${y - 7}Q${x - 4} ${y + 2} ${x} ${y + 6}Q${x + 4} ${y + 2} ${x + 6} ${y - 7}`}
		className={isDark ? 'stroke-ink' : 'stroke-faint'}
		strokeWidth={isDark ? 4 : 2}
		fill="none"
	/>
);

/** How stitches and rounds are counted, drawn. */
export function HowToCount() {
	return (
		<details>
			<summary>{say('make.howToCount')}</summary>
			<div className="flex flex-wrap gap-4">
				{(['across', 'up', 'marker'] as const).map((what) => (
					<figure key={what} className="w-40">
						<svg role="img" viewBox="0 0 120 84" aria-label={say('make.count', { what })} className="block w-full">
							{[0, 1, 2, 3].flatMap((row) =>
								[0, 1, 2, 3, 4, 5].map((column) => (
									<V
										key={`${row} ${column}`}
										x={14 + column * 18}
										y={74 - row * 18}
										isDark={what === 'across' ? row === 3 : what === 'up' ? column === 2 : row === 3 && column > 2}
									/>
								)),
							)}
							{what === 'marker' && <circle cx={50} cy={18} r={8} fill="none" className="stroke-ink" strokeWidth={3} />}
						</svg>
						<figcaption className="text-sm leading-snug">{say('make.count', { what })}</figcaption>
					</figure>
				))}
			</div>
			<ul className="mt-2 list-inside list-disc">
				{[say('make.markerIsLost'), say('make.yarnEndAsMarker'), say('make.noMarker')].map((one) => (
					<li key={one}>{one}</li>
				))}
			</ul>
		</details>
	);
}
