import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { PastedLine } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { numbered } from '../ui/numbered';
import { say } from '../ui/say';
import { useRested } from '../ui/useRested';
import { useBench, useDraft, usePiece } from './context';

const PAUSE_MS = 300;

/** So many lines that are no rounds stand one after the other before they are folded. */
const NOTES = 4;

interface Props {
	/** null: closed; '': still to be pasted */
	text: string | null;
	/** puts the lines in where the caret is, where there is one */
	onInsert?: (text: string) => void;
	onClose: () => void;
}

/** A pasted pattern, and what was understood of it, before it is taken. */
export function PasteDialog({ text, onInsert, onClose }: Props) {
	return (
		<DialogSheet title={say('pasteDialog.pasteAPattern')} isWide says={say('pasteDialog.seeWhatIsUnderstoodOf')} open={text !== null} onClose={onClose}>
			{text !== null && <Pasting text={text} onClose={onClose} {...(onInsert === undefined ? {} : { onInsert })} />}
		</DialogSheet>
	);
}

function Pasting({ text, onInsert, onClose }: Props & { text: string }) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const id = useDraft((state) => state.id);
	const [typed, setTyped] = useState(text);
	const [begin, setBegin] = useState(true);
	// A text that is pasted is looked at at once; one that is typed, when the typing pauses.
	const rested = useRested(typed, PAUSE_MS) ?? (typed === text ? text : undefined);
	const { data, error } = useQuery({
		queryKey: ['reading', id, rested],
		queryFn: async () => dataOf(await api.POST('/api/plans/{id}/reading', { params: { path: { id } }, body: { text: rested ?? '' } })),
		enabled: rested !== undefined && rested.trim() !== '',
		placeholderData: (before) => before,
		staleTime: Number.POSITIVE_INFINITY,
	});
	const read = typed.trim() === '' || error !== null ? undefined : data;
	const told = error === null ? undefined : toldOf(error);
	const pieces = read?.pieces ?? [];
	const yarns = read?.yarns ?? [];
	const problems = pieces.reduce((sum, is) => sum + is.problems, 0);
	const rounds = pieces.reduce((sum, is) => sum + is.rounds, 0);
	const hasBegun = pieces.some(({ begins }) => begins !== null);
	function take(into: string) {
		draft.edit({ do: 'paste', piece: into, text: typed, ...(hasBegun ? { begin } : {}) });
		onClose();
	}
	return (
		<form
			onSubmit={(event) => {
				event.preventDefault();
				take(piece?.key ?? '');
			}}
		>
			<div className="grid gap-4 md:grid-cols-2">
				<label className="flex flex-col">
					<span className="caption">{say('pasteDialog.thePattern')}</span>
					<textarea
						className="field h-80 w-full font-sans whitespace-pre"
						spellCheck={false}
						value={typed}
						onChange={(event) => setTyped(event.target.value)}
					/>
				</label>
				<div>
					<p className="caption" aria-live="polite">
						{typed.trim() === '' && say('pasteDialog.pasteOrTypeItOn')}
						{read !== undefined && say('pasteDialog.found', { pieces: pieces.length, rounds, problems })}
					</p>
					{yarns.length > 0 && <p className="text-faint">{say('pasteDialog.bringsYarns', { yarns: yarns.join(', ') })}</p>}
					{told !== undefined && (
						<p role="alert" className="border-l-4 border-ink pl-2">
							{told.says} {told.mend}
						</p>
					)}
					<div className="h-80 overflow-auto border border-rule bg-paper">
						{numbered(pieces).map(({ at, one: { name, copies, worked, begins, lines } }) => (
							<section key={at}>
								<h3 className="sticky top-0 border-b border-rule bg-shade px-2 font-semibold">
									{at === 0 && piece !== undefined && (piece.rounds.length > 0 || name === '')
										? piece.name
										: name === ''
											? say('pasteDialog.pieceAt', { at: at + 1 })
											: name}
									{copies > 1 && (at > 0 || piece?.rounds.length === 0) && ` ×${copies}`}
									{worked !== 'spiral' && <span className="font-normal text-faint"> {say('pasteDialog.worked', { worked })}</span>}
									{begins !== null && (
										<span className="block font-normal text-faint">{say('pasteDialog.beginsSays', { says: begins.says })}</span>
									)}
								</h3>
								<ol>
									{stretchesOf(lines).map(({ at: first, lines: few, isFolded }) =>
										isFolded ? (
											<li key={first} className="px-2 text-faint">
												<details>
													<summary className="cursor-pointer">
														{say('pasteDialog.notes', { lines: few.length, first: few[0]?.text ?? '' })}
													</summary>
													<ol>
														{numbered(few).map(({ at: i, one: line }) => (
															<ReadLine key={i} line={line} />
														))}
													</ol>
												</details>
											</li>
										) : (
											numbered(few).map(({ at: i, one: line }) => <ReadLine key={first + i} line={line} />)
										),
									)}
								</ol>
							</section>
						))}
					</div>
				</div>
			</div>
			{hasBegun && (
				<label className="mt-3 flex items-baseline gap-2">
					<input type="checkbox" checked={begin} onChange={(event) => setBegin(event.target.checked)} />
					<span>{say('pasteDialog.beginPiecesOnTheOthers')}</span>
				</label>
			)}
			<div className="mt-4 flex flex-wrap items-center justify-end gap-2">
				<Button onClick={onClose}>{say('common.cancel')}</Button>
				{onInsert !== undefined && piece !== undefined && piece.rounds.length > 0 && (
					<Button
						disabled={typed.trim() === ''}
						onClick={() => {
							onInsert(typed);
							onClose();
						}}
					>
						{say('pasteDialog.putTheLinesInAt')}
					</Button>
				)}
				{piece !== undefined && piece.rounds.length > 0 && (
					<Button disabled={rounds === 0} onClick={() => take('')}>
						{say('pasteDialog.takeAsNew', { pieces: pieces.length })}
					</Button>
				)}
				<Button kind="strong" type="submit" disabled={pieces.length === 0}>
					{piece === undefined || piece.rounds.length === 0
						? say('common.takeIt')
						: say('pasteDialog.takeItInPlaceOf', { name: piece.name, rounds: piece.rounds.length })}
				</Button>
			</div>
		</form>
	);
}

