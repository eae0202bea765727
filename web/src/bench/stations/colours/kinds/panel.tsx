import { useState } from 'react';
import type { Layer } from '../../../../api/types';
import { ChoiceField, NumberField } from '../../../../ui/Field';
import { say } from '../../../../ui/say';
import { usePiece, useUsual } from '../../../context';
import { count, Figure, Form, FromFront, type LayProps, RoundsFields, useLay, useRange, useSecondYarn, type WhereProps } from './parts';

type PanelLayer = Extract<Layer, { kind: 'panel' }>;

export function LayPanel({ from, to }: LayProps) {
	const { lies } = usePiece();
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [range, setRange] = useRange({ from, to });
	const [degrees, setDegrees] = useState(useUsual('panel').degrees);
	return (
		<Form does={say('panel.layThePanel')} onLay={() => lay({ kind: 'panel', yarn, ...range, degrees })}>
			<RoundsFields range={range} onChange={setRange} />
			<NumberField label={say('common.wide')} unit={say('panel.around')} min={1} max={360} step={5} value={degrees} onChange={count(setDegrees)} />
			<ChoiceField label={say('common.yarn')} value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">{say('panel.anOvalAtTheFront', { lies })}</p>
		</Form>
	);
}

export function WherePanel({ layer, onChange }: WhereProps<PanelLayer>) {
	return (
		<>
			<RoundsFields range={layer} onChange={({ from, to }) => onChange({ ...layer, from, to })} />
			<FromFront degrees={layer.fromFront} onChange={(fromFront) => onChange({ ...layer, fromFront })} />
			<Figure
				label={say('common.wideDegrees')}
				value={layer.degrees}
				min={1}
				max={360}
				step={0.5}
				onChange={(degrees) => onChange({ ...layer, degrees })}
			/>
		</>
	);
}
