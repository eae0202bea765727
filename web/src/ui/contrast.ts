/** WCAG 2 relative luminance of "#RRGGBB". */
export function luminance(hex: string): number {
	const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
		const channel = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
		return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
	});
	return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** WCAG 2 contrast ratio, 1 to 21. */
export function contrast(one: string, other: string): number {
	const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a) as [number, number];
	return (light + 0.05) / (dark + 0.05);
}

/** The ink that reads best on a yarn's colour. */
export function inkOn(hex: string): string {
	return contrast(hex, '#20262a') >= contrast(hex, '#fdfcfa') ? '#20262a' : '#fdfcfa';
}
