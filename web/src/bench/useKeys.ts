import { useEffect } from 'react';
import { isIn, isTextField, takesKeys } from '../ui/where';
import { fit, hasLetterKeys, setTools, views, zoomBy } from './chartTools';
import { type Bench, type Station, stations } from './context';

/** The parts of the bench that F6 goes through, in this order. */
const AREAS = ['header', 'tray', 'lines', 'rounds', 'chart', 'panel'];

/**
 * The keys of the bench: those with Ctrl hold everywhere, those of a single letter only where the sheet or the chart has
 * the focus. Stations go on from the panel, too, as their keys bring the focus there.
 */
export function useKeys(bench: Bench, count: () => number): void {
	useEffect(() => {
		const onKey = (event: KeyboardEvent) => {
			const does = event.ctrlKey || event.metaKey ? withControl(event, bench) : plain(event, bench, count);
			if (does === undefined) return;
			event.preventDefault();
			does();
		};
		window.addEventListener('keydown', onKey);
		return () => window.removeEventListener('keydown', onKey);
	}, [bench, count]);
}

type Does = (() => void) | undefined;

function withControl({ key, target, shiftKey }: KeyboardEvent, { draft, pickAll }: Bench): Does {
	// What is typed in a field is taken back there.
	if (isTextField(target)) return undefined;
	const letter = key.toLowerCase();
	if (letter === 'z') return shiftKey ? draft.redo : draft.undo;
	if (letter === 'y') return draft.redo;
	return letter === 'a' && isIn(target, '#sheet') ? pickAll : undefined;
}

function plain(event: KeyboardEvent, bench: Bench, count: () => number): Does {
	const { key, target, shiftKey, altKey } = event;
	if (key === 'F6') return () => goToArea(shiftKey ? -1 : 1);
	if (altKey || takesKeys(target)) return undefined;
	if (key === 'Escape') return () => putDown(bench);
	if ((key === 'ArrowDown' || key === 'ArrowUp') && (target === document.body || isIn(target, '#sheet')) && !isIn(target, '[role="slider"]')) {
		const last = count();
		const from = bench.picked.size === 0 ? (key === 'ArrowDown' ? 0 : last + 1) : bench.current;
		const to = Math.min(last, Math.max(1, from + (key === 'ArrowDown' ? 1 : -1)));
		return last === 0 ? undefined : () => goToRound(bench, to, shiftKey && bench.picked.size > 0);
	}
	// A single letter would act on whoever speaks to the computer, or slips on the keyboard.
	if (!hasLetterKeys()) return undefined;
	if (isIn(target, '#sheet')) return letter(event, bench);
	// Where a station's key has brought the focus, the next one goes on.
	return target instanceof Element && target.matches('[data-area="panel"]') && /^[1-9?]$/.test(key) ? letter(event, bench) : undefined;
}

function goToRound(bench: Bench, round: number, extends_: boolean): void {
	bench.pick(round, extends_ ? 'extend' : 'new');
	bench.seek(round);
}

function putDown({ pickNone }: Bench): void {
	pickNone();
	setTools({ brush: null, layer: null, cursor: null, held: null });
}

function letter({ key }: KeyboardEvent, { draft, goTo, paint, showKeys }: Bench): Does {
	if (key === '.') {
		const first = draft.getState().plan.yarns[1]?.key ?? 'A';
		return () => setTools(({ brush }) => ({ brush: brush === null ? first : null, layer: null }));
	}
	if (key === '?') return showKeys;
	if (key === ',') return () => setTools(({ isMirrored }) => ({ isMirrored: !isMirrored }));
	if (key === '/') return () => setTools(({ view }) => ({ view: views[(views.indexOf(view) + 1) % views.length] ?? 'opened' }));
	if (key === '+' || key === '=' || key === '-') return () => zoomBy(key === '-' ? -1 : 1);
	if (key === '0') return fit;
	const station: Station | undefined = /^[1-9]$/.test(key) ? stations[Number(key) - 1] : undefined;
	if (station !== undefined) {
		return () => {
			goTo(station);
			focusArea('panel');
		};
	}
	const yarn = /^[a-zA-Z]$/.test(key) ? key.toUpperCase() : '';
	return draft.getState().plan.yarns.some((is) => is.key === yarn) ? () => paint(yarn) : undefined;
}

function focusArea(area: string): boolean {
	const place = document.querySelector<HTMLElement>(`[data-area="${area}"]`);
	if (place === null || place.getClientRects().length === 0) return false;
	const first = place.matches('[tabindex]') ? place : place.querySelector<HTMLElement>('[tabindex="0"], button:not([tabindex="-1"]), a, input');
	first?.focus();
	return first != null;
}

/** To the next part of the bench that is there. */
function goToArea(by: 1 | -1): void {
	const now = AREAS.indexOf(document.activeElement?.closest('[data-area]')?.getAttribute('data-area') ?? '');
	for (let i = 1; i <= AREAS.length; i++) {
		const area = AREAS[(now + by * i + AREAS.length * 2) % AREAS.length];
		if (area !== undefined && focusArea(area)) return;
	}
}
