import type { Units } from './units';

const KEY = 'alternum.units';

/** The units of the plan that was worked on last in this browser: what stands on the shelf is said in them. */
export function unitsKept(): Units {
	try {
		return localStorage.getItem(KEY) === 'imperial' ? 'imperial' : 'metric';
	} catch {
		return 'metric';
	}
}

export function keepUnits(units: Units): void {
	try {
		localStorage.setItem(KEY, units);
	} catch {
		// Then the shelf is metric.
	}
}
