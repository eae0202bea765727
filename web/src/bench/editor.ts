import { defaultKeymap, history, redo, undo } from '@codemirror/commands';
import { codeFolding, foldKeymap, foldService } from '@codemirror/language';
import { diff } from '@codemirror/merge';
import { Annotation, EditorState, type Extension, RangeSetBuilder, StateEffect, StateField, type Text, Transaction } from '@codemirror/state';
import {
	Decoration,
	type DecorationSet,
	EditorView,
	highlightActiveLine,
	keymap,
	placeholder,
	showTooltip,
	type Tooltip,
	tooltips,
	WidgetType,
} from '@codemirror/view';
import { getNonce } from 'get-nonce';
import { limits } from '../api/generated/limits';
import type { LinePlace } from '../chart/layout';
import { say } from '../ui/say';
import { isLetter, LettersView } from './LettersView';

/** What a piece's lines may hold at the most, as in the plan's schema. */
export const most = { lines: limits.lines, characters: limits.line };

const fromOutside = Annotation.define<boolean>();
const place = StateEffect.define<{ places: readonly LinePlace[]; rowHeight: number }>();

/** Room under a line: its further bands, and what is wrong with it. Its height is known before it is drawn, so that bands stay beside their words. */
class Room extends WidgetType {
	constructor(readonly height: number) {
		super();
	}

	override eq(other: Room): boolean {
		return other.height === this.height;
	}

	override get estimatedHeight(): number {
		return this.height;
	}

	override toDOM(): HTMLElement {
		const room = document.createElement('div');
		room.style.height = `${this.height}px`;
		room.setAttribute('aria-hidden', 'true');
		return room;
	}
}

/** Where something is missing there is nothing to underline but a blank. */
class Missing extends WidgetType {
	override eq(): boolean {
		return true;
	}

	override toDOM(): HTMLElement {
		const blank = document.createElement('span');
		blank.className = 'wrong';
		blank.textContent = '\u00A0\u00A0\u00A0';
		return blank;
	}
}

const remark = Decoration.line({ class: 'text-faint' });
const wrongLine = Decoration.line({ attributes: { 'data-wrong': '' } });
const wrong = Decoration.mark({ class: 'wrong' });
const missing = Decoration.widget({ widget: new Missing(), side: 1 });

/** The place in a text of the n-th character, from 0, which may be two units long. */
export function unitAt(text: string, character: number): number {
	return [...text].slice(0, character).join('').length;
}

function decorations(doc: Text, places: readonly LinePlace[], rowHeight: number): DecorationSet {
	const set = new RangeSetBuilder<Decoration>();
	for (const { line, height, rounds, troubles } of places.slice(0, doc.lines)) {
		const { from, to, text } = doc.line(line + 1);
		if (rounds === null) set.add(from, from, remark);
		const trouble = troubles[0];
		const isWrong = trouble?.severity === 'error';
		if (isWrong) set.add(from, from, wrongLine);
		if (isWrong && trouble.column !== undefined) {
			const begin = from + unitAt(text, trouble.column - 1);
			const end = from + unitAt(text, trouble.column - 1 + Math.max(1, trouble.length ?? 1));
			if (begin < to) set.add(begin, Math.min(end, to), wrong);
			else set.add(to, to, missing);
		}
		if (height > rowHeight) set.add(to, to, Decoration.widget({ widget: new Room(height - rowHeight), block: true, side: 2 }));
	}
	return set.finish();
}

const placed = StateField.define<DecorationSet>({
	create: () => Decoration.none,
	update(set, transaction) {
		const moved = set.map(transaction.changes);
		return transaction.effects.reduce(
			(now, effect) => (effect.is(place) ? decorations(transaction.newDoc, effect.value.places, effect.value.rowHeight) : now),
			moved,
		);
	},
	provide: (field) => EditorView.decorations.from(field),
});

const said = StateEffect.define<string | undefined>();

