import { useState } from 'react';
import type { Piece } from '../api/types';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/Field';
import { say } from '../ui/say';
import { useBench, useDraft, useUsual } from './context';
import { withPiece } from './plans';

/** The lean: as it usually is, or from a marker swatch. */
export function LeanForm({ piece }: { piece: Piece }) {
	const { draft } = useBench();
	const lean = useDraft(({ analysis }) => analysis.pieces.find(({ key }) => key === piece.key)?.lean ?? null);
	const usual = useDraft(({ analysis }) => analysis.constants.usualLeans);
	const [rounds, setRounds] = useState(useUsual('lean').rounds);
	const [stitches, setStitches] = useState<number | null>(null);
	const change = (to: number) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, lean: to })), `lean ${piece.key}`);
	const how = (['over', 'under'] as const).find((way) => usual[way] === (piece.lean ?? lean)) ?? 'own';
	return (
		<>
			<NumberField
				label={say('leanForm.slantMarkerDriftStitchesA')}
				min={-2}
				max={2}
				step={0.05}
				value={piece.lean ?? lean}
				onChange={(to) => to !== null && change(to)}
			/>
			<ChoiceField<'over' | 'under' | 'own'>
				label={say('leanForm.yarnOverOrYarnUnder')}
				value={how}
				choices={[
					['over', say('leanForm.yarnOverOver', { over: usual.over })],
					['under', say('leanForm.yarnUnderUnder', { under: usual.under })],
					['own', say('leanForm.asMeasured')],
				]}
				onChange={(way) => way !== 'own' && change(usual[way])}
			/>
			<p className="caption col-span-2">{say('leanForm.howFarEachRoundSits')}</p>
			<form
				className="contents"
				onSubmit={(event) => {
					event.preventDefault();
					if (stitches !== null) draft.edit({ do: 'lean', piece: piece.key, rounds, stitches });
				}}
			>
				<NumberField label={say('leanForm.evenRoundsSince')} min={1} max={400} value={rounds} onChange={(to) => to !== null && setRounds(to)} />
				<div className="flex flex-wrap items-end gap-2">
					<NumberField label={say('leanForm.stitchesDrifted')} optional min={-400} max={400} step={0.5} value={stitches} onChange={setStitches} />
					<Button type="submit" disabled={stitches === null}>
						{say('common.takeIt')}
					</Button>
				</div>
			</form>
		</>
	);
}
