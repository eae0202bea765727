import { EditorView, type EditorViewConfig } from '@codemirror/view';

/** A letter from a key. The editor puts it in itself, as the browser's own way of typing lays the page out once more for each; all else is left to that. */
export const isLetter = (event: InputEvent) => event.inputType === 'insertText' && event.data?.length === 1 && !event.isComposing && event.cancelable;

/** An editor that shows a letter before it measures what became of its lines: to measure takes as long as to put it in, and no line breaks for a letter. */
export class LettersView extends EditorView {
	// Without a value at first: it is asked for while the editor is being made.
	declare private isKeyOfLetter: boolean | undefined;

	constructor(config: EditorViewConfig) {
		super(config);
		const onKey = ({ key, ctrlKey, metaKey, altKey }: KeyboardEvent) => {
			this.isKeyOfLetter = key.length === 1 && !ctrlKey && !metaKey && !altKey;
			setTimeout(() => {
				this.isKeyOfLetter = false;
			});
		};
		this.contentDOM.addEventListener('keydown', onKey, { capture: true });
	}

	override requestMeasure(...request: Parameters<EditorView['requestMeasure']>): void {
		const measure = () => super.requestMeasure(...request);
		if (this.isKeyOfLetter) requestAnimationFrame(() => setTimeout(measure));
		else measure();
	}
}
