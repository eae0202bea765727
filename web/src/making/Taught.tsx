import { useState } from 'react';
import { say } from '../ui/say';
import { useMaking } from './making';
import type { Lesson } from './types';

/** What is explained at a stop, where it is only practised. */
export function Taught({ at }: { at: number }) {
	const lesson = useMaking(({ lessons }) => lessons?.find(({ stop }) => stop === at));
	return lesson === undefined ? null : <Explained key={lesson.key} lesson={lesson} />;
}

function Explained({ lesson: { says, asks, stop } }: { lesson: Lesson }) {
	const [chosen, setChosen] = useState<string | null>(null);
	// The right one stands now first, now second.
	const answers = asks === null ? [] : stop % 2 === 0 ? [asks.right, asks.wrong] : [asks.wrong, asks.right];
	return (
		<section className="make-lesson" aria-label={say('make.newHere')}>
			{asks !== null && (
				<fieldset className="make-look">
					<legend className="font-semibold">{asks.ask}</legend>
					{answers.map((one) => (
						<label key={one}>
							<input type="radio" name="lesson" checked={chosen === one} onChange={() => setChosen(one)} />
							{one}
						</label>
					))}
					<p role="status">{chosen !== null && `${say(chosen === asks.right ? 'make.thatIsRight' : 'make.notQuite')} ${asks.because}`}</p>
				</fieldset>
			)}
			{says.map((one) => (
				<p key={one}>{one}</p>
			))}
		</section>
	);
}
