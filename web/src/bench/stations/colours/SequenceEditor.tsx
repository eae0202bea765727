import { Minus, Plus, Trash2 } from 'lucide-react';
import { limits } from '../../../api/generated/limits';
import type { Stripe, Yarn } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { numbered } from '../../../ui/numbered';
import { say } from '../../../ui/say';
import { YarnMark } from '../../../ui/YarnMark';

interface Props {
	sequence: readonly Stripe[];
	yarns: readonly Yarn[];
	onChange: (sequence: Stripe[]) => void;
	/** whether their heights are said in rounds here */
	hasRounds?: boolean;
}

/** A stripe sequence: yarns and heights. */
export function SequenceEditor({ sequence, yarns, onChange, hasRounds = true }: Props) {
	const change = (at: number, to: Partial<Stripe>) => onChange(sequence.map((stripe, i) => (i === at ? { ...stripe, ...to } : stripe)));
	return (
		<ol className="flex flex-col gap-1">
			{numbered(sequence).map(({ at, one: stripe }) => (
				<li key={at} className="flex items-center gap-2">
					<YarnMark letter={stripe.yarn} hex={yarns.find(({ key }) => key === stripe.yarn)?.hex ?? '#888888'} size={30} />
					<select
						className="field min-w-0 flex-1"
						aria-label={say('sequenceEditor.yarnOfStripeAt', { at: at + 1 })}
						value={stripe.yarn}
						onChange={(event) => change(at, { yarn: event.target.value })}
					>
						{yarns.map(({ key, name }) => (
							<option key={key} value={key}>
								{key} {name}
							</option>
						))}
					</select>
					{hasRounds && (
						<Stepper
							label={say('sequenceEditor.heightOfStripeAt', { at: at + 1 })}
							value={stripe.rounds}
							onChange={(rounds) => change(at, { rounds })}
						/>
					)}
					<Button
						kind="bare"
						aria-label={say('sequenceEditor.deleteStripeAt', { at: at + 1 })}
						disabled={sequence.length === 1}
						onClick={() => onChange(sequence.filter((_, i) => i !== at))}
					>
						<Trash2 size={16} />
					</Button>
				</li>
			))}
			<li>
				<Button kind="bare" onClick={() => onChange([...sequence, { yarn: yarns[sequence.length % yarns.length]?.key ?? 'A', rounds: 2 }])}>
					{say('sequenceEditor.anotherStripe')}
				</Button>
			</li>
		</ol>
	);
}

/** A stripe's height in rounds, one up or down. */
export function Stepper({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
	return (
		<fieldset className="flex items-center" aria-label={label}>
			<Button
				className="!min-h-8 !px-1.5"
				aria-label={say('sequenceEditor.labelOneRoundLess', { label })}
				disabled={value <= 1}
				onClick={() => onChange(value - 1)}
			>
				<Minus size={14} />
			</Button>
			<span className="figures w-7 text-center font-semibold">{value}</span>
			<Button
				className="!min-h-8 !px-1.5"
				aria-label={say('sequenceEditor.labelOneRoundMore', { label })}
				disabled={value >= limits.rounds}
				onClick={() => onChange(value + 1)}
			>
				<Plus size={14} />
			</Button>
		</fieldset>
	);
}
