import type { CSSProperties } from 'react';
import type { PieceAnalysis, Round } from '../api/types';
import { say } from '../ui/say';
import { yarnOf } from './runs';

interface Props {
	piece: PieceAnalysis;
	round: Round;
	stitch: number;
	/** the stitches' names, by the codes of a round's tops */
	stitches: Readonly<Record<string, string>>;
	/** what it is worked into, where that is known by now */
	into: string | undefined;
	/** where it stands: see roomBeside */
	style: CSSProperties;
}

/** What the stitch under the pointer is. */
export function Readout({ piece, round, stitch, stitches, into, style }: Props) {
	return (
		<div className="pointer-events-none absolute z-10 flex" style={style}>
			<p className="figures bg-ink px-2 py-0.5 text-sm text-paper">
				{say('readout.stitch', {
					round: round.number,
					stitch,
					makes: round.makes,
					kind: stitches[round.tops === '' ? 's' : round.tops.charAt(stitch - 1)] ?? '',
					yarn: yarnOf(round.runs, stitch),
					into: into ?? 'none',
					degrees: piece.worked === 'rows' ? 'none' : Math.round(round.startDegrees + ((stitch - 0.5) / round.makes) * 360) % 360,
				})}
			</p>
		</div>
	);
}

/**
 * Where there is room for a few words about a place: on the side of it that has more, and above it at the lower edge.
 * All in pixels: the place in what is seen of the chart, how far that is scrolled to the right, and its size.
 */
export function roomBeside({ x, y }: { x: number; y: number }, left: number, width: number, height: number): CSSProperties {
	return {
		...(x < width / 2 ? { left: left + x + 14, width: width - x - 14 } : { left, width: x - 14, justifyContent: 'flex-end' }),
		...(y < height - 64 ? { top: y + 16 } : { bottom: height - y + 10 }),
	};
}
