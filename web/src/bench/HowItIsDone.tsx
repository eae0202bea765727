import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { DrawnFrame } from '../ui/DrawnFrame';
import { say } from '../ui/say';
import { useDraft, useYarns } from './context';

interface Props {
	/** whether a series is shown, by its name: "method drawn-loop" */
	has: (name: string) => boolean;
	summary: string;
	/** letters of the yarns that they are drawn in; the plan's first two where none are said */
	from?: string;
	to?: string;
}

/** How something is done, in a few small drawings; asked for when the maker wants to see them. */
export function HowItIsDone({ has, summary, from, to }: Props) {
	const yarns = useYarns();
	const isLeftHanded = useDraft(({ plan }) => plan.hand === 'left');
	const [isOpen, setIsOpen] = useState(false);
	const { data } = useQuery({
		queryKey: ['drawings'],
		queryFn: async () => dataOf(await api.GET('/api/drawings')).drawings,
		enabled: isOpen,
		staleTime: Number.POSITIVE_INFINITY,
	});
	const hexOf = (letter: string | undefined, else_: number) => (yarns.find(({ key }) => key === letter) ?? yarns[else_] ?? yarns[0])?.hex ?? '#808080';
	const hexes = { old: hexOf(from, 0), new: hexOf(to, 1) };
	const shown = data?.filter(({ name }) => has(name)) ?? [];
	return (
		<details className="mt-1 w-full" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
			<summary className="cursor-pointer">{summary}</summary>
			{shown.map(({ name, title, frames }) => (
				<section key={name} aria-label={title} className="mt-2">
					<h4 className="font-semibold">{title}</h4>
					<ol className="grid grid-cols-[repeat(auto-fill,minmax(130px,1fr))] gap-2">
						{frames.map(({ says, strokes }, i) => (
							<li key={says}>
								<DrawnFrame strokes={strokes} hexes={hexes} isMirrored={isLeftHanded} label={say('howItIsDone.frame', { title, n: i + 1 })} />
								<p className="mt-1 leading-snug">{says}</p>
							</li>
						))}
					</ol>
				</section>
			))}
		</details>
	);
}
