import { memo } from 'react';
import type { Change, PieceAnalysis } from '../api/types';
import type { SheetLayout } from '../chart/layout';
import { alongByArrows } from '../ui/alongByArrows';
import { say } from '../ui/say';
import { useBench } from './context';
import { StepSign } from './StepSign';

interface EventsProps {
	changes: readonly Change[];
	within: PieceAnalysis['changesWithin'];
	placed: PieceAnalysis['placed'];
	threads: PieceAnalysis['threads'];
	layout: SheetLayout;
	/** the first and the last round that are in sight, or nearly so: what happens elsewhere is not drawn */
	from: number;
	to: number;
}

type Event =
	| { at: number; jog: Change }
	| { at: number; placed: { key: string; round: number; kind: string; summary: string } }
	| { at: number; within: PieceAnalysis['changesWithin'][number] };

/** What happens between two rounds, or within one, from the top down: one Tab stop, gone through by the arrow keys. */
export const Events = memo(function Events({ changes, within, placed, threads, layout: { tops, rowHeight }, from, to }: EventsProps) {
	const { goTo, station, current } = useBench();
	const jogs = changes.filter(({ jog, round }) => jog && tops[round] !== undefined);
	const steps = new Set(jogs.map(({ round }) => round));
	const events: Event[] = [
		...jogs.map((jog) => ({ at: jog.round + 0.5, jog })),
		...placed.map((is) => ({ at: is.round, placed: is })),
		...threads.map((is) => ({ at: Math.max(1, is.round), placed: { ...is, round: Math.max(1, is.round), key: `thread ${is.key}` } })),
		// Where there is a step on both sides, there is no room.
		...within.filter(({ round }) => !(steps.has(round - 1) && steps.has(round))).map((is) => ({ at: is.round, within: is })),
	]
		.filter(({ at }) => at >= from && at <= to + 0.5)
		.sort((one, other) => one.at - other.at);
	const near = current >= from && current <= to ? current : (from + to) / 2;
	const stop = events.find(({ at }) => at >= near) ?? events.at(-1);
	return (
		<div role="toolbar" aria-orientation="vertical" aria-label={say('common.colourChanges')} onKeyDown={alongByArrows}>
			{events.map((event) => {
				const tabIndex = event === stop ? 0 : -1;
				// A sign stays the same one where its yarn changes a stitch earlier or later.
				if ('jog' in event) {
					const top = (tops[event.jog.round] ?? 0) - rowHeight / 2;
					return (
						<Jog
							key={`jog ${event.jog.treated}`}
							change={event.jog}
							top={top}
							height={rowHeight}
							isWide={station === 'changes'}
							tabIndex={tabIndex}
						/>
					);
				}
				if ('placed' in event) {
					const { key, round, kind, summary } = event.placed;
					const edge = (tops[round - 1] ?? 0) + rowHeight;
					return (
						<button
							key={`placed ${key}`}
							type="button"
							tabIndex={tabIndex}
							title={summary}
							className={`${sign} justify-end`}
							// Beside a step it hangs below it.
							style={steps.has(round) ? { top: edge + 9, height: 18 } : { top: edge - rowHeight / 2, height: rowHeight }}
							onClick={() => goTo('parts')}
						>
							{kind}
							<span className="size-2.5 rounded-full border-2 border-ink" />
						</button>
					);
				}
				const { round, changes: count } = event.within;
				// A step beside it has the room at its edge.
				const down = steps.has(round - 1) ? rowHeight - 18 : steps.has(round) ? 1 : rowHeight / 2 - 9;
				return <Within key={`within ${round}`} round={round} count={count} top={(tops[round - 1] ?? 0) + down} tabIndex={tabIndex} />;
			})}
		</div>
	);
});

const sign = 'figures absolute inset-x-0 flex items-center gap-1.5 px-2 text-sm whitespace-nowrap -outline-offset-2 hover:bg-shade';

/** The jog between two rounds: how high, which yarns, and where or how. */
function Jog({ change, top, height, isWide, tabIndex }: { change: Change; top: number; height: number; isWide: boolean; tabIndex: number }) {
	const { goTo, pick } = useBench();
	return (
		<button
			type="button"
			tabIndex={tabIndex}
			title={change.summary}
			className={sign}
			style={{ top, height }}
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
			<span className={change.shows ? 'font-semibold' : 'text-faint'}>{isWide ? change.methodShort : `${Math.round(change.degrees) % 360}°`}</span>
		</button>
	);
}

/** How many changes lie within a round. */
function Within({ round, count, top, tabIndex }: { round: number; count: number; top: number; tabIndex: number }) {
	const { goTo, pick } = useBench();
	return (
		<button
			type="button"
			tabIndex={tabIndex}
			className="caption absolute inset-x-0 px-2 text-left leading-[18px] -outline-offset-2 hover:bg-shade"
			style={{ top }}
			onClick={() => {
				pick(round, 'new');
				goTo('changes');
			}}
		>
			{say('events.count', { count })}
		</button>
	);
}
