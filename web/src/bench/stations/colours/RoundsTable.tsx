import { DialogSheet } from '../../../ui/DialogSheet';
import { inRow, say } from '../../../ui/say';
import { usePiece, useYarns } from '../../context';

/** The chart's content as a table: every round with its runs, in working order. */
export function RoundsTable({ open, onClose }: { open: boolean; onClose: () => void }) {
	const { analysis } = usePiece();
	const yarns = useYarns();
	return (
		<DialogSheet title={analysis?.name ?? ''} says={say('roundsTable.everyRoundWithItsYarns')} open={open} onClose={onClose} isDone>
			<table className="figures w-full text-left">
				<thead>
					<tr className="caption">
						<th scope="col" className="pr-3 font-normal">
							{say('common.round')}
						</th>
						<th scope="col" className="pr-3 font-normal">
							{say('common.stitches')}
						</th>
						<th scope="col" className="font-normal">
							{say('common.yarns')}
						</th>
					</tr>
				</thead>
				<tbody>
					{analysis?.rounds.map(({ number, makes, runs }) => (
						<tr key={number} className="border-t border-rule align-top">
							<th scope="row" className="pr-3 font-semibold">
								{number}
							</th>
							<td className="pr-3">{makes}</td>
							<td>
								{runs.length === 1
									? (yarns.find(({ key }) => key === runs[0]?.yarn)?.name ?? runs[0]?.yarn)
									: inRow(runs.map(({ yarn, stitches }) => `${yarn} ${stitches}`))}
							</td>
						</tr>
					))}
				</tbody>
			</table>
		</DialogSheet>
	);
}
