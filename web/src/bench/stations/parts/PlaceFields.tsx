import { limits } from '../../../api/generated/limits';
import type { Place } from '../../../api/types';
import { ChoiceField, NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { set } from '../../plans';

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
			<ChoiceField
				label={say('parts.across')}
				value={acrossOf(place)}
				choices={acrosses.filter(([from]) => (from !== 'beside' && from !== 'mirror') || others.length > 0)}
				onChange={(from) => onChange(crossed(place, from, others))}
			/>
			{place.across !== undefined && 'of' in place.across && (
				<ChoiceField
					label={say('placements.with')}
					value={place.across.of}
					choices={others}
					onChange={(of) => onChange({ ...place, across: { ...place.across, of } } as Place)}
				/>
			)}
			{place.across?.from === 'increase' && (
				<NumberField
					label={say('parts.increaseFromTheFirst')}
					min={1}
					max={limits.stitchesInRound}
					value={place.across.number}
					onChange={(n) => n !== null && onChange({ ...place, across: { from: 'increase', number: n } })}
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
				label={acrossOf(place) === 'front' ? say('common.degreesFromTheFront', { lies }) : say('parts.degreesFromThere')}
				min={-180}
				max={180}
				step={0.5}
				value={place.fromFront ?? 0}
				onChange={(n) => n !== null && onChange({ ...place, fromFront: n })}
			/>
		</>
	);
}

type Across = 'front' | 'seam' | NonNullable<Place['across']>['from'];

const acrosses: readonly (readonly [Across, string])[] = [
	['front', say('parts.theFront')],
	['seam', say('parts.oppositeTheSeam')],
	['beside', say('parts.theMiddleOf')],
	['mirror', say('parts.mirroredFrom')],
	['increase', say('parts.anIncrease')],
];

const acrossOf = (place: Place): Across => place.across?.from ?? (place.offSeam === true ? 'seam' : 'front');

/** The same place counted from something else around the piece. */
function crossed(place: Place, from: Across, others: Props['others']): Place {
	const rest = set(set(place, 'offSeam', null), 'across', null);
	if (from === 'front') return rest;
	if (from === 'seam') return { ...rest, offSeam: true };
	return { ...rest, across: from === 'increase' ? { from, number: 1 } : { from, of: others[0]?.[0] ?? '' } };
}

const numberNames: Record<'round' | 'change' | 'band' | 'pole', string> = {
	round: say('common.round'),
	change: say('placements.colourChangeFromTheFirst'),
	band: say('parts.stripeFromTheFirst'),
	pole: say('parts.oneBeginsTwoEnds'),
};

/** The same place counted from something else. */
function anchored(place: Place, anchor: Anchor, round: number, others: Props['others']): Place {
	const { apart, fromFront, stitches, offSeam, across } = place;
	const rest = JSON.parse(JSON.stringify({ apart, fromFront, stitches, offSeam, across })) as Pick<
		Place,
		'apart' | 'fromFront' | 'stitches' | 'offSeam' | 'across'
	>;
	if (anchor === 'widest' || anchor === 'edge') return { ...rest, anchor, offset: 0 };
	if (anchor === 'placement') return { ...rest, anchor, of: others[0]?.[0] ?? '', offset: 0 };
	if (anchor === 'pole') return { ...rest, anchor, number: 1, offset: 0 };
	return { ...rest, anchor, number: anchor === 'round' ? Math.max(1, round) : 1, offset: 0 };
}
