import type { components } from './generated/contract';

type Schemas = components['schemas'];
type SentRound = Schemas['Round'];
type SentChange = Schemas['Change'];
type SentPiece = Schemas['PieceAnalysis'];
type SentAnalysis = Schemas['analysis.schema'];

/** Stitches of one yarn, side by side. */
export interface Run {
	yarn: string;
	stitches: number;
}

/** A round as the screens use it: what is left out in a message stands there. */
export interface Round extends Omit<SentRound, 'runs' | 'ruffles' | 'readable' | 'markerDegrees' | 'tops' | 'cues' | 'loops' | 'out' | 'feet' | 'ridges'> {
	runs: Run[];
	ruffles: boolean;
	readable: boolean;
	markerDegrees: number;
	/** a sign for each stitch; '' where all are single crochet */
	tops: string;
	cues: string[];
	/** where several yarns are worked in one spiral: the stitches after which a loop waits */
	loops: number[];
	/** what stands out: after how many stitches, how far and how wide, in stitch widths */
	out: number[][];
	/** how far on in the working direction each stitch's foot is, in stitch widths; [] where all stand straight */
	feet: number[];
	/** first and last of the stitches under which loops are seen as a ridge */
	ridges: number[][];
	/** stitches around where it begins and where it ends: a spiral grows and shrinks as it goes; left out, it is as wide all around */
	widths?: readonly [number, number];
}

/** Points about a round's end: stitches from it, with rounds above the level of the side worked first. */
type Points = number[][];

/** A change with the line along which its colours meet: on the side worked last, and on the side worked first. */
export interface Change extends SentChange {
	edge: { before: Points; after: Points };
}

/** A step of one round, straight up. */
const STEP: Change['edge'] = { before: [[0, 1]], after: [[0, 0]] };

export type PieceAnalysis = Omit<SentPiece, 'rounds' | 'changes' | 'stitchMm'> & {
	rounds: Round[];
	changes: Change[];
	/** in which it is worked */
	gauge: { stitchWidthMm: number; roundHeightMm: number };
};
type SentConstants = NonNullable<SentAnalysis['constants']>;
/** What the top of a stitch looks like, where it is no plain V. */
export type OtherLook = keyof SentConstants['looks'];
/** What is the same in every answer about plans in these terms. `looks`: by the signs of tops. */
type Constants = Omit<SentConstants, 'looks'> & { looks: Readonly<Record<string, OtherLook>> };
export type Analysis = Omit<SentAnalysis, 'pieces' | 'constants'> & { pieces: PieceAnalysis[]; constants: Constants };

/** "A12 B3" as runs. */
export function runsOf(text: string): Run[] {
	return text.split(' ').map((run) => ({ yarn: run.charAt(0), stitches: Number(run.slice(1)) }));
}

/** The sign of a stitch that stands straight, and parts of its width to a letter. */
const STRAIGHT = 'm'.charCodeAt(0);
const PARTS = 8;

/** What repeats along the round is sent once. */
function feetOf(signs: string, makes: number): number[] {
	if (signs === '') return [];
	return Array.from({ length: makes }, (_, i) => (signs.charCodeAt(i % signs.length) - STRAIGHT) / PARTS);
}

export function unpackedRound(sent: SentRound): Round {
	return {
		...sent,
		runs: runsOf(sent.runs),
		ruffles: sent.ruffles ?? false,
		readable: sent.readable ?? true,
		markerDegrees: sent.markerDegrees ?? sent.startDegrees,
		tops: sent.tops ?? '',
		cues: sent.cues ?? [],
		loops: sent.loops ?? [],
		out: sent.out ?? [],
		feet: feetOf(sent.feet ?? '', sent.makes),
		ridges: sent.ridges ?? [],
	};
}

export function unpackedPiece(sent: SentPiece, { methods }: Constants): PieceAnalysis {
	const edgeOf = ({ method, onLine }: SentChange) => (onLine ? undefined : methods.find((one) => one.method === method)?.edge) ?? STEP;
	const rounds = sent.rounds.map(unpackedRound);
	const { stitchMm, ...piece } = sent;
	const [stitchWidthMm = 1, roundHeightMm = 1] = stitchMm;
	return {
		...piece,
		gauge: { stitchWidthMm, roundHeightMm },
		rounds: sent.worked === 'spiral' ? growing(rounds) : rounds,
		changes: sent.changes.map((change) => ({ ...change, edge: edgeOf(change) })),
	};
}

/** A spiral has no steps: half way between two rounds it is as wide as one and the other in the middle. */
function growing(rounds: Round[]): Round[] {
	const between = (one: number, other: number) => (one + other) / 2;
	return rounds.map((round, i) => {
		const [before, after] = [rounds[i - 1]?.makes, rounds[i + 1]?.makes];
		const begins = before === undefined ? Math.max(1, round.makes - ((after ?? round.makes) - round.makes) / 2) : between(before, round.makes);
		const ends = after === undefined ? Math.max(1, round.makes + (round.makes - (before ?? round.makes)) / 2) : between(round.makes, after);
		return begins === ends ? round : { ...round, widths: [begins, ends] as const };
	});
}

const looksOf = (looks: SentConstants['looks']): Constants['looks'] =>
	Object.fromEntries(Object.entries(looks).flatMap(([look, signs]) => [...signs].map((sign) => [sign, look as OtherLook])));

/** An answer; what it leaves out is known from the one before it. */
export function unpacked(sent: SentAnalysis, before?: Analysis): Analysis {
	const constants = sent.constants === undefined ? before?.constants : { ...sent.constants, looks: looksOf(sent.constants.looks) };
	if (constants === undefined) throw new TypeError('An answer leaves out what is not known.');
	return { ...sent, constants, pieces: sent.pieces.map((piece) => unpackedPiece(piece, constants)) };
}
