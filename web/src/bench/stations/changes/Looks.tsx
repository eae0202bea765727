import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../../api/client';
import type { Change, Method } from '../../../api/types';
import { say } from '../../../ui/say';
import { useBench, useDraft } from '../../context';
import { Look } from './Look';

/** What the jog would look like by each method that fits there, side by side, to choose by eye; asked for when the maker wants to see them. */
export function Looks({ change, onTake }: { change: Change; onTake: (method: Method) => void }) {
	const { piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const [isOpen, setIsOpen] = useState(false);
	const round = change.treated;
	const { data } = useQuery({
		queryKey: ['looks', id, piece, round, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/looks', { params: { path: { id }, query: { piece, round } } })),
		enabled: isOpen,
		placeholderData: (before) => before,
	});
	return (
		<details className="mt-1 w-full" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
			<summary className="cursor-pointer">{say('looks.fromNear')}</summary>
			<ul className="mt-1 grid grid-cols-2 gap-2">
				{data?.looks.map(({ method, label, leaves, isPresent, cells }) => (
					<li key={method}>
						<button
							type="button"
							aria-pressed={isPresent}
							className="block w-full border-2 border-transparent text-left hover:border-rule aria-pressed:border-ink"
							onClick={() => !isPresent && onTake(method)}
						>
							<Look cells={cells} label={say('looks.ofMethod', { label })} />
							<span className="block px-1 pt-1 leading-tight font-semibold">{label}</span>
							<span className="caption block px-1 pb-1 leading-tight">{leaves}</span>
						</button>
					</li>
				))}
			</ul>
		</details>
	);
}
