import type { PieceAnalysis } from '../api/types';
import type { ShownYarn, StitchLook } from './looks';
import type { Look } from './pieceMesh';
import type { Shown } from './scene';
import { solidOf } from './solid';

const NONE: ReadonlySet<number> = new Set();

/** A piece where it is on the toy. */
export interface Posed {
	key: string;
	piece: PieceAnalysis;
	pose: NonNullable<Shown['pose']>;
}

export interface ShowHow {
	yarns: readonly ShownYarn[];
	/** of stitches that are no plain V, by their signs */
	looks: Readonly<Record<string, StitchLook>>;
	isLeftHanded: boolean;
}

function lookOf(piece: PieceAnalysis, { yarns, isLeftHanded }: ShowHow): Look {
	const lean = piece.worked === 'rows' ? 0 : isLeftHanded ? -piece.lean : piece.lean;
	return {
		yarns: new Map(yarns.map((yarn) => [yarn.key, yarn])),
		lean,
		working: isLeftHanded ? -1 : 1,
		hasMarker: false,
		hasMarks: false,
		picked: NONE,
	};
}

/** A piece by itself. */
export function pieceAlone(piece: PieceAnalysis, how: ShowHow, isStuffed: boolean, hasMarker: boolean, picked: ReadonlySet<number>): Shown[] {
	return [{ solid: solidOf(piece, { ...how, isStuffed }), pose: null, look: { ...lookOf(piece, how), hasMarker, hasMarks: hasMarker, picked } }];
}

/** Pieces where they are on the toy. */
export function wholeToy(posed: readonly Posed[], how: ShowHow): Shown[] {
	return posed.map(({ piece, pose }) => ({ solid: solidOf(piece, { ...how, isStuffed: true }), pose, look: lookOf(piece, how) }));
}
