import { useState } from 'react';
import { Button } from '../../ui/Button';
import { hands } from '../../ui/hands';
import { say, sayWith } from '../../ui/say';
import { YarnMark } from '../../ui/YarnMark';
import { setTools, useTools } from '../chartTools';
import { useBench, usePiece, useYarns } from '../context';
import { StationHead } from '../StationHead';
import { Tips } from '../Tips';
import { WhichEnd } from '../WhichEnd';
import { BrushPanel } from './colours/BrushPanel';
import { Lay } from './colours/Lay';
import { Layers } from './colours/Layers';
import { RoundsTable } from './colours/RoundsTable';
import { YarnPairs } from './colours/YarnPairs';
import { SpiralOffers } from './SpiralOffers';

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
			<StationHead>
				<p>{say('colours.manual', { by: hands() })}</p>
			</StationHead>
			<SpiralOffers />
			{(analysis?.rounds.length ?? 0) === 0 ? (
				<p className="mb-4">
					{sayWith('colours.thereIsNothingToColour', {
						link: (
							<button type="button" className="underline" onClick={() => goTo('rounds')}>
								{say('colours.beginFromAShape')}
							</button>
						),
					})}
				</p>
			) : brush !== null ? (
				<BrushPanel brush={brush} />
			) : first === undefined || last === undefined ? (
				<p className="mb-4">
					{sayWith('colours.next', {
						link: (
							<button
								type="button"
								className="underline"
								onClick={() => setTools({ brush: yarns[1]?.key ?? yarns[0]?.key ?? 'A', view: 'opened' })}
							>
								{say('colours.takeTheBrush')}
							</button>
						),
					})}
				</p>
			) : (
				<section aria-label={say('colours.pickedRounds')} className="mb-5">
					<p className="figures mb-2 flex items-baseline justify-between">
						<span className="font-semibold">
							{say('colours.picked', {
								rounds:
									rounds.length === 1
										? say('colours.roundFirst', { first })
										: isWhole
											? say('colours.roundsFirstToLast', { first, last })
											: `${say('common.countedRounds', { rounds: rounds.length })}`,
							})}
						</span>
						<Button kind="bare" onClick={pickNone}>
							{say('colours.clear')}
						</Button>
					</p>
					<div className="flex flex-wrap gap-2">
						{yarns.map(({ key, name, hex }) => (
							<Button key={key} title={say('common.namePressKey', { name, key })} onClick={() => paint(key)}>
								<YarnMark letter={key} hex={hex} size={22} />
								<span className="max-w-24 truncate">{name}</span>
							</Button>
						))}
					</div>
				</section>
			)}
			<Lay from={first ?? 1} to={rounds.length > 1 ? (last ?? 1) : (analysis?.rounds.length ?? 1)} isPicked={first !== undefined} />
			<WhichEnd />
			<Layers />
			<Tips />
			<YarnPairs />
			{analysis !== undefined && analysis.rounds.length > 0 && (
				<Button className="mt-4 w-full" onClick={() => setIsTable(true)}>
					{say('colours.readItAsATable')}
				</Button>
			)}
			<RoundsTable open={isTable} onClose={() => setIsTable(false)} />
		</>
	);
}
