// @vitest-environment jsdom
import { undo } from '@codemirror/commands';
import { EditorView } from '@codemirror/view';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LinePlace } from '../chart/layout';
import { bring, type Handlers, linesOf, most, roundsEditor, seat, unitAt } from './editor';

const place = (line: number, more: Partial<LinePlace> = {}): LinePlace => ({
	line,
	top: line * 20,
	height: 20,
	rounds: { from: line + 1, to: line + 1 },
	troubles: [],
	...more,
});

describe('the editor of rounds', () => {
	let view: EditorView;
	let handlers: { [K in keyof Handlers]: ReturnType<typeof vi.fn> };

	beforeEach(() => {
		handlers = {
			onType: vi.fn(),
			onReach: vi.fn(),
			onMend: vi.fn(() => true),
			onPaste: vi.fn(() => false),
			onTooMuch: vi.fn(),
			isTypingLast: vi.fn(() => true),
			onUndo: vi.fn(() => true),
			onRedo: vi.fn(() => true),
		};
		view = roundsEditor(document.body, ['R1: 6 sc in MR', 'R2: inc x6'], 'Rounds', () => handlers as unknown as Handlers);
	});
	afterEach(() => view.destroy());

	it('tells what was typed, and where', () => {
		view.dispatch({ changes: { from: view.state.doc.length, insert: ' (12)' }, selection: { anchor: view.state.doc.length + 5 } });
		expect(handlers.onType).toHaveBeenCalledWith(['R1: 6 sc in MR', 'R2: inc x6 (12)'], 1);
	});

	it('puts a letter from a key in itself, and leaves all else to the browser', () => {
		view.dispatch({ selection: { anchor: view.state.doc.length } });
		const isOwn = (data: string, more: InputEventInit = {}) => {
			const event = new InputEvent('beforeinput', { inputType: 'insertText', data, bubbles: true, cancelable: true, ...more });
			view.contentDOM.dispatchEvent(event);
			return event.defaultPrevented;
		};
		expect([isOwn('x'), isOwn('y')]).toEqual([true, true]);
		expect(handlers.onType).toHaveBeenLastCalledWith(['R1: 6 sc in MR', 'R2: inc x6xy'], 1);
		expect(undo(view)).toBe(true);
		expect(linesOf(view.state.doc)[1]).toBe('R2: inc x6');
		const others = [isOwn('é', { isComposing: true }), isOwn('z', { cancelable: false }), isOwn('. '), isOwn('z', { inputType: 'insertReplacementText' })];
		expect(others).toEqual([false, false, false, false]);
		expect(linesOf(view.state.doc)[1]).toBe('R2: inc x6');
	});

	it('shows a letter before it measures what it did, and measures at once after any other key', async () => {
		// Nothing is laid out here that could be measured.
		const measure = vi.spyOn(EditorView.prototype, 'requestMeasure').mockImplementation(() => undefined);
		const press = (key: string, more: KeyboardEventInit = {}) => {
			measure.mockClear();
			view.contentDOM.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...more }));
			view.dispatch(view.state.replaceSelection('x'));
			return measure.mock.calls.length > 0;
		};
		const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
		expect(press('x')).toBe(false);
		await frame();
		expect(measure).toHaveBeenCalled();
		expect([press('ArrowLeft'), press('x', { ctrlKey: true })]).toEqual([true, true]);
		expect(press('y')).toBe(false);
		await new Promise((resolve) => setTimeout(resolve));
		measure.mockClear();
		// What comes by itself after the letter is measured at once again.
		bring(view, ['R1: 6 sc in MR', 'R2: inc x6', 'R3: sc around']);
		expect(measure).toHaveBeenCalled();
		measure.mockRestore();
	});

	it('takes lines from outside without telling them back', () => {
		bring(view, ['R1: 6 sc in MR', 'R2: inc x6 (12)', 'R3: sc around']);
		expect(linesOf(view.state.doc)).toEqual(['R1: 6 sc in MR', 'R2: inc x6 (12)', 'R3: sc around']);
		expect(handlers.onType).not.toHaveBeenCalled();
	});

	it('keeps the caret where it was when another line changes', () => {
		view.dispatch({ selection: { anchor: view.state.doc.line(2).from + 4 } });
		bring(view, ['R1: 8 sc in MR (8)', 'R2: inc x6']);
		const { head } = view.state.selection.main;
		expect([view.state.doc.lineAt(head).number, head - view.state.doc.lineAt(head).from]).toEqual([2, 4]);
	});

	it('keeps the caret among its letters when all lines change', () => {
		bring(view, ['R1: 6 sc in MR', 'R2: (sc, inc) x6 # one two', 'R3: sc around']);
		view.dispatch({ selection: { anchor: view.state.doc.line(2).from + 'R2: (sc, inc) x6 # one'.length } });
		bring(view, ['R1: 6 dc in MR', 'R2: inc x6', 'R3: (dc, inc) x6 # one two', 'R4: dc around']);
		view.dispatch(view.state.replaceSelection('!'));
		expect(linesOf(view.state.doc)).toEqual(['R1: 6 dc in MR', 'R2: inc x6', 'R3: (dc, inc) x6 # one! two', 'R4: dc around']);
	});

	it('has no lines where nothing stands', () => {
		bring(view, []);
		expect(linesOf(view.state.doc)).toEqual([]);
		bring(view, ['', '']);
		expect(linesOf(view.state.doc)).toEqual(['', '']);
	});

	it('marks what is wrong, and makes room below it', () => {
		const trouble = { message: 'No', mend: 'Mend', severity: 'error' as const, line: 2, column: 5, length: 3, round: 2 };
		seat(view, [place(0), place(1, { height: 44, troubles: [trouble] })], 20);
		expect(view.dom.querySelector('.wrong')?.textContent).toBe('inc');
		expect(view.dom.querySelectorAll('[data-wrong]')).toHaveLength(1);
		expect([...view.dom.querySelectorAll<HTMLElement>('[aria-hidden="true"]')].some(({ style }) => style.height === '24px')).toBe(true);
	});

	it('shows a blank where something is missing at the end', () => {
		seat(
			view,
			[place(0), place(1, { troubles: [{ message: 'No', mend: 'Mend', severity: 'error' as const, line: 2, column: 11, length: 1, round: 2 }] })],
			20,
		);
		expect(view.dom.querySelector('.wrong')?.textContent?.trim()).toBe('');
	});

	it('greys a remark', () => {
		bring(view, ['# note', 'R1: 6 sc in MR']);
		seat(view, [place(0, { rounds: null }), place(1)], 20);
		expect(view.dom.querySelectorAll('.cm-line.text-faint')).toHaveLength(1);
	});

	it('takes no more than a piece can hold, and says so', () => {
		const before = view.state.doc.toString();
		view.dispatch({ changes: { from: 0, insert: 'x'.repeat(most.characters + 1) } });
		view.dispatch({ changes: { from: 0, insert: '\n'.repeat(most.lines) } });
		expect(view.state.doc.toString()).toBe(before);
		expect(handlers.onTooMuch).toHaveBeenCalledTimes(2);
		// A line that is too long was let in by an earlier program: it comes from outside all the same.
		bring(view, ['x'.repeat(most.characters + 1)]);
		expect(view.state.doc.length).toBe(most.characters + 1);
	});

	it('counts characters as the core does, one that is two units among them', () => {
		expect(unitAt('a🧶b', 2)).toBe(3);
		expect(unitAt('abc', 9)).toBe(3);
	});
});
