import { ChevronDown, Plus } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { limits } from '../api/generated/limits';
import type { Piece } from '../api/types';
import { Button } from '../ui/Button';
import { cut } from '../ui/cut';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, TextField } from '../ui/Field';
import { Menu, MenuItem } from '../ui/Menu';
import { numbered } from '../ui/numbered';
import { say, sayWith } from '../ui/say';
import { BeginsOn } from './BeginsOn';
import { CopiesField } from './CopiesField';
import { CoverDialog } from './CoverDialog';
import { setTools, useTools } from './chartTools';
import { useBench, useDraft, useProblems } from './context';
import { OwnGauge } from './GaugeFields';
import { LeanForm } from './LeanForm';
import { emptyPiece, freeKey, set, withPiece } from './plans';
import { ToldAt } from './ToldAt';

type Lift = NonNullable<Piece['lift']>;

/** How rounds and rows may be lifted, the usual way first. */
const LIFTS: Record<'joined' | 'rows', [Lift, ...Lift[]]> = { joined: ['none', 'chain', 'counted'], rows: ['chain', 'counted'] };

/** As it is chosen; older plans say it by whether the chain counts. */
function liftOf(piece: Piece): Lift {
	const [usual] = LIFTS[piece.worked === 'rows' ? 'rows' : 'joined'];
	return piece.lift ?? (piece.chainCounts === true ? 'counted' : usual);
}

function liftWords(lift: Lift): string {
	if (lift === 'none') return say('pieces.lift.none');
	return lift === 'chain' ? say('pieces.lift.chain') : say('pieces.lift.counted');
}

