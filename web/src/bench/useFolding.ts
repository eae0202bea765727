import { type RefObject, useEffect } from 'react';

/** A small window, as style.css has it. */
const SMALL = '(max-width: 699px), (max-height: 479px)';

/** Scrolled by so many pixels one way before it folds or unfolds. */
const FAR = 40;
/** It gives so much room: what is hardly longer than the window would come to its end by that alone. */
const ROOM = 160;
/** What scrolls by itself, as the room has changed. */
const RESTS_MS = 250;

/** In a small window stations and pieces fold away while one reads on, and are there again as soon as one goes back. */
export function useFolding(root: RefObject<HTMLElement | null>): void {
	useEffect(() => {
		const element = root.current;
		if (element === null) return;
		const small = matchMedia(SMALL);
		const header = () => element.querySelector('[data-area="header"]');
		let from = 0;
		let last: Element | null = null;
		let before = 0;
		let quietUntil = 0;
		function fold(is: boolean): void {
			if (element === null || (element.dataset.folded !== undefined) === is) return;
			if (is) element.dataset.folded = '';
			else delete element.dataset.folded;
			quietUntil = performance.now() + RESTS_MS;
		}
		function scrolled({ target }: globalThis.Event): void {
			if (!(target instanceof Element) || target.scrollHeight - target.clientHeight < ROOM || header()?.contains(target) === true) return;
			const { scrollTop } = target;
			const turns = target !== last || scrollTop > before !== before > from;
			if (turns) from = target === last ? before : scrollTop;
			last = target;
			before = scrollTop;
			// The picture is pressed: it does not move under the finger by itself.
			if (!small.matches || element?.dataset.leaf === 'picture' || performance.now() < quietUntil) return;
			if (scrollTop < FAR || scrollTop < from - FAR) fold(false);
			else if (scrollTop > from + FAR && header()?.querySelector(':focus-visible') === null) fold(true);
		}
		const unfold = () => fold(false);
		// What is shown now begins at its top.
		const turned = new MutationObserver(unfold);
		turned.observe(element, { attributeFilter: ['data-station', 'data-leaf'] });
		const top = header();
		element.addEventListener('scroll', scrolled, true);
		top?.addEventListener('focusin', unfold);
		small.addEventListener('change', unfold);
		return () => {
			turned.disconnect();
			element.removeEventListener('scroll', scrolled, true);
			top?.removeEventListener('focusin', unfold);
			small.removeEventListener('change', unfold);
		};
	}, [root]);
}
