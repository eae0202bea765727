import { replaceEqualDeep } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { type Cell, Chart } from '../chart/Chart';
import { layOut, roundsNear, type SheetLayout } from '../chart/layout';
import { Rings } from '../chart/Rings';
import type { Run } from '../chart/runs';
import { OnceFetched } from '../solid/OnceFetched';
import { dragKey } from '../sync/queue';
import { say } from '../ui/say';
import type { Sought } from './BenchView';
import { CompareDialog } from './CompareDialog';
import { Counts } from './Counts';
import { asCopy, JOINT, setTools, tiesOf, useShownYarns, useTools, withParts, zoomTo } from './chartTools';
import { useBench, useDraft, usePiece, useProblems } from './context';
import { Events } from './Events';
import { LinesEditor } from './LinesEditor';
import { keepPlace, placeOf } from './place';
import { useComing } from './useComing';
import { useInHand } from './useInHand';
import { useWholeToy } from './useWholeToy';
import { useWorkedInto } from './useWorkedInto';
import { ViewBar } from './ViewBar';

const setCursor = (cursor: Cell | null) => setTools({ cursor });

/** Below this many pixels a band has no room for its line of words; above, a short piece does not look taller than it is. */
const ROW = { least: 26, most: 34 };
const PADDING = 64;
const NOTHING: never[] = [];
/** Pixels of a round below which nothing of it is seen. */
const LEAST_FIT = 1.5;
/** Pixels beside the widest round for what leans over. */
const BESIDE = 120;
/** As narrow as its bar of views may be. */
const NARROWEST = 320;

