import { inkOn } from '../../ui/contrast';
import { say } from '../../ui/say';
import type { Pattern } from './Printed';

type Round = Pattern['sections'][number]['chart'][number];

/** Stitches side by side on a page, and rounds one above the other: more go on in a part of their own. */
const ACROSS = 60;
const DOWN = 60;
/** Units of the drawing: a stitch is as wide and as high as that. */
const CELL = 10;
const EDGE = 34;

/** Numbers from 0 up to a limit, so many apart. */
const steps = (limit: number, each: number) => Array.from({ length: Math.ceil(limit / each) }, (_, i) => i * each);

/** Each round from its first stitch to its last, letters beside colours. */
export function PrintedChart({ rounds, pattern }: { rounds: readonly Round[]; pattern: Pattern }) {
	const widest = Math.max(...rounds.map((round) => stitchesOf(round)));
	return (
		<figure>
			<figcaption>{say(pattern.hand === 'left' ? 'print.chartLeft' : 'print.chart')}</figcaption>
			{steps(rounds.length, DOWN).map((first) =>
				steps(widest, ACROSS).map((from) => (
					<Part key={`${first} ${from}`} rounds={rounds.slice(first, first + DOWN)} from={from} isParted={widest > ACROSS} pattern={pattern} />
				)),
			)}
		</figure>
	);
}

const stitchesOf = ({ runs }: Round) => runs.reduce((sum, { stitches }) => sum + stitches, 0);

function Part({ rounds, from, isParted, pattern }: { rounds: readonly Round[]; from: number; isParted: boolean; pattern: Pattern }) {
	const here = rounds.filter((round) => stitchesOf(round) > from);
	const across = Math.min(ACROSS, Math.max(0, ...here.map((round) => stitchesOf(round) - from)));
	if (here.length === 0) return null;
	const hexes = new Map(pattern.yarns.map(({ key, hex }) => [key, hex]));
	const width = EDGE * 2 + across * CELL;
	const x = (stitch: number) => (pattern.hand === 'left' ? width - EDGE - stitch * CELL : EDGE + stitch * CELL);
	return (
		<div className="print-part">
			{isParted && <p>{say('print.part', { from: from + 1, to: from + across })}</p>}
			<svg viewBox={`0 0 ${width} ${here.length * CELL + 2}`} width={`${width * 0.29}mm`} role="img" aria-label={say('print.chartOf')}>
				{here.map((round, row) => (
					<g key={round.round} transform={`translate(0 ${row * CELL + 1})`}>
						<text
							x={pattern.hand === 'left' ? width - EDGE + 4 : EDGE - 4}
							y={8}
							textAnchor={pattern.hand === 'left' ? 'start' : 'end'}
							fontSize={8}
						>
							{round.round}
						</text>
						{cells(round, from, from + across).map(({ at, to, yarn }) => {
							const left = Math.min(x(at - from), x(to - from));
							const hex = hexes.get(yarn) ?? '#ffffff';
							return (
								<g key={at}>
									<rect x={left} y={0} width={(to - at) * CELL} height={CELL} fill={hex} stroke="#000" strokeWidth={0.8} />
									{Array.from({ length: to - at - 1 }, (_, i) => (
										<line
											// biome-ignore lint/suspicious/noArrayIndexKey: stitches side by side
											key={i}
											x1={left + (i + 1) * CELL}
											x2={left + (i + 1) * CELL}
											y1={0}
											y2={CELL}
											stroke={inkOn(hex)}
											strokeWidth={0.25}
										/>
									))}
									<Label text={to - at > 2 ? `${yarn}${to - at}` : yarn} middle={left + ((to - at) * CELL) / 2} hex={hex} />
								</g>
							);
						})}
						{round.front !== null && round.front > from && round.front <= from + across && (
							<rect
								x={Math.min(x(round.front - 1 - from), x(round.front - from))}
								y={0}
								width={CELL}
								height={CELL}
								fill="none"
								stroke="#000"
								strokeWidth={1.8}
							/>
						)}
						<text
							x={x(Math.min(across, stitchesOf(round) - from)) + (pattern.hand === 'left' ? -4 : 4)}
							y={8}
							textAnchor={pattern.hand === 'left' ? 'end' : 'start'}
							fontSize={8}
						>
							[{stitchesOf(round)}]
						</text>
					</g>
				))}
			</svg>
		</div>
	);
}

/** A run's yarn and number, on a ground of its colour: lines between stitches do not cross it. */
function Label({ text, middle, hex }: { text: string; middle: number; hex: string }) {
	const width = text.length * 4.6;
	return (
		<>
			{text.length > 1 && <rect x={middle - width / 2} y={1} width={width} height={CELL - 2} fill={hex} />}
			<text x={middle} y={7.8} textAnchor="middle" fontSize={7.5} fontWeight={600} fill={inkOn(hex)}>
				{text}
			</text>
		</>
	);
}

/** The runs of a round between two of its stitches, from 0. */
function cells({ runs }: Round, from: number, to: number): { at: number; to: number; yarn: string }[] {
	let end = 0;
	return runs.flatMap(({ yarn, stitches }) => {
		const at = Math.max(from, end);
		end += stitches;
		return Math.min(to, end) > at ? [{ at, to: Math.min(to, end), yarn }] : [];
	});
}
