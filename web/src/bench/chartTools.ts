import { useMemo } from 'react';
import { create } from 'zustand';
import type { Amount, Analysis, Edit, Piece, PieceAnalysis, Place, Plan, Yarn } from '../api/types';
import { asZoom, nextZoom } from '../chart/zoom';
import type { ShownYarn } from '../solid/looks';
import { say } from '../ui/say';
import { useDraft } from './context';

export const views = ['opened', 'grid', 'above', 'round'] as const;
export type View = (typeof views)[number];
export const viewNames: Record<View, string> = {
	opened: say('chartTools.flat'),
	grid: say('chartTools.chart'),
	above: say('chartTools.fromAbove'),
	round: say('chartTools.in3d'),
};

export type ColourVision = keyof Amount['seen'];

/** A stitch that paints others: a yarn's letter, or a stop that clears what was set by hand. */
export const CLEAR = '.';

export const leaves = ['words', 'picture', 'panel'] as const;
export type Leaf = (typeof leaves)[number];

/** What is taken from the tray of parts: a kind, or a piece of the plan. */
export type Held =
	Extract<Edit, { do: 'put' }> extends infer P ? (P extends { what: infer W } ? { what: W; name: string } : never) | { part: string; name: string } : never;

export interface Tools {
	view: View;
	/** see chart/zoom */
	zoom: number;
	/** what the pointer paints single stitches with; null: it picks rounds */
	brush: string | null;
	isMirrored: boolean;
	/** what is put on the piece where it is pressed; null: nothing is in the hand */
	held: Held | null;
	/** the layer that is moved on the chart, by its place in the piece's list */
	layer: number | null;
	/** the copy that is shown, by its place in the piece's list */
	copy: number;
	/** eyes to see the colours with; null: the maker’s own */
	sight: ColourVision | null;
	/** the stitch that the keys are on */
	cursor: { round: number; stitch: number } | null;
	/** what a small window shows of the bench */
	leaf: Leaf;
	/** the whole piece is seen at once, without its words */
	isFit: boolean;
	/** in 3D the whole toy is looked at, not the piece alone */
	isToy: boolean;
	/** whether keys of a single letter act */
	hasLetters: boolean;
}

const LETTERS = 'alternum.letter-keys';

function lettersKept(): boolean {
	try {
		return localStorage.getItem(LETTERS) !== 'off';
	} catch {
		return true;
	}
}

/** How the chart is looked at and worked on: of this window, not of the plan. */
export const useTools = create<Tools>(() => ({
	view: 'opened',
	zoom: 1,
	brush: null,
	held: null,
	isMirrored: false,
	layer: null,
	copy: 0,
	sight: null,
	cursor: null,
	leaf: 'picture',
	isFit: false,
	isToy: false,
	hasLetters: lettersKept(),
}));

export const setTools = useTools.setState;

export const hasLetterKeys = () => useTools.getState().hasLetters;

/** Switches the keys of a single letter, in this browser. */
export function setLetterKeys(hasLetters: boolean): void {
	setTools({ hasLetters });
	try {
		localStorage.setItem(LETTERS, hasLetters ? 'on' : 'off');
	} catch {
		// Then it holds until the window is closed.
	}
}

/** To the next larger or smaller of the usual sizes. */
export const zoomBy = (by: 1 | -1) => setTools(({ zoom }) => ({ zoom: nextZoom(zoom, by) }));

export const zoomTo = (zoom: number) => setTools({ zoom: asZoom(zoom) });

/** As wide as the sheet; and from there all of it at once, without its words, and back. */
export const fit = () => setTools(({ zoom, isFit }) => ({ zoom: 1, isFit: zoom === 1 && !isFit }));

