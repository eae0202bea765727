import { DialogSheet } from '../ui/DialogSheet';
import { say } from '../ui/say';
import { setLetterKeys, useTools } from './chartTools';

const EVERYWHERE = [
	['Ctrl Z, Ctrl Shift Z', say('keysDialog.undoRedo')],
	['F6, Shift F6', say('keysDialog.toTheNextPartOf')],
	['Esc', say('keysDialog.pickNonePutTheBrush')],
] as const;
const LINES = [
	['Alt Enter', say('keysDialog.makeTheFixThatIs')],
	['Alt 1, Alt 2', say('keysDialog.takeOneOfTheReadings')],
	['Ctrl Shift [ and ]', say('keysDialog.foldABracketUnfoldIt')],
] as const;
const ROUNDS = [
	['↑ ↓', say('keysDialog.pickTheRoundAboveOr')],
	['Shift ↑ ↓', say('keysDialog.pickAsFarAsThere')],
	['Ctrl ↑ ↓, Ctrl Space', say('keysDialog.goToARoundAdd')],
	['Home, End', say('keysDialog.toTheFirstRoundTo')],
	['Ctrl A', say('keysDialog.pickAll')],
] as const;
const CHART = [
	['← → ↑ ↓', say('keysDialog.fromStitchToStitch')],
	['Space', say('keysDialog.colourTheStitchWithThe')],
] as const;
const LETTERS = [
	['A to Z', say('keysDialog.giveThePickedRoundsThat')],
	['1 to 7', say('keysDialog.theStations')],
	['.', say('keysDialog.takeTheBrushOrPut')],
	[',', say('keysDialog.colourBothSidesAlike')],
	['/', say('keysDialog.theNextView')],
	['+ − 0', say('keysDialog.largerSmallerAsItFits')],
	['?', say('keysDialog.thisListItIsIn')],
] as const;

/** All the keys of the bench. Those of a single letter can be switched off. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const hasLetters = useTools((tools) => tools.hasLetters);
	return (
		<DialogSheet title={say('keysDialog.keys')} open={open} onClose={onClose} isDone isWide isRead>
			<div className="gap-x-10 sm:columns-2">
				<Group title={say('keysDialog.everywhere')} keys={EVERYWHERE} />
				<Group title={say('keysDialog.inTheTypedRounds')} keys={LINES} />
				<Group title={say('keysDialog.inTheListOfRounds')} keys={ROUNDS} />
				<Group title={say('keysDialog.onTheChart')} keys={CHART} />
				<Group title={say('keysDialog.whereTheRoundsOrThe')} keys={LETTERS} isOff={!hasLetters} />
			</div>
			<label className="mt-4 flex items-center gap-2">
				<input type="checkbox" className="size-5" checked={hasLetters} onChange={(event) => setLetterKeys(event.target.checked)} />
				{say('keysDialog.keysOfASingleLetter')}
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
