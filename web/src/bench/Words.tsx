import { type ClipboardEvent, type KeyboardEvent, memo, useEffect, useRef } from 'react';
import type { Trouble } from '../api/types';
import type { LinePlace, SheetLayout } from '../chart/layout';
import { useBench, usePiece } from './context';
import { fixed } from './plans';

interface Props {
	lines: readonly string[];
	layout: SheetLayout;
	focused: { line: number; times: number };
}

const BREAK = /\r\n|\n|\r/;

/** The typed lines, each beside its bands. Enter parts a line, Backspace at its beginning joins it to the one before. */
export function Words({ lines, layout, focused }: Props) {
	const { draft, station, pick } = useBench();
	const { piece } = usePiece();
	const box = useRef<HTMLDivElement>(null);
	const caret = useRef<{ line: number; at: number } | null>(null);

	const isEmpty = lines.length === 0;
	const isTyping = station === 'rounds';
	useEffect(() => {
		if (isEmpty && isTyping) field(box.current, 0)?.focus();
	}, [isEmpty, isTyping]);

	useEffect(() => {
		if (focused.line >= 0) field(box.current, focused.line)?.focus();
	}, [focused]);

	useEffect(() => {
		const to = caret.current;
		if (to === null) return;
		const input = field(box.current, to.line);
		if (input !== null) {
			caret.current = null;
			input.focus();
			input.setSelectionRange(to.at, to.at);
		}
	});

	if (piece === undefined) return <p className="p-4 text-faint">This plan has no piece yet. Add one above.</p>;

	const { key } = piece;
	/** As typed by now: what a handler does must not go back behind a line that was changed since it was made. */
	const now = () => draft.lines(key);

	function retype(next: string[], group: string | undefined, to?: { line: number; at: number }) {
		caret.current = to ?? null;
		draft.edit({ do: 'retype', piece: key, rounds: next.map((line) => line.slice(0, 2000)).slice(0, 1000) }, group);
	}

	function type(line: number, text: string) {
		const typed = now();
		retype(typed.length === 0 ? [text] : typed.map((is, i) => (i === line ? text : is)), `type ${key} ${line}`);
	}

	/** The chart shows the rounds that the caret is in. */
	function reach(line: number) {
		const rounds = draft.getState().analysis.pieces.find((is) => is.key === key)?.lines[line];
		if (rounds !== null && rounds !== undefined) {
			pick(rounds.from, 'new');
			if (rounds.to > rounds.from) pick(rounds.to, 'extend');
		}
	}

	function onKey(line: number, event: KeyboardEvent<HTMLInputElement>) {
		const input = event.currentTarget;
		const at = input.selectionStart ?? 0;
		const isRange = input.selectionStart !== input.selectionEnd;
		const typed = now();
		const text = typed[line] ?? '';
		if (event.key === 'Enter') {
			event.preventDefault();
			retype([...typed.slice(0, line), text.slice(0, at), text.slice(input.selectionEnd ?? at), ...typed.slice(line + 1)], undefined, { line: line + 1, at: 0 });
		} else if (event.key === 'Backspace' && at === 0 && !isRange && line > 0) {
			event.preventDefault();
			const before = typed[line - 1] ?? '';
			retype([...typed.slice(0, line - 1), before + text, ...typed.slice(line + 1)], undefined, { line: line - 1, at: before.length });
		} else if (event.key === 'Delete' && at === text.length && !isRange && line < typed.length - 1) {
			event.preventDefault();
			retype([...typed.slice(0, line), text + (typed[line + 1] ?? ''), ...typed.slice(line + 2)], undefined, { line, at });
		} else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
			const next = field(box.current, line + (event.key === 'ArrowUp' ? -1 : 1));
			if (next !== null) {
				event.preventDefault();
				next.focus();
				next.setSelectionRange(at, at);
			}
		}
	}

	function onPaste(line: number, event: ClipboardEvent<HTMLInputElement>) {
		const pasted = event.clipboardData.getData('text/plain');
		if (!BREAK.test(pasted)) return;
		event.preventDefault();
		const { selectionStart, selectionEnd } = event.currentTarget;
		const typed = now();
		const text = typed[line] ?? '';
		const parts = (text.slice(0, selectionStart ?? 0) + pasted + text.slice(selectionEnd ?? 0)).replace(/[\r\n]+$/, '').split(BREAK);
		retype([...typed.slice(0, line), ...parts, ...typed.slice(line + 1)], undefined, { line: line + parts.length - 1, at: parts.at(-1)?.length ?? 0 });
	}

	const shown: LinePlace[] = lines.length === 0 ? [{ line: 0, top: 0, height: layout.rowHeight, rounds: null, troubles: [] }] : layout.places;
	return (
		<div ref={box} className="relative" style={{ height: Math.max(layout.height, layout.rowHeight) + layout.rowHeight * 2 }}>
			{shown.map((place) => (
				<Line
					key={place.line}
					isFirst={lines.length === 0}
					place={place}
					text={lines[place.line] ?? ''}
					rowHeight={layout.rowHeight}
					onType={type}
					onKey={onKey}
					onPaste={onPaste}
					onReach={reach}
					onRenumber={() => draft.edit({ do: 'renumber', piece: key })}
				/>
			))}
			{lines.length > 0 && (
				<button type="button" className="caption absolute left-3 hover:text-ink" style={{ top: layout.height + 4 }} onClick={() => retype([...now(), ''], undefined, { line: now().length, at: 0 })}>
					+ another round
				</button>
			)}
		</div>
	);
}

