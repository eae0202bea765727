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
		heightMm: 1,
		ruffles: false,
		readable: true,
		loops: [],
		out: [],
		feet: [],
		ridges: [],
		tops: '',
		cues: [],
		runs: [{ yarn: 'A', stitches: makes }],
		...more,
	};
}

/** What a piece of this outline measures, as far as a picture asks. */
export function sizeOf(outline: number[][]): NonNullable<PieceAnalysis['size']> {
	const level = (edge: number[] | undefined) => edge?.[1] ?? 0;
	return {
		heightMm: level(outline.at(-1)) - level(outline[0]),
		widthMm: Math.max(...outline.map(([radius = 0, , straight = 0]) => 2 * radius + straight)),
		depthMm: Math.max(...outline.map(([radius = 0]) => 2 * radius)),
		girthMm: 0,
		volumeMl: 0,
		stuffingGrams: { low: 0, likely: 0, high: 0 },
		lastReachRound: null,
		outline,
		unstuffed: [],
		remarks: [],
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
		gauge: { stitchWidthMm: 5, roundHeightMm: 4 },
		lean: 0.35,
		showsWithinDegrees: 60,
		size: null,
		lines: rounds.map(({ number }) => ({ from: number, to: number })),
		rounds,
		changes: [],
		pairs: [],
		shine: [],
		placed: [],
		threads: [],
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
