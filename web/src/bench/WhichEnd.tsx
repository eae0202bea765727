import { Button } from '../ui/Button';
import { say } from '../ui/say';
import { useBench, usePiece } from './context';
import { withPiece } from './plans';

const ENDS = ['top', 'bottom', 'face', 'tail'] as const;

/** Asks once which end of the piece round 1 is, where something on it stands by that and nobody has said it. */
export function WhichEnd() {
	const { draft } = useBench();
	const { piece, analysis } = usePiece();
	if (piece === undefined || analysis === undefined || analysis.endAsked === null) return null;
	const answer = (firstRound: (typeof ENDS)[number]) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, firstRound })));
	return (
		<section aria-label={say('whichEnd.whichEndIsUp')} className="mb-4 border-l-4 border-ink bg-sheet p-2">
			<p>{say('whichEnd.asked', { asked: analysis.endAsked })}</p>
			<div className="mt-1 flex flex-wrap gap-2">
				{ENDS.map((end) => (
					<Button key={end} onClick={() => answer(end)}>
						{say('whichEnd.round1Is', { end })}
					</Button>
				))}
			</div>
		</section>
	);
}
