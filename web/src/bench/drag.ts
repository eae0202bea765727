import type { Layer } from '../api/types';

/** A layer that can be dragged on the chart. */
export type Movable = Extract<Layer, { kind: 'motif' | 'panel' | 'spots' }>;

export const isMovable = (layer: Layer | undefined): layer is Movable => layer?.kind === 'motif' || layer?.kind === 'panel' || layer?.kind === 'spots';

/** Degrees from the front, wrapped to one turn about it, to half a degree. */
const wrapped = (degrees: number) => Math.round(((((degrees + 180) % 360) + 360) % 360) * 2) / 2 - 180;

/** A layer moved by rounds and degrees from where it was taken, kept on a piece of so many rounds. */
export function moved(layer: Movable, rounds: number, degrees: number, last: number): Movable {
	const fromFront = wrapped((layer.fromFront ?? 0) + degrees);
	const from = layer.kind === 'motif' ? layer.round : layer.from;
	const height = layer.kind === 'motif' ? layer.rows.length : (layer.to ?? from) - from + 1;
	const by = Math.max(1 - from, Math.min(last - height + 1 - from, rounds));
	return layer.kind === 'motif' ? { ...layer, round: from + by, fromFront } : { ...layer, from: from + by, to: (layer.to ?? from) + by, fromFront };
}

/** A layer whose far edge was dragged: a motif has the size that it was drawn in. */
export function resized(layer: Movable, rounds: number, degrees: number, last: number): Movable {
	if (layer.kind === 'motif') return layer;
	const to = Math.max(layer.from, Math.min(last, (layer.to ?? layer.from) + rounds));
	// Both sides go out alike, so that it stays about its middle.
	return layer.kind === 'panel' ? { ...layer, to, degrees: Math.round(Math.min(360, Math.max(1, layer.degrees + 2 * degrees))) } : { ...layer, to };
}
