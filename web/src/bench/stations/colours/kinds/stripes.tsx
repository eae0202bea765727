import { useState } from 'react';
import type { Layer, Stripe } from '../../../../api/types';
import { ChoiceField } from '../../../../ui/Field';
import { LengthField } from '../../../../ui/LengthField';
import { numbered } from '../../../../ui/numbered';
import { say } from '../../../../ui/say';
import { useBench, useDraft, usePiece, useYarns } from '../../../context';
import { SequenceEditor } from '../SequenceEditor';
import { StripeFits } from '../StripeFits';
import { Form, type LayProps, RoundsFields, useRange, type WhereProps } from './parts';

type StripesLayer = Extract<Layer, { kind: 'stripes' }>;

/** A stripe with the height that was typed for it, which stays with it. */
interface TallStripe extends Stripe {
	highMm?: number;
}

/** What a stripe is high where heights are typed, to begin from. */
const HIGH_MM = { metric: 20, imperial: 25.4 };

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
	return (
		<Form
			does={say('stripes.addStripes')}
			onLay={() =>
				piece !== undefined &&
				draft.edit({
					do: 'stripes',
					piece: piece.key,
					...range,
					sequence: sequence.map(({ yarn, rounds }) => ({ yarn, rounds })),
					...(isByHeight ? { heightsMm: sequence.map(({ highMm }) => highMm ?? HIGH_MM[units]) } : {}),
					...(how === 'mirrored' ? { mirrored: true } : {}),
					...(how === 'grow' ? { growth: 1 } : how === 'shrink' ? { growth: -1 } : {}),
				})
			}
		>
			<div className="col-span-2">
				<SequenceEditor sequence={sequence} yarns={yarns} onChange={setSequence} hasRounds={!isByHeight} />
				<label className="flex items-center gap-2">
					<input type="checkbox" checked={isByHeight} onChange={(event) => setIsByHeight(event.target.checked)} />
					{say('stripes.heightsIn', { units })}
				</label>
				{isByHeight && (
					<div className="grid grid-cols-3 gap-2">
						{numbered(sequence).map(({ at, one }) => (
							<LengthField
								key={at}
								label={`${at + 1}: ${one.yarn}`}
								units={units}
								min={1}
								max={1000}
								value={one.highMm ?? HIGH_MM[units]}
								onChange={(highMm) => setSequence(sequence.map((stripe, i) => (i === at ? { ...stripe, highMm } : stripe)))}
							/>
						))}
					</div>
				)}
				<p className="caption">
					{!isByHeight
						? say('stripes.oneRepeatSequenceRounds', { sequence: sequence.reduce((sum, { rounds }) => sum + rounds, 0) })
						: say('stripes.eachGetsTheRoundsThat')}
				</p>
			</div>
			<ChoiceField
				label={say('stripes.repeated')}
				className="col-span-2"
				value={how}
				choices={[
					['again', say('stripes.fromTheBeginningAgain')],
					['mirrored', say('stripes.mirror')],
					['grow', say('stripes.eachTimeARoundHigher')],
					['shrink', say('stripes.eachTimeARoundLower')],
				]}
				onChange={setHow}
			/>
			<RoundsFields range={range} onChange={setRange} />
			{!isByHeight && (how === 'again' || how === 'mirrored') && (
				<StripeFits
					range={range}
					sequence={sequence}
					onTake={(fit) => {
						setRange({ from: fit.from, to: fit.to });
						setSequence(fit.sequence);
						setHow('again');
					}}
				/>
			)}
		</Form>
	);
}

export function WhereStripes({ layer, onChange }: WhereProps<StripesLayer>) {
	return <RoundsFields range={layer} onChange={({ from, to }) => onChange({ ...layer, from, to })} />;
}
