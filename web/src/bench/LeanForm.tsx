import { useState } from 'react';
import type { Piece } from '../api/types';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/Field';
import { useBench, useDraft } from './context';
import { withPiece } from './plans';

/** The lean: as it usually is, or from a marker swatch. */
export function LeanForm({ piece }: { piece: Piece }) {
	const { draft } = useBench();
	const lean = useDraft(({ analysis }) => analysis.pieces.find(({ key }) => key === piece.key)?.lean ?? null);
	const usual = useDraft(({ analysis }) => analysis.usualLeans);
	const [rounds, setRounds] = useState(10);
	const [stitches, setStitches] = useState<number | null>(null);
	const change = (to: number) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, lean: to })), `lean ${piece.key}`);
	const how = (['over', 'under'] as const).find((way) => usual[way] === (piece.lean ?? lean)) ?? 'own';
	return (
		<>
			<NumberField
				label="Slant (marker drift), stitches a round"
				min={-2}
				max={2}
				step={0.05}
				value={piece.lean ?? lean}
				onChange={(to) => to !== null && change(to)}
			/>
			<ChoiceField<'over' | 'under' | 'own'>
				label="Yarn over or yarn under"
				value={how}
				choices={[
					['over', `yarn over: ${usual.over}`],
					['under', `yarn under: ${usual.under}`],
					['own', 'as measured'],
				]}
				onChange={(way) => way !== 'own' && change(usual[way])}
			/>
			<p className="caption col-span-2">
				How far each round sits back against the working direction. It makes the marker drift, and motifs slant. The usual figures are from memory.
				Measure yours: run a thread straight up from the marker of the first even round, work ten more, and count the stitches between thread and
				marker.
			</p>
			<form
				className="contents"
				onSubmit={(event) => {
					event.preventDefault();
					if (stitches !== null) draft.edit({ do: 'lean', piece: piece.key, rounds, stitches });
				}}
			>
				<NumberField label="Even rounds since" min={1} max={400} value={rounds} onChange={(to) => to !== null && setRounds(to)} />
				<div className="flex items-end gap-2">
					<NumberField label="Stitches drifted" optional min={-400} max={400} step={0.5} value={stitches} onChange={setStitches} />
					<Button type="submit" disabled={stitches === null}>
						Take it
					</Button>
				</div>
			</form>
		</>
	);
}
