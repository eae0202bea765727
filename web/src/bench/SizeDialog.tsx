import { useState } from 'react';
import type { PieceAnalysis } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { NumberField } from '../ui/Field';
import type { Units } from '../ui/units';
import { useBench } from './context';

interface Props {
	open: boolean;
	piece: string;
	size: NonNullable<PieceAnalysis['size']>;
	units: Units;
	/** before the piece is resized */
	onSize: () => void;
	onClose: () => void;
}

/** Asks how large the piece is to be; the core finds the rounds that come nearest. */
export function SizeDialog({ open, onClose, ...rest }: Props) {
	return (
		<DialogSheet
			title="To a size"
			says="It comes as near as whole increase rounds and even rounds can. Colours keep their share of the height."
			open={open}
			onClose={onClose}
		>
			<SizeForm onClose={onClose} {...rest} />
		</DialogSheet>
	);
}

function SizeForm({ piece, size, units, onSize, onClose }: Omit<Props, 'open'>) {
	const { draft } = useBench();
	const [unit, inMm] = units === 'metric' ? (['cm', 10] as const) : (['in', 25.4] as const);
	const inUnits = (mm: number) => Math.round((mm / inMm) * 10) / 10;
	const [width, setWidth] = useState(inUnits(size.widthMm));
	const [height, setHeight] = useState(inUnits(size.heightMm));
	return (
		<form
			className="grid grid-cols-2 gap-4"
			onSubmit={(event) => {
				event.preventDefault();
				onSize();
				draft.edit({
					do: 'size',
					piece,
					...(width === inUnits(size.widthMm) ? {} : { widthMm: width * inMm }),
					...(height === inUnits(size.heightMm) ? {} : { heightMm: height * inMm }),
				});
				onClose();
			}}
		>
			<NumberField label="Across" unit={unit} min={0.5} max={300} step={0.5} value={width} onChange={(n) => n !== null && setWidth(n)} />
			<NumberField label="High" unit={unit} min={0.5} max={500} step={0.5} value={height} onChange={(n) => n !== null && setHeight(n)} />
			<div className="col-span-2 flex justify-end gap-2">
				<Button onClick={onClose}>Leave it</Button>
				<Button kind="strong" type="submit">
					Resize
				</Button>
			</div>
		</form>
	);
}
