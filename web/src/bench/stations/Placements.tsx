import { Trash2 } from 'lucide-react';
import { limits } from '../../api/generated/limits';
import type { Piece } from '../../api/types';
import { Button } from '../../ui/Button';
import { ChoiceField, NumberField } from '../../ui/Field';
import { numbered } from '../../ui/numbered';
import { say } from '../../ui/say';
import { size as length } from '../../ui/units';
import { useBench, useDraft, usePiece } from '../context';
import { set, withPiece } from '../plans';

type Placement = NonNullable<Piece['placements']>[number];

const kinds: readonly (readonly [Placement['kind'], string])[] = [
	['eyes', say('placements.eyes')],
	['nose', say('placements.nose')],
	['ears', say('placements.ears')],
	['arms', say('placements.arms')],
	['legs', say('placements.legs')],
	['wings', say('placements.wings')],
	['tail', say('placements.tail')],
	['buttons', say('placements.buttons')],
	['other', say('placements.somethingElse')],
];

/** A placement's key; the core gives one to those of older plans, by their order. */
const keyOf = (placement: Placement | undefined, at: number) => placement?.key ?? `p${at + 1}`;

function freePlacement(placements: readonly Placement[]): string {
	const taken = new Set(placements.map(keyOf));
	for (let n = placements.length + 1; ; n++) if (!taken.has(`p${n}`)) return `p${n}`;
}

/** Eyes, ears and limbs: where they are set, how far apart, and what is in their way. */
export function Placements() {
	const { draft, picked } = useBench();
	const { piece, analysis, lies } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	const cautions = useDraft(({ analysis: is }) => is?.cautions) ?? [];
	if (piece === undefined || analysis === undefined || analysis.rounds.length === 0) return null;
	const placements = piece.placements ?? [];
	const change = (to: Placement[], group?: string) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, placements: to })), group);
	const with_ = (at: number, to: Placement, group?: string) =>
		change(
			placements.map((is, i) => (i === at ? to : is)),
			group,
		);
	return (
		<section aria-label={say('placements.placements')} className="mb-5 border-t border-b border-rule py-3">
			<h3 className="mb-1 font-semibold">{say('placements.eyesEarsLimbs')}</h3>
			<ol>
				{numbered(placements).map(({ at, one: placement }) => {
					const placed = analysis.placed.find(({ key }) => key === keyOf(placement, at));
					const group = `placement ${piece.key} ${keyOf(placement, at)}`;
					return (
						<li key={keyOf(placement, at)} className="grid grid-cols-2 items-end gap-2 border-t border-rule py-2 first:border-t-0">
							<ChoiceField
								label={say('placements.what')}
								value={placement.kind}
								choices={kinds}
								onChange={(kind) => with_(at, { ...placement, kind })}
							/>
							<ChoiceField
								label={say('placements.where')}
								value={placement.anchor}
								choices={[
									['round', say('placements.afterRound')],
									['change', say('placements.fromAColourChange')],
									['widest', say('placements.fromTheWidestRound')],
									...(at > 0 ? ([['placement', say('placements.inLineWith')]] as const) : []),
								]}
								onChange={(anchor) => {
									const { key, kind, apart, fromFront } = placement;
									const rest = {
										...(key === undefined ? {} : { key }),
										kind,
										...(apart === undefined ? {} : { apart }),
										...(fromFront === undefined ? {} : { fromFront }),
									};
									if (anchor === 'widest') with_(at, { ...rest, anchor, offset: 0 });
									else if (anchor === 'placement') with_(at, { ...rest, anchor, of: keyOf(placements[0], 0), offset: 0 });
									else with_(at, { ...rest, anchor, number: anchor === 'round' ? (placed?.round ?? 1) : 1, offset: 0 });
								}}
							/>
							{placement.anchor !== 'widest' && placement.anchor !== 'placement' && (
								<NumberField
									label={placement.anchor === 'round' ? say('common.round') : say('placements.colourChangeFromTheFirst')}
									min={1}
									max={limits.rounds}
									value={placement.number}
									onChange={(n) => n !== null && with_(at, { ...placement, number: n }, group)}
								/>
							)}
							{placement.anchor === 'placement' && (
								<ChoiceField
									label={say('placements.with')}
									value={'of' in placement ? placement.of : keyOf(placements[placement.number - 1], placement.number - 1)}
									choices={placements
										.slice(0, at)
										.map((other, i) => [keyOf(other, i), kinds.find(([name]) => name === other.kind)?.[1] ?? other.kind] as const)}
									onChange={(of) => {
										const { key, kind, name, offset, apart, fromFront } = placement;
										with_(
											at,
											JSON.parse(JSON.stringify({ key, kind, name, anchor: 'placement', of, offset, apart, fromFront })) as Placement,
										);
									}}
								/>
							)}
							{placement.anchor !== 'round' && (
								<NumberField
									label={say('placements.roundsOnFromThere')}
									min={-limits.rounds}
									max={limits.rounds}
									value={placement.offset ?? 0}
									onChange={(n) => n !== null && with_(at, { ...placement, offset: n }, group)}
								/>
							)}
							<NumberField
								label={say('common.stitchesApart')}
								optional
								min={limits.apart.least}
								max={limits.apart.most}
								step={0.5}
								value={placement.apart ?? null}
								onChange={(n) => with_(at, set(placement, 'apart', n) as Placement, group)}
							/>
							<NumberField
								label={say('common.degreesFromTheFront', { lies })}
								min={-180}
								max={180}
								step={0.5}
								value={placement.fromFront ?? 0}
								onChange={(n) => n !== null && with_(at, { ...placement, fromFront: n }, group)}
							/>
							<Button
								kind="bare"
								aria-label={say('placements.deleteKind', { kind: placement.kind })}
								onClick={() => change(placements.filter((_, i) => i !== at))}
							>
								<Trash2 size={16} />
							</Button>
							{placed !== undefined && (
								<div className="figures col-span-2">
									<p>
										{placed.summary}
										{placed.apartMm !== null && `, ${length(placed.apartMm, units)}`}
									</p>
									{placed.remarks.map((remark) => (
										<p key={remark} className="border-l-4 border-ink pl-2">
											{remark}
										</p>
									))}
								</div>
							)}
						</li>
					);
				})}
			</ol>
			<Button
				disabled={placements.length >= limits.placements}
				onClick={() =>
					change([
						...placements,
						{
							key: freePlacement(placements),
							kind: placements.length === 0 ? 'eyes' : 'ears',
							anchor: 'round',
							number: [...picked].sort((a, b) => a - b)[0] ?? Math.ceil(analysis.rounds.length / 2),
							apart: 6,
						},
					])
				}
			>
				{say('placements.addEyesOrAPart')}
			</Button>
			<p className="caption mt-2">{say('placements.leaveApartEmptyForOne')}</p>
			{placements.length > 0 &&
				cautions.map((caution) => (
					<p key={caution} className="caption mt-1">
						{caution}
					</p>
				))}
		</section>
	);
}
