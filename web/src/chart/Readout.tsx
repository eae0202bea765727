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
}

/** What the stitch under the pointer is. */
export function Readout({ piece, round, stitch, stitches, into }: Props) {
	return (
		<p className="figures bg-ink px-2 py-0.5 text-sm whitespace-nowrap text-paper">
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
	);
}