/** The plan's yarns as they are to be drawn: with all their strands, and as chosen eyes see them. */
export function useShownYarns(): ShownYarn[] {
	const yarns = useDraft(({ plan }) => plan.yarns);
	const amounts = useDraft(({ analysis }) => analysis.yarns);
	const sight = useTools((tools) => tools.sight);
	return useMemo(() => yarns.map((yarn) => shownAs(yarn, amounts, sight)), [yarns, amounts, sight]);
}

/** A yarn as it is drawn: with all its strands, and as chosen eyes see it. */
export function shownAs(yarn: Yarn, amounts: readonly Pick<Amount, 'key' | 'hex' | 'seen'>[], sight: ColourVision | null): ShownYarn {
	const amount = amounts.find(({ key }) => key === yarn.key);
	// A colour that is being changed is shown at once, before the core has seen it.
	const hex = amount === undefined || (yarn.withHex === undefined && sight === null) ? yarn.hex : sight === null ? amount.hex : amount.seen[sight];
	const plies = yarn.withHex === undefined || sight !== null ? undefined : ([yarn.hex, yarn.withHex] as const);
	return hex === yarn.hex && plies === undefined ? yarn : { ...yarn, hex, ...(plies === undefined ? {} : { plies }) };
}

/** A piece as one of its copies is made: with the yarns that the copy takes in place of the plan's. */
export function asCopy(piece: PieceAnalysis | undefined, copies: Piece['copies'] | undefined, at: number): PieceAnalysis | undefined {
	const instead = Array.isArray(copies) ? (copies[at]?.yarns ?? {}) : {};
	if (piece === undefined || Object.keys(instead).length === 0) return piece;
	const of = (yarn: string) => instead[yarn] ?? yarn;
	return {
		...piece,
		rounds: piece.rounds.map((round) => ({ ...round, runs: round.runs.map((run) => ({ ...run, yarn: of(run.yarn) })) })),
		changes: piece.changes.map((change) => ({ ...change, from: of(change.from), to: of(change.to) })),
	};
}

/** Before the key of what puts a part on the piece in view, among what is placed on it. */
export const JOINT = 'joint ';

/** A piece with a mark where each other piece is put on it. */
export function withParts(piece: PieceAnalysis | undefined, assembly: Analysis['assembly']): PieceAnalysis | undefined {
	const on = assembly.filter(({ onto }) => onto === piece?.key);
	if (piece === undefined || on.length === 0) return piece;
	const marks = on.map(({ key, part, round, degrees, after, summary, said, remarks }) => ({
		key: `${JOINT}${key}`,
		kind: part,
		mm: null,
		covers: true,
		round: Math.max(1, round),
		degrees,
		after,
		apartMm: null,
		summary,
		said,
		sizesMm: [],
		remarks,
	}));
	return { ...piece, placed: [...piece.placed, ...marks] };
}

const noTies: readonly (readonly [string, string])[] = [];

/** Keys of what is placed on a piece, and of what each is counted from, as withParts has them. */
export function tiesOf(plan: Plan, key: string): readonly (readonly [string, string])[] {
	const piece = plan.pieces.find((one) => one.key === key);
	if (piece === undefined) return noTies;
	const joints = (plan.assembly ?? []).filter(({ onto }) => onto === key);
	const isJoint = new Set(joints.map((joint) => joint.key));
	const named = (of: string) => (isJoint.has(of) ? `${JOINT}${of}` : of);
	const of = (place: Place): string[] => [
		...('of' in place && place.of !== undefined ? [place.of] : []),
		...(place.across !== undefined && 'of' in place.across ? [place.across.of] : []),
	];
	const ties = [
		...(piece.placements ?? []).flatMap((one, i) => of(one).map((to) => [one.key ?? `p${i + 1}`, to] as const)),
		...(piece.thread ?? []).flatMap((one) => of(one.at).map((to) => [one.key, to] as const)),
		...joints.flatMap((one) => of(one.at).map((to) => [`${JOINT}${one.key}`, named(to)] as const)),
	];
	return ties.length === 0 ? noTies : ties;
}
