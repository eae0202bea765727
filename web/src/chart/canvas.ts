/** A canvas made as large as it is shown, in the screen's own pixels; null before it can be drawn on. */
export function drawingOn(element: HTMLCanvasElement | null, width: number, height: number): CanvasRenderingContext2D | null {
	const context = element?.getContext('2d');
	if (element === null || !context || width === 0) return null;
	const scale = window.devicePixelRatio;
	const [across, down] = [Math.round(width * scale), Math.round(height * scale)];
	// To set a canvas's size costs a new one, even where it stays the same.
	if (element.width !== across || element.height !== down) {
		element.width = across;
		element.height = down;
	}
	context.setTransform(scale, 0, 0, scale, 0, 0);
	return context;
}
