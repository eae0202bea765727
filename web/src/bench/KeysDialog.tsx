import { DialogSheet } from '../ui/DialogSheet';
import { setLetterKeys, useTools } from './chartTools';

const EVERYWHERE = [
	['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
	['F6, Shift F6', 'to the next part of the bench, or the one before'],
	['Esc', 'pick none, put the brush and the layer down'],
] as const;
const LINES = [
	['Alt Enter', 'make the fix that is offered'],
	['Alt 1, Alt 2', 'take one of the readings'],
	['Ctrl Shift [ and ]', 'fold a bracket, unfold it'],
] as const;
const ROUNDS = [
	['↑ ↓', 'pick the round above or below'],
	['Shift ↑ ↓', 'pick as far as there'],
	['Ctrl ↑ ↓, Ctrl Space', 'go to a round, add it or leave it out'],
	['Home, End', 'to the first round, to the last'],
	['Ctrl A', 'pick all'],
] as const;
const CHART = [
	['← → ↑ ↓', 'from stitch to stitch'],
	['Space', 'colour the stitch with the brush; without it, pick its round'],
] as const;
const LETTERS = [
	['A to Z', 'give the picked rounds that yarn'],
	['1 to 6', 'the stations'],
	['.', 'take the brush, or put it down'],
	[',', 'colour both sides alike'],
	['/', 'the next view'],
	['+ − 0', 'larger, smaller, as it fits'],
	['?', 'this list; it is in the menu, too'],
] as const;

/** All the keys of the bench. Those of a single letter can be switched off. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const hasLetters = useTools((tools) => tools.hasLetters);
	return (
		<DialogSheet title="Keys" open={open} onClose={onClose} isDone isWide isRead>
			<div className="gap-x-10 sm:columns-2">
				<Group title="Everywhere" keys={EVERYWHERE} />
				<Group title="In the typed rounds" keys={LINES} />
				<Group title="In the list of rounds" keys={ROUNDS} />
				<Group title="On the chart" keys={CHART} />
				<Group title="Where the rounds or the chart have the focus" keys={LETTERS} isOff={!hasLetters} />
			</div>
			<label className="mt-4 flex items-center gap-2">
				<input type="checkbox" className="size-5" checked={hasLetters} onChange={(event) => setLetterKeys(event.target.checked)} />
				Keys of a single letter or sign act
			</label>
		</DialogSheet>
	);
}

function Group({ title, keys, isOff = false }: { title: string; keys: readonly (readonly [string, string])[]; isOff?: boolean }) {
	return (
		<section className={`mb-4 break-inside-avoid ${isOff ? 'text-faint line-through' : ''}`}>
			<h3 className="mb-1 font-semibold">{title}</h3>
			<dl className="grid grid-cols-[9rem_1fr] gap-x-3 gap-y-0.5">
				{keys.map(([key, does]) => (
					<div key={key} className="contents">
						<dt>
							<kbd className="font-sans">{key}</kbd>
						</dt>
						<dd className="text-faint">{does}</dd>
					</div>
				))}
			</dl>
		</section>
	);
}
