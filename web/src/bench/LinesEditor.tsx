import type { EditorView } from '@codemirror/view';
import { type CSSProperties, memo, type RefObject, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { createStore, type StoreApi } from 'zustand';
import type { LinePlace, SheetLayout } from '../chart/layout';
import { isTyped } from '../sync/queue';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import type { Sought } from './BenchView';
import { useBench, useDraft, usePiece } from './context';
import { bring, explain, type Handlers, most, roundsEditor, seat } from './editor';
import { Mends, mend } from './Mends';
import { PasteDialog } from './PasteDialog';
import { type Caret, useMeaning, useRestedCaret } from './useMeanings';

interface Props {
	layout: SheetLayout;
	focused: Sought;
}

const BREAK = /\r\n|\n|\r/;
/** A text of more lines is looked at before it is taken. */
const FEW = 2;

/** The typed lines, each beside its bands, with what is wrong under it. */
export const LinesEditor = memo(function LinesEditor({ layout, focused }: Props) {
	const { draft, station, pickRange, goTo } = useBench();
	const { piece } = usePiece();
	const box = useRef<HTMLDivElement>(null);
	const editor = useRef<EditorView | null>(null);
	// Where the caret is changes with every letter, and is drawn by nothing here but its line.
	const [carets] = useState(() => createStore<Caret | null>(() => null));
	const [caretLine, setCaretLine] = useState(-1);
	const [pasted, setPasted] = useState<string | null>(null);
	const { places, rowHeight } = layout;
	const key = piece?.key;
	const isEmpty = useDraft(() => key === undefined || draft.lines(key).length === 0);

	const handlers: Handlers = {
		onType: (typed, line) => key !== undefined && draft.edit({ do: 'retype', piece: key, rounds: typed }, `type ${key} ${line}`),
		onReach: (from, to, column) => {
			carets.setState(from === to ? { line: from, column } : null, true);
			setCaretLine(from === to ? from : -1);
			const reached = (draft.getState().analysis.pieces.find((is) => is.key === key)?.lines ?? []).slice(from, to + 1).filter((is) => is !== null);
			const [first, last] = [reached[0], reached.at(-1)];
			if (first === undefined || last === undefined) return;
			pickRange(first.from, last.to);
		},
		onMend: (line, nth) => {
			const trouble = places[line]?.troubles[0];
			const fix = nth > 0 && trouble?.readings === undefined ? undefined : trouble?.fixes?.[nth];
			if (trouble !== undefined && fix !== undefined) mend(draft, trouble, fix);
			return fix !== undefined;
		},
		onPaste: (text) => {
			const isWhole = text.trim().split(BREAK).length > FEW;
			if (isWhole) setPasted(text);
			return isWhole;
		},
		isTypingLast: () => isTyped(draft.doing()),
		onUndo: () => {
			draft.undo();
			return true;
		},
		onRedo: () => {
			draft.redo();
			return true;
		},
		onTooMuch: () =>
			notify({
				says: say('linesEditor.aPieceCanHaveLines', { lines: most.lines, characters: most.characters }),
				mend: say('linesEditor.goOnInAnotherPiece'),
			}),
	};
	const latest = useRef(handlers);
	latest.current = handlers;

	useLayoutEffect(() => {
		if (box.current === null || key === undefined) return;
		const view = roundsEditor(box.current, draft.lines(key), say('linesEditor.roundsALineEach'), () => latest.current);
		editor.current = view;
		return () => {
			view.destroy();
			editor.current = null;
		};
	}, [key, draft]);

	// What is typed is told to nothing drawn here, so it is the draft itself that is followed, not what was drawn of it last.
	useLayoutEffect(() => {
		const follow = () => editor.current !== null && key !== undefined && bring(editor.current, draft.lines(key));
		follow();
		return draft.subscribe(follow);
	}, [key, draft]);
	useLayoutEffect(() => {
		if (editor.current !== null && key !== undefined) seat(editor.current, places, rowHeight);
	}, [key, places, rowHeight]);

	const isTyping = station === 'rounds';
	useEffect(() => {
		if (isEmpty && isTyping && key !== undefined) editor.current?.focus();
	}, [isEmpty, isTyping, key]);

	useEffect(() => {
		const view = editor.current;
		if (view === null || focused.at < 0 || focused.at >= view.state.doc.lines) return;
		view.dispatch({ selection: { anchor: view.state.doc.line(focused.at + 1).to }, scrollIntoView: true });
		view.focus();
	}, [focused]);

	if (key === undefined) return <p className="p-4 text-faint">{say('linesEditor.thisPlanHasNoPiece')}</p>;

	function insert(text: string) {
		const view = editor.current;
		view?.dispatch(view.state.replaceSelection(text.replace(/[\r\n]+$/, '')));
	}

	function addLine() {
		const view = editor.current;
		if (view === null) return;
		view.dispatch({ changes: { from: view.state.doc.length, insert: '\n' }, selection: { anchor: view.state.doc.length + 1 } });
		view.focus();
	}

	return (
		<div className="relative" style={{ height: Math.max(layout.height, rowHeight) + rowHeight * 2, '--row': `${rowHeight}px` } as CSSProperties}>
			<div ref={box} className="h-full" />
			<Troubles places={places} line={caretLine} />
			{station === 'rounds' && <Meaning piece={key} carets={carets} editor={editor} />}
			<p id="line-trouble" aria-live="polite" className="sr-only">
				{places[caretLine]?.troubles.map(({ message, mend: toDo }) => `${message} ${toDo}`).join(' ')}
			</p>
			{/* In a small window the panel that offers these is not in view. */}
			{isEmpty && (
				<button
					type="button"
					className="absolute left-3 hidden min-h-11 underline small:block"
					style={{ top: rowHeight * 2 }}
					onClick={() => goTo('rounds')}
				>
					{say('linesEditor.orFromAShape')}
				</button>
			)}
			{!isEmpty && (
				<button type="button" className="caption absolute left-3 hover:text-ink" style={{ top: layout.height + 4 }} onClick={addLine}>
					{say('linesEditor.anotherRound')}
				</button>
			)}
			<PasteDialog text={pasted} onInsert={insert} onClose={() => setPasted(null)} />
		</div>
	);
});

/** Has the words at the caret explained where they stand. */
function Meaning({ piece, carets, editor }: { piece: string; carets: StoreApi<Caret | null>; editor: RefObject<EditorView | null> }) {
	const says = useMeaning(piece, useRestedCaret(carets));
	useEffect(() => {
		if (says === undefined) return;
		if (editor.current !== null) explain(editor.current, says);
		return () => {
			if (editor.current !== null) explain(editor.current, undefined);
		};
	}, [says, editor]);
	return null;
}

/** What is told of lines, across the counts and the bands, which part here to make room. `line` has the caret. */
const Troubles = memo(function Troubles({ places, line: withCaret }: { places: readonly LinePlace[]; line: number }) {
	return places.map(({ line, top, height, troubles }) =>
		troubles.length === 0 ? null : (
			<div
				key={line}
				className={`absolute left-0 z-10 w-[min(44rem,calc(100%+24rem))] -translate-y-full border-l-4 bg-shade text-sm small:w-full ${
					troubles[0]?.severity === 'note' ? 'border-rule text-faint' : 'border-ink'
				}`}
				style={{ top: top + height }}
			>
				{troubles.slice(0, 2).map((trouble, nth) => (
					<p key={trouble.message} title={`${trouble.message} ${trouble.mend}`} className="flex gap-2 px-2 leading-6">
						<span className="min-w-0 truncate">
							{trouble.message} {trouble.fixes === undefined && <span className="text-faint">{trouble.mend}</span>}
						</span>
						<Mends trouble={trouble} hasKeys={withCaret === line && nth === 0} className="shrink-0 underline" />
					</p>
				))}
			</div>
		),
	);
});
