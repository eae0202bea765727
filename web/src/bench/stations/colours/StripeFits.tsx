import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../../api/client';
import type { Stripe } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { inRow, say } from '../../../ui/say';
import { useRested } from '../../../ui/useRested';
import { YarnMark } from '../../../ui/YarnMark';
import { useBench, useDraft, useYarns } from '../../context';
import type { Range } from './kinds/parts';

interface Fit extends Range {
	sequence: Stripe[];
}

/** Heights that come out even on these rounds, with what speaks for each; asked for when the maker wants to see them. */
export function StripeFits({ range, sequence, onTake }: { range: Range; sequence: readonly Stripe[]; onTake: (fit: Fit) => void }) {
	const { piece } = useBench();
	const yarns = useYarns();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const [isOpen, setIsOpen] = useState(false);
	const asked = useRested(`${range.from} ${range.to} ${sequence.map(({ yarn, rounds }) => `${yarn}${rounds}`).join('')}`, 300);
	const { data } = useQuery({
		queryKey: ['fits', id, piece, asked, revision],
		queryFn: async () => {
			const [from, to, stripes] = (asked ?? '').split(' ');
			const query = { piece, from: Number(from), to: Number(to), sequence: stripes ?? '' };
			return dataOf(await api.GET('/api/plans/{id}/fits', { params: { path: { id }, query } }));
		},
		enabled: isOpen && asked !== undefined && range.from <= range.to,
		placeholderData: (before) => before,
	});
	return (
		<details className="col-span-2" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
			<summary className="cursor-pointer">{say('stripeFits.heightsThatComeOutEven')}</summary>
			{data?.fits.length === 0 && <p className="mt-1 text-faint">{say('stripeFits.noneOnTheseRoundsChoose')}</p>}
			<ul>
				{data?.fits.map((fit) => (
					<li key={fit.says} className="flex items-start gap-2 border-t border-rule py-1.5">
						<span className="mt-1 flex flex-col">
							{fit.sequence.map(({ yarn, rounds }) => (
								<YarnMark key={`${yarn}${rounds}`} letter={yarn} hex={yarns.find(({ key }) => key === yarn)?.hex ?? '#888888'} size={18} />
							))}
						</span>
						<span className="min-w-0 flex-1">
							<span className="figures block font-semibold">{fit.says}</span>
							<span className="block text-faint">{inRow(fit.reasons)}</span>
						</span>
						<Button aria-label={say('stripeFits.takeSays', { says: fit.says })} onClick={() => onTake(fit)}>
							{say('stripeFits.take')}
						</Button>
					</li>
				))}
			</ul>
		</details>
	);
}
