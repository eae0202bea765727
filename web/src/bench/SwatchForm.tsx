import { useState } from 'react';
import { Button } from '../ui/Button';
import { NumberField } from '../ui/Field';
import { useBench, useDraft } from './context';

/** Takes the gauge from a swatch: what was counted, over what was measured. */
export function SwatchForm() {
	const { draft } = useBench();
	const units = useDraft(({ plan }) => plan.units);
	const [unit, inMm] = units === 'metric' ? (['cm', 10] as const) : (['in', 25.4] as const);
	const [stitches, setStitches] = useState(11);
	const [width, setWidth] = useState(units === 'metric' ? 5 : 2);
	const [rounds, setRounds] = useState(12);
	const [height, setHeight] = useState(units === 'metric' ? 5 : 2);
	return (
		<fieldset className="mt-5 border-t border-rule pt-3">
			<legend className="sr-only">Gauge from a swatch</legend>
			<p className="mb-2 font-semibold">Gauge from a swatch</p>
			<div className="grid grid-cols-4 gap-2">
				<NumberField label="Stitches" min={1} max={1000} step={0.5} value={stitches} onChange={(n) => n !== null && setStitches(n)} />
				<NumberField label="over" unit={unit} min={0.5} max={300} step={0.1} value={width} onChange={(n) => n !== null && setWidth(n)} />
				<NumberField label="Rounds" min={1} max={1000} step={0.5} value={rounds} onChange={(n) => n !== null && setRounds(n)} />
				<NumberField label="over" unit={unit} min={0.5} max={300} step={0.1} value={height} onChange={(n) => n !== null && setHeight(n)} />
			</div>
			<Button className="mt-2" onClick={() => draft.edit({ do: 'swatch', stitches, widthMm: width * inMm, rounds, heightMm: height * inMm })}>
				Take the gauge from this
			</Button>
		</fieldset>
	);
}