/** Notes one after the other together, folded where they are many; what is wrong in them is never folded. */
function stretchesOf(lines: readonly PastedLine[]): { at: number; lines: PastedLine[]; isFolded: boolean }[] {
	const isNote = (line: PastedLine) => line.rounds === null && line.problem === null;
	const stretches: { at: number; lines: PastedLine[] }[] = [];
	lines.forEach((line, at) => {
		const last = stretches.at(-1);
		if (last?.lines[0] !== undefined && isNote(last.lines[0]) === isNote(line)) last.lines.push(line);
		else stretches.push({ at, lines: [line] });
	});
	return stretches.map((stretch) => ({
		...stretch,
		isFolded: stretch.lines.every(isNote) && stretch.lines.filter(({ text }) => text !== '').length >= NOTES,
	}));
}

function ReadLine({ line }: { line: PastedLine }) {
	return (
		<li
			className={`grid grid-cols-[1fr_3rem] gap-2 px-2 ${line.rounds === null ? 'text-faint' : ''} ${
				line.problem === null ? '' : 'border-l-4 border-ink bg-sheet'
			}`}
		>
			<span className="min-w-0 break-words">
				{line.text === '' ? '\u00A0' : line.text}
				{line.problem !== null && <span className="block text-sm">{line.problem}</span>}
			</span>
			<span className="figures text-right font-semibold">
				{line.makes ?? (line.text === '' ? '' : <span className="font-normal">{say('pasteDialog.note')}</span>)}
			</span>
		</li>
	);
}
