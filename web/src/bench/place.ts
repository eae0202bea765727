import { setTools, type Tools } from './chartTools';
import type { Station } from './context';

/** Where one was on a plan in this browser: it is opened there again. */
export interface Place {
	station: Station;
	piece: string;
	/** pixels down the sheet */
	top: number;
	view: Tools['view'];
	zoom: number;
}

const keyOf = (id: string) => `alternum.place.${id}`;

export function keepPlace(id: string, place: Partial<Place>): void {
	try {
		localStorage.setItem(keyOf(id), JSON.stringify({ ...placeOf(id), ...place }));
	} catch {
		// A browser that keeps nothing opens a plan at its beginning.
	}
}

export function placeOf(id: string): Partial<Place> {
	try {
		const kept: unknown = JSON.parse(localStorage.getItem(keyOf(id)) ?? '{}');
		return typeof kept === 'object' && kept !== null ? kept : {};
	} catch {
		return {};
	}
}

/** The tools as a plan is opened with: as they were on it, and none in the hand. */
export function takeUpTools(id: string, isEmpty: boolean): void {
	const { view = 'opened', zoom = 1 } = placeOf(id);
	setTools({ view, zoom, brush: null, held: null, layer: null, cursor: null, copy: 0, leaf: isEmpty ? 'words' : 'picture' });
}
