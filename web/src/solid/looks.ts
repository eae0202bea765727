import type { Yarn } from '../api/types';
import type { OtherLook } from '../api/unpack';

/** What a stitch looks like, as the core says it; and the loops that stay free below one, which are seen as a bar. */
export type StitchLook = 'plain' | 'bar' | OtherLook;

export type Texture = NonNullable<Yarn['texture']>;

/** How a strand of a stitch is drawn; `ply`: which of two that are held together, null: it is one. */
export interface Strand {
	texture: Texture;
	ply: 0 | 1 | null;
}

/** A yarn as it is to be drawn. `plies`: the colours of two strands that are held together. */
export interface ShownYarn extends Yarn {
	plies?: readonly [string, string];
}

/** Of a yarn that the plan does not have. */
export const NO_YARN = '#808080';

/** The strands that a yarn is drawn with, each with its colour. */
export function strandsOf(yarn: ShownYarn | undefined): (Strand & { hex: string })[] {
	const texture = yarn?.texture ?? 'smooth';
	const hex = yarn?.hex ?? NO_YARN;
	if (yarn === undefined || (yarn.strands ?? 1) < 2) return [{ texture, ply: null, hex }];
	const [one, other] = yarn.plies ?? [hex, hex];
	return [
		{ texture, ply: 0, hex: one },
		{ texture, ply: 1, hex: other },
	];
}
