import { Fragment } from 'react';
import { useBench, useDraft, usePiece } from '../context';

/** The piece written out, to work from. */
export function Make() {
	const { pick } = useBench();
	const { analysis } = usePiece();
	const id = useDraft((state) => state.id);
	if (analysis === undefined) return null;
	return (
		<>
			<h2 className="text-lg font-semibold">Make</h2>
			<p className="mb-3 text-faint">
				{analysis.name}
				{analysis.copies > 1 && `, ${analysis.copies} times`}: every round with its yarn, every change where it comes.{' '}
				<a className="underline" href={`/api/plans/${id}/pattern?terms=us`}>
					US words
				</a>
				{', '}
				<a className="underline" href={`/api/plans/${id}/pattern?terms=uk`}>
					UK words
				</a>
			</p>
			{analysis.steps.length === 0 && <p>Type the rounds first; they are written out here.</p>}
			<ol className="flex flex-col">
				{analysis.steps.map((step) => (
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
			{analysis.steps.length > 0 && (
				<p className="caption mt-4 border-t border-rule pt-3">
					Small parts and young children: what can come off can be swallowed. For a child under three, embroider eyes and sew every part on firmly, and keep to the toy rules of your country. Glue is
					no substitute for stitches; hot glue burns.
				</p>
			)}
		</>
	);
}
