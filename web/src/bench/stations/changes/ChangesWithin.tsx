import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../../../api/client';
import { say } from '../../../ui/say';
import { useBench, useDraft } from '../../context';

/** The changes within a round, asked for when it is looked at. */
export function ChangesWithin({ round }: { round: number }) {
	const { piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const { data } = useQuery({
		queryKey: ['changes', id, piece, round, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/changes', { params: { path: { id }, query: { piece, round } } })),
	});
	return (
		<section aria-label={say('changes.withinRoundRound', { round })} className="mb-3 border-l-4 border-ink bg-sheet p-2">
			<h3 className="font-semibold">{say('changes.withinRoundRound', { round })}</h3>
			<ol className="max-h-64 overflow-auto">
				{data?.changes.map((change) => (
					<li key={change.stitch} className="border-t border-rule py-1">
						<p className="figures">{change.summary}</p>
						<p className="text-faint">{change.toDo}</p>
					</li>
				))}
			</ol>
		</section>
	);
}
