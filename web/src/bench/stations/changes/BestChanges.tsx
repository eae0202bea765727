import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useRested } from '../../../ui/useRested';
import { useBench, useDraft } from '../../context';

/** What an end, a metre and a round of jog that shows count for, until the maker says. */
const EVEN = { ends: 1, metres: 1, shown: 1 };

/** The best plan of changes by what is minded most, against the present one; looked for when it is asked for. */
export function BestChanges() {
	const { draft, piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const units = useDraft(({ plan }) => plan.units);
	const [isOpen, setIsOpen] = useState(false);
	const [weights, setWeights] = useState(EVEN);
	const asked = useRested(JSON.stringify(weights), 300) ?? JSON.stringify(EVEN);
	const { data } = useQuery({
		queryKey: ['best', id, piece, asked, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/best', { params: { path: { id }, query: { piece, weights: asked } } })),
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
							<Button
								aria-label={say('best.takeFor', { minds })}
								onClick={() => draft.edit(minds === 'own' ? { do: 'best', piece, weights: JSON.parse(asked) } : { do: 'best', piece, minds })}
							>
								{say('best.take')}
							</Button>
						)}
					</li>
				))}
			</ul>
			<fieldset className="mt-2 grid grid-cols-3 gap-2">
				<legend className="caption">{say('best.weigh')}</legend>
				{(['ends', 'metres', 'shown'] as const).map((name) => (
					<NumberField
						key={name}
						label={say('best.weight', { name, units })}
						min={0}
						max={1000}
						step={0.5}
						value={weights[name]}
						onChange={(weight) => weight !== null && setWeights({ ...weights, [name]: weight })}
					/>
				))}
			</fieldset>
			<p className="caption mt-1">{say('best.handStays')}</p>
		</details>
	);
}
