import { Slider } from 'radix-ui';
import { type ReactNode, useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { ChoiceField } from '../../ui/Field';
import { say } from '../../ui/say';
import { yarnLength } from '../../ui/units';
import { useBench, useDraft, usePiece } from '../context';
import { withPiece } from '../plans';
import { StationHead } from '../StationHead';
import { Tips } from '../Tips';
import { WhichEnd } from '../WhichEnd';
import { BestChanges } from './changes/BestChanges';
import { ChangeLine } from './changes/ChangeLine';
import { ChangeList } from './changes/ChangeList';
import { ChangesPicked } from './changes/ChangesPicked';
import { ChangesWithin } from './changes/ChangesWithin';
import { EndsFields, withEnds } from './changes/EndsFields';
import { treatedAlike } from './changes/settled';
import { FaceForm } from './FaceForm';
import { SpiralOffers } from './SpiralOffers';

/** Every colour change in working order: where, how high, what to do, why; and the front. */
export function Changes() {
	const { draft, picked } = useBench();
	const { piece, analysis, lies } = usePiece();
	const named = useDraft(({ analysis: is }) => is?.constants.methods);
	const units = useDraft(({ plan }) => plan.units);
	const habits = useDraft(({ analysis: is }) => is?.constants.habits) ?? [];
	// Where the front is being turned to, until the core has answered.
	const [turned, setTurned] = useState<number | null>(null);
	const isSaved = useDraft(({ save }) => save.is === 'saved');
	useEffect(() => {
		if (isSaved) setTurned(null);
	}, [isSaved]);
	const shownRound = picked.size === 1 ? [...picked][0] : undefined;

	const [pickedIn, setPickedIn] = useState<{ piece: string; rounds: ReadonlySet<number> }>({ piece: '', rounds: new Set() });
	const [onlyShown, setOnlyShown] = useState(false);

	if (piece === undefined || analysis === undefined) return null;
	const jogs = analysis.changes.filter(({ jog }) => jog);
	const listed = onlyShown ? analysis.changes.filter(({ shows }) => shows) : analysis.changes;
	// A pick holds for its piece, and for changes that are still there.
	const checked = new Set(pickedIn.piece === piece.key ? jogs.flatMap(({ treated }) => (pickedIn.rounds.has(treated) ? [treated] : [])) : []);
	const setPicked = (rounds: ReadonlySet<number>) => setPickedIn({ piece: piece.key, rounds });
	const methods = (named ?? []).map(({ method, label }) => [method, label] as const);
	const { changes, bestFront, frontDegrees } = analysis;
	const showing = changes.filter(({ shows }) => shows).length;
	const within = analysis.changesWithin.reduce((sum, round) => sum + round.changes, 0);
	const shownWithin = analysis.changesWithin.find(({ round }) => round === shownRound);
	function turn(degrees: number) {
		setTurned(degrees);
		draft.edit({ do: 'front', piece: piece?.key ?? '', degrees }, `front ${piece?.key}`);
	}

	return (
		<>
			<StationHead
				next={
					changes.length + within === 0
						? say('changes.thePieceIsAllOf')
						: say('changes.summary', { changes: changes.length + within, within, showing, lies })
				}
			>
				<p>{say('changes.manual')}</p>
			</StationHead>
			<WhichEnd />
			{changes.length + within > 0 && (
				<dl className="figures mb-4 grid grid-cols-3 gap-2">
					<Sum name={say('changes.ends')}>{analysis.ends}</Sum>
					<Sum name={say('changes.onChanging')}>{yarnLength(analysis.changingMm / 1000, units)}</Sum>
					<Sum name={say('changes.show')}>{showing}</Sum>
				</dl>
			)}
			<SpiralOffers />
			{analysis.worked !== 'rows' && (
				<section aria-label={say('changes.front', { lies })} className="mb-4 border-y border-rule py-3">
					<div className="figures mb-1 flex items-baseline justify-between">
						<h3 className="font-semibold">{say('changes.frontAtFrontdegrees', { frontDegrees: Math.round(frontDegrees), lies })}</h3>
						<span className="caption">{say('changes.fromWhereRound1Begins')}</span>
					</div>
					<Slider.Root
						className="relative flex h-8 touch-none items-center"
						min={0}
						max={359}
						step={1}
						value={[turned ?? Math.round(frontDegrees) % 360]}
						onValueChange={([degrees]) => degrees !== undefined && turn(degrees)}
					>
						<Slider.Track className="relative h-1 flex-1 bg-rule" />
						<Slider.Thumb aria-label={say('changes.frontInDegrees', { lies })} className="block h-7 w-3 border border-ink bg-sheet" />
					</Slider.Root>
					<p className="mt-1">{bestFront.why}</p>
					{bestFront.better && (
						<Button kind={analysis.spirals !== undefined ? 'plain' : 'strong'} className="mt-2 w-full" onClick={() => turn(bestFront.degrees)}>
							{say('changes.turnTheFrontToDegrees', { degrees: bestFront.degrees, lies })}
						</Button>
					)}
				</section>
			)}
			{analysis.worked === 'spiral' && analysis.changeLine.jogs > 0 && <ChangeLine />}
			{analysis.worked !== 'rows' && changes.length > 0 && (
				<ChoiceField
					label={say('changes.treatEveryJog')}
					className="mb-3"
					value={piece.changes.method}
					choices={[['auto', say('changes.chooseForMe')], ...methods]}
					onChange={(method) => draft.change((plan) => withPiece(plan, piece.key, (is) => treatedAlike(is, method)))}
				/>
			)}
			{changes.length + within > 0 && (
				<section aria-label={say('ends.title')} className="mb-3 grid grid-cols-2 gap-2">
					<EndsFields
						said={piece.changes}
						open={say('ends.asUsual')}
						onChange={(said) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, changes: withEnds(is.changes, said) })))}
					/>
				</section>
			)}
			{analysis.changeLine.jogs > 0 && <BestChanges />}
			<Tips />
			{shownWithin !== undefined && <ChangesWithin round={shownWithin.round} />}
			{jogs.length > 1 && (
				<ChangesPicked jogs={listed.filter(({ jog }) => jog)} picked={checked} onPick={setPicked} onlyShown={onlyShown} onFilter={setOnlyShown} />
			)}
			{listed.length === 0 && changes.length > 0 && <p className="text-faint">{say('picked.noneShows')}</p>}
			<ChangeList
				changes={listed}
				picked={shownRound}
				check={(change) =>
					change.jog && jogs.length > 1 ? (
						<input
							type="checkbox"
							className="shrink-0"
							aria-label={say('picked.pick', { round: change.treated })}
							checked={checked.has(change.treated)}
							onChange={(event) => {
								const rounds = new Set(checked);
								if (event.target.checked) rounds.add(change.treated);
								else rounds.delete(change.treated);
								setPicked(rounds);
							}}
						/>
					) : null
				}
			/>
			<FaceForm />
			{changes.length > 0 && (
				<details className="mt-4 border-t border-rule pt-2">
					<summary className="cursor-pointer font-semibold">{say('changes.goodHabits')}</summary>
					<ul className="list-disc pl-5">
						{habits.map((habit) => (
							<li key={habit} className="mt-1">
								{habit}
							</li>
						))}
					</ul>
				</details>
			)}
		</>
	);
}

/** A figure of all changes together. */
function Sum({ name, children }: { name: string; children: ReactNode }) {
	return (
		<div className="border-t border-rule pt-1">
			<dt className="caption">{name}</dt>
			<dd className="text-lg font-semibold">{children}</dd>
		</div>
	);
}