/** The sheet: each round one line across; its words, its count, its band of stitches, what happens there. */
export function Sheet({ focused, sought }: { focused: Sought; sought: Sought }) {
	const bench = useBench();
	const { draft, picked, pick, station } = bench;
	const { piece, analysis: made } = usePiece();
	const yarns = useShownYarns();
	const { view, zoom: scale, brush, held, isMirrored, layer, copy, cursor, isToy, isFit: asksFit } = useTools();
	const assembly = useDraft((state) => state.analysis.assembly);
	const analysis = useMemo(() => withParts(asCopy(made, piece?.copies, copy), assembly), [made, piece?.copies, copy, assembly]);
	const isLeftHanded = useDraft(({ plan }) => plan.hand === 'left');
	const stitches = useDraft((state) => state.analysis.constants.stitches);
	const looks = useDraft((state) => state.analysis.constants.looks);
	const problems = useProblems();
	// The queue may hold lines that the plan has not yet.
	const count = useDraft(() => (piece === undefined ? 0 : draft.lines(piece.key).length));
	const scroller = useRef<HTMLElement>(null);
	const [seen, setSeen] = useState({ top: 0, height: 400 });

	const isChart = view === 'opened' || view === 'grid';
	const rowHeight = Math.round(
		Math.min(ROW.most, Math.max(ROW.least, (seen.height - 2.5 * PADDING) / Math.max(1, analysis?.rounds.length ?? 1))) *
			(isChart ? 1 + (scale - 1) / 2 : 1),
	);
	const isFit = asksFit && isChart && analysis !== undefined;
	const before = useRef<SheetLayout | undefined>(undefined);
	const layout = useMemo(() => {
		const own = isFit ? NOTHING : problems.filter((problem) => problem.piece === piece?.key);
		// All of it at once is as high as there is room, and no higher than it usually is.
		const fitting = isFit ? (seen.height - 2 * PADDING) / Math.max(1, layOut(analysis, count, own, 1).height) : rowHeight;
		before.current = replaceEqualDeep(before.current, layOut(analysis, count, own, Math.min(rowHeight, Math.max(LEAST_FIT, fitting))));
		return before.current;
	}, [analysis, count, problems, piece?.key, rowHeight, isFit, seen.height]);
	/** All of it at once keeps its proportions. */
	const fitWidth = useMemo(() => {
		if (!isFit || analysis === undefined) return undefined;
		const widest = Math.max(0, ...analysis.rounds.map(({ makes }) => makes));
		const { stitchWidthMm, roundHeightMm } = analysis.gauge;
		return Math.max(NARROWEST, (widest * layout.rowHeight * stitchWidthMm) / roundHeightMm + BESIDE);
	}, [isFit, analysis, layout.rowHeight]);

	const [from, to] = roundsNear(layout, seen.top - PADDING, seen.top - PADDING + seen.height);

	const { id } = draft.getState();
	const revision = useDraft((state) => state.revision);
	useLayoutEffect(() => {
		const element = scroller.current;
		if (element === null) return;
		const look = () => setSeen({ top: element.scrollTop, height: element.clientHeight });
		const onScroll = () => {
			look();
			keepPlace(id, { top: element.scrollTop });
		};
		const observer = new ResizeObserver(look);
		observer.observe(element);
		element.addEventListener('scroll', onScroll, { passive: true });
		element.scrollTop = placeOf(id).top ?? 0;
		look();
		return () => {
			observer.disconnect();
			element.removeEventListener('scroll', onScroll);
		};
	}, [id]);

	// A round that keys go to is brought into sight; nothing else moves the sheet under the maker’s hand.
	const laid = useRef(layout);
	laid.current = layout;
	useEffect(() => {
		const element = scroller.current;
		const { tops, rowHeight: row } = laid.current;
		const top = tops[sought.at - 1];
		if (element === null || top === undefined) return;
		if (top < element.scrollTop) element.scrollTop = top;
		else if (top + 2 * row + 2 * PADDING > element.scrollTop + element.clientHeight) element.scrollTop = top + 2 * row + 2 * PADDING - element.clientHeight;
	}, [sought]);

	const [under, setUnder] = useState<Cell | null>(null);
	const into = useWorkedInto(piece?.key, under);
	const key = piece?.key ?? '';
	const coming = useComing(key);
	const onPaint = useCallback(
		(runs: Run[]) => brush !== null && draft.edit({ do: 'stitches', piece: key, cells: runs, yarn: brush, mirrored: isMirrored }),
		[draft, key, brush, isMirrored],
	);
	/** One drag is one step: the core moves the layer from where it was taken. What else is done meanwhile ends it. */
	const moved = useRef({ key: '', to: '', isBegun: false });
	const onMove = useCallback(
		(rounds: number, degrees: number, { drag, resizes }: { drag: string; resizes: boolean }) => {
			const to = `${rounds} ${Math.round(degrees)} ${resizes}`;
			const dragged = dragKey(drag);
			const held = moved.current.key === dragged ? moved.current : { key: dragged, to: `0 0 ${resizes}`, isBegun: false };
			const moves = to !== held.to && !(held.isBegun && draft.doing() !== held.key);
			if (layer !== null && moves) draft.edit({ do: 'shift', piece: key, layer, rounds, degrees, ...(resizes ? { stretch: true } : {}) }, held.key);
			moved.current = { ...held, to, isBegun: held.isBegun || moves };
		},
		[draft, key, layer],
	);

	/** Puts what is in the hand where it was pressed; it stays in no hand then. */
	const onPut = useCallback(
		({ round, stitch }: Cell) => {
			if (held === null) return;
			draft.edit({ do: 'put', piece: key, ...('part' in held ? { part: held.part } : { what: held.what }), round, stitch });
			setTools({ held: null, leaf: 'panel' });
		},
		[draft, key, held],
	);

	/** What is placed can be dragged where parts are placed, while nothing else is in the hand. */
	const carries = station === 'parts' && held === null && brush === null && layer === null;
	const plan = useDraft((state) => state.plan);
	const ties = useMemo(() => tiesOf(plan, key), [plan, key]);
	const carrying = useMemo(
		() => ({
			ties,
			onCarry: carries
				? (of: string, { round, stitch }: Cell) =>
						draft.edit({ do: 'nudge', ...(of.startsWith(JOINT) ? { key: of.slice(JOINT.length) } : { piece: key, key: of }), round, stitch })
				: undefined,
		}),
		[draft, key, ties, carries],
	);

	const toy = useWholeToy(isToy && view === 'round');
	const inHand = useInHand(id, piece?.key);
	// In the round it is shaded as what is picked.
	const shaded = useMemo(() => (inHand === null || picked.size > 0 ? picked : new Set([inHand])), [inHand, picked]);

	const [isComparing, setIsComparing] = useState(false);
	const isEmpty = count === 0;
	const drawn = analysis === undefined || analysis.rounds.length === 0 ? undefined : analysis;
	const isMoving = layer !== null && analysis?.layers[layer]?.movable === true;
	return (
		<section
			ref={scroller}
			id="sheet"
			className="relative min-w-0 overflow-y-auto bg-sheet small:max-h-[max(85vh,20rem)] off-leaf-panel"
			aria-label={say('sheet.theSheet')}
		>
			<h2 className="sr-only">{say('sheet.theSheet')}</h2>
			<Tabs.Content value={key} tabIndex={-1} asChild>
				<div className="sheet-columns min-w-0" data-fit={isFit || undefined} style={{ minHeight: '100%', paddingBlock: PADDING }}>
					<div className="min-w-0 on-leaf-words" data-area="lines">
						<LinesEditor layout={layout} focused={focused} />
					</div>
					<div data-area="rounds" className="relative border-l border-rule" style={{ height: layout.height }}>
						{inHand !== null && layout.tops[inHand - 1] !== undefined && (
							<p className="absolute left-0 border-l-4 border-ink" style={{ top: layout.tops[inHand - 1], height: layout.rowHeight }}>
								<span className="sr-only">{say('sheet.isBeingMade', { round: inHand })}</span>
							</p>
						)}
						<Counts rounds={analysis?.rounds ?? NOTHING} layout={layout} from={from} to={to} picks={bench} seek={bench.seek} />
					</div>
					<div data-area="chart" className="relative min-w-0 on-leaf-picture" style={{ marginBlock: -PADDING }}>
						<div className="sticky top-0 mx-auto" style={{ height: seen.height, maxWidth: fitWidth }}>
							{drawn !== undefined && <ViewBar firstYarn={yarns[1]?.key ?? yarns[0]?.key ?? 'A'} />}
							{drawn !== undefined && isChart && (
								<Chart
									piece={drawn}
									yarns={yarns}
									stitches={stitches}
									layout={layout}
									view={view}
									zoom={scale}
									isLeftHanded={isLeftHanded}
									picked={picked}
									inHand={inHand}
									coming={coming}
									brush={brush}
									cursor={cursor}
									isMoving={isMoving}
									top={seen.top - PADDING}
									height={seen.height}
									onPick={pick}
									onPaint={onPaint}
									onPut={held === null ? undefined : onPut}
									carrying={carrying}
									onCursor={setCursor}
									onMove={onMove}
									onZoom={zoomTo}
									scroller={scroller}
									into={into}
									onUnder={setUnder}
								/>
							)}
							{drawn !== undefined && view === 'above' && (
								<Rings
									piece={drawn}
									yarns={yarns}
									isLeftHanded={isLeftHanded}
									picked={picked}
									height={seen.height}
									onPick={pick}
									onPut={held === null ? undefined : onPut}
								/>
							)}
							{drawn !== undefined && view === 'round' && (
								<OnceFetched
									plan={{ id, revision }}
									piece={drawn}
									yarns={yarns}
									looks={looks}
									toy={plan.pieces.length > 1 ? { isShown: isToy, ...toy } : null}
									onToy={(is) => setTools({ isToy: is })}
									onCompare={() => setIsComparing(true)}
									isLeftHanded={isLeftHanded}
									picked={shaded}
									onPick={(cell) => {
										if (held !== null) return onPut(cell);
										pick(cell.round, 'new');
										setTools({ cursor: cell });
									}}
								/>
							)}
							{drawn !== undefined && (
								<CompareDialog open={isComparing} piece={drawn} isToy={isToy && plan.pieces.length > 1} onClose={() => setIsComparing(false)} />
							)}
							{isEmpty && (
								<p className="max-w-sm p-8 text-faint">
									{say('sheet.thePieceWillBeDrawn')}
									<br />
									<span className="mt-2 block text-ink">{say('sheet.r16ScInMr')}</span>
									<span className="block text-ink">{say('sheet.r2IncX6')}</span>
									<span className="block text-ink">{say('sheet.r3ScIncX6')}</span>
								</p>
							)}
							{drawn !== undefined && drawn.worked !== 'rows' && view === 'opened' && (
								<Ruler isLeftHanded={isLeftHanded} isUpsideDown={!drawn.beginsAtTop} lies={drawn.lies ? 'yes' : 'no'} />
							)}
						</div>
					</div>
					<div
						data-area="events"
						className={`relative ${station === 'changes' ? 'w-44' : 'w-32'} border-l border-rule on-leaf-picture max-[559px]:hidden`}
						style={{ height: layout.height }}
					>
						<Events
							changes={analysis?.changes ?? NOTHING}
							within={analysis?.changesWithin ?? NOTHING}
							placed={analysis?.placed ?? NOTHING}
							threads={analysis?.threads ?? NOTHING}
							layout={layout}
							from={from}
							to={to}
						/>
					</div>
				</div>
			</Tabs.Content>
		</section>
	);
}

/** What the chart's width means. */
function Ruler({ isLeftHanded, isUpsideDown, lies }: { isLeftHanded: boolean; isUpsideDown: boolean; lies: 'yes' | 'no' }) {
	return (
		<div className="caption pointer-events-none absolute inset-x-0 top-8 flex justify-between gap-2 bg-sheet/90 px-2">
			<span>{say('sheet.back', { lies })}</span>
			<span>{say('sheet.side')}</span>
			<span>{isUpsideDown ? say('sheet.frontUpsideDown', { lies }) : say('common.front', { lies })}</span>
			<span>{say('sheet.side')}</span>
			<span>{say('sheet.backOn', { hand: isLeftHanded ? 'left' : 'right', lies })}</span>
		</div>
	);
}
