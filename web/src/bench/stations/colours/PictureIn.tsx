import { useState } from 'react';
import { api, dataOf } from '../../../api/client';
import { toldOf } from '../../../api/trouble';
import { Button } from '../../../ui/Button';
import { DialogSheet } from '../../../ui/DialogSheet';
import { NumberField } from '../../../ui/Field';
import { numbered } from '../../../ui/numbered';
import { say } from '../../../ui/say';
import { useBench, useDraft, usePiece, useUsual, useYarns } from '../../context';

interface Props {
	open: boolean;
	/** the round that its middle comes to; null: the middle of the piece */
	round: number | null;
	onClose: () => void;
}

/** A small picture, or a table of letters, becomes a motif: seen in the plan's yarns before it is taken. */
export function PictureIn({ open, round, onClose }: Props) {
	return (
		<DialogSheet title={say('pictureIn.aMotifFromAPicture')} says={say('pictureIn.aSmallPngOrA')} open={open} onClose={onClose}>
			<Reading round={round} onClose={onClose} />
		</DialogSheet>
	);
}

type Source = { kind: 'png' | 'csv'; data: string; name: string };

function Reading({ round, onClose }: Omit<Props, 'open'>) {
	const { draft } = useBench();
	const id = useDraft((state) => state.id);
	const { piece, analysis } = usePiece();
	const whole = useDraft(({ analysis }) => analysis.gauge);
	const gauge = analysis?.gauge ?? whole;
	const yarns = useYarns();
	const [wide, setWide] = useState(useUsual('picture').wide);
	const [source, setSource] = useState<Source | null>(null);
	const [rows, setRows] = useState<string[] | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);

	async function read(from: Source, width: number) {
		setSource(from);
		try {
			const read = dataOf(
				await api.POST('/api/plans/{id}/picture', {
					params: { path: { id } },
					body: { kind: from.kind, data: from.data, wide: width, ...(piece === undefined ? {} : { piece: piece.key }) },
				}),
			);
			setRows(read.rows);
			setTrouble(null);
		} catch (error) {
			setRows(null);
			const { says, mend } = toldOf(error);
			setTrouble(`${says} ${mend}`);
		}
	}

	async function choose(file: File | undefined) {
		if (file === undefined) return;
		if (file.size > 700_000) {
			setRows(null);
			setTrouble(say('pictureIn.thisFileIsLargerThan'));
			return;
		}
		const isPng = file.type === 'image/png' || /\.png$/i.test(file.name);
		const data = isPng ? btoa(Array.from(new Uint8Array(await file.arrayBuffer()), (byte) => String.fromCharCode(byte)).join('')) : await file.text();
		await read({ kind: isPng ? 'png' : 'csv', data, name: file.name }, wide);
	}

	const hexOf = (key: string) => yarns.find((yarn) => yarn.key === key)?.hex ?? 'transparent';
	const cell = Math.max(3, Math.min(16, 400 / (rows?.[0]?.length ?? 1)));
	const high = (cell * gauge.roundHeightMm) / gauge.stitchWidthMm;
	return (
		<div className="grid gap-3">
			<div className="flex items-end gap-3">
				<label className="min-w-0 flex-1">
					<span className="caption block">{say('pictureIn.file')}</span>
					<input
						type="file"
						accept="image/png,.png,.csv,text/csv,text/plain"
						className="w-full"
						onChange={(event) => void choose(event.target.files?.[0])}
					/>
				</label>
				{source?.kind !== 'csv' && (
					<NumberField
						label={say('common.stitchesWide')}
						className="w-28"
						min={1}
						max={100}
						value={wide}
						onChange={(n) => {
							if (n === null) return;
							setWide(n);
							if (source !== null) void read(source, n);
						}}
					/>
				)}
			</div>
			{trouble !== null && (
				<p role="alert" className="border-l-4 border-ink bg-shade p-2">
					{trouble}
				</p>
			)}
			{rows !== null && (
				<figure>
					<svg
						role="img"
						aria-label={say('pictureIn.theMotifRowsStitchesWide', { rows: rows[0]?.length ?? 0, rows2: rows.length })}
						width={cell * (rows[0]?.length ?? 0)}
						height={high * rows.length}
						className="max-w-full border border-rule bg-[repeating-conic-gradient(#fff_0_25%,#ecebe5_0_50%)] bg-[length:12px_12px]"
					>
						{numbered(rows).flatMap(({ at: y, one: row }) =>
							numbered([...row]).map(
								({ at: x, one: key }) =>
									key !== '.' && (
										<rect key={x * 1000 + y} x={x * cell} y={y * high} width={cell + 0.4} height={high + 0.4} fill={hexOf(key)} />
									),
							),
						)}
					</svg>
					<figcaption className="caption figures mt-1">
						{say('pictureIn.rowsStitchesWideRows2Rounds', { rows: rows[0]?.length ?? 0, rows2: rows.length })}
					</figcaption>
				</figure>
			)}
			<div className="flex justify-end gap-2">
				<Button onClick={onClose}>{say('common.cancel')}</Button>
				<Button
					kind="strong"
					disabled={rows === null || piece === undefined}
					onClick={() => {
						if (rows === null || piece === undefined) return;
						draft.edit({
							do: 'motif',
							piece: piece.key,
							rows,
							name: (source?.name ?? 'Picture').replace(/\.\w+$/, '').slice(0, 100),
							...(round === null ? {} : { round }),
						});
						onClose();
					}}
				>
					{say('pictureIn.setItOnThePiece')}
				</Button>
			</div>
		</div>
	);
}
