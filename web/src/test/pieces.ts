import type { PieceAnalysis, Round } from '../api/types';

/** A round of so many stitches in yarn A, as the core says it, for tests. */
export function roundOf(number: number, makes: number, more: Partial<Round> = {}): Round {
	const startDegrees = more.startDegrees ?? 0;
	return {
		number,
		line: number,
		uses: makes,
		makes,
		startDegrees,
		markerDegrees: startDegrees,
		radiusMm: 1,
		heightMm: 1,
		levelMm: 1,
		ruffles: false,
		readable: true,
		loops: [],
		out: [],
		tops: '',
		cues: [],
		runs: [{ yarn: 'A', stitches: makes }],
		...more,
	};
}

/** A piece of these rounds, a line each. */
export function pieceOf(rounds: Round[], more: Partial<PieceAnalysis> = {}): PieceAnalysis {
	return {
		key: 'body',
		name: 'Body',
		copies: 1,
		worked: 'spiral',
		beginsOn: 0,
		beginning: null,
		namesColours: false,
		stitches: 0,
		frontDegrees: 180,
		lean: 0.35,
		showsWithinDegrees: 60,
		size: null,
		lines: rounds.map(({ number }) => ({ from: number, to: number })),
		rounds,
		changes: [],
		pairs: [],
		shine: [],
		placed: [],
		offers: [],
		faceRemarks: [],
		bestFront: { degrees: 0, nearestStep: null, better: false, why: '' },
		beginsAtTop: true,
		lies: false,
		endAsked: null,
		ends: 2,
		changingMm: 0,
		changeLine: { jogs: 0, showOnLine: 0, showAtMarker: 0 },
		tips: [],
		changesWithin: [],
		layers: [],
		...more,
	};
}
