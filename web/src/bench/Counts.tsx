import { type KeyboardEvent, memo, useEffect, useRef } from 'react';
import type { Round } from '../api/types';
import type { SheetLayout } from '../chart/layout';
import { useDragPick } from '../chart/useDragPick';
import { say } from '../ui/say';
import type { Picks } from './usePicks';

interface CountsProps {
	rounds: readonly Round[];
	layout: SheetLayout;
	/** the first and the last round that are in sight, or nearly so: the figures of the others are not drawn */
	from: number;
	to: number;
	picks: Picks;
	seek: (round: number) => void;
}

/** Round numbers and counts, as one list that is gone through by keys; rounds are picked here by pointer, too. */
export const Counts = memo(function Counts({ rounds, layout: { tops, rowHeight }, from, to, picks, seek }: CountsProps) {
	const { picked, current, pick, pickAll, reach } = picks;
	const list = useRef<HTMLUListElement>(null);
	const last = rounds.length;
	const isThere = current >= 1 && current <= last;

	// The key may have gone on to a round from elsewhere: where the list has the focus, the focus goes along.
	useEffect(() => {
		if (list.current?.contains(document.activeElement) === true) list.current.querySelector<HTMLElement>(`[data-round="${current}"]`)?.focus();
	}, [current]);

	function onKey(event: KeyboardEvent) {
		const { key, shiftKey } = event;
		const withControl = event.ctrlKey || event.metaKey;
		const to =
			key === 'ArrowDown' ? Math.min(last, current + 1) : key === 'ArrowUp' ? Math.max(1, current - 1) : key === 'Home' ? 1 : key === 'End' ? last : null;
		if (to !== null) {
			if (withControl && !shiftKey) reach(to);
			else pick(to, shiftKey ? 'extend' : 'new');
			seek(to);
		} else if (key === ' ' && withControl) pick(current, 'add');
		else if (key === ' ' || key === 'Enter') pick(current, shiftKey ? 'extend' : 'new');
		else if (key === 'a' && withControl) pickAll();
		else return;
		event.preventDefault();
		event.stopPropagation();
	}

	const byPointer = useDragPick(list, (target) => Number((target as Element).closest<HTMLElement>('[data-round]')?.dataset.round) || null, pick);
	return (
		<ul ref={list} aria-label={say('common.rounds')} onKeyDown={onKey} {...byPointer}>
			{rounds.map(({ number, makes, runs }, i) => (
				<Row
					key={number}
					number={number}
					makes={makes}
					yarns={runs.length === 1 ? `yarn ${runs[0]?.yarn}` : `${runs.length} runs of yarn`}
					gap={(tops[i] ?? 0) - (i === 0 ? 0 : (tops[i - 1] ?? 0) + rowHeight)}
					height={rowHeight}
					isSeen={number >= from && number <= to}
					isPicked={picked.has(number)}
					isStop={number === (isThere ? current : 1)}
				/>
			))}
		</ul>
	);
});

interface RowProps {
	number: number;
	makes: number;
	yarns: string;
	/** pixels below the row before: what is told of a line parts them */
	gap: number;
	height: number;
	isSeen: boolean;
	isPicked: boolean;
	/** whether Tab stops here */
	isStop: boolean;
}

const Row = memo(function Row({ number, makes, yarns, gap, height, isSeen, isPicked, isStop }: RowProps) {
	return (
		<li style={{ marginTop: gap, height }}>
			<button
				type="button"
				data-round={number}
				tabIndex={isStop ? 0 : -1}
				aria-pressed={isPicked}
				className={`figures pickable flex h-full w-full items-center justify-between px-2 -outline-offset-2 select-none ${
					isPicked ? 'bg-ink text-paper' : 'hover:bg-shade'
				}`}
			>
				<span className={`text-sm ${isPicked ? '' : 'text-faint'}`}>
					<span className="heard">{say('counts.roundNumberMakesStitchesYarns', { number, makes, yarns })}</span>
					{isSeen && <span aria-hidden="true">{number}</span>}
				</span>
				{isSeen && (
					<span aria-hidden="true" className="text-lg leading-none font-semibold">
						{makes}
					</span>
				)}
			</button>
		</li>
	);
});
