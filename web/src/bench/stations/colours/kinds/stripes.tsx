import { useState } from 'react';
import type { Layer, Stripe } from '../../../../api/types';
import { ChoiceField, NumberField } from '../../../../ui/Field';
import { numbered } from '../../../../ui/numbered';
import { useBench, useDraft, usePiece, useYarns } from '../../../context';
import { SequenceEditor } from '../SequenceEditor';
import { Form, type LayProps, RoundsFields, useRange, type WhereProps } from './parts';

type StripesLayer = Extract<Layer, { kind: 'stripes' }>;

/** A stripe with the height that was typed for it, which stays with it. */
interface TallStripe extends Stripe {
	high?: number;
}

/** What a stripe is high where heights are typed, to begin from: in the unit of the plan. */
const HIGH = { metric: 2, imperial: 1 };

export function LayStripes({ from, to }: LayProps) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const yarns = useYarns();
	const units = useDraft(({ plan }) => plan.units);
	const [range, setRange] = useRange({ from, to });
	const [how, setHow] = useState<'again' | 'mirrored' | 'grow' | 'shrink'>('again');
	const [isByHeight, setIsByHeight] = useState(false);
	const [sequence, setSequence] = useState<TallStripe[]>(() => [
		{ yarn: yarns[1]?.key ?? yarns[0]?.key ?? 'A', rounds: 2 },
		{ yarn: yarns[0]?.key ?? 'A', rounds: 2 },
	]);
	const [unit, inMm] = units === 'metric' ? (['cm', 10] as const) : (['in', 25.4] as const);
	return (
		<Form
			does="Lay stripes"
			onLay={() =>
				piece !== undefined &&
				draft.edit({
					do: 'stripes',
					piece: piece.key,
					...range,
					sequence: sequence.map(({ yarn, rounds }) => ({ yarn, rounds })),
					...(isByHeight ? { heightsMm: sequence.map(({ high }) => (high ?? HIGH[units]) * inMm) } : {}),
					...(how === 'mirrored' ? { mirrored: true } : {}),
					...(how === 'grow' ? { growth: 1 } : how === 'shrink' ? { growth: -1 } : {}),
				})
			}
		>
			<div className="col-span-2">
				<SequenceEditor sequence={sequence} yarns={yarns} onChange={setSequence} hasRounds={!isByHeight} />
				<label className="flex items-center gap-2">
					<input type="checkbox" checked={isByHeight} onChange={(event) => setIsByHeight(event.target.checked)} />
					heights in {unit}
				</label>
				{isByHeight && (
					<div className="grid grid-cols-3 gap-2">
						{numbered(sequence).map(({ at, one }) => (
							<NumberField
								key={at}
								label={`${at + 1}: ${one.yarn}`}
								unit={unit}
								min={0.1}
								max={100}
								step={0.1}
								value={one.high ?? HIGH[units]}
								onChange={(n) => n !== null && setSequence(sequence.map((stripe, i) => (i === at ? { ...stripe, high: n } : stripe)))}
							/>
						))}
					</div>
				)}
				<p className="caption">
					{!isByHeight
						? `once through: ${sequence.reduce((sum, { rounds }) => sum + rounds, 0)} rounds`
						: 'Each gets the rounds that come nearest to its height.'}
				</p>
			</div>
			<ChoiceField
				label="Repeated"
				className="col-span-2"
				value={how}
				choices={[
					['again', 'from the beginning again'],
					['mirrored', 'forth and back'],
					['grow', 'each time a round higher'],
					['shrink', 'each time a round lower'],
				]}
				onChange={setHow}
			/>
			<RoundsFields range={range} onChange={setRange} />
		</Form>
	);
}

export function WhereStripes({ layer, onChange }: WhereProps<StripesLayer>) {
	return <RoundsFields range={layer} onChange={({ from, to }) => onChange({ ...layer, from, to })} />;
}
