import { type InputHTMLAttributes, type ReactNode, useEffect, useId, useRef, useState } from 'react';
import { numberOf } from './figures';
import { say } from './say';

interface LabelledProps {
	id: string;
	label: string;
	hideLabel: boolean;
	className: string;
	children: ReactNode;
}

/** A field under its label, which may be for readers of the screen only. */
function Labelled({ id, label, hideLabel, className, children }: LabelledProps) {
	return (
		<div className={className}>
			<label htmlFor={id} className={hideLabel ? 'sr-only' : 'caption block'}>
				{label}
			</label>
			{children}
		</div>
	);
}

interface TextProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange' | 'value'> {
	label: string;
	value: string;
	onChange: (value: string) => void;
	hideLabel?: boolean;
}

/** A text with its label. It tells each change at once. */
export function TextField({ label, value, onChange, hideLabel = false, className = '', ...rest }: TextProps) {
	const id = useId();
	return (
		<Labelled id={id} label={label} hideLabel={hideLabel} className={className}>
			<input id={id} className="field w-full" value={value} onChange={(event) => onChange(event.target.value)} {...rest} />
		</Labelled>
	);
}

interface NumberProps {
	label: string;
	/** null: not known */
	value: number | null;
	onChange: (value: number | null) => void;
	min: number;
	max: number;
	step?: number;
	unit?: string;
	/** whether it may be left empty */
	optional?: boolean;
	hideLabel?: boolean;
	className?: string;
}

/** A number with its unit. What is typed stays as typed until it is a number that does. */
export function NumberField({ label, value, onChange, min, max, step = 1, unit, optional = false, hideLabel = false, className = '' }: NumberProps) {
	const id = useId();
	const input = useRef<HTMLInputElement>(null);
	const most = Math.max(Math.abs(min), Math.abs(max));
	const [typed, setTyped] = useState(value === null ? '' : String(value));
	useEffect(() => setTyped((now) => (value !== null && numberOf(now, most) === value ? now : value === null ? '' : String(value))), [value, most]);
	const number = numberOf(typed, most);
	const isEmpty = typed.trim() === '';
	const isWhole = Number.isInteger(step);
	const does = (n: number) => Number.isFinite(n) && n >= min && n <= max && (!isWhole || Number.isInteger(n));
	const isWrong = isEmpty ? !optional : !does(number);
	const says = isWrong ? say('field.number', { kind: isWhole ? 'whole' : 'any', min, max }) : '';
	// A form is not taken while one of its fields is wrong.
	useEffect(() => input.current?.setCustomValidity(says), [says]);
	return (
		<Labelled id={id} label={label} hideLabel={hideLabel} className={className}>
			<span className="flex items-center gap-1">
				<input
					ref={input}
					id={id}
					inputMode="decimal"
					autoComplete="off"
					className="field figures w-full min-w-14"
					value={typed}
					aria-invalid={isWrong}
					aria-describedby={isWrong ? `${id}-wrong` : undefined}
					onChange={(event) => {
						const next = event.target.value;
						setTyped(next);
						const asNumber = numberOf(next, most);
						if (next.trim() === '') {
							if (optional) onChange(null);
						} else if (does(asNumber)) onChange(asNumber);
					}}
					onKeyDown={(event) => {
						const by = event.key === 'ArrowUp' ? step : event.key === 'ArrowDown' ? -step : 0;
						if (by !== 0 && !isWrong && !isEmpty) {
							event.preventDefault();
							const next = Math.min(max, Math.max(min, Math.round((number + by) * 1000) / 1000));
							setTyped(String(next));
							onChange(next);
						}
					}}
				/>
				{unit !== undefined && <span className="caption whitespace-nowrap">{unit}</span>}
			</span>
			{isWrong && (
				<span id={`${id}-wrong`} className="block text-sm">
					{says}
				</span>
			)}
		</Labelled>
	);
}

interface ChoiceProps<T extends string> {
	label: string;
	value: T;
	choices: readonly (readonly [T, string])[];
	onChange: (value: T) => void;
	hideLabel?: boolean;
	disabled?: boolean;
	className?: string;
}

/** One of a few. */
export function ChoiceField<T extends string>({ label, value, choices, onChange, hideLabel = false, disabled = false, className = '' }: ChoiceProps<T>) {
	const id = useId();
	return (
		<Labelled id={id} label={label} hideLabel={hideLabel} className={className}>
			<select
				id={id}
				className="field w-full disabled:opacity-40"
				value={value}
				disabled={disabled}
				onChange={(event) => onChange(event.target.value as T)}
			>
				{choices.map(([key, name]) => (
					<option key={key} value={key}>
						{name}
					</option>
				))}
			</select>
		</Labelled>
	);
}
