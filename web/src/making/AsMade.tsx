import { useState } from 'react';
import { useMay } from '../api/may';
import { toldOf } from '../api/trouble';
import { say } from '../ui/say';
import { progressIn } from './journal';
import { keepAsMade } from './link';
import { useMaking } from './making';
import type { Guide, Task } from './types';

/** Rounds were gone on with that have other stitches than planned: the plan can be so, too, and its next copy is made alike. */
export function AsMade({ task, guide }: { task: Task; guide: Guide }) {
	const { slips } = useMaking((state) => progressIn(state.progress, task.key));
	const mayEdit = useMay('edit');
	const isConnected = useMaking((state) => state.isConnected && state.lessons === null) && mayEdit;
	const [told, setTold] = useState<string | null>(null);
	const made = [...slips].map(([round, { has }]) => ({ round, has })).sort((a, b) => a.round - b.round);
	if (made.length === 0) return null;
	async function keep() {
		try {
			setTold((await keepAsMade(task, made)) ?? say('make.thePlanIsAsMade'));
		} catch (error) {
			setTold(toldOf(error).says);
		}
	}
	return (
		<section>
			<h3 className="caption">{say('make.otherThanPlanned')}</h3>
			<ul className="make-told">
				{made.map(({ round, has }) => (
					<li key={round} className="figures">
						{say('make.roundHasInPlaceOf', { once: guide.once, round, has, makes: guide.rounds[round - 1]?.makes ?? 0 })}
					</li>
				))}
			</ul>
			{isConnected && told === null && (
				<p className="mt-2">
					<button type="button" className="make-small" onClick={() => void keep()}>
						{say('make.letThePlanBeSo')}
					</button>
				</p>
			)}
			{told !== null && <p role="status">{told}</p>}
		</section>
	);
}
