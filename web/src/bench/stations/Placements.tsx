import { Trash2 } from 'lucide-react';
import type { Piece } from '../../api/types';
import { Button } from '../../ui/Button';
import { ChoiceField, NumberField } from '../../ui/Field';
import { numbered } from '../../ui/numbered';
import { size as length } from '../../ui/units';
import { useBench, useDraft, usePiece } from '../context';
import { set, withPiece } from '../plans';

type Placement = NonNullable<Piece['placements']>[number];

const kinds: readonly (readonly [Placement['kind'], string])[] = [
	['eyes', 'Eyes'],
	['nose', 'Nose'],
	['ears', 'Ears'],
	['arms', 'Arms'],
	['legs', 'Legs'],
	['wings', 'Wings'],
	['tail', 'Tail'],
	['buttons', 'Buttons'],
	['other', 'Something else'],
];

/** Eyes, ears and limbs: where they are set, how far apart, and what is in their way. */
export function Placements() {
	const { draft, picked } = useBench();
	const { piece, analysis } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	if (piece === undefined || analysis === undefined || analysis.rounds.length === 0) return null;
	const placements = piece.placements ?? [];
	const change = (to: Placement[], group?: string) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, placements: to })), group);
	const with_ = (at: number, to: Placement, group?: string) =>
		change(
			placements.map((is, i) => (i === at ? to : is)),
			group,
		);
	// What could be placed comes in the same order as what is asked for, less what could not.
	let found = 0;
	return (
		<section aria-label="Placements" className="mb-5 border-t border-b border-rule py-3">
			<h3 className="mb-1 font-semibold">Eyes, ears, limbs</h3>
			<ol>
				{numbered(placements).map(({ at, one: placement }) => {
					const placed = analysis.placed[found]?.kind === placement.kind ? analysis.placed[found] : undefined;
					if (placed !== undefined) found++;
					const group = `placement ${piece.key} ${at}`;
					return (
						<li key={at} className="grid grid-cols-2 items-end gap-2 border-t border-rule py-2 first:border-t-0">
							<ChoiceField label="What" value={placement.kind} choices={kinds} onChange={(kind) => with_(at, { ...placement, kind })} />
							<ChoiceField
								label="Where"
								value={placement.anchor}
								choices={[['round', 'after round …'], ['change', 'from a colour change'], ['widest', 'from the widest round'], ...(at > 0 ? ([['placement', 'in line with …']] as const) : [])]}
								onChange={(anchor) => {
									const { kind, apart, fromFront } = placement;
									const rest = { kind, ...(apart === undefined ? {} : { apart }), ...(fromFront === undefined ? {} : { fromFront }) };
									with_(at, anchor === 'widest' ? { ...rest, anchor, offset: 0 } : { ...rest, anchor, number: anchor === 'round' ? (placed?.round ?? 1) : 1, offset: 0 });
								}}
							/>
							{placement.anchor !== 'widest' && placement.anchor !== 'placement' && (
								<NumberField
									label={placement.anchor === 'round' ? 'Round' : 'Colour change, from the first'}
									min={1}
									max={400}
									value={placement.number}
									onChange={(n) => n !== null && with_(at, { ...placement, number: n }, group)}
								/>
							)}
							{placement.anchor === 'placement' && (
								<ChoiceField
									label="With"
									value={String(placement.number)}
									choices={placements.slice(0, at).map(({ kind }, i) => [String(i + 1), kinds.find(([name]) => name === kind)?.[1] ?? kind] as const)}
									onChange={(n) => with_(at, { ...placement, number: Number(n) })}
								/>
							)}
							{placement.anchor !== 'round' && (
								<NumberField label="Rounds on from there" min={-400} max={400} value={placement.offset ?? 0} onChange={(n) => n !== null && with_(at, { ...placement, offset: n }, group)} />
							)}
							<NumberField
								label="Stitches apart"
								optional
								min={0.5}
								max={2000}
								step={0.5}
								value={placement.apart ?? null}
								onChange={(n) => with_(at, set(placement, 'apart', n) as Placement, group)}
							/>
							<NumberField
								label="Degrees from the front"
								min={-180}
								max={180}
								step={0.5}
								value={placement.fromFront ?? 0}
								onChange={(n) => n !== null && with_(at, { ...placement, fromFront: n }, group)}
							/>
							<Button kind="bare" aria-label={`Take out ${placement.kind}`} onClick={() => change(placements.filter((_, i) => i !== at))}>
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
				disabled={placements.length >= 40}
				onClick={() =>
					change([...placements, { kind: placements.length === 0 ? 'eyes' : 'ears', anchor: 'round', number: [...picked].sort((a, b) => a - b)[0] ?? Math.ceil(analysis.rounds.length / 2), apart: 6 }])
				}
			>
				Place something
			</Button>
			<p className="caption mt-2">Leave “apart” empty for one alone. Small parts come off: for young children, embroider instead, and mind what holds where you are.</p>
		</section>
	);
}
