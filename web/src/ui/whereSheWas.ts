const APART = '[role="dialog"], [role="menu"]';
let last: HTMLElement | null = null;

document.addEventListener('focusin', ({ target }) => {
	if (target instanceof HTMLElement && target.closest(APART) === null) last = target;
});

/** Takes the focus back to where it was on the page before menus and dialogs came over it, or to where it was sent meanwhile. */
export function goWhereSheWas(): void {
	if (last?.isConnected) last.focus();
}
