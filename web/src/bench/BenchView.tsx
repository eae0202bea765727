import { Tabs } from 'radix-ui';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { notify } from '../ui/Notices';
import { BenchHeader } from './BenchHeader';
import { setTools, useTools, views, zoomBy } from './chartTools';
import { BenchContext, type Bench as BenchParts, type Station, stations } from './context';
import type { DraftStore } from './draftState';
import { Sheet } from './Sheet';
import { Amounts } from './stations/Amounts';
import { Changes } from './stations/Changes';
import { Colours } from './stations/Colours';
import { Make } from './stations/Make';
import { Rounds } from './stations/Rounds';
import { Yarns } from './stations/Yarns';
import { Tray } from './Tray';

const panels: Record<Station, () => React.ReactNode> = { yarns: Yarns, rounds: Rounds, colours: Colours, changes: Changes, amounts: Amounts, make: Make };

const isTyping = (target: EventTarget | null) =>
	target instanceof HTMLElement && target.closest('input, select, textarea, [contenteditable], [role="dialog"], [role="menu"]') !== null;

/** Keys of a single letter act only where the sheet or the chart has the focus. */
const isOnSheet = (target: EventTarget | null) => target instanceof HTMLElement && target.closest('main') !== null;

/** One plan on the bench. */
export function BenchView({ draft, station, goTo }: { draft: DraftStore; station: Station; goTo: (station: Station) => void }) {
	const [pieceKey, setPieceKey] = useState(() => draft.getState().plan.pieces[0]?.key ?? '');
	const [picked, setPicked] = useState<ReadonlySet<number>>(new Set());
	const anchor = useRef(1);
	const reach = useRef(1);
	const [focused, setFocused] = useState<{ line: number; times: number }>({ line: -1, times: 0 });

	const roundCount = useCallback(() => draft.getState().analysis.pieces.find(({ key }) => key === pieceKey)?.rounds.length ?? 0, [draft, pieceKey]);

	const pick = useCallback((round: number, how: 'new' | 'extend' | 'add') => {
		if (how !== 'extend') anchor.current = round;
		reach.current = round;
		const from = Math.min(anchor.current, round);
		const to = Math.max(anchor.current, round);
		const range = Array.from({ length: to - from + 1 }, (_, i) => from + i);
		setPicked((before) => {
			if (how !== 'add') return new Set(how === 'new' ? [round] : range);
			const next = new Set(before);
			if (!next.delete(round)) next.add(round);
			return next;
		});
	}, []);

	const bench: BenchParts = useMemo(
		() => ({
			draft,
			piece: pieceKey,
			station,
			picked,
			pick,
			pickNone: () => setPicked(new Set()),
			showPiece: (key) => {
				setPieceKey(key);
				setTools({ layer: null, cursor: null });
				setPicked(new Set());
			},
			goTo,
			paint: (yarn) => {
				if (useTools.getState().brush !== null) {
					setTools({ brush: yarn });
					return;
				}
				if (picked.size === 0) {
					notify({ says: 'No rounds are picked.', mend: 'Pick them on the chart or in the list first: click, shift-click, or drag.' });
					return;
				}
				draft.edit({ do: 'paint', piece: pieceKey, rounds: [...picked], yarn });
			},
			focusLine: (line) => {
				goTo('rounds');
				setFocused(({ times }) => ({ line, times: times + 1 }));
			},
		}),
		[draft, pieceKey, station, picked, pick, goTo],
	);

	useEffect(() => {
		const onKey = (event: KeyboardEvent) => {
			const withControl = event.ctrlKey || event.metaKey;
			if (withControl && event.key.toLowerCase() === 'z') {
				event.preventDefault();
				if (event.shiftKey) draft.redo();
				else draft.undo();
				return;
			}
			if (withControl && event.key.toLowerCase() === 'y') {
				event.preventDefault();
				draft.redo();
				return;
			}
			if (withControl || event.altKey || isTyping(event.target)) return;
			const last = roundCount();
			if (
				(event.key === 'ArrowDown' || event.key === 'ArrowUp') &&
				last > 0 &&
				!(event.target instanceof HTMLElement && event.target.closest('[role="slider"]'))
			) {
				event.preventDefault();
				const from = picked.size === 0 ? (event.key === 'ArrowDown' ? 0 : last + 1) : reach.current;
				pick(Math.min(last, Math.max(1, from + (event.key === 'ArrowDown' ? 1 : -1))), event.shiftKey && picked.size > 0 ? 'extend' : 'new');
			} else if (event.key === 'Escape') {
				setPicked(new Set());
				setTools({ brush: null, layer: null, cursor: null });
			} else if (!isOnSheet(event.target)) {
				// A single letter would act on whoever speaks to the computer, or slips on the keyboard.
				return;
			} else if (event.key === '.') {
				const { brush } = useTools.getState();
				setTools({ brush: brush === null ? (draft.getState().plan.yarns[1]?.key ?? 'A') : null, layer: null });
			} else if (event.key === ',') {
				setTools(({ isMirrored }) => ({ isMirrored: !isMirrored }));
			} else if (event.key === '/') {
				event.preventDefault();
				setTools(({ view }) => ({ view: views[(views.indexOf(view) + 1) % views.length] ?? 'opened' }));
			} else if (event.key === '+' || event.key === '=' || event.key === '-') {
				zoomBy(event.key === '-' ? -1 : 1);
			} else if (event.key === '0') {
				setTools({ zoom: 0 });
			} else if (/^[1-6]$/.test(event.key)) {
				goTo(stations[Number(event.key) - 1] ?? 'rounds');
			} else if (/^[a-zA-Z]$/.test(event.key)) {
				const letter = event.key.toUpperCase();
				if (draft.getState().plan.yarns.some(({ key }) => key === letter)) bench.paint(letter);
			}
		};
		window.addEventListener('keydown', onKey);
		return () => window.removeEventListener('keydown', onKey);
	}, [draft, bench, picked, pick, goTo, roundCount]);

	// A piece can go away under the view: by undo, or by taking another window's plan.
	useEffect(
		() =>
			draft.subscribe(({ plan }) => {
				if (!plan.pieces.some(({ key }) => key === pieceKey)) setPieceKey(plan.pieces[0]?.key ?? '');
			}),
		[draft, pieceKey],
	);

	const Panel = panels[station];
	return (
		<BenchContext.Provider value={bench}>
			<Tabs.Root value={pieceKey} onValueChange={bench.showPiece} asChild>
				<div className="bench-areas h-full">
					<BenchHeader />
					<Tray />
					<Sheet focused={focused} />
					<aside
						className="relative col-span-2 overflow-auto border-t border-rule bg-paper p-4 min-[1100px]:col-span-1 min-[1100px]:border-t-0 min-[1100px]:border-l"
						aria-label={station}
					>
						<Panel />
					</aside>
				</div>
			</Tabs.Root>
		</BenchContext.Provider>
	);
}
