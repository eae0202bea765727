interface Props {
	label: string;
	className: string;
	hex: string;
	onChange: (hex: string) => void;
}

/** A colour, as the system's own chooser gives it, in the plan's capital letters. */
export function ColourInput({ label, className, hex, onChange }: Props) {
	return <input type="color" aria-label={label} className={className} value={hex} onChange={({ target }) => onChange(target.value.toUpperCase())} />;
}
