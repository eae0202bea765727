import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { say } from '../../../ui/say';
import { useBench, useDraft } from '../../context';

/** The best plan of changes by what she minds most, against her present one; looked for when she asks. */
export function BestChanges() {
	const { draft, piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const [isOpen, setIsOpen] = useState(false);
	const { data } = useQuery({
		queryKey: ['best', id, piece, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/best', { params: { path: { id }, query: { piece } } })),
		enabled: isOpen,
		placeholderData: (before, query) => (query?.queryKey[2] === piece ? before : undefined),
	});
	return (
		<details className="mb-4 border-b border-rule pb-2" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
			<summary className="cursor-pointer font-semibold">{say('best.title')}</summary>
			<ul>
				{data?.best.map(({ minds, says, better }) => (
					<li key={minds} className="mt-2 flex items-center gap-2">
						<span className="min-w-0 flex-1">
							<span className="block">{say('best.minds', { minds })}</span>
							<span className="figures block text-faint">{better ? says : say('best.already')}</span>
						</span>
						{better && (
							<Button aria-label={say('best.takeFor', { minds })} onClick={() => draft.edit({ do: 'best', piece, minds })}>
								{say('best.take')}
							</Button>
						)}
					</li>
				))}
			</ul>
			<p className="caption mt-1">{say('best.handStays')}</p>
		</details>
	);
}
