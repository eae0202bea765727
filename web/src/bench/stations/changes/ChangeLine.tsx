import { ChoiceField, NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useBench, usePiece } from '../../context';
import { withPiece } from '../../plans';

/** Opposite the front. */
const BACK = 180;

/** Whether whole rounds change their yarn at the marker, or on a line that stays where it is. */
export function ChangeLine() {
	const { draft } = useBench();
	const { piece, analysis, lies } = usePiece();
	if (piece === undefined || analysis === undefined) return null;
	const { line } = piece.changes;
	const change = (fromFront: number | null) =>
		draft.change(
			(plan) =>
				withPiece(plan, piece.key, (is) => {
					const { line: _, ...rest } = is.changes;
					return { ...is, changes: fromFront === null ? rest : { ...rest, line: { fromFront } } };
				}),
			`line ${piece.key}`,
		);
	const { showOnLine, showAtMarker } = analysis.changeLine;
	return (
		<section aria-label={say('changeLine.title')} className="mb-3">
			<div className="grid grid-cols-2 items-end gap-2">
				<ChoiceField
					label={say('changeLine.where')}
					value={line === undefined ? 'marker' : 'line'}
					choices={[
						['marker', say('changeLine.atTheMarker')],
						['line', say('changeLine.onALine')],
					]}
					onChange={(to) => change(to === 'line' ? BACK : null)}
				/>
				{line !== undefined && (
					<NumberField
						label={say('common.degreesFromTheFront', { lies })}
						min={-180}
						max={180}
						step={1}
						value={line.fromFront}
						onChange={(degrees) => degrees !== null && change(degrees)}
					/>
				)}
			</div>
			<p className="caption mt-1">{say('changeLine.compared', { line: showOnLine, marker: showAtMarker })}</p>
		</section>
	);
}
