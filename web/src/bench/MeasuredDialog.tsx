import { useState } from 'react';
import type { PieceAnalysis } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField } from '../ui/Field';
import { LengthField } from '../ui/LengthField';
import { say } from '../ui/say';
import { useBench, useDraft } from './context';

interface Props {
	open: boolean;
	piece: PieceAnalysis;
	size: NonNullable<PieceAnalysis['size']>;
	onClose: () => void;
}

type SizeOf = 'width' | 'girth' | 'height';

/** Takes what a finished piece measures: sizes then go by how far this fabric gives. */
export function MeasuredDialog({ open, onClose, ...rest }: Props) {
	return (
		<DialogSheet title={say('measured.title')} says={say('measured.says')} open={open} onClose={onClose}>
			<MeasuredForm onClose={onClose} {...rest} />
		</DialogSheet>
	);
}

function MeasuredForm({ piece, size, onClose }: Omit<Props, 'open'>) {
	const { draft } = useBench();
	const units = useDraft(({ plan }) => plan.units);
	const isKnown = useDraft(({ plan }) => [plan, ...plan.yarns, ...plan.pieces].some(({ gauge }) => gauge?.stretch !== undefined));
	const [measure, setMeasure] = useState<SizeOf>('width');
	const comes = { width: size.widthMm, girth: size.girthMm, height: size.heightMm };
	/** null: not typed yet */
	const [typed, setTyped] = useState<number | null>(null);
	const give = (mm?: number) => {
		draft.edit({ do: 'measured', piece: piece.key, measure, ...(mm === undefined ? {} : { mm }) });
		onClose();
	};
	return (
		<form
			className="grid grid-cols-2 gap-4"
			onSubmit={(event) => {
				event.preventDefault();
				give(typed ?? comes[measure]);
			}}
		>
			<ChoiceField
				label={say('measured.what')}
				value={measure}
				choices={[
					['width', say('measured.width')],
					['girth', say('measured.girth')],
					['height', say('measured.height', { lies: piece.lies ? 'yes' : 'no' })],
				]}
				onChange={(next) => {
					setMeasure(next);
					setTyped(null);
				}}
			/>
			<LengthField label={say('measured.measures')} units={units} min={1} max={5000} value={typed ?? comes[measure]} onChange={setTyped} />
			<p className="caption col-span-2">{say('measured.whyWidth')}</p>
			<div className="col-span-2 flex flex-wrap justify-end gap-2">
				{isKnown && (
					<Button className="mr-auto" onClick={() => give()}>
						{say('measured.forget')}
					</Button>
				)}
				<Button onClick={onClose}>{say('common.cancel')}</Button>
				<Button kind="strong" type="submit">
					{say('measured.take')}
				</Button>
			</div>
		</form>
	);
}