const field = (box: HTMLElement | null, line: number) => box?.querySelector<HTMLInputElement>(`input[data-line="${line}"]`) ?? null;

interface LineProps {
	place: LinePlace;
	text: string;
	/** it is the one line of a piece that has none yet */
	isFirst: boolean;
	rowHeight: number;
	onType: (line: number, text: string) => void;
	onKey: (line: number, event: KeyboardEvent<HTMLInputElement>) => void;
	onPaste: (line: number, event: ClipboardEvent<HTMLInputElement>) => void;
	/** the caret has come to the line */
	onReach: (line: number) => void;
	onRenumber: () => void;
}

const Line = memo(
	function Line({ place, text, isFirst, rowHeight, onType, onKey, onPaste, onReach, onRenumber }: LineProps) {
		const { line, top, height, troubles } = place;
		const under = useRef<HTMLDivElement>(null);
		const type = 'px-3 whitespace-pre overflow-hidden';
		return (
			<div className="absolute inset-x-0 border-t border-rule/60" style={{ top, height }}>
				<div className="relative" style={{ height: Math.min(rowHeight, height) }}>
					<div ref={under} aria-hidden="true" className={`absolute inset-0 text-transparent ${type}`} style={{ lineHeight: `${Math.min(rowHeight, height)}px` }}>
						<Marked text={text} troubles={troubles} />
					</div>
					<input
						data-line={line}
						aria-label={place.rounds === null ? `Line ${line + 1}` : place.rounds.from === place.rounds.to ? `Round ${place.rounds.from}` : `Rounds ${place.rounds.from} to ${place.rounds.to}`}
						aria-invalid={troubles.length > 0}
						aria-describedby={troubles.length > 0 ? `trouble-${line}` : undefined}
						className={`absolute inset-0 w-full bg-transparent -outline-offset-2 focus:bg-pick/50 ${type} ${place.rounds === null ? 'text-faint' : ''}`}
						style={{ lineHeight: `${Math.min(rowHeight, height)}px` }}
						spellCheck={false}
						autoComplete="off"
						placeholder={isFirst ? 'Type round 1 here' : ''}
						maxLength={2000}
						value={text}
						onChange={(event) => onType(line, event.target.value)}
						onKeyDown={(event) => onKey(line, event)}
						onPaste={(event) => onPaste(line, event)}
						onFocus={() => onReach(line)}
						onScroll={(event) => {
							if (under.current !== null) under.current.scrollLeft = event.currentTarget.scrollLeft;
						}}
					/>
				</div>
				{/* Across the counts and the bands, which part here to make room. */}
				{troubles.length > 0 && (
					<div id={`trouble-${line}`} className="absolute bottom-0 left-0 z-10 w-[min(44rem,calc(100%+24rem))] border-l-4 border-ink bg-shade text-sm">
						{troubles.slice(0, 2).map(({ message, mend, numbering, fixes }) => (
							<p key={message} title={`${message} ${mend}`} className="truncate px-2 leading-6">
								{message} {fixes === undefined && <span className="text-faint">{mend}</span>}
								{numbering && (
									<button type="button" className="ml-2 underline" onClick={onRenumber}>
										Number them
									</button>
								)}
								{fixes?.map((fix) => (
									<button key={fix.label} type="button" className="ml-2 underline" onClick={() => onType(line, fixed(text, fix))}>
										{fix.label}
									</button>
								))}
							</p>
						))}
					</div>
				)}
			</div>
		);
	},
	// The handlers are new on every render, but do the same for the same lines.
	(before, after) => before.text === after.text && before.place === after.place,
);

/** The text with what is wrong underlined. Columns count characters, as the core does. */
function Marked({ text, troubles }: { text: string; troubles: readonly Trouble[] }) {
	const first = troubles[0];
	if (first?.column === undefined) return null;
	const characters = [...text];
	const from = first.column - 1;
	const wrong = characters.slice(from, from + Math.max(1, first.length ?? 1)).join('');
	return (
		<>
			{characters.slice(0, from).join('')}
			<span className="wrong decoration-ink">{wrong === '' ? '   ' : wrong}</span>
		</>
	);
}
