/** The beginning of a text, cut between what readers take for characters, and never within one. */
export function cut(text: string, most: number): string {
	if ([...text].length <= most) return text;
	let end = 0;
	let length = 0;
	for (const { segment, index } of new Intl.Segmenter().segment(text)) {
		length += [...segment].length;
		if (length > most) break;
		end = index + segment.length;
	}
	return text.slice(0, end);
}
