type Lines = readonly { name: string; text: string }[];

/** Lines that are about the same thing, side by side; those that stay as they are are left out. */
export function sideBySide(now: Lines, after: Lines): { name: string; now: string; after: string }[] {
	const left = [...after];
	const rows = now.map(({ name, text }) => {
		const at = left.findIndex((line) => line.name === name);
		const [to] = at < 0 ? [] : left.splice(at, 1);
		return { name, now: text, after: to?.text ?? '' };
	});
	return [...rows, ...left.map(({ name, text }) => ({ name, now: '', after: text }))].filter((row) => row.now !== row.after);
}
