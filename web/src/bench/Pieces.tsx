import { ChevronDown, Plus } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { limits } from '../api/generated/limits';
import type { Piece } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, TextField } from '../ui/Field';
import { Menu, MenuItem } from '../ui/Menu';
import { numbered } from '../ui/numbered';
import { BeginsOn } from './BeginsOn';
import { CopiesField } from './CopiesField';
import { setTools, useTools } from './chartTools';
import { useBench, useDraft } from './context';
import { LeanForm } from './LeanForm';
import { emptyPiece, freeKey, set, withPiece } from './plans';

/** The plan's pieces; the one in view is changed from here. */
export function Pieces() {
	const { draft, piece: shown, showPiece } = useBench();
	const pieces = useDraft(({ plan }) => plan.pieces);
	const [isOpen, setIsOpen] = useState(false);
	const copy = useTools((tools) => tools.copy);
	const piece = pieces.find(({ key }) => key === shown);

	const isFull = pieces.length >= limits.pieces;

	function add(copyOf?: Piece) {
		const plan = draft.getState().plan;
		const name = copyOf === undefined ? 'New piece' : `${copyOf.name} again`;
		const key = freeKey(plan, copyOf?.key ?? 'piece');
		const added = copyOf === undefined ? emptyPiece(key, name) : { ...copyOf, key, name };
		draft.change((is) => ({ ...is, pieces: [...is.pieces, added] }));
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
		<div className="flex min-w-0 items-center gap-1 pb-1.5">
			<span className="caption mr-1">Piece</span>
			<Tabs.List aria-label="Pieces" className="flex min-w-0 overflow-x-auto">
				{pieces.map(({ key, name, copies }) => {
					const times = typeof copies === 'number' ? copies : copies.length;
					return (
						<Tabs.Trigger
							key={key}
							value={key}
							title={name}
							className={`max-w-44 truncate border px-2.5 py-0.5 ${key === shown ? 'border-ink bg-sheet' : 'border-transparent text-faint hover:border-rule'}`}
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
					<Button kind="bare" aria-label="More about pieces">
						<ChevronDown size={16} />
					</Button>
				}
			>
				<MenuItem disabled={isFull} onSelect={() => add()}>
					<Plus size={15} className="mr-2 inline" />
					{isFull ? `A plan has ${limits.pieces} pieces at the most` : 'Add a piece'}
				</MenuItem>
				<MenuItem disabled={piece === undefined} onSelect={() => setIsOpen(true)}>
					Name, copies, how it is worked …
				</MenuItem>
				<MenuItem disabled={pieces[0]?.key === shown} onSelect={() => move(-1)}>
					Make <bdi>{piece?.name}</bdi> earlier
				</MenuItem>
				<MenuItem disabled={pieces.at(-1)?.key === shown} onSelect={() => move(1)}>
					Make <bdi>{piece?.name}</bdi> later
				</MenuItem>
				<MenuItem disabled={piece === undefined || isFull} onSelect={() => piece !== undefined && add(piece)}>
					Duplicate <bdi>{piece?.name}</bdi>
				</MenuItem>
				<MenuItem
					disabled={piece === undefined}
					onSelect={() => draft.change((plan) => ({ ...plan, pieces: plan.pieces.filter(({ key }) => key !== shown) }))}
				>
					Delete <bdi>{piece?.name}</bdi>
				</MenuItem>
			</Menu>
			{piece !== undefined && typeof piece.copies !== 'number' && (
				<select
					className="field ml-1 max-w-40 text-sm"
					aria-label="Copy that is shown"
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
			{piece !== undefined && (
				<DialogSheet title={piece.name === '' ? 'This piece' : piece.name} open={isOpen} onClose={() => setIsOpen(false)} isDone>
					<div className="grid grid-cols-2 gap-4">
						<TextField
							label="Name"
							className="col-span-2"
							maxLength={limits.name}
							value={piece.name}
							onChange={(name) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, name })), `piece name ${piece.key}`)}
						/>
						<CopiesField piece={piece} />
						<ChoiceField
							label="Worked"
							value={piece.worked}
							choices={[
								['spiral', 'in a spiral'],
								['joined', 'in joined rounds'],
								['rows', 'in rows, turned'],
							]}
							onChange={(worked) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, worked })))}
						/>
						{piece.worked === 'spiral' ? (
							<span />
						) : (
							<ChoiceField
								label={piece.worked === 'rows' ? 'The turning chain' : 'The chain at a round’s beginning'}
								value={piece.chainCounts === true ? 'counts' : 'lifts'}
								choices={[
									['lifts', 'only lifts: it is no stitch'],
									['counts', 'counts as the first stitch'],
								]}
								onChange={(is) =>
									draft.change((plan) => withPiece(plan, piece.key, (was) => set(was, 'chainCounts', is === 'counts' ? true : null)))
								}
							/>
						)}
						{piece.worked === 'joined' && (
							<ChoiceField
								label="Closed with a slip stitch into"
								className="col-span-2"
								value={piece.closing ?? 'first-stitch'}
								choices={[
									['first-stitch', 'the first stitch'],
									['back-loop', 'its back loop: the seam shows less'],
								]}
								onChange={(closing) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, closing })))}
							/>
						)}
						<ChoiceField
							label="Round 1 is the finished piece’s"
							value={piece.firstRound ?? 'top'}
							choices={[
								['top', 'top'],
								['bottom', 'bottom: it is begun at its foot'],
							]}
							onChange={(end) => draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'firstRound', end === 'bottom' ? end : null)))}
						/>
						<p className="caption self-end">Motifs, letters and faces stand upright by it.</p>
						<LeanForm piece={piece} />
						<BeginsOn piece={piece} />
					</div>
				</DialogSheet>
			)}
		</div>
	);
}
