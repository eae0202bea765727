import { type RefObject, useEffect } from 'react';
import { drawingOn } from './canvas';
import { draw } from './draw';
import type { Picture } from './pen';

/** Draws a piece in the next frame, and again where something of it is another. */
export function useDrawn(canvas: RefObject<HTMLCanvasElement | null>, width: number, picture: Picture): void {
	const { piece, yarns, layout, opening, picked, inHand, coming, under, brushed, cursor, stitches, left, top, height, carried } = picture;
	useEffect(() => {
		const frame = requestAnimationFrame(() => {
			const context = drawingOn(canvas.current, width, height);
			if (context === null) return;
			draw(context, { piece, yarns, layout, opening, picked, inHand, coming, under, brushed, cursor, stitches, left, top, height, carried });
		});
		return () => cancelAnimationFrame(frame);
	}, [canvas, piece, yarns, layout, opening, picked, inHand, coming, under, brushed, cursor, stitches, left, top, height, width, carried]);
}
