import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/Field';
import { listed, say, sayWith } from '../../../ui/say';
import { useDraft } from '../../context';
import { FinishForm } from './FinishForm';
import { StepList } from './StepList';

/** One piece in its steps, under its name; fetched when it is unfolded. */
export function PieceSteps({ piece, name, copies, isShown }: { piece: string; name: string; copies: number; isShown: boolean }) {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const [unfolded, setUnfolded] = useState<boolean | null>(null);
	const [chosen, setChosen] = useState('0');
	// The piece in view is unfolded until the maker says otherwise.
	const isOpen = unfolded ?? isShown;
	const query = useInfiniteQuery({
		queryKey: ['steps', id, piece, chosen, revision],
		queryFn: async ({ pageParam: after }) =>
			dataOf(await api.GET('/api/plans/{id}/steps', { params: { path: { id }, query: { piece, group: Number(chosen), after } } })),
		initialPageParam: 0,
		getNextPageParam: ({ next }) => next,
		enabled: isOpen,
		placeholderData: (before, query) => (query?.queryKey[2] === piece ? before : undefined),
	});
	const { isError, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } = query;
	const data = query.data?.pages[0];
	const steps = query.data?.pages.flatMap((page) => page.steps) ?? [];
	const all = data?.copies ?? [];
	return (
		<details
			className="border-t-2 border-ink"
			open={isOpen}
			onToggle={(event) => {
				if (event.currentTarget.open !== isOpen) setUnfolded(event.currentTarget.open);
			}}
		>
			<summary className="cursor-pointer py-2">
				<h3 className="inline text-xl font-semibold">
					<bdi>{name === '' ? say('pieces.thisPiece') : name}</bdi>
				</h3>
				<span className="figures ml-2">{say('pattern.make', { copies })}</span>
			</summary>
			{isError && (
				<p>
					{sayWith('pattern.theStepsCouldNotBe', {
						link: (
							<button type="button" className="underline" onClick={() => void refetch()}>
								{say('common.tryAgain')}
							</button>
						),
					})}
				</p>
			)}
			{all.length > 1 && (
				<ChoiceField
					label={say('pattern.writtenFor')}
					className="mb-3"
					value={String(data?.group ?? 0)}
					choices={all.map(({ names }, i) => [String(i), listed(names)] as const)}
					onChange={setChosen}
				/>
			)}
			{data?.steps.length === 0 && <p className="mb-3">{say('pattern.typeTheRoundsFirstThey')}</p>}
			{data !== undefined && data.steps.length > 0 && <FinishForm piece={piece} finished={data.finish} />}
			{data !== undefined && <StepList piece={piece} steps={steps} />}
			{hasNextPage && (
				<Button className="mb-4" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()}>
					{say('pattern.moreSteps')}
				</Button>
			)}
		</details>
	);
}
