import { NumberField } from './Field';
import { say } from './say';
import { INCH_IN_MM, type Units, YARD_IN_METRES } from './units';

interface Props {
	label: string;
	/** mm */
	value: number;
	onChange: (mm: number) => void;
	units: Units;
	/** mm */
	min: number;
	max: number;
	className?: string;
}

const rounded = (value: number) => Math.round(value * 100) / 100;

/** A length of fabric or of a tail, typed in centimetres or inches. Where the units change, the figure does. */
export function LengthField({ label, value, onChange, units, min, max, className = '' }: Props) {
	const [unit, inMm, step] = units === 'metric' ? (['cm', 10, 0.5] as const) : (['in', INCH_IN_MM, 0.25] as const);
	return (
		<NumberField
			label={label}
			unit={unit}
			className={className}
			min={rounded(min / inMm)}
			max={rounded(max / inMm)}
			step={step}
			value={rounded(value / inMm)}
			onChange={(n) => n !== null && onChange(n * inMm)}
		/>
	);
}

interface RunProps {
	/** metres in 100 g; null: not known, which may be said where a label for that is given */
	value: number | null;
	onChange: (metres: number | null) => void;
	units: Units;
	/** of a field that may be left empty */
	optionalLabel?: string;
}

/** How far 100 g of a yarn run, as its label says it: in metres or yards. */
export function RunField({ value, onChange, units, optionalLabel }: RunProps) {
	const inMetres = units === 'metric' ? 1 : YARD_IN_METRES;
	return (
		<NumberField
			label={optionalLabel ?? say('lengthField.in100G')}
			unit={units === 'metric' ? say('lengthField.m') : say('lengthField.yd')}
			min={units === 'metric' ? 1 : 2}
			max={Math.floor(5000 / inMetres)}
			step={0.5}
			optional={optionalLabel !== undefined}
			value={value === null ? null : Math.round((value / inMetres) * 10) / 10}
			onChange={(n) => (n !== null || optionalLabel !== undefined) && onChange(n === null ? null : rounded(n * inMetres))}
		/>
	);
}
