import { useState } from 'react';
import type { PlanProblem } from '../../api/types';
import { Button } from '../../ui/Button';
import { hands } from '../../ui/hands';
import { say } from '../../ui/say';
import { size as measure } from '../../ui/units';
import { useBench, useDraft, usePiece, useProblems } from '../context';
import { MeasuredDialog } from '../MeasuredDialog';
import { Mends, Offers } from '../Mends';
import { Outline } from '../Outline';
import { PasteDialog } from '../PasteDialog';
import { ShapeDialog } from '../ShapeDialog';
import { SizeDialog } from '../SizeDialog';
import { StationHead } from '../StationHead';
import { useBegins } from '../useBegins';
import { SpiralOffers } from './SpiralOffers';

/** What is to be mended, and how rounds are written. */
export function Rounds() {
	const { draft, goTo } = useBench();
	const { piece, analysis, lies } = usePiece();
	const plan = useDraft((state) => state.plan);
	const problems = useProblems();
	const wrong = problems.filter(({ severity }) => severity === 'error');
	const notes = problems.filter(({ severity }) => severity === 'note');
	function remember() {
		const size = analysis?.size;
		if (analysis === undefined || size == null) return;
		const widest = Math.max(...analysis.rounds.map(({ makes }) => makes));
		setWas(
			say('rounds.size', {
				rounds: analysis.rounds.length,
				widest,
				high: measure(size.heightMm, plan.units),
				across: measure(size.widthMm, plan.units),
				lies,
			}),
		);
	}
	function resize(wider: number, longer: number) {
		remember();
		draft.edit({ do: 'resize', piece: piece?.key ?? '', wider, longer });
	}

	const [isSizing, setIsSizing] = useState(false);
	/** what the piece was before it was last resized */
	const [was, setWas] = useState<string | null>(null);
	const [isMeasuring, setIsMeasuring] = useState(false);
	// How it begins was chosen on the shelf.
	const begins = useBegins();
	const [isShaping, setIsShaping] = useState(begins === 'shape');
	const [isPasting, setIsPasting] = useState(begins === 'paste');
	const sc = plan.terms === 'us' ? 'sc' : 'dc';
	return (
		<>
			<StationHead
				next={
					analysis === undefined || analysis.rounds.length === 0
						? say('rounds.next')
						: say('rounds.counted', { worked: analysis.worked, rounds: analysis.rounds.length, stitches: analysis.stitches })
				}
			>
				<p className="mb-2">{say('rounds.typeThemOnTheSheet', { by: hands() })}</p>
				<dl className="grid grid-cols-2 gap-x-4 gap-y-1">
					{WRITTEN(sc).map(([write, means]) => (
						<div key={write} className="contents">
							<dt className="font-semibold">{write}</dt>
							<dd className="text-faint">{means}</dd>
						</div>
					))}
				</dl>
			</StationHead>
			{analysis !== undefined && <Outline piece={analysis} units={plan.units} onPlace={() => goTo('parts')} />}
			<Button className="mb-2 w-full" disabled={piece === undefined} onClick={() => setIsPasting(true)}>
				{say('rounds.pasteAPattern')}
			</Button>
			<Button
				className="mb-2 w-full"
				kind={(analysis?.rounds.length ?? 0) === 0 ? 'strong' : 'plain'}
				disabled={piece === undefined}
				onClick={() => setIsShaping(true)}
			>
				{say('rounds.beginFromAShape')}
			</Button>
			{analysis !== undefined && analysis.rounds.length > 0 && analysis.worked !== 'rows' && (
				<div className="mb-5 grid grid-cols-2 gap-2">
					<Button className="py-1 leading-tight whitespace-normal!" onClick={() => resize(1, 0)}>
						{say('rounds.wider1IncreaseRound')}
					</Button>
					<Button className="py-1 leading-tight whitespace-normal!" onClick={() => resize(-1, 0)}>
						{say('rounds.narrower1IncreaseRound')}
					</Button>
					<Button className="py-1 leading-tight whitespace-normal!" onClick={() => resize(0, 1)}>
						{say('rounds.longer1EvenRound')}
					</Button>
					<Button className="py-1 leading-tight whitespace-normal!" onClick={() => resize(0, -1)}>
						{say('rounds.shorter1EvenRound')}
					</Button>
					<Button className="col-span-2" disabled={analysis.size === null} onClick={() => setIsSizing(true)}>
						{say('rounds.toASize')}
					</Button>
					<Button className="col-span-2" disabled={(analysis.size?.volumeMl ?? 0) === 0} onClick={() => setIsMeasuring(true)}>
						{say('rounds.measured')}
					</Button>
					{was !== null && (
						<p className="caption figures col-span-2" aria-live="polite">
							{say('rounds.beforeWas', { was })}
						</p>
					)}
				</div>
			)}
			{analysis?.size != null && (
				<SizeDialog open={isSizing} piece={analysis.key} size={analysis.size} units={plan.units} onSize={remember} onClose={() => setIsSizing(false)} />
			)}
			{analysis?.size != null && <MeasuredDialog open={isMeasuring} piece={analysis} size={analysis.size} onClose={() => setIsMeasuring(false)} />}
			<PasteDialog text={isPasting ? '' : null} onClose={() => setIsPasting(false)} />
			<ShapeDialog open={isShaping} onClose={() => setIsShaping(false)} />
			{wrong.length > 0 ? (
				<Told title={say('rounds.wrongToFix', { wrong: wrong.length })} label={say('rounds.toFix')} told={wrong} />
			) : (
				<p className="mb-6">{(analysis?.rounds.length ?? 0) === 0 ? say('rounds.typeTheFirstRoundOn') : say('rounds.everyRoundUsesAllThe')}</p>
			)}
			{notes.length > 0 && <Told title={say('common.worthKnowing')} label={say('common.worthKnowing')} told={notes} />}
			{analysis !== undefined && <Offers piece={analysis} />}
			<SpiralOffers />
		</>
	);
}

