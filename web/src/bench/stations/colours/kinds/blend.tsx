import type { Layer } from '../../../../api/types';
import { ChoiceField } from '../../../../ui/Field';
import { say } from '../../../../ui/say';
import { Form, type LayProps, RoundsFields, useLay, useRange, useSecondYarn, type WhereProps } from './parts';

type BlendLayer = Extract<Layer, { kind: 'blend' }>;

/** Rounds that a blend takes to begin with, where none are picked. */
const FEW = 4;

export function LayBlend({ from, to, isPicked }: LayProps) {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [range, setRange] = useRange({ from, to: isPicked ? to : Math.min(to, from + FEW - 1) });
	return (
		<Form does={say('blend.layTheBlend')} onLay={() => lay({ kind: 'blend', yarn, ...range })}>
			<RoundsFields range={range} onChange={setRange} />
			<ChoiceField label={say('blend.into')} className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">{say('blend.singleStitchesSpreadEvenlyFrom')}</p>
		</Form>
	);
}

export function WhereBlend({ layer, onChange }: WhereProps<BlendLayer>) {
	return <RoundsFields range={layer} onChange={({ from, to }) => onChange({ ...layer, from, to })} />;
}
