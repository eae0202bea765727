import { useState } from 'react';
import { limits } from '../../../../api/generated/limits';
import type { Layer } from '../../../../api/types';
import { ChoiceField, NumberField } from '../../../../ui/Field';
import { say } from '../../../../ui/say';
import { useUsual } from '../../../context';
import { count, Figure, Form, FromFront, type LayProps, RoundsFields, useLay, useRange, useSecondYarn, type WhereProps } from './parts';

type SpotsLayer = Extract<Layer, { kind: 'spots' }>;

export function LaySpots({ from, to, isPicked, last }: LayProps) {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const middle = Math.ceil(last / 2);
	const [range, setRange] = useRange(isPicked ? { from, to } : { from: middle, to: middle });
	const usual = useUsual('spots');
	const [step, setStep] = useState(usual.step);
	const [by, setBy] = useState<'count' | 'every'>('count');
	const [number, setNumber] = useState(usual.count);
	const [wide, setWide] = useState(usual.wide);
	const [tall, setTall] = useState(usual.tall);
	const [isStaggered, setIsStaggered] = useState(true);
	const hasMany = range.to > range.from;
	return (
		<Form
			does={say('spots.laySpots')}
			onLay={() =>
				lay({
					kind: 'spots',
					yarn,
					from: range.from,
					to: Math.max(range.from, range.to),
					step,
					wide,
					tall,
					staggered: isStaggered,
					...(by === 'count' ? { count: number } : { every: number }),
				})
			}
		>
			<RoundsFields range={range} onChange={setRange} />
			<ChoiceField
				label={say('spots.spread')}
				value={by}
				choices={[
					['count', say('spots.numberPerRound')],
					['every', say('spots.everyStitches')],
				]}
				onChange={setBy}
			/>
			<NumberField
				label={by === 'count' ? say('spots.spotsAround') : say('common.stitchesApart')}
				min={1}
				max={limits.stitchesInRound}
				value={number}
				onChange={count(setNumber)}
			/>
			<NumberField label={say('common.stitchesWide')} min={1} max={limits.motif} value={wide} onChange={count(setWide)} />
			<NumberField label={say('spots.roundsHigh')} min={1} max={limits.motif} value={tall} onChange={count(setTall)} />
			{hasMany && <NumberField label={say('spots.aRowEveryRounds')} min={1} max={limits.rounds} value={step} onChange={count(setStep)} />}
			{hasMany && (
				<label className="flex items-end gap-2 pb-1.5">
					<input type="checkbox" checked={isStaggered} onChange={(event) => setIsStaggered(event.target.checked)} />
					{say('spots.betweenThoseBefore')}
				</label>
			)}
			<ChoiceField label={say('common.yarn')} className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
		</Form>
	);
}

export function WhereSpots({ layer, onChange }: WhereProps<SpotsLayer>) {
	return (
		<>
			<RoundsFields range={{ from: layer.from, to: layer.to ?? layer.from }} onChange={(range) => onChange({ ...layer, ...range })} />
			<FromFront degrees={layer.fromFront} onChange={(fromFront) => onChange({ ...layer, fromFront })} />
			{'count' in layer && (
				<Figure
					label={say('spots.spotsAround')}
					value={layer.count}
					min={1}
					max={limits.stitchesInRound}
					onChange={(n) => onChange({ ...layer, count: n })}
				/>
			)}
		</>
	);
}
