import { Undo2 } from 'lucide-react';
import { say } from '../ui/say';
import { answer, tapBack } from './making';
import type { Answer, Stop, Task } from './types';

/** What is said of something that cannot be undone: one large target, and the ways beside it. */
export function Answers({ onAnswer, isAsked = true }: { onAnswer: (said: Answer) => void; isAsked?: boolean }) {
	return (
		<footer className="make-foot">
			<BackButton />
			{isAsked && (
				<>
					<button type="button" className="make-other" onClick={() => onAnswer('later')}>
						{say('make.later')}
					</button>
					<button type="button" className="make-other" onClick={() => onAnswer('left')}>
						{say('make.leftOut')}
					</button>
				</>
			)}
			<button type="button" className="make-target" onClick={() => onAnswer('done')}>
				{say('make.done')}
			</button>
		</footer>
	);
}

/** The last tap did not happen. */
export function BackButton() {
	return (
		<button type="button" className="make-back" onClick={tapBack} aria-label={say('make.tapBack')}>
			<Undo2 aria-hidden />
		</button>
	);
}

/** Steps that were passed and are not done: each can still be answered. */
export function OpenSteps({ title, task, stops }: { title: string; task: Task; stops: readonly (Stop & { key: string })[] }) {
	if (stops.length === 0) return null;
	return (
		<section>
			<h3 className="caption">{title}</h3>
			<ul className="make-told">
				{stops.map((stop) => (
					<li key={stop.key}>
						{stop.text}{' '}
						<button type="button" className="make-small" onClick={() => answer(task, stop.key, { round: stop.round, stitch: stop.to }, 'done')}>
							{say('make.done')}
						</button>
					</li>
				))}
			</ul>
		</section>
	);
}