/** What the words at the caret mean, above it, until it moves or they change. */
const meaning = StateField.define<Tooltip | null>({
	create: () => null,
	update(tip, transaction) {
		const effect = transaction.effects.find((is) => is.is(said));
		if (effect?.is(said)) {
			const says = effect.value;
			return says === undefined
				? null
				: {
						pos: transaction.state.selection.main.head,
						above: true,
						create: () => {
							const dom = document.createElement('div');
							dom.className = 'meaning';
							dom.textContent = says;
							return { dom };
						},
					};
		}
		return transaction.docChanged || transaction.selection !== undefined ? null : tip;
	},
	provide: (field) => showTooltip.from(field),
});

/** A line's longest bracket can be folded away, so that "x6" is seen. */
const folding = foldService.of((state, from, to) => {
	const text = state.sliceDoc(from, to);
	let best: { from: number; to: number } | null = null;
	const open: number[] = [];
	for (let i = 0; i < text.length; i++) {
		if ('([{'.includes(text.charAt(i))) open.push(i);
		else if (')]}'.includes(text.charAt(i))) {
			const begin = open.pop();
			if (begin !== undefined && i - begin > 8 && (best === null || i - begin > best.to - best.from)) best = { from: begin + 1, to: i };
		}
	}
	return best === null ? null : { from: from + best.from, to: from + best.to };
});

/** Pixels by which a line that is longer than the sheet is wide moves aside at its ends: not at each letter, as moving it costs more than the letter. */
const LEAP = 96;
/** As near to an edge as the browser itself brings the caret. */
const NEAR = 8;

const sides = (element: HTMLElement) => {
	const { left, right } = element.getBoundingClientRect();
	return { left, right };
};

/** Where the caret came to an edge, what is written moves aside, in pixels. */
const aside = {
	key: 'aside',
	read: (view: EditorView) => {
		const caret = view.coordsAtPos(view.state.selection.main.head);
		const { left, right } = sides(view.scrollDOM);
		if (caret === null) return 0;
		return caret.right > right - NEAR ? caret.right - right + LEAP : caret.left < left + NEAR ? caret.left - left - LEAP : 0;
	},
	write: (by: number, view: EditorView) => {
		if (by !== 0) view.scrollDOM.scrollLeft += by;
	},
};

const look = EditorView.theme({
	'&.cm-focused': { outline: 'none' },
	'.cm-scroller': { fontFamily: 'inherit', lineHeight: 'var(--row)', overflowX: 'auto', scrollbarWidth: 'none' },
	'.cm-content': { padding: '0' },
	'.cm-line': { padding: '0 12px', boxShadow: 'inset 0 1px 0 color-mix(in srgb, var(--color-rule) 60%, transparent)' },
	'.cm-activeLine': { backgroundColor: 'transparent' },
	'&.cm-focused .cm-activeLine': { backgroundColor: 'var(--color-pick)', paddingRight: `${LEAP + NEAR}px` },
	'.cm-placeholder': { color: 'var(--color-faint)' },
	'.cm-foldPlaceholder': { backgroundColor: 'var(--color-shade)', border: '0', color: 'inherit', padding: '0 4px' },
});

export interface Handlers {
	/** the maker changed the lines; `line` is the one that has the caret, from 0 */
	onType: (lines: string[], line: number) => void;
	/** the caret, or what is selected, is in these lines; the caret's column is in characters */
	onReach: (from: number, to: number, column: number) => void;
	/** makes a mend of a line, or takes one of its readings, from 0; false where it has none such */
	onMend: (line: number, nth: number) => boolean;
	/** true where the text is taken elsewhere */
	onPaste: (text: string) => boolean;
	/** more than a piece can hold was typed or pasted */
	onTooMuch: () => void;
	/** whether what was done last on the bench was typed here */
	isTypingLast: () => boolean;
	/** there is nothing typed here to take back, or to do again; true where that is seen to */
	onUndo: () => boolean;
	onRedo: () => boolean;
}

/** The lines of a text; an empty one has none. */
export const linesOf = (doc: Text): string[] => (doc.length === 0 && doc.lines === 1 ? [] : doc.toString().split('\n'));

