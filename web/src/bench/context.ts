import { createContext, useContext, useDeferredValue, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import type { Piece, PieceAnalysis, PlanProblem, Yarn } from '../api/types';
import type { Draft, DraftStore } from '../sync/draftState';
import { isTyped } from '../sync/queue';
import { say } from '../ui/say';
import type { Picks } from './usePicks';

export const stations = ['yarns', 'rounds', 'colours', 'changes', 'parts', 'amounts', 'pattern'] as const;
export type Station = (typeof stations)[number];
export const stationNames: Record<Station, string> = {
	yarns: say('common.yarns'),
	rounds: say('common.rounds'),
	colours: say('common.colours'),
	changes: say('common.colourChanges'),
	parts: say('common.parts'),
	amounts: say('common.yarnNeeded'),
	pattern: say('common.pattern'),
};

/** What every part of the bench shares. */
export interface Bench extends Picks {
	draft: DraftStore;
	/** key of the piece in view */
	piece: string;
	station: Station;
	showPiece: (key: string) => void;
	goTo: (station: Station) => void;
	/** shows the list of keys */
	showKeys: () => void;
	/** brings a round into sight */
	seek: (round: number) => void;
	/** Gives the picked rounds a yarn; tells when none is picked. */
	paint: (yarn: string) => void;
	/** the typed line that has the caret, from 0 */
	focusLine: (line: number) => void;
}

export const BenchContext = createContext<Bench | null>(null);

export function useBench(): Bench {
	const bench = useContext(BenchContext);
	if (bench === null) throw new Error(say('context.thisPartBelongsOnA'));
	return bench;
}

export function useDraft<T>(select: (draft: Draft) => T): T {
	return useStore(useBench().draft, select);
}

/** The piece in view: as planned, and as analysed where the core has seen it. */
export function usePiece(): { piece: Piece | undefined; analysis: PieceAnalysis | undefined; lies: 'yes' | 'no' } {
	const { piece: key } = useBench();
	const piece = useDraft(({ plan }) => plan.pieces.find((piece) => piece.key === key));
	// A letter that is typed goes before what the core made of the one before it.
	const analysis = useDeferredValue(useDraft(({ analysis }) => analysis.pieces.find((piece) => piece.key === key)));
	// For words that name a side of it.
	return { piece, analysis, lies: analysis?.lies === true ? 'yes' : 'no' };
}

/** So long after a letter, the maker has stopped to look. */
const LOOKS_MS = 600;

/** What is wrong, once the maker looks: nothing moves under the line that is being typed. */
export function useProblems(): PlanProblem[] {
	return useOnceLooked(useDraft(({ analysis }) => analysis.problems));
}

/** How many mistakes there are in all pieces, once the maker looks. */
export function useErrors(): number {
	return useOnceLooked(useDraft(({ errors }) => errors));
}

function useOnceLooked<T>(now: T): T {
	const { draft } = useBench();
	const [told, setTold] = useState(now);
	useEffect(() => {
		const timer = setTimeout(() => setTold(now), isTyped(draft.doing()) ? LOOKS_MS : 0);
		return () => clearTimeout(timer);
	}, [draft, now]);
	return useDeferredValue(told);
}

type Usual = Draft['analysis']['constants']['usual'];

/** What a dialog begins with, where the plan says nothing. */
export function useUsual<Of extends keyof Usual>(dialog: Of): Usual[Of] {
	return useDraft(({ analysis }) => analysis.constants.usual[dialog]);
}

export function useYarns(): Yarn[] {
	return useDraft(({ plan }) => plan.yarns);
}
