import { useState } from 'react';
import type { Edit } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField } from '../ui/Field';
import { LengthField } from '../ui/LengthField';
import { say } from '../ui/say';
import { Comes } from './Comes';
import { useBench, useDraft, usePiece, useUsual } from './context';

type ShapeEdit = Extract<Edit, { do: 'shape' }>;

const forms: readonly (readonly [ShapeEdit['form'], string])[] = [
	['ball', say('shapeDialog.ball')],
	['egg', say('shapeDialog.eggPointedAtItsBeginning')],
	['capsule', say('shapeDialog.capsuleALongBallRound')],
	['cone', say('shapeDialog.cone')],
	['tube', say('shapeDialog.tubeRoundedAtItsBeginning')],
	['drum', say('shapeDialog.drumFlatEndsTurnedIn')],
	['dome', say('shapeDialog.domeHalfABall')],
	['bowl', say('shapeDialog.bowlFlatThenUprightTurned')],
	['circle', say('shapeDialog.flatCircle')],
];

const tall: readonly ShapeEdit['form'][] = ['capsule', 'cone', 'tube', 'drum', 'bowl'];

/** Asks for a form and a size; the core lays the rounds. */
export function ShapeDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	const usual = useUsual('shape');
	const [form, setForm] = useState(usual.form);
	const [widthMm, setWidth] = useState(usual.widthMm);
	const [heightMm, setHeight] = useState(usual.heightMm);
	const [start, setStart] = useState(usual.start);
	const [spread, setSpread] = useState(usual.spread);
	const [decrease, setDecrease] = useState(usual.decrease);
	const [said, setSaid] = useState<'size' | 'counts'>('size');
	const [around, setAround] = useState(usual.stitches);
	const [rounds, setRounds] = useState(usual.rounds);
	const [slope, setSlope] = useState<'height' | 'angle' | 'growth'>('height');
	const [angle, setAngle] = useState(usual.degrees);
	const [growth, setGrowth] = useState(usual.growth);
	if (piece === undefined) return null;
	const { key, rounds: typed } = piece;
	const isCone = form === 'cone';
	const hasHeight = tall.includes(form) && !(isCone && slope !== 'height');
	const edit: ShapeEdit = {
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
	};
	return (
		<DialogSheet
			title={say('shapeDialog.beginFromAShape')}
			says={typed.length === 0 ? say('shapeDialog.itLaysOrdinaryRoundsTo') : say('shapeDialog.itLaysNewRoundsIn', { typed: typed.length })}
			isWide
			open={open}
			onClose={onClose}
		>
			<form
				className="grid gap-x-8 gap-y-4 md:grid-cols-[1fr_21rem]"
				onSubmit={(event) => {
					event.preventDefault();
					draft.edit(edit);
					onClose();
				}}
			>
				<div className="grid grid-cols-2 gap-4">
					<ChoiceField label={say('shapeDialog.form')} className="col-span-2" value={form} choices={forms} onChange={setForm} />
					<ChoiceField
						label={say('shapeDialog.howLargeSaid')}
						value={said}
						choices={[
							['size', units === 'metric' ? say('shapeDialog.inCentimetres') : say('shapeDialog.inInches')],
							['counts', say('shapeDialog.inStitchesAndRounds')],
						]}
						onChange={setSaid}
					/>
					{isCone ? (
						<ChoiceField
							label={say('shapeDialog.howSteepSaid')}
							value={slope}
							choices={[
								['height', say('shapeDialog.byItsHeight')],
								['angle', say('shapeDialog.byTheAngleOfIts')],
								['growth', say('shapeDialog.byWhatEachRoundGrows')],
							]}
							onChange={setSlope}
						/>
					) : (
						<span />
					)}
					{said === 'size' ? (
						<LengthField label={say('common.across')} units={units} min={5} max={3000} value={widthMm} onChange={setWidth} />
					) : (
						<NumberField
							label={say('shapeDialog.aroundAtTheWidest')}
							unit={say('shapeDialog.stitches')}
							min={3}
							max={2000}
							value={around}
							onChange={(n) => n !== null && setAround(n)}
						/>
					)}
					{hasHeight ? (
						said === 'size' ? (
							<LengthField label={say('common.high')} units={units} min={5} max={5000} value={heightMm} onChange={setHeight} />
						) : (
							<NumberField
								label={say('common.high')}
								unit={say('shapeDialog.rounds')}
								min={1}
								max={400}
								value={rounds}
								onChange={(n) => n !== null && setRounds(n)}
							/>
						)
					) : isCone && slope === 'angle' ? (
						<NumberField
							label={say('shapeDialog.angleOfTheTip')}
							unit="°"
							min={5}
							max={180}
							step={5}
							value={angle}
							onChange={(n) => n !== null && setAngle(n)}
						/>
					) : isCone ? (
						<NumberField
							label={say('shapeDialog.eachRoundGrowsBy')}
							unit={say('shapeDialog.stitches')}
							min={0.5}
							max={24}
							step={0.5}
							value={growth}
							onChange={(n) => n !== null && setGrowth(n)}
						/>
					) : (
						<span />
					)}
					<NumberField label={say('shapeDialog.stitchesInRound1')} min={3} max={24} value={start} onChange={(n) => n !== null && setStart(n)} />
					<p className="caption self-end">{say('shapeDialog.sixLieFlatInSingle')}</p>
					<ChoiceField
						label={say('shapeDialog.increasesAndDecreases')}
						value={spread}
						choices={[
							['staggered', say('shapeDialog.staggered')],
							['stacked', say('shapeDialog.stacked')],
						]}
						onChange={setSpread}
					/>
					<p className="caption self-end">
						{spread === 'staggered' ? say('shapeDialog.rounderNoCornersShow') : say('shapeDialog.easierToCountEachRepeat')}
					</p>
					<ChoiceField
						label={say('shapeDialog.decrease')}
						value={decrease}
						choices={[
							['inv dec', say('shapeDialog.invisible')],
							['dec', say('shapeDialog.plainTwoTogether')],
						]}
						onChange={setDecrease}
					/>
				</div>
				<Comes piece={key} edit={edit} />
				<div className="flex items-end justify-end gap-2 md:col-span-2">
					<Button onClick={onClose}>{say('common.cancel')}</Button>
					<Button kind="strong" type="submit">
						{say('shapeDialog.writeRounds')}
					</Button>
				</div>
			</form>
		</DialogSheet>
	);
}
