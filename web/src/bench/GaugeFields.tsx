import type { Plan } from '../api/types';
import { NumberField } from '../ui/Field';
import { say } from '../ui/say';
import { useDraft } from './context';
import { set } from './plans';

type Gauge = Plan['gauge'];

interface Props {
	gauge: Gauge;
	/** what the hook is called in the US; null: it has no name there, or is not said */
	hookUs?: string | null;
	/** which of the fields was changed: what is typed into one is one step of undo */
	onChange: (change: (gauge: Gauge) => Gauge, field: 'gauge' | 'hook') => void;
}

/** Stitches, rounds and hook. */
export function GaugeFields({ gauge, hookUs = null, onChange }: Props) {
	const units = useDraft(({ plan }) => plan.units);
	return (
		<>
			<NumberField
				label={say('planMenu.stitchesIn', { units })}
				min={2}
				max={100}
				step={0.5}
				value={gauge.stitchesPer10cm}
				onChange={(n) => n !== null && onChange((is) => ({ ...is, stitchesPer10cm: n }), 'gauge')}
			/>
			<NumberField
				label={say('planMenu.roundsIn', { units })}
				min={2}
				max={100}
				step={0.5}
				optional
				value={gauge.roundsPer10cm ?? null}
				onChange={(n) => onChange((is) => set(is, 'roundsPer10cm', n ?? null) as Gauge, 'gauge')}
			/>
			<NumberField
				label={say('planMenu.hook')}
				unit={hookUs === null ? say('planMenu.mm') : say('planMenu.mmUsHookus', { hookUs })}
				min={0.4}
				max={30}
				step={0.25}
				optional
				value={gauge.hookMm ?? null}
				onChange={(n) => onChange((is) => set(is, 'hookMm', n ?? null) as Gauge, 'hook')}
			/>
		</>
	);
}

interface OwnProps {
	/** undefined: it has none */
	gauge: Gauge | undefined;
	/** what tells these fields from others */
	label: string;
	says: string;
	className?: string;
	/** it is to have one */
	onBegin: () => void;
	/** @param gauge null: it has none any more */
	onChange: (gauge: Gauge | null, field: 'own' | 'gauge' | 'hook') => void;
}

/** A gauge of a yarn's or a piece's own, in place of the plan's. */
export function OwnGauge({ gauge, label, says, className = '', onBegin, onChange }: OwnProps) {
	return (
		<fieldset className={`flex flex-wrap items-end gap-2 ${className}`} aria-label={label}>
			<label className="flex w-full items-center gap-2">
				<input type="checkbox" checked={gauge !== undefined} onChange={({ target }) => (target.checked ? onBegin() : onChange(null, 'own'))} />
				{says}
			</label>
			{gauge !== undefined && (
				<div className="grid w-full grid-cols-3 items-end gap-2">
					<GaugeFields gauge={gauge} onChange={(change, field) => onChange(change(gauge), field)} />
				</div>
			)}
		</fieldset>
	);
}
