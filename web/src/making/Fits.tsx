import { useState } from 'react';
import { say } from '../ui/say';
import { progressIn } from './journal';
import { add, useMaking } from './making';
import type { Guide, Task } from './types';

interface Props {
	task: Task;
	guide: Guide;
	/** only where the plan's words say "until it fits", not for any rounds alike */
	isSaid?: boolean;
	onDone?: () => void;
}

/** Rounds that are worked until it fits: what it came to is told at the twin. */
export function Fits({ task, guide, isSaid = false, onDone }: Props) {
	const { place } = useMaking((state) => progressIn(state.progress, task.key));
	const [more, setMore] = useState('');
	const made = place.stitch >= (guide.rounds[place.round - 1]?.makes ?? 0) ? place.round : place.round - 1;
	const round = guide.rounds[Math.max(1, made) - 1];
	const [from, to] = round?.fits ?? (isSaid ? [] : (round?.alike ?? []));
	const at = { piece: task.piece ?? '', copy: task.copy };
	if (from === undefined || to === undefined || made < from || made > to) return null;
	if (made === to) {
		const rounds = Number.parseInt(more, 10);
		return round?.fits === undefined ? null : (
			<form
				className="make-note flex flex-wrap items-end gap-2"
				onSubmit={(event) => {
					event.preventDefault();
					if (!(rounds > 0)) return;
					add('noted', { ...at, round: to, text: say('make.itTookMore', { name: task.name, more: rounds, once: guide.once, last: to }) });
					setMore('');
					onDone?.();
				}}
			>
				<label>
					{say('make.moreUntilItFitted', { once: guide.once })}
					<input
						className="field figures block w-24"
						inputMode="numeric"
						value={more}
						onChange={(event) => setMore(event.target.value.replace(/\D/g, '').slice(0, 3))}
					/>
				</label>
				<button type="submit" className="make-small">
					{say('make.keepTheNote')}
				</button>
			</form>
		);
	}
	return (
		<p>
			<button
				type="button"
				className="make-small"
				onClick={() => {
					add('noted', { ...at, round: from, text: say('make.itFitted', { name: task.name, made, first: made + 1, last: to, left: to - made }) });
					add('moved', { ...at, round: to, stitch: guide.rounds[to - 1]?.makes ?? 0 });
					onDone?.();
				}}
			>
				{say('make.itFits', { made, first: made + 1, last: to, left: to - made })}
			</button>
		</p>
	);
}