/** How rounds are written, with the plan's word for a single crochet. */
const WRITTEN = (sc: string) =>
	[
		[`6 ${sc} in MR`, say('written.ring')],
		[`ch 2, 6 ${sc} in 2nd ch from hook`, say('written.chains')],
		[`(2 ${sc}, inc) x6`, say('written.repeat')],
		[`${sc} around`, say('written.around')],
		['R4-7:', say('written.alike')],
		['inv dec', say('written.invisible')],
		['(24)', say('written.count')],
		['place eyes …', say('written.cue')],
		['# eyes here', say('written.remark')],
	] as const;

interface ToldProps {
	title: string;
	label: string;
	told: PlanProblem[];
}

/** What is told of the lines, each with the way to it and what can be done at once. */
function Told({ title, label, told }: ToldProps) {
	const { focusLine, showPiece } = useBench();
	const { piece } = usePiece();
	return (
		<section aria-label={label} className="mb-6">
			<h3 className="mb-1 font-semibold">{title}</h3>
			<ol className="flex flex-col gap-2">
				{told.slice(0, 30).map((trouble) => (
					<li
						key={`${trouble.path}${trouble.column}${trouble.message}`}
						className={`border-l-4 bg-sheet p-2 ${trouble.severity === 'error' ? 'border-ink' : 'border-rule'}`}
					>
						<p>{trouble.message}</p>
						<p className="text-faint">{trouble.mend}</p>
						<div className="flex flex-wrap gap-x-3">
							{trouble.line !== undefined && (
								<Button
									kind="bare"
									onClick={() => {
										if (trouble.piece !== undefined && trouble.piece !== piece?.key) showPiece(trouble.piece);
										focusLine((trouble.line ?? 1) - 1);
									}}
								>
									{say('rounds.goToLineLine', { line: trouble.line })}
								</Button>
							)}
							<Mends trouble={trouble} />
						</div>
					</li>
				))}
			</ol>
		</section>
	);
}
