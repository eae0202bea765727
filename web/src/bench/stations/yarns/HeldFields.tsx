import type { Yarn } from '../../../api/types';
import { ChoiceField, NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useDraft } from '../../context';

interface Props {
	yarn: Yarn;
	onChange: (change: (yarn: Yarn) => Yarn, what: string) => void;
}

/** Which two yarns of the plan are held together as one, and how many strands of each. */
export function HeldFields({ yarn, onChange }: Props) {
	const yarns = useDraft(({ plan }) => plan.yarns);
	const plain = yarns.filter(({ held }) => held === undefined);
	return (
		<div className="grid grid-cols-[1fr_auto] gap-2">
			{yarn.held?.map(({ yarn: of, strands = 1 }, at) => {
				const change = (to: { yarn?: string; strands?: number }) =>
					onChange(
						(is) => ({ ...is, held: is.held?.map((held, i) => (i === at ? { ...held, ...to } : held)) as NonNullable<Yarn['held']> }),
						`held ${at}`,
					);
				// Each of the two places is a field of its own, whatever yarn is in it.
				const place = at === 0 ? 'first' : 'second';
				return (
					<div key={place} className="contents">
						<ChoiceField
							label={say('yarns.heldOf', { place })}
							value={of}
							choices={plain.map(({ key, name }) => [key, name === '' ? key : `${key} ${name}`])}
							onChange={(key) => change({ yarn: key })}
						/>
						<NumberField
							className="w-24"
							label={say('yarns.strandsOf')}
							min={1}
							max={5}
							value={strands}
							onChange={(n) => n !== null && change({ strands: n })}
						/>
					</div>
				);
			})}
			<p className="caption col-span-2">{say('yarns.eachIsCounted')}</p>
		</div>
	);
}
