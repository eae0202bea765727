import { useEffect } from 'react';
import { say } from '../ui/say';
import { YarnMark } from '../ui/YarnMark';
import { BackButton, OpenSteps } from './Answers';
import { AsMade } from './AsMade';
import { open } from './flow';
import { progressIn } from './journal';
import { followers, guideOfTask, takeInHand, useMaking } from './making';
import { Taught } from './Taught';
import type { Guide, Task } from './types';

/** A piece is done: what hangs, what was left out, and what is next. */
export function TaskDone({ task, guide }: { task: Task | undefined; guide: Guide | undefined }) {
	const state = useMaking();
	const [next] = followers(state, task?.key ?? '');
	const tasks = state.making?.toy.tasks ?? [];
	const openOf = (one: Task) => {
		const of = guideOfTask(state, one);
		return of === undefined ? [] : open(of, of.stops.length, progressIn(state.progress, one.key));
	};
	const hangs = guide?.hangs ?? [];
	const isEmpty = tasks.length === 0;
	const yarn = guideOfTask(state, next)?.rounds[0]?.groups[0]?.yarn[0];
	const hex = state.making?.toy.yarns.find(({ key }) => key === yarn)?.hex;
	const take = () => next !== undefined && takeInHand(next.key);
	useEffect(() => {
		const press = (event: KeyboardEvent) => {
			if (event.code !== 'Space' || (event.target instanceof Element && event.target.closest('button, a, summary, dialog') !== null)) return;
			event.preventDefault();
			take();
		};
		addEventListener('keydown', press);
		return () => removeEventListener('keydown', press);
	});
	return (
		<>
			<main className="make-wait">
				<h2 className="text-2xl font-semibold">
					{isEmpty
						? say('make.nothingToMake')
						: next === undefined
							? say('make.allDone')
							: task === undefined
								? say('make.stillToDo')
								: say('make.taskDone', { name: task.name })}
				</h2>
				{guide !== undefined && <Taught at={guide.stops.length} />}
				{task !== undefined && guide !== undefined && <AsMade task={task} guide={guide} />}
				{hangs.length > 0 && (
					<section>
						<h3 className="caption">{say('make.whatHangs')}</h3>
						<ul className="make-told">
							{hangs.map((text) => (
								<li key={text}>{text}</li>
							))}
						</ul>
					</section>
				)}
				{(next === undefined ? tasks : task === undefined ? [] : [task]).map((one) => (
					<OpenSteps key={one.key} title={say('make.leftOutSoFar', { name: one.name })} task={one} stops={openOf(one)} />
				))}
				{next !== undefined && (
					<p className="make-text flex items-center gap-2">
						{yarn !== undefined && <YarnMark letter={yarn} hex={hex ?? '#808080'} size={28} />}
						{next.piece === null ? next.text : say(next.name === task?.name ? 'make.nextAgain' : 'make.next', { name: next.name })}
					</p>
				)}
			</main>
			<footer className="make-foot">
				<BackButton />
				{next !== undefined ? (
					<button type="button" className="make-target" onClick={take}>
						{next.piece === null ? say('make.goOn') : say('make.begin', { name: next.name })}
					</button>
				) : (
					<a className="make-target" href={isEmpty ? `/plan/${state.making?.plan ?? ''}/rounds` : '/'}>
						{say(isEmpty ? 'make.toItsRounds' : 'make.backToTheShelf')}
					</a>
				)}
			</footer>
		</>
	);
}
