import { Trash2 } from 'lucide-react';
import { type KeyboardEvent, type ReactNode, useId, useState } from 'react';
import { Button } from '../../../ui/Button';
import { say } from '../../../ui/say';
import { PlaceLine } from './PlaceLine';

interface Props {
	title: string;
	/** where it is, as its maker would say it */
	said: string;
	/** the same as it can be typed over */
	place: string;
	/** what else is to be known: its size, its length */
	more?: string;
	remarks: readonly string[];
	onNudge: (rounds: number, stitches: number) => void;
	/** turns it on its seat by so many degrees to the right; undefined: it has none */
	onTurn?: (degrees: number) => void;
	/** the line that says where it is, typed over; undefined: it lies nowhere yet */
	onSaid: (said: string) => void;
	onDelete: () => void;
	/** the words that can be changed */
	children: ReactNode;
}

const STEPS: Record<string, readonly [number, number]> = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] };

/** Degrees. */
const TURN = 15;

/** Something that is placed, in a sentence: arrow keys move it, pressing it opens its words. */
export function PartRow({ title, said, place, more, remarks, onNudge, onTurn, onSaid, onDelete, children }: Props) {
	const [isOpen, setIsOpen] = useState(false);
	const hint = useId();
	function onKey(event: KeyboardEvent) {
		const step = STEPS[event.key];
		if (step === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		event.stopPropagation();
		if (event.shiftKey && onTurn !== undefined) onTurn((step[0] + step[1]) * TURN);
		else onNudge(...step);
	}
	return (
		<li className="border-t border-rule py-2 first:border-t-0">
			<div className="flex items-start gap-1">
				<button
					type="button"
					aria-expanded={isOpen}
					aria-describedby={hint}
					className="min-w-0 flex-1 px-1 text-left hover:bg-shade"
					onClick={() => setIsOpen(!isOpen)}
					onKeyDown={onKey}
				>
					<span className="font-semibold">{title}</span>: {said}
					{more !== undefined && <span className="figures block text-faint">{more}</span>}
				</button>
				<span id={hint} className="sr-only">
					{say('parts.moveOrChange')} {onTurn !== undefined && say('parts.turnKeys')}
				</span>
				<Button kind="bare" aria-label={say('parts.takeOff', { title })} onClick={onDelete}>
					<Trash2 size={16} />
				</Button>
			</div>
			{remarks.map((remark) => (
				<p key={remark} className="mt-1 border-l-4 border-ink pl-2">
					{remark}
				</p>
			))}
			{isOpen && (
				<div className="mt-2 grid grid-cols-2 items-end gap-2 pl-1">
					<PlaceLine said={place} onSaid={onSaid} />
					{children}
				</div>
			)}
		</li>
	);
}
