import { useState } from 'react';
import { Button } from '../ui/Button';
import { NumberField } from '../ui/Field';
import { LengthField } from '../ui/LengthField';
import { say } from '../ui/say';
import { useBench, useDraft, useUsual } from './context';

/** Takes the gauge from a swatch: what was counted, over what was measured. */
export function SwatchForm() {
	const { draft } = useBench();
	const units = useDraft(({ plan }) => plan.units);
	const usual = useUsual('swatch');
	const gauge = useDraft(({ plan }) => (plan.terms === 'us' ? say('swatchForm.gauge') : say('swatchForm.tension')));
	const [stitches, setStitches] = useState(usual.stitches);
	const [widthMm, setWidth] = useState(usual.widthMm);
	const [rounds, setRounds] = useState(usual.rounds);
	const [heightMm, setHeight] = useState(usual.heightMm);
	return (
		<form
			className="mt-5 border-t border-rule pt-3"
			aria-label={say('swatchForm.gaugeFromASwatch', { gauge })}
			onSubmit={(event) => {
				event.preventDefault();
				draft.edit({ do: 'swatch', stitches, widthMm, rounds, heightMm });
			}}
		>
			<h3 className="mb-2 font-semibold">{say('swatchForm.gaugeFromASwatch', { gauge })}</h3>
			<div className="grid grid-cols-2 gap-2 min-[480px]:grid-cols-4">
				<NumberField label={say('common.stitches')} min={1} max={1000} step={0.5} value={stitches} onChange={(n) => n !== null && setStitches(n)} />
				<LengthField label={say('swatchForm.over')} units={units} min={5} max={3000} value={widthMm} onChange={setWidth} />
				<NumberField label={say('common.rounds')} min={1} max={1000} step={0.5} value={rounds} onChange={(n) => n !== null && setRounds(n)} />
				<LengthField label={say('swatchForm.over')} units={units} min={5} max={3000} value={heightMm} onChange={setHeight} />
			</div>
			<Button className="mt-2" type="submit">
				{say('swatchForm.takeTheGaugeFromThis', { gauge: gauge.toLowerCase() })}
			</Button>
		</form>
	);
}
