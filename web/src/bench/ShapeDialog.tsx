import { useState } from 'react';
import type { Edit } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField } from '../ui/Field';
import { useBench, useDraft, usePiece } from './context';

type ShapeEdit = Extract<Edit, { do: 'shape' }>;

const forms: readonly (readonly [ShapeEdit['form'], string])[] = [
	['ball', 'Ball'],
	['egg', 'Egg, pointed at its beginning'],
	['capsule', 'Capsule: a long ball'],
	['cone', 'Cone'],
	['tube', 'Tube, closed at its beginning'],
	['drum', 'Drum, flat at both ends'],
	['dome', 'Dome: half a ball'],
	['bowl', 'Bowl: flat, then upright'],
	['circle', 'Flat circle'],
];

const tall: readonly ShapeEdit['form'][] = ['capsule', 'cone', 'tube', 'drum', 'bowl'];

/** Asks for a form and a size; the core lays the rounds. */
export function ShapeDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	const [form, setForm] = useState<ShapeEdit['form']>('ball');
	const [width, setWidth] = useState(units === 'metric' ? 6 : 2.5);
	const [height, setHeight] = useState(units === 'metric' ? 9 : 3.5);
	const [start, setStart] = useState(6);
	const [spread, setSpread] = useState<ShapeEdit['spread']>('staggered');
	const [decrease, setDecrease] = useState<ShapeEdit['decrease']>('inv dec');
	const [unit, inMm] = units === 'metric' ? (['cm', 10] as const) : (['in', 25.4] as const);
	if (piece === undefined) return null;
	const { key, rounds } = piece;
	return (
		<DialogSheet
			title="Begin from a shape"
			says={rounds.length === 0 ? 'It lays ordinary rounds, to go on from.' : `It lays new rounds in place of the ${rounds.length} lines typed here. One undo brings them back.`}
			open={open}
			onClose={onClose}
		>
			<form
				className="grid grid-cols-2 gap-4"
				onSubmit={(event) => {
					event.preventDefault();
					draft.edit({ do: 'shape', piece: key, form, start, widthMm: width * inMm, heightMm: height * inMm, spread, decrease });
					onClose();
				}}
			>
				<ChoiceField label="Form" className="col-span-2" value={form} choices={forms} onChange={setForm} />
				<NumberField label="Across" unit={unit} min={0.5} max={300} step={0.5} value={width} onChange={(n) => n !== null && setWidth(n)} />
				{tall.includes(form) ? <NumberField label="High" unit={unit} min={0.5} max={500} step={0.5} value={height} onChange={(n) => n !== null && setHeight(n)} /> : <span />}
				<NumberField label="Stitches in round 1" min={3} max={24} value={start} onChange={(n) => n !== null && setStart(n)} />
				<p className="caption self-end">Six lie flat in single crochet; fewer make a point.</p>
				<ChoiceField
					label="Increases and decreases"
					value={spread}
					choices={[
						['staggered', 'moved on from round to round'],
						['stacked', 'above one another'],
					]}
					onChange={setSpread}
				/>
				<p className="caption self-end">{spread === 'staggered' ? 'Rounder: no corners show.' : 'Easier to count: each repeat ends on its shaping. Corners show a little.'}</p>
				<ChoiceField
					label="Decrease"
					value={decrease}
					choices={[
						['inv dec', 'invisible'],
						['dec', 'plain, two together'],
					]}
					onChange={setDecrease}
				/>
				<div className="flex items-end justify-end gap-2">
					<Button onClick={onClose}>Leave it</Button>
					<Button kind="strong" type="submit">
						Lay rounds
					</Button>
				</div>
			</form>
		</DialogSheet>
	);
}
