import type { Weight, YarnDescription } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField, TextField } from '../ui/Field';
import { RunField } from '../ui/LengthField';
import { say } from '../ui/say';
import { unitsKept } from '../ui/unitsKept';
import { weightsIn } from '../ui/weights';

interface Props {
	title: string;
	/** null: it is closed */
	yarn: YarnDescription | null;
	isPending: boolean;
	onChange: (to: Partial<YarnDescription>) => void;
	onKeep: () => void;
	onClose: () => void;
}

/** A yarn of the shelf. */
export function YarnDialog({ title, yarn, isPending, onChange, onKeep, onClose }: Props) {
	return (
		<DialogSheet title={title} open={yarn !== null} onClose={onClose}>
			{yarn !== null && (
				<form
					className="grid grid-cols-2 gap-4"
					onSubmit={(event) => {
						event.preventDefault();
						onKeep();
					}}
				>
					<TextField label={say('common.name')} required maxLength={120} value={yarn.name} onChange={(name) => onChange({ name })} />
					<div>
						<label htmlFor="yarn-colour" className="caption block">
							{say('common.colour')}
						</label>
						<input
							id="yarn-colour"
							type="color"
							className="field h-[34px] w-full !p-0.5"
							value={yarn.hex}
							onChange={(event) => onChange({ hex: event.target.value.toUpperCase() })}
						/>
					</div>
					<ChoiceField<Weight>
						label={say('common.weight')}
						value={yarn.weight}
						choices={weightsIn('us')}
						onChange={(weight) => onChange({ weight })}
					/>
					<RunField
						units={unitsKept()}
						value={yarn.metresPer100g}
						onChange={(metresPer100g) => metresPer100g !== null && onChange({ metresPer100g })}
					/>
					<NumberField
						label={say('common.atHand')}
						unit={say('common.g')}
						min={0}
						max={100000}
						step={0.5}
						value={yarn.grams}
						onChange={(n) => n !== null && onChange({ grams: n })}
					/>
					<div className="flex items-end justify-end gap-2">
						<Button onClick={() => onClose()}>{say('common.cancel')}</Button>
						<Button kind="strong" type="submit" disabled={isPending || yarn.name.trim() === ''}>
							{say('yarnShelf.keep')}
						</Button>
					</div>
				</form>
			)}
		</DialogSheet>
	);
}
