import { Tabs } from 'radix-ui';
import { say } from '../../../ui/say';
import { usePiece } from '../../context';
import { layable } from './kinds';
import type { Range } from './kinds/parts';

/** What can be laid over the piece. The forms follow the picked rounds, and keep what was typed in them. */
export function Lay({ from, to, isPicked }: Range & { isPicked: boolean }) {
	const { analysis } = usePiece();
	if (analysis === undefined || analysis.rounds.length === 0) return null;
	return (
		<section className="mb-5 border-t border-rule pt-3" aria-label={say('lay.laySomething')}>
			<Tabs.Root defaultValue="stripes">
				<Tabs.List aria-label={say('lay.whatToLay')} className="mb-3 flex flex-wrap gap-x-3">
					{layable.map(({ kind, name }) => (
						<Tabs.Trigger key={kind} value={kind} className="tab border-b-2 border-transparent py-0.5 text-faint hover:text-ink">
							{name}
						</Tabs.Trigger>
					))}
				</Tabs.List>
				{layable.map(({ kind, Lay: Form }) => (
					<Tabs.Content key={kind} value={kind} tabIndex={-1}>
						<Form from={from} to={to} isPicked={isPicked} last={analysis.rounds.length} />
					</Tabs.Content>
				))}
			</Tabs.Root>
		</section>
	);
}
