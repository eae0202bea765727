import { replaceEqualDeep } from '@tanstack/react-query';
import type { PieceAnalysis, PlanProblem } from '../api/types';
import { say } from '../ui/say';
import { useBench } from './context';
import { fixed } from './plans';

type Fix = NonNullable<PlanProblem['fixes']>[number];

const SETTINGS: Record<NonNullable<PlanProblem['setting']>, string> = {
	'worked:joined': say('mends.thePieceIsJoined'),
	'worked:rows': say('mends.thePieceIsWorkedIn'),
	'terms:uk': say('mends.theyAreUkTerms'),
	'terms:us': say('mends.theyAreUsTerms'),
};

interface Props {
	trouble: PlanProblem;
	/** the caret is in its line, so that the keys act on it */
	hasKeys?: boolean;
	className?: string;
}

/** What can be done at once about something in a line: a mend, one of two readings, a setting, a yarn. */
export function Mends({ trouble, hasKeys = false, className = 'underline' }: Props) {
	const { draft } = useBench();
	const { piece = '', fixes = [], readings = [], numbering, setting, newYarn } = trouble;
	const key = (says: string) => hasKeys && <kbd className="ml-1 text-faint no-underline">{says}</kbd>;
	return (
		<>
			{numbering && (
				<button type="button" className={className} onClick={() => draft.edit({ do: 'renumber', piece })}>
					{say('mends.numberThem')}
				</button>
			)}
			{fixes.map((fix, i) => (
				<button key={fix.label} type="button" className={className} onClick={() => mend(draft, trouble, fix)}>
					{readings[i] === undefined ? fix.label : say('mends.saysMakesMakes', { says: readings[i].says, makes: readings[i].makes })}
					{readings.length > 0 ? key(say('mends.altI', { i: i + 1 })) : i === 0 && key(say('mends.alt'))}
				</button>
			))}
			{setting !== undefined && (
				<button type="button" className={className} onClick={() => draft.edit({ do: 'settle', piece, setting })}>
					{SETTINGS[setting]}
				</button>
			)}
			{newYarn !== undefined && (
				<button type="button" className={className} onClick={() => draft.edit({ do: 'yarn', name: newYarn })}>
					{say('mends.addYarnNewyarn', { newYarn })}
				</button>
			)}
		</>
	);
}

/** Makes a mend in its line; one that was offered for other words than stand there now is none. */
export function mend(draft: ReturnType<typeof useBench>['draft'], trouble: PlanProblem, fix: Fix): void {
	const { piece = '', line = 1 } = trouble;
	const { plan, analysis } = draft.getState();
	const read = plan.pieces.find(({ key }) => key === piece)?.rounds[line - 1];
	const isStill = analysis.problems.some((is) => replaceEqualDeep(is, trouble) === is);
	if (!isStill || read !== draft.lines(piece)[line - 1]) return;
	draft.edit({ do: 'retype', piece, rounds: draft.lines(piece).map((typed, i) => (i === line - 1 ? fixed(typed, fix) : typed)) });
}

/** What the typed words say to do that the plan can act on. */
export function Offers({ piece }: { piece: PieceAnalysis }) {
	const { draft } = useBench();
	if (piece.offers.length === 0) return null;
	return (
		<section aria-label={say('mends.whatYourWordsSay')} className="mb-6">
			<h3 className="mb-1 font-semibold">{say('mends.yourWordsSay')}</h3>
			<ul className="flex flex-col gap-2">
				{piece.offers.map(({ line, text, label }) => (
					<li key={`${line} ${text}`} className="border-l-4 border-rule bg-sheet p-2">
						<p>“{text}”</p>
						<button type="button" className="underline" onClick={() => draft.edit({ do: 'heed', piece: piece.key, line, text })}>
							{label}
						</button>
					</li>
				))}
			</ul>
		</section>
	);
}
