/**
 * The number that is typed, in either way of writing figures: "1,5" and "1.5" are one and a half, "1,000" and "1.000" a thousand where
 * that can be meant. NaN: it is none.
 */
export function numberOf(typed: string, most = Number.POSITIVE_INFINITY): number {
	const text = typed.trim().replace(/^\+/, '');
	if (text === '') return Number.NaN;
	const bare = text.replace(/[\s'’\u00a0\u202f]/g, '');
	// The sign that comes last parts off the fraction, where there are two kinds.
	if (/^-?\d{1,3}(,\d{3})+\.\d+$/.test(bare)) return Number(bare.replaceAll(',', ''));
	if (/^-?\d{1,3}(\.\d{3})+,\d+$/.test(bare)) return Number(bare.replaceAll('.', '').replace(',', '.'));
	if (/^-?[1-9]\d{0,2}([.,]\d{3})+$/.test(bare)) {
		const grouped = Number(bare.replace(/[.,]/g, ''));
		if (Math.abs(grouped) <= most) return grouped;
	}
	return /^-?(\d+([.,]\d*)?|[.,]\d+)$/.test(bare) ? Number(bare.replace(',', '.')) : Number.NaN;
}
