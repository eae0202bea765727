import { useState } from 'react';
import { limits } from '../../../../api/generated/limits';
import type { Layer } from '../../../../api/types';
import { ChoiceField, NumberField } from '../../../../ui/Field';
import { say } from '../../../../ui/say';
import { useUsual } from '../../../context';
import { count, Form, useLay, useSecondYarn } from './parts';

type Where = Extract<Layer, { kind: 'band' }>['where'];

export function LayBand() {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const usual = useUsual('band');
	const [part, setPart] = useState<Where['part']>(usual.part);
	const [rounds, setRounds] = useState(usual.rounds);
	const [offset, setOffset] = useState(usual.offset);
	const where = (): Where =>
		part === 'first' || part === 'last'
			? { part, rounds }
			: part === 'widest'
				? { part, offset, rounds }
				: part === 'rounds'
					? { part, from: 1, to: rounds }
					: { part };
	return (
		<Form does={say('band.layIt')} onLay={() => lay({ kind: 'band', yarn, where: where() })}>
			<ChoiceField
				label={say('band.whichRounds')}
				className="col-span-2"
				value={part}
				choices={[
					['first', say('band.theFirstACap')],
					['last', say('band.theLastAHemA')],
					['growing', say('band.increaseRounds')],
					['even', say('band.evenRoundsTheWidest')],
					['shrinking', say('band.decreaseRounds')],
					['widest', say('band.someCountedFromTheWidest')],
				]}
				onChange={setPart}
			/>
			{part === 'widest' && (
				<NumberField label={say('band.roundsOnFromTheWidest')} min={-limits.rounds} max={limits.rounds} value={offset} onChange={count(setOffset)} />
			)}
			{(part === 'first' || part === 'last' || part === 'widest') && (
				<NumberField label={say('band.howMany')} min={1} max={limits.rounds} value={rounds} onChange={count(setRounds)} />
			)}
			<ChoiceField label={say('common.yarn')} className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">{say('band.itStaysWhatItIs')}</p>
		</Form>
	);
}
