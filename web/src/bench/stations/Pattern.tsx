import { useQuery } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { api, dataOf } from '../../api/client';
import type { StepsOfCopies } from '../../api/types';
import { ChoiceField } from '../../ui/Field';
import { listed, say, sayWith } from '../../ui/say';
import { useBench, useDraft, usePiece } from '../context';
import { HowItIsDone } from '../HowItIsDone';

/** The piece written out, to work from. */
export function Pattern() {
	const { analysis } = usePiece();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const cautions = useDraft((state) => state.analysis?.cautions) ?? [];
	const key = analysis?.key ?? '';
	const [chosen, setChosen] = useState('0');
	const { data, isError, refetch } = useQuery({
		queryKey: ['steps', id, key, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/steps', { params: { path: { id }, query: { piece: key } } })),
		enabled: analysis !== undefined,
		placeholderData: (before, query) => (query?.queryKey[2] === key ? before : undefined),
	});
	if (analysis === undefined) return null;
	const copies = data?.copies ?? [];
	const shown = copies[Number(chosen)] ?? copies[0];
	return (
		<>
			<h2 className="text-lg font-semibold">{say('common.pattern')}</h2>
			<p className="mb-3 text-faint">
				{sayWith('pattern.about', {
					name: analysis.name,
					copies: analysis.copies,
					us: (
						<a className="underline" href={`/api/plans/${id}/pattern?terms=us`}>
							{say('pattern.usTerms')}
						</a>
					),
					uk: (
						<a className="underline" href={`/api/plans/${id}/pattern?terms=uk`}>
							{say('pattern.ukTerms')}
						</a>
					),
				})}
			</p>
			{copies.length > 1 && (
				<ChoiceField
					label={say('pattern.writtenFor')}
					className="mb-3"
					value={chosen}
					choices={copies.map(({ names }, i) => [String(i), listed(names)] as const)}
					onChange={setChosen}
				/>
			)}
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
			{analysis.rounds.length === 0 && <p>{say('pattern.typeTheRoundsFirstThey')}</p>}
			{data?.begin.map((sentence) => (
				<p key={sentence} className="mb-1 border-l-4 border-ink bg-sheet px-2 py-1">
					{sentence}
				</p>
			))}
			{shown !== undefined && <Steps steps={shown.steps} />}
			{analysis.rounds.length > 0 && <HowItIsDone has={(name) => name.startsWith('technique ')} summary={say('howItIsDone.techniques')} />}
			{analysis.rounds.length > 0 && (
				<div className="caption mt-4 border-t border-rule pt-3">
					{cautions.map((caution) => (
						<p key={caution} className="mt-1">
							{caution}
						</p>
					))}
				</div>
			)}
		</>
	);
}

function Steps({ steps }: { steps: StepsOfCopies['steps'] }) {
	const { pick } = useBench();
	return (
		<ol className="flex flex-col">
			{steps.map((step) => (
				<Fragment key={step.from}>
					<li className="border-t border-rule">
						<button
							type="button"
							className="figures w-full py-1.5 text-left text-[17px] hover:bg-shade"
							onClick={() => {
								pick(step.from, 'new');
								if (step.to > step.from) pick(step.to, 'extend');
							}}
						>
							{step.text}
						</button>
					</li>
					{step.cues.map((cue) => (
						<li key={cue} className="mb-1 border-l-4 border-rule bg-sheet px-2 py-1">
							{cue}
						</li>
					))}
					{step.then.map((then) => (
						<li key={then} className="mb-1 border-l-4 border-ink bg-sheet px-2 py-1">
							{then}
						</li>
					))}
				</Fragment>
			))}
		</ol>
	);
}
