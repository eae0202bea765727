/** Where keys go: what has the focus. */

const TEXTS = new Set(['text', 'search', 'url', 'tel', 'email', 'password', 'number']);

/** A field that text is typed in: keys for editing, Ctrl Z among them, are its own. */
export function isTextField(target: EventTarget | null): boolean {
	if (target instanceof HTMLTextAreaElement) return true;
	if (target instanceof HTMLInputElement) return TEXTS.has(target.type);
	return target instanceof HTMLElement && target.closest('[contenteditable]:not([contenteditable="false"])') !== null;
}

/** Something that takes keys of its own: a field, a menu, a dialog. */
export const takesKeys = (target: EventTarget | null) =>
	isTextField(target) ||
	(target instanceof HTMLElement && target.closest('select, input[type="color"], [role="dialog"], [role="menu"], [role="tablist"]') !== null);

export const isIn = (target: EventTarget | null, selector: string) => target instanceof HTMLElement && target.closest(selector) !== null;
