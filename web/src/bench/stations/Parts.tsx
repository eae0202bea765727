import { hands } from '../../ui/hands';
import { say } from '../../ui/say';
import { useDraft, usePiece } from '../context';
import { StationHead } from '../StationHead';
import { WhichEnd } from '../WhichEnd';
import { OnPiece } from './parts/OnPiece';
import { Together } from './parts/Together';
import { TrayOfParts } from './parts/TrayOfParts';

/** Eyes, faces of thread and other pieces: taken from a tray, put on the piece in view, and how all of it comes together. */
export function Parts() {
	const { piece, analysis } = usePiece();
	const cautions = useDraft(({ analysis: is }) => is.cautions);
	const hasRounds = (analysis?.rounds.length ?? 0) > 0;
	return (
		<>
			<StationHead>
				<p>{say('parts.manual', { by: hands() })}</p>
			</StationHead>
			<WhichEnd />
			{piece === undefined || analysis === undefined || !hasRounds ? (
				<p className="text-faint">{say('parts.empty')}</p>
			) : (
				<>
					<TrayOfParts piece={piece} />
					<OnPiece piece={piece} analysis={analysis} />
				</>
			)}
			<Together />
			{cautions.map((caution) => (
				<p key={caution} className="caption mt-1">
					{caution}
				</p>
			))}
		</>
	);
}
