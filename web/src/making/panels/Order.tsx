import { useEffect } from 'react';
import { say } from '../../ui/say';
import { progressIn } from '../journal';
import { guideOfTask, isDone, useMaking } from '../making';
import { Sheet } from './Sheet';

/** All pieces, and what puts them together: what is done, in hand and waiting. */
export function Order({ onClose, onTake }: { onClose: () => void; onTake: (task: string) => void }) {
	const state = useMaking();
	const tasks = state.making?.toy.tasks ?? [];
	useEffect(() => {
		document.querySelector<HTMLElement>('.make-order [aria-current]')?.scrollIntoView({ block: 'center' });
	}, []);
	return (
		<Sheet title={say('make.allPieces')} onClose={onClose}>
			<ol className="make-order">
				{tasks.map((task) => {
					const done = isDone(task, state.progress, state.guides);
					const { round } = progressIn(state.progress, task.key).place;
					const isNow = task.key === state.task;
					const said = progressIn(state.progress, '').answers.get(task.key)?.answer;
					return (
						<li key={task.key}>
							<button
								type="button"
								className="flex w-full items-baseline gap-3 px-2 py-3 text-left"
								aria-current={isNow ? 'step' : undefined}
								onClick={() => onTake(task.key)}
							>
								<span className="min-w-0 flex-1">{task.piece === null ? task.text : task.name}</span>
								<span className="caption figures shrink-0">
									{isNow
										? say('make.inHand')
										: done
											? say(said === 'later' ? 'make.putOff' : said === 'left' ? 'make.leftOut' : 'make.isDone')
											: round > 0
												? say('make.atRound', { round, of: task.rounds })
												: guideOfTask(state, task) === undefined && task.piece !== null
													? say('make.notFetched')
													: say('make.waiting')}
								</span>
							</button>
						</li>
					);
				})}
			</ol>
		</Sheet>
	);
}
