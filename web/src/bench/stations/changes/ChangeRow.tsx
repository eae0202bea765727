import type { ReactNode } from 'react';
import { limits } from '../../../api/generated/limits';
import type { Change, Method } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { ChoiceField, NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useBench, useDraft, usePiece } from '../../context';
import { HowItIsDone } from '../../HowItIsDone';
import { withPiece } from '../../plans';
import { StepSign } from '../../StepSign';
import { EndsFields } from './EndsFields';
import { Looks } from './Looks';
import { type Said, settled } from './settled';

/** A change: in one line where it is, between which yarns, how, and whether it shows; open, what to do and why, and what can be decided about it. */
export function ChangeRow({ change, isOpen, check }: { change: Change; isOpen: boolean; check: ReactNode }) {
	const { pick, pickNone } = useBench();
	const { analysis } = usePiece();
	const rounds = analysis?.rounds.length ?? 0;
	return (
		<div className={`border-t border-rule ${isOpen ? '-mx-2 bg-pick/60 px-2' : ''}`}>
			<div className="flex items-center gap-2">
				{check}
				<button
					type="button"
					className="figures flex min-h-10 w-full items-center gap-2 text-left"
					aria-expanded={change.jog ? isOpen : undefined}
					onClick={() => (isOpen ? pickNone() : pick(Math.min(change.treated + (change.jog ? 1 : 0), rounds), 'new'))}
				>
					{change.jog ? <StepSign step={change.stepRounds} shows={change.shows} /> : <span className="w-[22px] shrink-0" />}
					<span className="min-w-0 flex-1">
						<span className={change.shows ? 'font-semibold' : ''}>
							{say('changes.inOneLine', { round: change.treated, from: change.from, to: change.to })}
						</span>{' '}
						<span className={change.shows ? '' : 'text-faint'}>
							{say('changes.howInOneLine', {
								jog: String(change.jog),
								method: change.methodShort,
								shows: String(change.shows),
								old: change.oldYarn ?? 'none',
								from: change.from,
							})}
						</span>
					</span>
				</button>
			</div>
			{isOpen && change.jog && (
				<div className="pb-2 pl-[30px]">
					<p className="figures text-faint">{change.summary}</p>
					<p className="mt-1">{change.toDo}</p>
					<p className="mt-1 text-faint">{change.why}</p>
					<Decisions change={change} />
					<HowItIsDone has={(name) => change.drawings.includes(name)} summary={say('howItIsDone.title')} from={change.from} to={change.to} />
				</div>
			)}
		</div>
	);
}

function Decisions({ change }: { change: Change }) {
	const { draft } = useBench();
	const { piece, analysis, lies } = usePiece();
	const methods = useDraft((state) => state.analysis?.constants.methods) ?? [];
	if (piece === undefined || analysis === undefined) return null;
	const round = change.treated;
	const said: Said = piece.changes.at?.find((one) => one.round === round) ?? {};

	/** What is said of this round's end; what is undefined is taken out of it. */
	function settle(to: Said, group?: string) {
		draft.change((plan) => withPiece(plan, piece?.key ?? '', (is) => settled(is, [round], to)), group);
	}

	const sewnOn = new Set(analysis.placed.flatMap(({ key, covers: is }) => (is ? [key] : [])));
	const covers = (piece.placements ?? []).filter(({ key }) => key !== undefined && sewnOn.has(key));
	const isSpiral = analysis.worked === 'spiral';
	return (
		<div className="mt-1 flex flex-col items-start">
			{!change.onLine && (
				<ChoiceField
					label={say('changes.methodAfterRoundRound', { round })}
					hideLabel
					className="w-full"
					value={said.method === 'covered' ? `by ${said.by}` : (said.method ?? 'auto')}
					choices={[
						[
							'auto',
							said.method !== undefined
								? say('changes.asForAll')
								: say(change.chosen ? 'changes.asForAllIs' : 'changes.methodlabelChosenForYou', { methodLabel: change.methodLabel }),
						],
						...methods.map(({ method, label }) => [method, label] as const),
						...covers.map(({ key, kind, name }) => [`by ${key}`, say('changes.coveredBy', { part: name ?? kind })] as const),
					]}
					onChange={(chosen: string) =>
						settle(
							chosen.startsWith('by ')
								? { method: 'covered', by: chosen.slice(3), begins: undefined }
								: { method: chosen === 'auto' ? undefined : (chosen as Method), by: undefined, begins: undefined },
						)
					}
				/>
			)}
			{!change.onLine && <Looks change={change} onTake={(method) => settle({ method, by: undefined, begins: undefined })} />}
			{change.method === 'standing-start' && said.method === 'standing-start' && (
				<NumberField
					label={say('changes.beginsAt', { lies })}
					className="mt-1"
					min={-180}
					max={180}
					step={1}
					value={said.begins ?? 180}
					onChange={(begins) => begins !== null && settle({ begins }, `begins ${piece.key} ${round}`)}
				/>
			)}
			<div className="mt-1 grid w-full grid-cols-2 gap-2">
				<EndsFields
					said={said}
					open={say('changes.asForAll')}
					now={change.oldYarn === 'wait' ? undefined : (change.oldYarn ?? undefined)}
					has={{ oldYarn: change.backRound !== null, oldTail: change.oldYarn === 'cut', newTail: change.newEnd }}
					onChange={({ oldYarn, tails }) => settle({ oldYarn, tails })}
				/>
			</div>
			{isSpiral && (
				<Button kind="bare" onClick={() => settle({ line: !change.onLine })}>
					{change.onLine ? say('changes.atTheMarkerHere') : say('changes.onTheLineHere', { lies })}
				</Button>
			)}
			{isSpiral && <Onward change={change} onChange={(onward) => settle({ onward }, `onward ${piece.key} ${round}`)} />}
			{change.canBeCrisp && (
				<Button
					kind="bare"
					title={say('changes.theTwoColoursThenMeet')}
					onClick={() => draft.edit({ do: 'crisp', piece: piece.key, round: round + 1 })}
				>
					{say('changes.workRoundRoundInBack', { round: round + 1 })}
				</Button>
			)}
		</div>
	);
}

/** Where the next round begins: with the next stitch, or some stitches on. */
function Onward({ change, onChange }: { change: Change; onChange: (onward: number | undefined) => void }) {
	const { lies } = usePiece();
	if (change.onward === 0)
		return change.toBack === null ? null : (
			<Button kind="bare" onClick={() => onChange(change.toBack ?? undefined)}>
				{say('changes.moveTheJogToThe', { toBack: change.toBack, lies })}
			</Button>
		);
	return (
		<div className="mt-1 flex items-end gap-2">
			<NumberField
				label={say('changes.stitchesWorkedOnBeforeThe')}
				min={1}
				max={limits.stitchesInRound}
				value={change.onward}
				onChange={(onward) => onward !== null && onChange(onward)}
			/>
			<Button kind="bare" onClick={() => onChange(undefined)}>
				{say('changes.none')}
			</Button>
		</div>
	);
}
