import { useRef, useState } from 'react';
import { Button } from '../../../../ui/Button';
import { NumberField } from '../../../../ui/Field';
import { hands } from '../../../../ui/hands';
import { notify } from '../../../../ui/Notices';
import { numbered } from '../../../../ui/numbered';
import { say } from '../../../../ui/say';
import { CLEAR } from '../../../chartTools';
import { useUsual, useYarns } from '../../../context';
import { count } from './parts';

const MOST = 24;

/** A small grid to draw a motif on. */
export function MotifGrid({ yarn, onTake }: { yarn: string; onTake: (rows: string[]) => void }) {
	const yarns = useYarns();
	const usual = useUsual('motif');
	const [wide, setWide] = useState(usual.wide);
	const [high, setHigh] = useState(usual.high);
	const [cells, setCells] = useState<Record<string, string>>({});
	const drawing = useRef<string | null>(null);
	const hexOf = (key: string | undefined) => yarns.find((is) => is.key === key)?.hex;
	const rows = Array.from({ length: high }, (_, y) => Array.from({ length: wide }, (__, x) => cells[`${x},${y}`] ?? CLEAR).join(''));
	const set = (x: number, y: number, to: string) => setCells((now) => ({ ...now, [`${x},${y}`]: to }));
	return (
		<div className="grid gap-2">
			<div className="grid grid-cols-2 gap-2">
				<NumberField label={say('common.wide')} min={1} max={MOST} value={wide} onChange={count(setWide)} />
				<NumberField label={say('common.high')} min={1} max={MOST} value={high} onChange={count(setHigh)} />
			</div>
			<table
				aria-label={say('common.motif')}
				className="w-fit touch-none border-collapse border border-ink select-none"
				onPointerUp={() => {
					drawing.current = null;
				}}
			>
				<tbody>
					{numbered(rows).map(({ at: y, one: row }) => (
						<tr key={y}>
							{numbered([...row]).map(({ at: x, one: cell }) => (
								<td key={x} className="border border-rule p-0">
									<button
										type="button"
										aria-label={say('motifGrid.cell', { y: y + 1, x: x + 1, cell: cell === CLEAR ? 'clear' : cell })}
										className="block h-5 w-[22px]"
										style={{ background: hexOf(cell) ?? '#fff' }}
										onPointerDown={(event) => {
											event.currentTarget.releasePointerCapture(event.pointerId);
											drawing.current = cell === yarn ? CLEAR : yarn;
											set(x, y, drawing.current);
										}}
										onPointerEnter={() => drawing.current !== null && set(x, y, drawing.current)}
										onKeyDown={(event) => {
											if (event.key === ' ' || event.key === 'Enter') {
												event.preventDefault();
												set(x, y, cell === yarn ? CLEAR : yarn);
											}
										}}
									/>
								</td>
							))}
						</tr>
					))}
				</tbody>
			</table>
			<Button
				onClick={() =>
					rows.every((row) => [...row].every((cell) => cell === CLEAR))
						? notify({ says: say('motifGrid.nothingIsDrawnYet'), mend: say('motifGrid.clickOrDragOverCells', { by: hands() }) })
						: onTake(rows)
				}
			>
				{say('motifGrid.setIt')}
			</Button>
		</div>
	);
}
