import { useQuery } from '@tanstack/react-query';
import { ApiError, api, dataOf } from '../api/client';
import type { Edit } from '../api/types';
import { listed, say } from '../ui/say';
import { yarnLength } from '../ui/units';
import { useRested } from '../ui/useRested';
import { useDraft } from './context';
import { Outline } from './Outline';

const PAUSE_MS = 200;

/** What an edit would make of a piece: it follows while its figures are chosen. */
export function Comes({ piece, edit }: { piece: string; edit: Edit }) {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const { units, yarns } = useDraft(({ plan }) => plan);
	// Where it has rested, it is the edit in hand.
	const asked = useRested(JSON.stringify(edit), PAUSE_MS);
	const { data, error } = useQuery({
		queryKey: ['comes', id, piece, asked, revision],
		queryFn: async () => dataOf(await api.POST('/api/plans/{id}/comes', { params: { path: { id } }, body: { piece, edit } })),
		enabled: asked !== undefined,
		placeholderData: (before) => before,
	});
	return (
		<div aria-live="polite" className="min-h-32">
			{error instanceof ApiError ? (
				<p className="border-l-4 border-ink pl-2">{error.problem.detail}</p>
			) : (
				data !== undefined && (
					<>
						<p className="figures mb-2 font-semibold">
							{say('rounds.counted', { worked: data.piece.worked, rounds: data.piece.rounds.length, stitches: data.piece.stitches })}
						</p>
						<Outline piece={data.piece} units={units} />
						<p className="figures">
							{say('comes.yarnInAll', {
								yarns: listed(
									data.yarns
										.filter(({ metres }) => metres > 0)
										.map(({ key, metres }) => `${yarns.find((yarn) => yarn.key === key)?.name ?? key} ${yarnLength(metres, units)}`),
								),
							})}
						</p>
					</>
				)
			)}
		</div>
	);
}
