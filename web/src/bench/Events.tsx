import { memo } from 'react';
import type { Change, PieceAnalysis } from '../api/types';
import type { SheetLayout } from '../chart/layout';
import { say } from '../ui/say';
import { useBench } from './context';
import { StepSign } from './StepSign';

interface EventsProps {
	changes: readonly Change[];
	within: PieceAnalysis['changesWithin'];
	placed: PieceAnalysis['placed'];
	layout: SheetLayout;
	/** the first and the last round that are in sight, or nearly so: what happens elsewhere is not drawn */
	from: number;
	to: number;
}

/** What happens between two rounds, or within one. */
export const Events = memo(function Events({ changes, within, placed, layout: { tops, rowHeight }, from, to }: EventsProps) {
	const { goTo, station, pick } = useBench();
	const steps = new Set(changes.flatMap(({ jog, round }) => (jog ? [round] : [])));
	const isSeen = (round: number) => round >= from && round <= to;
	const isWide = station === 'changes';
	const button = 'figures absolute inset-x-0 flex items-center gap-1.5 px-2 text-sm whitespace-nowrap hover:bg-shade';
	return (
		<>
			{changes.map((change) => {
				const top = tops[change.round];
				return change.jog && isSeen(change.round) && top !== undefined ? (
					<button
						// It stays the same sign where the yarn changes a stitch earlier or later.
						key={change.treated}
						type="button"
						title={change.summary}
						className={button}
						style={{ top: top - rowHeight / 2, height: rowHeight }}
						onClick={() => {
							pick(change.round + 1, 'new');
							goTo('changes');
						}}
					>
						<StepSign step={change.stepRounds} shows={change.shows} />
						<span>
							{change.from}
							{'\u2009→\u2009'}
							{change.to}
						</span>
						<span className={change.shows ? 'font-semibold' : 'text-faint'}>
							{isWide ? change.methodShort : `${Math.round(change.degrees) % 360}°`}
						</span>
					</button>
				) : null;
			})}
			{placed
				.filter(({ round }) => isSeen(round))
				.map(({ key, round, kind, summary }) => (
					<button
						key={`placed ${key}`}
						type="button"
						title={summary}
						className={`${button} justify-end`}
						style={{ top: (tops[round - 1] ?? 0) + rowHeight / 2, height: rowHeight }}
						onClick={() => goTo('changes')}
					>
						{kind}
						<span className="size-2.5 rounded-full border-2 border-ink" />
					</button>
				))}
			{within.map(({ round, changes: count }) => {
				// A step beside it has the room at its edge.
				const [isAbove, isBelow] = [steps.has(round - 1), steps.has(round)];
				if ((isAbove && isBelow) || !isSeen(round)) return null;
				const down = isAbove ? rowHeight - 18 : isBelow ? 1 : rowHeight / 2 - 9;
				return (
					<button
						key={round}
						type="button"
						className="caption absolute inset-x-0 px-2 text-left leading-[18px] hover:bg-shade"
						style={{ top: (tops[round - 1] ?? 0) + down }}
						onClick={() => {
							pick(round, 'new');
							goTo('changes');
						}}
					>
						{say('events.count', { count })}
					</button>
				);
			})}
		</>
	);
});
