import { limits } from '../../../api/generated/limits';
import type { Piece } from '../../../api/types';
import { ChoiceField, NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { set } from '../../plans';

export type Place = NonNullable<Piece['thread']>[number]['at'];
type Anchor = Place['anchor'];

interface Props {
	place: Place;
	/** places before it that it may be counted from */
	others: readonly (readonly [string, string])[];
	/** the round that it is at now */
	round: number;
	lies: 'yes' | 'no';
	onChange: (place: Place) => void;
}

const anchors: readonly (readonly [Anchor, string])[] = [
	['round', say('placements.afterRound')],
	['change', say('placements.fromAColourChange')],
	['band', say('parts.fromAStripe')],
	['widest', say('placements.fromTheWidestRound')],
	['edge', say('parts.fromItsEdge')],
	['pole', say('parts.anEnd')],
	['placement', say('placements.inLineWith')],
];

/** Where something is: along the rounds by what is there, across by the front or the seam. */
export function PlaceFields({ place, others, round, lies, onChange }: Props) {
	const choices = anchors.filter(([anchor]) => anchor !== 'placement' || others.length > 0);
	const number = 'number' in place ? place.number : 1;
	return (
		<>
			<ChoiceField
				label={say('placements.where')}
				value={place.anchor}
				choices={choices}
				onChange={(anchor) => onChange(anchored(place, anchor, round, others))}
			/>
			{place.anchor !== 'widest' && place.anchor !== 'edge' && place.anchor !== 'placement' && (
				<NumberField
					label={numberNames[place.anchor]}
					min={1}
					max={place.anchor === 'pole' ? 2 : limits.rounds}
					value={number}
					onChange={(n) => n !== null && onChange({ ...place, number: n } as Place)}
				/>
			)}
			{place.anchor === 'placement' && (
				<ChoiceField
					label={say('placements.with')}
					value={'of' in place ? place.of : ''}
					choices={others}
					onChange={(of) => onChange(set({ ...place, of } as Place & { number?: number }, 'number', null) as Place)}
				/>
			)}
			{place.anchor !== 'round' && (
				<NumberField
					label={say('placements.roundsOnFromThere')}
					min={-limits.rounds}
					max={limits.rounds}
					value={place.offset ?? 0}
					onChange={(n) => n !== null && onChange({ ...place, offset: n })}
				/>
			)}
			<NumberField
				label={say('common.stitchesApart')}
				optional
				min={limits.apart.least}
				max={limits.apart.most}
				step={0.5}
				value={place.apart ?? null}
				onChange={(n) => onChange(set(place, 'apart', n))}
			/>
			<NumberField
				label={say('parts.stitchesFromTheMiddle')}
				min={-limits.apart.most}
				max={limits.apart.most}
				step={0.5}
				value={place.stitches ?? 0}
				onChange={(n) => onChange(set(place, 'stitches', n === 0 ? null : n))}
			/>
			<NumberField
				label={place.offSeam === true ? say('parts.degreesFromTheSeam') : say('common.degreesFromTheFront', { lies })}
				min={-180}
				max={180}
				step={0.5}
				value={place.fromFront ?? 0}
				onChange={(n) => n !== null && onChange({ ...place, fromFront: n })}
			/>
			<label className="flex items-center gap-2">
				<input
					type="checkbox"
					checked={place.offSeam === true}
					onChange={(event) => onChange(set(place, 'offSeam', event.target.checked ? true : null))}
				/>
				{say('parts.oppositeTheSeam')}
			</label>
		</>
	);
}

const numberNames: Record<'round' | 'change' | 'band' | 'pole', string> = {
	round: say('common.round'),
	change: say('placements.colourChangeFromTheFirst'),
	band: say('parts.stripeFromTheFirst'),
	pole: say('parts.oneBeginsTwoEnds'),
};

/** The same place counted from something else. */
function anchored(place: Place, anchor: Anchor, round: number, others: Props['others']): Place {
	const { apart, fromFront, stitches, offSeam } = place;
	const rest = JSON.parse(JSON.stringify({ apart, fromFront, stitches, offSeam })) as Pick<Place, 'apart' | 'fromFront' | 'stitches' | 'offSeam'>;
	if (anchor === 'widest' || anchor === 'edge') return { ...rest, anchor, offset: 0 };
	if (anchor === 'placement') return { ...rest, anchor, of: others[0]?.[0] ?? '', offset: 0 };
	if (anchor === 'pole') return { ...rest, anchor, number: 1, offset: 0 };
	return { ...rest, anchor, number: anchor === 'round' ? Math.max(1, round) : 1, offset: 0 };
}
