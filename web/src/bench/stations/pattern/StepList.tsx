import type { Step } from '../../../api/types';
import { numbered } from '../../../ui/numbered';
import { say } from '../../../ui/say';
import { YarnMark } from '../../../ui/YarnMark';
import { useBench, useYarns } from '../../context';
import { MayGoWrong } from './MayGoWrong';

/** The kinds that are named beside what they say; the others' words begin with what they are. */
const named: Partial<Record<Step['kind'], string>> = {
	start: say('stepList.start'),
	change: say('stepList.change'),
	eyes: say('stepList.eyes'),
	part: say('stepList.part'),
	note: say('stepList.note'),
};
/** What stands back behind what is to be done. */
const quiet: ReadonlySet<Step['kind']> = new Set(['check', 'note', 'start']);

/** The steps in the order of the work, to be read at arm's length. */
export function StepList({ piece, steps }: { piece: string; steps: Step[] }) {
	return (
		<ol className="step-list flex flex-col pb-4">
			{numbered(steps).map(({ at, one: step }) => (
				<li key={at} data-kind={step.kind}>
					{step.kind === 'round' ? <RoundStep piece={piece} step={step} /> : <CueStep step={step} />}
					<div className="ml-[4.75rem]">
						<MayGoWrong all={step.mayGoWrong} />
					</div>
					{step.trouble !== null && <p className="mb-1 ml-[4.75rem] border-l-4 border-ink px-2 font-semibold">{step.trouble}</p>}
				</li>
			))}
		</ol>
	);
}

function RoundStep({ piece, step }: { piece: string; step: Step }) {
	const { pick, piece: shown, showPiece } = useBench();
	const yarns = useYarns();
	const hexOf = (letter: string) => yarns.find(({ key }) => key === letter)?.hex ?? '#ffffff';
	const rounds = step.from === step.to ? String(step.from) : `${step.from}–${step.to}`;
	return (
		<button
			type="button"
			className="grid w-full grid-cols-[4rem_1fr_auto] items-baseline gap-x-3 border-t border-rule py-2 text-left hover:bg-shade"
			onClick={() => {
				if (piece !== shown) {
					showPiece(piece);
					return;
				}
				pick(step.from, 'new');
				if (step.to > step.from) pick(step.to, 'extend');
			}}
		>
			<span className="sr-only">{step.text}</span>
			<span className="figures whitespace-nowrap text-xl" aria-hidden="true">
				{rounds}
			</span>
			{step.groups.length === 0 ? (
				<span aria-hidden="true">{step.text}</span>
			) : (
				<span aria-hidden="true" className="flex flex-wrap items-center gap-x-3 gap-y-1 text-xl leading-snug">
					{numbered(step.groups).map(({ at, one: { yarn, text } }) => (
						<span key={at} className="inline-flex items-center gap-1.5">
							{[...yarn].map((letter) => (
								<YarnMark key={letter} letter={letter} hex={hexOf(letter)} size={22} />
							))}
							<span>{text}</span>
						</span>
					))}
				</span>
			)}
			<span aria-hidden="true" className="figures text-2xl font-semibold">
				{step.makes}
			</span>
		</button>
	);
}

function CueStep({ step }: { step: Step }) {
	const name = named[step.kind];
	return (
		<div className={`my-1 ml-[4.75rem] ${quiet.has(step.kind) ? 'text-faint' : 'border-l-4 border-ink bg-sheet px-2 py-1 text-[17px] leading-snug'}`}>
			{name !== undefined && <span className="mr-2 font-semibold">{name}</span>}
			<span>{step.text}</span>
			{step.needs.length > 0 && <span className="caption ml-2">{say('stepList.needs', { needs: step.needs.join(', ') })}</span>}
		</div>
	);
}
