import { say } from '../ui/say';
import { leaves, setTools, useTools } from './chartTools';
import { stationNames, useBench } from './context';

/** In a small window the sheet's words, its picture and the panel are there one at a time. */
export function LeafSwitch() {
	const { station } = useBench();
	const leaf = useTools((tools) => tools.leaf);
	const names = { words: say('leafSwitch.words'), picture: say('leafSwitch.picture'), panel: stationNames[station] };
	return (
		<nav aria-label={say('leafSwitch.shown')} className="sticky bottom-0 z-10 row-start-4 hidden border-t border-ink bg-paper small:block">
			<div role="toolbar" aria-label={say('leafSwitch.shown')} className="flex">
				{leaves.map((name) => (
					<button
						key={name}
						type="button"
						aria-pressed={leaf === name}
						className="min-h-11 flex-1 border-t-3 border-transparent px-2 aria-pressed:border-ink aria-pressed:font-semibold"
						onClick={() => setTools({ leaf: name })}
					>
						{names[name]}
					</button>
				))}
			</div>
		</nav>
	);
}
