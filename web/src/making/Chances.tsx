import { say } from '../ui/say';
import { answer } from './making';
import type { Place, Stop, Task } from './types';

/** What was put off, told again when it can be done for the last time. */
export function Chances({ stops, task, place }: { stops: readonly (Stop & { key: string })[]; task: Task; place: Place }) {
	return stops.map((stop) => (
		<section key={stop.key} className="make-chance" aria-label={say('make.lastMoment')}>
			<p>
				<strong>{say('make.lastMoment')}</strong> {stop.text}
			</p>
			<p className="flex gap-2">
				<button type="button" className="make-small" onClick={() => answer(task, stop.key, place, 'done')}>
					{say('make.done')}
				</button>
			</p>
		</section>
	));
}
