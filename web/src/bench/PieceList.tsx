import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { limits } from '../api/generated/limits';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { isolated } from '../ui/isolated';
import { Still } from '../ui/Still';
import { say } from '../ui/say';
import { useBench, useDraft } from './context';
import { pieceActs } from './pieceActs';
import { withPiece } from './plans';

/** All pieces with their pictures, in the order in which they are made: found, shown, named, copied and put in order. */
export function PieceList({ onClose }: { onClose: () => void }) {
	const bench = useBench();
	const { draft, piece: shown, showPiece } = bench;
	const { add, duplicate, move, remove } = pieceActs(bench);
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const pieces = useDraft(({ plan }) => plan.pieces);
	const [sought, setSought] = useState('');
	const words = sought.trim().toLocaleLowerCase();
	const found = pieces.filter(({ name }) => name.toLocaleLowerCase().includes(words));
	const isFull = pieces.length >= limits.pieces;
	const show = (key: string) => {
		showPiece(key);
		onClose();
	};
	return (
		<DialogSheet title={say('pieces.allPieces')} says={say('pieces.inTheOrder')} isWide open onClose={onClose} isDone>
			<form
				className="mb-3 flex flex-wrap items-end gap-3"
				onSubmit={(event) => {
					event.preventDefault();
					if (found[0] !== undefined) show(found[0].key);
				}}
			>
				<label className="min-w-48 flex-1">
					<span className="caption">{say('pieces.find')}</span>
					<input type="search" className="field block w-full" value={sought} onChange={(event) => setSought(event.target.value)} />
				</label>
				<Button
					disabled={isFull}
					onClick={() => {
						add();
						onClose();
					}}
				>
					<Plus size={16} /> {isFull ? say('pieces.aPlanHasPiecesPieces', { pieces: limits.pieces }) : say('pieces.addAPiece')}
				</Button>
			</form>
			{found.length === 0 && <p className="text-faint">{say('pieces.noneFound', { sought })}</p>}
			<ol className="grid gap-x-6 md:grid-cols-2">
				{found.map((piece) => {
					const { key, name, copies } = piece;
					const times = typeof copies === 'number' ? copies : copies.length;
					const named = isolated(name === '' ? say('pieces.thisPiece') : name);
					return (
						<li
							key={key}
							aria-current={key === shown}
							className={`flex flex-wrap items-center gap-x-3 border-t border-rule py-1.5 ${key === shown ? 'bg-shade' : ''}`}
						>
							<button
								type="button"
								className="h-14 w-14 shrink-0 border border-rule bg-sheet"
								aria-label={say('pieces.show', { name: named })}
								onClick={() => show(key)}
							>
								<Still plan={id} revision={revision} piece={key} alt="" className="h-full w-full" />
							</button>
							<span className="min-w-44 flex-1">
								<input
									className="field w-full truncate"
									aria-label={say('pieces.nameOf', { name: named })}
									maxLength={limits.name}
									value={name}
									onChange={({ target }) =>
										draft.change((plan) => withPiece(plan, key, (is) => ({ ...is, name: target.value })), `piece name ${key}`)
									}
								/>
								{times > 1 && <span className="caption figures">×{times}</span>}
							</span>
							{(
								[
									[say('pieces.makeNameEarlier', { name: named }), pieces[0]?.key === key, () => move(key, -1), ArrowUp],
									[say('pieces.makeNameLater', { name: named }), pieces.at(-1)?.key === key, () => move(key, 1), ArrowDown],
									[say('pieces.duplicateName', { name: named }), isFull, () => duplicate(piece), Copy],
									[say('common.deleteName', { name: named }), false, () => remove(key), Trash2],
								] as const
							).map(([says, isOff, does, Icon]) => (
								<Button key={says} kind="bare" className="min-w-8" title={says} aria-label={says} disabled={isOff} onClick={does}>
									<Icon size={16} />
								</Button>
							))}
						</li>
					);
				})}
			</ol>
		</DialogSheet>
	);
}
