import { useState } from 'react';
import type { Edit } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField } from '../ui/Field';
import { LengthField } from '../ui/LengthField';
import { useBench, useDraft, usePiece } from './context';

type ShapeEdit = Extract<Edit, { do: 'shape' }>;

const forms: readonly (readonly [ShapeEdit['form'], string])[] = [
	['ball', 'Ball'],
	['egg', 'Egg, pointed at its beginning'],
	['capsule', 'Capsule: a long ball, round at both ends'],
	['cone', 'Cone'],
	['tube', 'Tube, rounded at its beginning'],
	['drum', 'Drum: flat ends, turned in back loops'],
	['dome', 'Dome: half a ball'],
	['bowl', 'Bowl: flat, then upright, turned in back loops'],
	['circle', 'Flat circle'],
];

const tall: readonly ShapeEdit['form'][] = ['capsule', 'cone', 'tube', 'drum', 'bowl'];

/** Asks for a form and a size; the core lays the rounds. */
export function ShapeDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	const [form, setForm] = useState<ShapeEdit['form']>('ball');
	const [widthMm, setWidth] = useState(units === 'metric' ? 60 : 63.5);
	const [heightMm, setHeight] = useState(units === 'metric' ? 90 : 88.9);
	const [start, setStart] = useState(6);
	const [spread, setSpread] = useState<ShapeEdit['spread']>('staggered');
	const [decrease, setDecrease] = useState<ShapeEdit['decrease']>('inv dec');
	const [said, setSaid] = useState<'size' | 'counts'>('size');
	const [around, setAround] = useState(36);
	const [rounds, setRounds] = useState(20);
	const [slope, setSlope] = useState<'height' | 'angle' | 'growth'>('height');
	const [angle, setAngle] = useState(60);
	const [growth, setGrowth] = useState(3);
	if (piece === undefined) return null;
	const { key, rounds: typed } = piece;
	const isCone = form === 'cone';
	const hasHeight = tall.includes(form) && !(isCone && slope !== 'height');
	return (
		<DialogSheet
			title="Begin from a shape"
			says={
				typed.length === 0
					? 'It lays ordinary rounds, to go on from.'
					: `It lays new rounds in place of the ${typed.length} lines typed here. One undo brings them back.`
			}
			open={open}
			onClose={onClose}
		>
			<form
				className="grid grid-cols-2 gap-4"
				onSubmit={(event) => {
					event.preventDefault();
					draft.edit({
						do: 'shape',
						piece: key,
						form,
						start,
						spread,
						decrease,
						...(said === 'size' ? { widthMm } : { widthStitches: around }),
						...(hasHeight ? (said === 'size' ? { heightMm } : { heightRounds: rounds }) : {}),
						...(isCone && slope === 'angle' ? { tipDegrees: angle } : {}),
						...(isCone && slope === 'growth' ? { growth } : {}),
					});
					onClose();
				}}
			>
				<ChoiceField label="Form" className="col-span-2" value={form} choices={forms} onChange={setForm} />
				<ChoiceField
					label="How large, said"
					value={said}
					choices={[
						['size', units === 'metric' ? 'in centimetres' : 'in inches'],
						['counts', 'in stitches and rounds'],
					]}
					onChange={setSaid}
				/>
				{isCone ? (
					<ChoiceField
						label="How steep, said"
						value={slope}
						choices={[
							['height', 'by its height'],
							['angle', 'by the angle of its tip'],
							['growth', 'by what each round grows'],
						]}
						onChange={setSlope}
					/>
				) : (
					<span />
				)}
				{said === 'size' ? (
					<LengthField label="Across" units={units} min={5} max={3000} value={widthMm} onChange={setWidth} />
				) : (
					<NumberField label="Around at the widest" unit="stitches" min={3} max={2000} value={around} onChange={(n) => n !== null && setAround(n)} />
				)}
				{hasHeight ? (
					said === 'size' ? (
						<LengthField label="High" units={units} min={5} max={5000} value={heightMm} onChange={setHeight} />
					) : (
						<NumberField label="High" unit="rounds" min={1} max={400} value={rounds} onChange={(n) => n !== null && setRounds(n)} />
					)
				) : isCone && slope === 'angle' ? (
					<NumberField label="Angle of the tip" unit="°" min={5} max={180} step={5} value={angle} onChange={(n) => n !== null && setAngle(n)} />
				) : isCone ? (
					<NumberField
						label="Each round grows by"
						unit="stitches"
						min={0.5}
						max={24}
						step={0.5}
						value={growth}
						onChange={(n) => n !== null && setGrowth(n)}
					/>
				) : (
					<span />
				)}
				<NumberField label="Stitches in round 1" min={3} max={24} value={start} onChange={(n) => n !== null && setStart(n)} />
				<p className="caption self-end">Six lie flat in single crochet; fewer make a point.</p>
				<ChoiceField
					label="Increases and decreases"
					value={spread}
					choices={[
						['staggered', 'staggered'],
						['stacked', 'stacked'],
					]}
					onChange={setSpread}
				/>
				<p className="caption self-end">
					{spread === 'staggered' ? 'Rounder: no corners show.' : 'Easier to count: each repeat ends on its shaping. Corners show a little.'}
				</p>
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
					<Button onClick={onClose}>Cancel</Button>
					<Button kind="strong" type="submit">
						Write rounds
					</Button>
				</div>
			</form>
		</DialogSheet>
	);
}
