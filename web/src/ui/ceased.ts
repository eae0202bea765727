/** Acts once it has not been called for `rest` ms, or `most` ms after the first call that it has not acted on. */
export function onceCeased(act: () => void, rest: number, most: number): () => void {
	let timer: ReturnType<typeof setTimeout> | undefined;
	let began: number | undefined;
	return () => {
		const now = Date.now();
		began ??= now;
		clearTimeout(timer);
		timer = setTimeout(
			() => {
				began = undefined;
				act();
			},
			Math.min(rest, began + most - now),
		);
	};
}
