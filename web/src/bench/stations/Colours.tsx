import { useState } from 'react';
import { Button } from '../../ui/Button';
import { plural } from '../../ui/units';
import { YarnMark } from '../../ui/YarnMark';
import { setTools, useTools } from '../chartTools';
import { useBench, usePiece, useYarns } from '../context';
import { BrushPanel } from './colours/BrushPanel';
import { Lay } from './colours/Lay';
import { Layers } from './colours/Layers';
import { RoundsTable } from './colours/RoundsTable';
import { YarnPairs } from './colours/YarnPairs';

/** Which stitches take which yarn: what is picked, what can be laid, the layers as they lie, and how it all goes together. */
export function Colours() {
	const { picked, pickNone, paint, goTo } = useBench();
	const { analysis } = usePiece();
	const yarns = useYarns();
	const brush = useTools((tools) => tools.brush);
	const [isTable, setIsTable] = useState(false);
	const rounds = [...picked].sort((a, b) => a - b);
	const first = rounds[0];
	const last = rounds.at(-1);
	const isWhole = first !== undefined && last !== undefined && last - first + 1 === rounds.length;
	return (
		<>
			<h2 className="mb-2 text-lg font-semibold">Colours</h2>
			{(analysis?.rounds.length ?? 0) === 0 ? (
				<p className="mb-4">
					There is nothing to colour yet: type the first rounds on the sheet, or{' '}
					<button type="button" className="underline" onClick={() => goTo('rounds')}>
						begin from a shape
					</button>
					.
				</p>
			) : brush !== null ? (
				<BrushPanel brush={brush} />
			) : first === undefined || last === undefined ? (
				<p className="mb-4">
					Pick rounds: click one, shift-click or drag for more, or use the arrow keys. Then click a yarn, or press its letter. For single stitches,{' '}
					<button type="button" className="underline" onClick={() => setTools({ brush: yarns[1]?.key ?? yarns[0]?.key ?? 'A', view: 'opened' })}>
						take the brush
					</button>
					.
				</p>
			) : (
				<section aria-label="Picked rounds" className="mb-5">
					<p className="figures mb-2 flex items-baseline justify-between">
						<span className="font-semibold">
							{rounds.length === 1 ? `Round ${first}` : isWhole ? `Rounds ${first} to ${last}` : `${plural(rounds.length, 'round')}`} picked
						</span>
						<Button kind="bare" onClick={pickNone}>
							Clear
						</Button>
					</p>
					<div className="flex flex-wrap gap-2">
						{yarns.map(({ key, name, hex }) => (
							<Button key={key} title={`${name} (press ${key})`} onClick={() => paint(key)}>
								<YarnMark letter={key} hex={hex} size={22} />
								<span className="max-w-24 truncate">{name}</span>
							</Button>
						))}
					</div>
				</section>
			)}
			<Lay from={first ?? 1} to={rounds.length > 1 ? (last ?? 1) : (analysis?.rounds.length ?? 1)} isPicked={first !== undefined} />
			<Layers />
			<YarnPairs />
			{analysis !== undefined && analysis.rounds.length > 0 && (
				<Button className="mt-4 w-full" onClick={() => setIsTable(true)}>
					Read it as a table …
				</Button>
			)}
			<RoundsTable open={isTable} onClose={() => setIsTable(false)} />
		</>
	);
}
