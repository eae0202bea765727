import { ChevronDown, LayoutGrid, Plus } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { limits } from '../api/generated/limits';
import { Button } from '../ui/Button';
import { Menu, MenuItem, MenuRule } from '../ui/Menu';
import { numbered } from '../ui/numbered';
import { say, sayWith } from '../ui/say';
import { CoverDialog } from './CoverDialog';
import { setTools, useTools } from './chartTools';
import { useBench, useDraft } from './context';
import { PieceDialog } from './PieceDialog';
import { PieceList } from './PieceList';
import { pieceActs, USUAL_PARTS } from './pieceActs';

/** From so many on they are found in a list, with their pictures. */
const MANY = 6;

/** The plan's pieces; the one in view is changed from here. */
export function Pieces() {
	const bench = useBench();
	const { piece: shown } = bench;
	const pieces = useDraft(({ plan }) => plan.pieces);
	const [isOpen, setIsOpen] = useState(false);
	const [isCovering, setIsCovering] = useState(false);
	const [isListed, setIsListed] = useState(false);
	const copy = useTools((tools) => tools.copy);
	const piece = pieces.find(({ key }) => key === shown);

	const isFull = pieces.length >= limits.pieces;

	const { add, addPart, duplicate, move, remove } = pieceActs(bench);

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
			{pieces.length > MANY && (
				<Button kind="bare" className="piece" onClick={() => setIsListed(true)}>
					<LayoutGrid size={16} /> {say('pieces.allOf', { pieces: pieces.length })}
				</Button>
			)}
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
				{!isFull &&
					USUAL_PARTS.map((part) => (
						<MenuItem key={part} onSelect={() => addPart(part)}>
							<Plus size={15} className="mr-2 inline" />
							{say('pieces.addPart', { part })}
						</MenuItem>
					))}
				<MenuRule />
				<MenuItem onSelect={() => setIsListed(true)}>{say('pieces.allPieces')}</MenuItem>
				<MenuItem disabled={piece === undefined} onSelect={() => setIsOpen(true)}>
					{say('pieces.nameCopiesHowItIs')}
				</MenuItem>
				<MenuItem disabled={piece === undefined || isFull} onSelect={() => setIsCovering(true)}>
					{sayWith('pieces.aCoverForName', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={pieces[0]?.key === shown} onSelect={() => move(shown, -1)}>
					{sayWith('pieces.makeNameEarlier', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={pieces.at(-1)?.key === shown} onSelect={() => move(shown, 1)}>
					{sayWith('pieces.makeNameLater', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={piece === undefined || isFull} onSelect={() => piece !== undefined && duplicate(piece)}>
					{sayWith('pieces.duplicateName', { name: <bdi>{piece?.name}</bdi> })}
				</MenuItem>
				<MenuItem disabled={piece === undefined} onSelect={() => remove(shown)}>
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
			{piece !== undefined && <PieceDialog piece={piece} open={isOpen} onClose={() => setIsOpen(false)} />}
			{isListed && <PieceList onClose={() => setIsListed(false)} />}
		</div>
	);
}
