import { memo, useEffect, useRef } from 'react';
import type { Round } from '../api/types';
import type { SheetLayout } from '../chart/layout';

interface CountsProps {
	rounds: readonly Round[];
	layout: SheetLayout;
	picked: ReadonlySet<number>;
	pick: (round: number, how: 'new' | 'extend' | 'add') => void;
}

/** Round numbers and counts; rounds are picked here by pointer, too. */
export const Counts = memo(function Counts({ rounds, layout: { tops, rowHeight }, picked, pick }: CountsProps) {
	const isDragging = useRef(false);
	useEffect(() => {
		const end = () => {
			isDragging.current = false;
		};
		window.addEventListener('pointerup', end);
		return () => window.removeEventListener('pointerup', end);
	}, []);
	return (
		<ul aria-label="Rounds">
			{rounds.map(({ number, makes, runs }, i) => (
				<li key={number} className="absolute inset-x-0" style={{ top: tops[i], height: rowHeight }}>
					<button
						type="button"
						aria-pressed={picked.has(number)}
						className={`figures flex h-full w-full items-center justify-between px-2 select-none ${picked.has(number) ? 'bg-ink text-paper' : 'hover:bg-shade'}`}
						onPointerDown={(event) => {
							if (event.button !== 0) return;
							isDragging.current = true;
							event.currentTarget.releasePointerCapture(event.pointerId);
							pick(number, event.shiftKey ? 'extend' : event.ctrlKey || event.metaKey ? 'add' : 'new');
						}}
						onPointerEnter={() => isDragging.current && pick(number, 'extend')}
						onClick={(event) => event.detail === 0 && pick(number, 'new')}
					>
						<span className="sr-only">{`Round ${number}, ${makes} stitches, ${runs.length === 1 ? `yarn ${runs[0]?.yarn}` : `${runs.length} runs of yarn`}`}</span>
						<span aria-hidden="true" className={`text-sm ${picked.has(number) ? '' : 'text-faint'}`}>
							{number}
						</span>
						<span aria-hidden="true" className="text-lg leading-none font-semibold">
							{makes}
						</span>
					</button>
				</li>
			))}
		</ul>
	);
});
