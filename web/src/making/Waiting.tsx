import { useEffect, useRef, useState } from 'react';
import { say } from '../ui/say';
import { Answers } from './Answers';
import { Chances } from './Chances';
import { Drawn } from './Drawn';
import { Fits } from './Fits';
import { lastChances, stopAt } from './flow';
import { progressIn } from './journal';
import { answer, choose, useMaking } from './making';
import { Taught } from './Taught';
import type { Answer, Guide, Stop, Task } from './types';

/** Before the hands leave the hook for a while: said once on a device. */
function Park() {
	const park = useMaking(({ making }) => making?.toy.park ?? '');
	const isTold = useMaking((state) => state.choices.isParkTold);
	// It stays while this step is looked at.
	const [isNew] = useState(!isTold);
	useEffect(() => {
		if (isNew) choose({ isParkTold: true });
	}, [isNew]);
	return isNew ? <p className="make-told">{park}</p> : null;
}

/** Something that cannot be undone: it waits for an answer. */
export function Waiting({ task, guide, stop }: { task: Task; guide: Guide; stop: Stop & { key: string } }) {
	const progress = useMaking((state) => progressIn(state.progress, task.key));
	const title = useRef<HTMLHeadingElement>(null);
	useEffect(() => title.current?.focus(), []);
	const said = (one: Answer) => answer(task, stop.key, { round: stop.round, stitch: stop.to }, one);
	const at = stopAt(guide, progress);
	return (
		<>
			<main className="make-wait">
				<h2 ref={title} tabIndex={-1} className="caption">
					{say('make.afterRound', { once: guide.once, round: stop.round })}
				</h2>
				<Taught at={at} />
				<Chances stops={lastChances(guide, at, progress)} task={task} place={progress.place} />
				{stop.told?.map(({ key, text }) => (
					<p key={key} className="make-told">
						{text}
					</p>
				))}
				{stop.text !== '' && <p className="make-text">{stop.text}</p>}
				<Drawn names={stop.drawings ?? []} />
				{(stop.kind === 'stuff' || stop.kind === 'eyes') && <Park />}
				{stop.trouble != null && <p className="make-chance">{stop.trouble}</p>}
				{(stop.needs?.length ?? 0) > 0 && <p className="caption">{say('make.needs', { needs: stop.needs?.join(', ') ?? '' })}</p>}
				<Fits task={task} guide={guide} isSaid />
				{stop.mayGoWrong?.map(({ trouble, remedy }) => (
					<details key={trouble}>
						<summary>{trouble}</summary>
						<p>{remedy}</p>
					</details>
				))}
			</main>
			<Answers onAnswer={said} isAsked={stop.text !== ''} />
		</>
	);
}
