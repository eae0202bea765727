import { useQuery } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { api, dataOf } from '../../api/client';
import type { StepsOfCopies } from '../../api/types';
import { ChoiceField } from '../../ui/Field';
import { useBench, useDraft, usePiece } from '../context';

/** The piece written out, to work from. */
export function Make() {
	const { analysis } = usePiece();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
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
			<h2 className="text-lg font-semibold">Pattern</h2>
			<p className="mb-3 text-faint">
				{analysis.name}
				{analysis.copies > 1 && `, ${analysis.copies} times`}: every round with its yarn, every change where it comes.{' '}
				<a className="underline" href={`/api/plans/${id}/pattern?terms=us`}>
					US terms
				</a>
				{', '}
				<a className="underline" href={`/api/plans/${id}/pattern?terms=uk`}>
					UK terms
				</a>
			</p>
			{copies.length > 1 && (
				<ChoiceField
					label="Written for"
					className="mb-3"
					value={chosen}
					choices={copies.map(({ names }, i) => [String(i), names.join(', ')] as const)}
					onChange={setChosen}
				/>
			)}
			{isError && (
				<p>
					The steps could not be fetched.{' '}
					<button type="button" className="underline" onClick={() => void refetch()}>
						Try again
					</button>
				</p>
			)}
			{analysis.rounds.length === 0 && <p>Type the rounds first; they are written out here.</p>}
			{shown !== undefined && <Steps steps={shown.steps} />}
			{analysis.rounds.length > 0 && (
				<p className="caption mt-4 border-t border-rule pt-3">
					Small parts and young children: what can come off can be swallowed. For a child under three, embroider eyes and sew every part on firmly,
					and keep to the toy rules of your country. Glue is no substitute for stitches; hot glue burns.
				</p>
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
