import { Tabs } from 'radix-ui';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { DraftStore } from '../sync/draftState';
import { hands } from '../ui/hands';
import { notify } from '../ui/Notices';
import { nameWindow } from '../ui/nameWindow';
import { say } from '../ui/say';
import { useFocusKept } from '../ui/useFocusKept';
import { BenchHeader } from './BenchHeader';
import { setTools, useTools } from './chartTools';
import { BenchContext, type Bench as BenchParts, type Station, stationNames } from './context';
import { HeldNow } from './HeldNow';
import { KeysDialog } from './KeysDialog';
import { LeafSwitch } from './LeafSwitch';
import { keepPlace } from './place';
import { Sheet } from './Sheet';
import { SkipLinks } from './SkipLinks';
import { Amounts } from './stations/Amounts';
import { Changes } from './stations/Changes';
import { Colours } from './stations/Colours';
import { Parts } from './stations/Parts';
import { Pattern } from './stations/Pattern';
import { Rounds } from './stations/Rounds';
import { Yarns } from './stations/Yarns';
import { Tray } from './Tray';
import type { Address } from './useAddress';
import { useFolding } from './useFolding';
import { useKeys } from './useKeys';
import { usePicks } from './usePicks';
import { usePrinting } from './usePrinting';

const panels: Record<Station, () => React.ReactNode> = {
	yarns: Yarns,
	rounds: Rounds,
	colours: Colours,
	changes: Changes,
	parts: Parts,
	amounts: Amounts,
	pattern: Pattern,
};

/** Asks for something to be brought into sight, again and again where it is the same. */
export interface Sought {
	at: number;
	times: number;
}

const NOTHING: Sought = { at: -1, times: 0 };
const sought = (at: number) => (before: Sought) => ({ at, times: before.times + 1 });

/** One plan on the bench. */
export function BenchView({ draft, station, piece, goTo }: { draft: DraftStore } & Address) {
	const { id } = draft.getState();
	const keys = useStore(draft, ({ plan }) => plan.pieces.map(({ key }) => key).join(' ')).split(' ');
	const pieceKey = keys.find((key) => key === piece) ?? keys[0] ?? '';
	const roundCount = useCallback(() => draft.getState().analysis.pieces.find(({ key }) => key === pieceKey)?.rounds.length ?? 0, [draft, pieceKey]);
	const picks = usePicks(roundCount);
	const { picked, pickNone, pickWithin } = picks;
	const [focused, setFocused] = useState(NOTHING);
	const [seeks, setSeeks] = useState(NOTHING);
	const [hasKeys, setHasKeys] = useState(false);

	const bench: BenchParts = useMemo(
		() => ({
			...picks,
			draft,
			piece: pieceKey,
			station,
			showPiece: (key) => {
				goTo({ piece: key });
				keepPlace(id, { piece: key, top: 0 });
				setTools({ layer: null, cursor: null, copy: 0, held: null });
				pickNone();
			},
			goTo: (next) => {
				setTools({ leaf: 'panel', held: null });
				goTo({ station: next });
			},
			showKeys: () => setHasKeys(true),
			seek: (round) => setSeeks(sought(round)),
			paint: (yarn) => {
				if (useTools.getState().brush !== null) {
					setTools({ brush: yarn });
					return;
				}
				if (picked.size === 0) {
					notify({ says: say('benchView.noRoundsArePicked'), mend: say('benchView.pickThemOnTheChart', { by: hands() }) });
					return;
				}
				draft.edit({ do: 'paint', piece: pieceKey, rounds: [...picked], yarn });
			},
			focusLine: (line) => {
				goTo({ station: 'rounds' });
				setTools({ leaf: 'words' });
				setFocused(sought(line));
			},
		}),
		[draft, id, pieceKey, station, picks, picked, pickNone, goTo],
	);
	useKeys(bench, roundCount);
	usePrinting(draft);
	const leaf = useTools((tools) => tools.leaf);
	const root = useRef<HTMLDivElement>(null);
	useFocusKept(root);
	useFolding(root);

	useEffect(() => draft.look(pieceKey), [draft, pieceKey]);

	// Rounds that were picked can go away: by undo, or by taking another window's plan. What was in the hand stays with its piece.
	useEffect(() => draft.subscribe(() => pickWithin(roundCount())), [draft, pickWithin, roundCount]);
	useEffect(() => {
		if (pieceKey !== '') return () => setTools({ layer: null, cursor: null, copy: 0, held: null });
	}, [pieceKey]);

	// How it is looked at is found again after a reload.
	useEffect(() => useTools.subscribe(({ view, zoom }) => keepPlace(id, { view, zoom })), [id]);

	useEffect(() => {
		const name = () => nameWindow(`${draft.getState().plan.title || say('common.untitled')}: ${stationNames[station]} – Alternum`);
		name();
		return draft.subscribe(name);
	}, [draft, station]);

	const Panel = panels[station];
	return (
		<BenchContext.Provider value={bench}>
			<Tabs.Root value={pieceKey} onValueChange={bench.showPiece} asChild>
				<div ref={root} className="bench-areas" data-leaf={leaf} data-station={station}>
					<SkipLinks />
					<BenchHeader />
					<Tray />
					{/* In a small window, in the yarns' stead while something waits to be put. */}
					<div className="off-leaf-panel hidden border-b border-rule px-2 pb-2 small:block">
						<HeldNow />
					</div>
					<main className="contents">
						<Sheet focused={focused} sought={seeks} />
						<section
							id="panel"
							data-area="panel"
							tabIndex={-1}
							className="panel-area relative on-leaf-panel overflow-auto border-rule bg-paper p-4 -outline-offset-2"
							aria-label={stationNames[station]}
						>
							<Panel />
						</section>
					</main>
					<LeafSwitch />
				</div>
			</Tabs.Root>
			<KeysDialog open={hasKeys} onClose={() => setHasKeys(false)} />
		</BenchContext.Provider>
	);
}