/** An editor of typed rounds. It knows their places on the sheet, and nothing of what they say. */
export function roundsEditor(parent: HTMLElement, lines: readonly string[], label: string, handlers: () => Handlers): EditorView {
	const caretLine = (state: EditorState) => state.doc.lineAt(state.selection.main.head).number - 1;
	const extensions: Extension[] = [
		placed,
		meaning,
		// What is beside the words covers what would reach over it.
		tooltips({ tooltipSpace: ({ scrollDOM }) => ({ ...sides(scrollDOM), top: 0, bottom: innerHeight }) }),
		history(),
		folding,
		codeFolding({ placeholderText: '…' }),
		highlightActiveLine(),
		placeholder(say('editor.typeRound1Here')),
		look,
		EditorView.cspNonce.of(getNonce() ?? ''),
		keymap.of([
			// What is typed is taken back here, a few letters at a time; then what was done before on the bench.
			{ key: 'Mod-z', run: (view) => (handlers().isTypingLast() && undo(view)) || handlers().onUndo() },
			{ key: 'Mod-y', mac: 'Mod-Shift-z', run: (view) => (handlers().isTypingLast() && redo(view)) || handlers().onRedo() },
			{ linux: 'Ctrl-Shift-z', run: (view) => (handlers().isTypingLast() && redo(view)) || handlers().onRedo() },
			{ key: 'Alt-Enter', run: (view) => handlers().onMend(caretLine(view.state), 0) },
			...[0, 1, 2, 3].map((nth) => ({ key: `Alt-${nth + 1}`, run: (view: EditorView) => handlers().onMend(caretLine(view.state), nth) })),
			...foldKeymap,
			...defaultKeymap,
		]),
		EditorView.contentAttributes.of({ 'aria-label': label, 'aria-describedby': 'line-trouble', tabindex: '0' }),
		EditorView.domEventHandlers({
			paste: (event) => {
				const isTaken = handlers().onPaste(event.clipboardData?.getData('text/plain') ?? '');
				if (isTaken) event.preventDefault();
				return isTaken;
			},
			beforeinput: (event, view) => {
				const isTyped = isLetter(event) && !view.composing;
				if (isTyped) {
					event.preventDefault();
					view.dispatch(view.state.replaceSelection(event.data ?? ''), { userEvent: 'input.type', scrollIntoView: true });
				}
				return isTyped;
			},
		}),
		EditorState.changeFilter.of((transaction) => {
			const { newDoc } = transaction;
			if (!transaction.docChanged || (newDoc.lines <= most.lines && newDoc.length <= most.characters)) return true;
			let isTooLong = newDoc.lines > most.lines;
			for (const text of newDoc.iterLines()) isTooLong ||= text.length > most.characters && [...text].length > most.characters;
			if (isTooLong) handlers().onTooMuch();
			return !isTooLong;
		}),
		EditorView.updateListener.of(({ docChanged, selectionSet, focusChanged, transactions, state, view }) => {
			if (docChanged && !transactions.some((transaction) => transaction.annotation(fromOutside))) handlers().onType(linesOf(state.doc), caretLine(state));
			if ((selectionSet || focusChanged) && view.hasFocus) {
				view.requestMeasure(aside);
				const { from, to, head } = state.selection.main;
				const line = state.doc.lineAt(head);
				handlers().onReach(state.doc.lineAt(from).number - 1, state.doc.lineAt(to).number - 1, [...line.text.slice(0, head - line.from)].length);
			}
		}),
	];
	return new LettersView({ parent, state: EditorState.create({ doc: lines.join('\n'), extensions }) });
}

/** Says at the caret what the words there mean; nothing where that is not known. */
export function explain(view: EditorView, says: string | undefined): void {
	view.dispatch({ effects: said.of(says) });
}

/** Brings each line to its place. */
export function seat(view: EditorView, places: readonly LinePlace[], rowHeight: number): void {
	view.dispatch({ effects: place.of({ places, rowHeight }) });
}

/** Beyond this many differences in a row it is no longer looked for the fewest of them. */
const FEW = { scanLimit: 500 };

/** Brings the lines to what the plan has, difference by difference: the caret stays between the letters that it stands between. */
export function bring(view: EditorView, lines: readonly string[]): void {
	const before = view.state.doc.toString();
	const after = lines.join('\n');
	if (before === after) return;
	view.dispatch({
		changes: diff(before, after, FEW).map(({ fromA, toA, fromB, toB }) => ({ from: fromA, to: toA, insert: after.slice(fromB, toB) })),
		annotations: [fromOutside.of(true), Transaction.addToHistory.of(false)],
		filter: false,
	});
}