/** The plan's pieces; the one in view is changed from here. */
export function Pieces() {
	const { draft, piece: shown, showPiece } = useBench();
	const pieces = useDraft(({ plan }) => plan.pieces);
	const [isOpen, setIsOpen] = useState(false);
	const [isCovering, setIsCovering] = useState(false);
	const copy = useTools((tools) => tools.copy);
	const piece = pieces.find(({ key }) => key === shown);

	// What is told of its fields is not folded away.
	const at = piece === undefined ? '' : `pieces[${pieces.indexOf(piece)}].`;
	const isTold = useProblems().some(({ path }) => ['gauge', 'start', 'copies'].some((field) => path?.startsWith(at + field)));
	const isFull = pieces.length >= limits.pieces;

	function add() {
		const key = freeKey(draft.getState().plan, 'piece');
		draft.change((is) => ({ ...is, pieces: [...is.pieces, emptyPiece(key, say('pieces.newPiece'))] }));
		showPiece(key);
	}

	function duplicate(of: Piece) {
		const key = freeKey(draft.getState().plan, of.key);
		draft.edit({ do: 'copy', piece: of.key, key, name: cut(`${of.name} again`, limits.name) });
		showPiece(key);
	}

	/** One place up or down in the order in which the pieces are made. */
	function move(by: 1 | -1) {
		draft.change((plan) => {
			const moved = [...plan.pieces];
			const at = moved.findIndex(({ key }) => key === shown);
			moved.splice(at + by, 0, ...moved.splice(at, 1));
			return { ...plan, pieces: moved };
		});
	}

	return (
		<div className="flex min-w-0 items-center gap-1 pb-1.5 small:px-2 small:pb-0.5">
			<span className="caption mr-1 small:sr-only">{say('common.piece')}</span>
			<Tabs.List aria-label={say('pieces.pieces')} className="flex min-w-0 overflow-x-auto small:flex-1 small:[scrollbar-width:none]">
				{pieces.map(({ key, name, copies }) => {
					const times = typeof copies === 'number' ? copies : copies.length;
					return (
						<Tabs.Trigger
							key={key}
							value={key}
							title={name}
							className={`piece max-w-44 shrink-0 truncate border px-2.5 py-0.5 -outline-offset-4 ${
								key === shown ? 'border-ink bg-sheet' : 'border-transparent text-faint hover:border-rule'
							}`}
						>
							<bdi>{name}</bdi>
							{times > 1 && ` ×${times}`}
						</Tabs.Trigger>
					);
				})}
			</Tabs.List>
			<Menu
				align="start"
				button={
					<Button kind="bare" className="piece" aria-label={say('pieces.moreAboutPieces')}>
						<ChevronDown size={16} />
					</Button>
				}
			>
				<MenuItem disabled={isFull} onSelect={add}>
					<Plus size={15} className="mr-2 inline" />
					{isFull ? say('pieces.aPlanHasPiecesPieces', { pieces: limits.pieces }) : say('pieces.addAPiece')}
				</MenuItem>
				<MenuItem disabled={piece === undefined} onSelect={() => setIsOpen(true)}>
					{say('pieces.nameCopiesHowItIs')}
				</MenuItem>
				<MenuItem disabled={piece === undefined || isFull} onSelect={() => setIsCovering(true)}>
					{sayWith('pieces.aCoverForName', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={pieces[0]?.key === shown} onSelect={() => move(-1)}>
					{sayWith('pieces.makeNameEarlier', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={pieces.at(-1)?.key === shown} onSelect={() => move(1)}>
					{sayWith('pieces.makeNameLater', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={piece === undefined || isFull} onSelect={() => piece !== undefined && duplicate(piece)}>
					{sayWith('pieces.duplicateName', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem
					disabled={piece === undefined}
					onSelect={() => draft.change((plan) => ({ ...plan, pieces: plan.pieces.filter(({ key }) => key !== shown) }))}
				>
					{sayWith('common.deleteName', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
			</Menu>
			{piece !== undefined && typeof piece.copies !== 'number' && (
				<select
					className="field ml-1 max-w-40 text-sm"
					aria-label={say('pieces.copyThatIsShown')}
					value={Math.min(copy, piece.copies.length - 1)}
					onChange={(event) => setTools({ copy: Number(event.target.value) })}
				>
					{numbered(piece.copies).map(({ at, one: { name } }) => (
						<option key={at} value={at}>
							{name}
						</option>
					))}
				</select>
			)}
			{piece !== undefined && <CoverDialog piece={piece} open={isCovering} onClose={() => setIsCovering(false)} />}
			{piece !== undefined && (
				<DialogSheet title={piece.name === '' ? say('pieces.thisPiece') : piece.name} open={isOpen} onClose={() => setIsOpen(false)} isDone>
					<div className="grid grid-cols-2 gap-4">
						<TextField
							label={say('common.name')}
							className="col-span-2"
							maxLength={limits.name}
							value={piece.name}
							onChange={(name) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, name })), `piece name ${piece.key}`)}
						/>
						<CopiesField piece={piece} />
						<HowItIsWorked isTold={isTold}>
							<div className="mt-2 grid grid-cols-2 gap-4">
								<ChoiceField
									label={say('pieces.worked')}
									value={piece.worked}
									choices={[
										['spiral', say('pieces.inASpiral')],
										['joined', say('pieces.inJoinedRounds')],
										['rows', say('pieces.inRowsTurned')],
									]}
									onChange={(worked) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, worked })))}
								/>
								{piece.worked === 'spiral' ? (
									<span />
								) : (
									<ChoiceField
										label={piece.worked === 'rows' ? say('pieces.theTurningChain') : say('pieces.theChainAtARound')}
										value={liftOf(piece)}
										choices={LIFTS[piece.worked === 'rows' ? 'rows' : 'joined'].map((lift) => [lift, liftWords(lift)])}
										onChange={(lift) =>
											draft.change((plan) => withPiece(plan, piece.key, (is) => set(set(is, 'chainCounts', null), 'lift', lift)))
										}
									/>
								)}
								{piece.worked === 'joined' && (
									<ChoiceField
										label={say('pieces.closedWithASlipStitch')}
										className="col-span-2"
										value={piece.closing ?? 'first-stitch'}
										choices={[
											['first-stitch', say('pieces.theFirstStitch')],
											['back-loop', say('pieces.itsBackLoopTheSeam')],
										]}
										onChange={(closing) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, closing })))}
									/>
								)}
								<ChoiceField
									label={say('pieces.round1IsTheFinished')}
									value={piece.firstRound ?? 'guess'}
									choices={[
										['guess', say('pieces.guessedFromWhatIsSet')],
										['top', say('pieces.top')],
										['bottom', say('pieces.bottomItIsBegunAt')],
										['face', say('pieces.faceEnd')],
										['tail', say('pieces.tailEnd')],
									]}
									onChange={(end) =>
										draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'firstRound', end === 'guess' ? null : end)))
									}
								/>
								<p className="caption self-end">{say('pieces.motifsLettersAndFacesStand')}</p>
								<OwnGauge
									className="col-span-2"
									label={say('pieces.gaugeOf')}
									says={say('pieces.ownGauge')}
									gauge={piece.gauge}
									onBegin={() => draft.edit({ do: 'own-gauge', piece: piece.key })}
									onChange={(gauge, field) =>
										draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'gauge', gauge)), `piece ${field} ${piece.key}`)
									}
								/>
								<div className="col-span-2">
									<ToldAt path={`pieces[${pieces.indexOf(piece)}].gauge`} />
									<ToldAt path={`pieces[${pieces.indexOf(piece)}].start`} />
									<ToldAt path={`pieces[${pieces.indexOf(piece)}].copies`} />
								</div>
								<LeanForm piece={piece} />
								<BeginsOn piece={piece} />
							</div>
						</HowItIsWorked>
					</div>
				</DialogSheet>
			)}
		</div>
	);
}

/** Folded until the maker opens it or something is told of it; it stays open when that is mended. */
function HowItIsWorked({ isTold, children }: { isTold: boolean; children: ReactNode }) {
	const [isOpen, setOpen] = useState(false);
	return (
		<details className="col-span-2 border-t border-rule pt-2" open={isOpen || isTold} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
			<summary className="cursor-pointer font-semibold">{say('pieces.howItIsWorked')}</summary>
			{children}
		</details>
	);
}
