import { useState } from 'react';
import { limits } from '../../../../api/generated/limits';
import type { Layer } from '../../../../api/types';
import { ChoiceField, NumberField } from '../../../../ui/Field';
import { count, Form, useLay, useSecondYarn } from './parts';

type Where = Extract<Layer, { kind: 'band' }>['where'];

export function LayBand() {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [part, setPart] = useState<Where['part']>('first');
	const [rounds, setRounds] = useState(3);
	const [offset, setOffset] = useState(1);
	const where = (): Where =>
		part === 'first' || part === 'last'
			? { part, rounds }
			: part === 'widest'
				? { part, offset, rounds }
				: part === 'rounds'
					? { part, from: 1, to: rounds }
					: { part };
	return (
		<Form does="Lay it" onLay={() => lay({ kind: 'band', yarn, where: where() })}>
			<ChoiceField
				label="Which rounds"
				className="col-span-2"
				value={part}
				choices={[
					['first', 'the first …: a cap'],
					['last', 'the last …: a hem, a hoof'],
					['growing', 'increase rounds'],
					['even', 'even rounds, the widest'],
					['shrinking', 'decrease rounds'],
					['widest', 'some, counted from the widest'],
				]}
				onChange={setPart}
			/>
			{part === 'widest' && (
				<NumberField label="Rounds on from the widest" min={-limits.rounds} max={limits.rounds} value={offset} onChange={count(setOffset)} />
			)}
			{(part === 'first' || part === 'last' || part === 'widest') && (
				<NumberField label="How many" min={1} max={limits.rounds} value={rounds} onChange={count(setRounds)} />
			)}
			<ChoiceField label="Yarn" className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">It stays what it is when the piece is resized.</p>
		</Form>
	);
}
