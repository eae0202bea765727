import type { PlanOnShelf } from '../api/types';
import { say } from '../ui/say';

type Compare = (a: PlanOnShelf, b: PlanOnShelf) => number;

/** The shelf has them by when they were saved. */
const orders: Record<'saved' | 'name' | 'size', Compare> = {
	saved: () => 0,
	name: (a, b) => a.title.localeCompare(b.title),
	size: (a, b) => b.summary.stitches - a.summary.stitches,
};

/** Of many plans one is found by its name, and they are put in order. */
export function FindPlans({ sought, onSought, onOrder }: { sought: string; onSought: (sought: string) => void; onOrder: (order: Compare) => void }) {
	return (
		<>
			<label>
				<span className="caption block">{say('shelf.find')}</span>
				<input type="search" className="field w-48" value={sought} onChange={(event) => onSought(event.target.value)} />
			</label>
			<label>
				<span className="caption block">{say('shelf.inOrder')}</span>
				<select className="field" onChange={(event) => onOrder(orders[event.target.value as keyof typeof orders])}>
					{(Object.keys(orders) as (keyof typeof orders)[]).map((one) => (
						<option key={one} value={one}>
							{say('shelf.order', { order: one })}
						</option>
					))}
				</select>
			</label>
		</>
	);
}
