import { figure } from './say';

/** Words for figures that the core has computed. */

export const YARD_IN_METRES = 0.9144;
export const INCH_IN_MM = 25.4;

export type Units = 'metric' | 'imperial';

function rounded(value: number): string {
	return value < 9.95 ? figure(value, 1) : figure(value, 0);
}

/** A length of yarn: "12 m" or "13 yd"; short ones as "30 cm" or "12 in". */
export function yarnLength(metres: number, units: Units): string {
	if (metres < 0.5) return units === 'metric' ? `${Math.round(metres * 100)} cm` : inches((metres * 1000) / INCH_IN_MM);
	return units === 'metric' ? `${rounded(metres)} m` : `${rounded(metres / YARD_IN_METRES)} yd`;
}

export function grams(value: number): string {
	return `${rounded(value)} g`;
}

/** A length of fabric: "4.5 cm" or "1¾ in". */
export function size(mm: number, units: Units): string {
	return units === 'metric' ? `${figure(mm / 10, 1)} cm` : inches(mm / INCH_IN_MM);
}

/** Inches as a tape measure shows them, in quarters. */
function inches(value: number): string {
	const quarters = Math.round(value * 4);
	if (quarters < 1) return 'under ¼ in';
	const whole = Math.floor(quarters / 4);
	return `${whole === 0 ? '' : whole}${['', '¼', '½', '¾'][quarters % 4]} in`;
}
