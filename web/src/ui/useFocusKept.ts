import { type RefObject, useEffect } from 'react';
import { isTextField } from './where';

const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

/**
 * Where something that has the focus goes away, the focus goes on to what stands in its place: the next thing of its list, or else the part
 * of the page that it was in. Otherwise keys would begin again at the top of the page.
 */
export function useFocusKept(root: RefObject<HTMLElement | null>): void {
	useEffect(() => {
		const top = root.current;
		if (top === null) return;
		let last: { element: HTMLElement; parents: HTMLElement[]; nth: number[] } | null = null;
		const onFocus = (event: FocusEvent) => {
			const element = event.target as HTMLElement;
			const parents: HTMLElement[] = [];
			for (let up = element.parentElement; up !== null && top.contains(up); up = up.parentElement) parents.push(up);
			const nth = parents.map((parent, i) => {
				const part = i === 0 ? element : parents[i - 1];
				return [...parent.querySelectorAll(FOCUSABLE)].findIndex((is) => part?.contains(is) === true);
			});
			last = { element, parents, nth };
		};
		const onLoss = () => {
			if (last === null || document.activeElement !== document.body || last.element.isConnected) return;
			const { parents, nth } = last;
			last = null;
			for (const [i, parent] of parents.entries()) {
				if (!parent.isConnected) continue;
				const there = [...parent.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((is) => is.getClientRects().length > 0);
				const from = Math.min(nth[i] ?? 0, there.length - 1);
				// In a field the keys would be the field's: Ctrl Z would take nothing back.
				const next = [...there.slice(from), ...there.slice(0, from).reverse()].find((is) => !isTextField(is));
				const goesTo = next ?? (parent.matches('[tabindex]') ? parent : undefined);
				if (goesTo !== undefined) {
					goesTo.focus();
					return;
				}
			}
		};
		const observer = new MutationObserver(onLoss);
		observer.observe(top, { childList: true, subtree: true });
		top.addEventListener('focusin', onFocus);
		return () => {
			observer.disconnect();
			top.removeEventListener('focusin', onFocus);
		};
	}, [root]);
}
