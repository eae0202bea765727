import { say } from '../ui/say';
import { Answers } from './Answers';
import { add, takeNext } from './making';
import type { Answer, Task } from './types';

/** A part is put on, or something is laid over what is put together. */
export function PutTogether({ task }: { task: Task }) {
	const said = (answer: Answer) => {
		add('answered', { piece: '', copy: 0, round: 0, stitch: 0, key: task.key, answer });
		takeNext(task.key);
	};
	return (
		<>
			<main className="make-wait">
				<h2 className="caption">{say('make.putTogether')}</h2>
				<p className="make-text">{task.text}</p>
				{task.needs.length > 0 && <p className="caption">{say('make.needs', { needs: task.needs.join(', ') })}</p>}
				{task.mayGoWrong.map(({ trouble, remedy }) => (
					<details key={trouble}>
						<summary>{trouble}</summary>
						<p>{remedy}</p>
					</details>
				))}
			</main>
			<Answers onAnswer={said} />
		</>
	);
}
