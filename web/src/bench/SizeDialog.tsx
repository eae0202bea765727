import { useState } from 'react';
import type { Edit, PieceAnalysis } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { LengthField } from '../ui/LengthField';
import { say } from '../ui/say';
import type { Units } from '../ui/units';
import { Comes } from './Comes';
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
		<DialogSheet title={say('sizeDialog.toASize')} says={say('sizeDialog.itComesAsNearAs')} open={open} onClose={onClose}>
			<SizeForm onClose={onClose} {...rest} />
		</DialogSheet>
	);
}

function SizeForm({ piece, size, units, onSize, onClose }: Omit<Props, 'open'>) {
	const { draft } = useBench();
	const [widthMm, setWidth] = useState(size.widthMm);
	const [heightMm, setHeight] = useState(size.heightMm);
	const edit: Edit = {
		do: 'size',
		piece,
		...(widthMm === size.widthMm ? {} : { widthMm }),
		...(heightMm === size.heightMm ? {} : { heightMm }),
	};
	return (
		<form
			className="grid grid-cols-2 gap-4"
			onSubmit={(event) => {
				event.preventDefault();
				onSize();
				draft.edit(edit);
				onClose();
			}}
		>
			<LengthField label={say('common.across')} units={units} min={5} max={3000} value={widthMm} onChange={setWidth} />
			<LengthField label={say('common.high')} units={units} min={5} max={5000} value={heightMm} onChange={setHeight} />
			<div className="col-span-2 border-t border-rule pt-4">
				<Comes piece={piece} edit={edit} />
			</div>
			<div className="col-span-2 flex justify-end gap-2">
				<Button onClick={onClose}>{say('common.cancel')}</Button>
				<Button kind="strong" type="submit">
					{say('sizeDialog.resize')}
				</Button>
			</div>
		</form>
	);
}
