import { type ReactNode, useState } from 'react';
import { limits } from '../api/generated/limits';
import type { Piece } from '../api/types';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, TextField } from '../ui/Field';
import { say } from '../ui/say';
import { BeginsOn } from './BeginsOn';
import { CopiesField } from './CopiesField';
import { useBench, useDraft, useProblems } from './context';
import { OwnGauge } from './GaugeFields';
import { LeanForm } from './LeanForm';
import { set, withPiece } from './plans';
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

/** What holds for one piece: its name and copies, and how it is worked. */
export function PieceDialog({ piece, open, onClose }: { piece: Piece; open: boolean; onClose: () => void }) {
	const { draft } = useBench();
	const pieces = useDraft(({ plan }) => plan.pieces);
	// What is told of its fields is not folded away.
	const at = `pieces[${pieces.indexOf(piece)}].`;
	const isTold = useProblems().some(({ path }) => ['gauge', 'start', 'copies'].some((field) => path?.startsWith(at + field)));
	return (
		<DialogSheet title={piece.name === '' ? say('pieces.thisPiece') : piece.name} open={open} onClose={onClose} isDone>
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
								onChange={(lift) => draft.change((plan) => withPiece(plan, piece.key, (is) => set(set(is, 'chainCounts', null), 'lift', lift)))}
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
							onChange={(end) => draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'firstRound', end === 'guess' ? null : end)))}
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
