import { type ReactNode, useId, useState } from 'react';
import { say } from '../ui/say';
import { stationNames, useBench } from './context';

interface Props {
	/** what to do next, or how it stands, in one line */
	next?: ReactNode;
	/** how the station is used: unfolded at a press */
	children: ReactNode;
}

/** The top of a station: its name, what is next, and its manual under "?". */
export function StationHead({ next, children }: Props) {
	const { station } = useBench();
	const [isOpen, setIsOpen] = useState(false);
	const id = useId();
	const name = stationNames[station];
	return (
		<>
			<div className="flex items-center justify-between">
				<h2 className="text-lg font-semibold">{name}</h2>
				<button
					type="button"
					className="size-8 border border-rule font-semibold hover:border-ink aria-expanded:border-ink aria-expanded:bg-ink aria-expanded:text-paper"
					aria-label={say('stationHead.howUsed', { name })}
					title={say('stationHead.howUsed', { name })}
					aria-expanded={isOpen}
					aria-controls={id}
					onClick={() => setIsOpen(!isOpen)}
				>
					?
				</button>
			</div>
			{next !== undefined && <p className="figures mb-3 text-faint">{next}</p>}
			<section id={id} hidden={!isOpen} aria-label={say('stationHead.howUsed', { name })} className="mt-1 mb-4 border border-rule bg-sheet p-3">
				{children}
			</section>
		</>
	);
}
