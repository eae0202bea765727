import { useState } from 'react';
import { limits } from '../../../../api/generated/limits';
import type { Edit, Layer } from '../../../../api/types';
import { Button } from '../../../../ui/Button';
import { ChoiceField, TextField } from '../../../../ui/Field';
import { notify } from '../../../../ui/Notices';
import { numbered } from '../../../../ui/numbered';
import { say } from '../../../../ui/say';
import { useBench, useDraft, usePiece, useYarns } from '../../../context';
import { PictureIn } from '../PictureIn';
import { MotifGrid } from './MotifGrid';
import { Figure, FromFront, type LayProps, useSecondYarn, type WhereProps } from './parts';

type MotifLayer = Extract<Layer, { kind: 'motif' }>;
type ShapeName = NonNullable<Extract<Edit, { do: 'motif' }>['shape']>;

export function LayMotif({ from, to, isPicked }: LayProps) {
	const { draft } = useBench();
	const { piece, lies } = usePiece();
	const shapes = useDraft(({ analysis }) => analysis.constants.shapes);
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [text, setText] = useState('');
	const [isPicture, setIsPicture] = useState(false);
	const [isDrawing, setIsDrawing] = useState(false);
	const yarnsOfPlan = useYarns();
	if (piece === undefined) return null;
	const round = isPicked ? Math.round((from + to) / 2) : null;
	const at = round === null ? {} : { round };
	return (
		<div className="grid gap-2">
			<ChoiceField label={say('common.yarn')} value={yarn} choices={yarns} onChange={setYarn} />
			<fieldset className="flex flex-wrap gap-1" aria-label={say('motif.shapes')}>
				{shapes.map(({ name, rows }) => (
					<Button
						key={name}
						className="h-auto flex-col gap-1 px-2 py-1.5"
						onClick={() => draft.edit({ do: 'motif', piece: piece.key, shape: name as ShapeName, yarn, ...at })}
					>
						<ShapePicture rows={rows} hex={yarnsOfPlan.find(({ key }) => key === yarn)?.hex ?? '#000'} />
						<span className="text-sm">{name}</span>
					</Button>
				))}
			</fieldset>
			<form
				className="flex items-end gap-2"
				onSubmit={(event) => {
					event.preventDefault();
					if (text.trim() === '') notify({ says: say('motif.typeTheLettersFirst') });
					else draft.edit({ do: 'motif', piece: piece.key, text, yarn, ...at });
				}}
			>
				<TextField label={say('motif.letters')} className="min-w-0 flex-1" maxLength={16} value={text} onChange={setText} />
				<Button type="submit">{say('motif.setThem')}</Button>
			</form>
			<div className="flex flex-wrap gap-2">
				<Button aria-expanded={isDrawing} onClick={() => setIsDrawing(!isDrawing)}>
					{say('motif.drawOne')}
				</Button>
				<Button onClick={() => setIsPicture(true)}>{say('motif.fromAPicture')}</Button>
			</div>
			{isDrawing && <MotifGrid yarn={yarn} onTake={(rows) => draft.edit({ do: 'motif', piece: piece.key, rows, name: say('motif.drawn'), ...at })} />}
			<p className="caption">{say('motif.where', { round: round ?? 'none', lies })}</p>
			<PictureIn open={isPicture} round={round} onClose={() => setIsPicture(false)} />
		</div>
	);
}

const CELL = 4;

/** As it comes to lie: a square a stitch. */
function ShapePicture({ rows, hex }: { rows: readonly string[]; hex: string }) {
	const wide = Math.max(...rows.map((row) => row.length));
	return (
		<svg aria-hidden="true" width={9 * CELL} height={8 * CELL} viewBox={`0 0 ${wide * CELL} ${rows.length * CELL}`} preserveAspectRatio="xMidYMid meet">
			{numbered(rows).flatMap(({ at: y, one: row }) =>
				numbered([...row]).map(({ at: x, one: cell }) =>
					cell === '#' ? (
						<rect key={`${x} ${y}`} x={x * CELL} y={y * CELL} width={CELL} height={CELL} fill={hex} stroke="currentColor" strokeWidth={0.4} />
					) : null,
				),
			)}
		</svg>
	);
}

export function WhereMotif({ layer, onChange }: WhereProps<MotifLayer>) {
	return (
		<>
			<Figure label={say('common.fromRound')} value={layer.round} min={1} max={limits.rounds} onChange={(round) => onChange({ ...layer, round })} />
			<FromFront degrees={layer.fromFront} onChange={(fromFront) => onChange({ ...layer, fromFront })} />
			<label className="col-span-2 flex items-center gap-2">
				<input type="checkbox" checked={layer.straight !== false} onChange={(event) => onChange({ ...layer, straight: event.target.checked })} />
				{say('motif.keepUprightCorrectsSlant')}
			</label>
		</>
	);
}
