import type { StoreApi } from 'zustand/vanilla';
import type { Analysis, Edit, Plan, Refusal } from '../api/types';
import type { Coming } from './coming';
import type { Operation } from './operations';

export type SaveState =
	| { is: 'saved' }
	| { is: 'saving' }
	/** Nothing is saved for now; the work is kept, and it is tried again. */
	| { is: 'waiting'; why: 'network' | 'server'; tries: number }
	/** Another window saved in between. */
	| { is: 'conflict'; savedAt: string | undefined }
	/** Another window saved while nothing was done here. */
	| { is: 'behind'; savedAt: string | undefined }
	/** The plan was deleted. */
	| { is: 'gone' }
	/** This browser was signed out of the workshop. */
	| { is: 'signedOut' };

/** Something that the maker did and that cannot be done, set aside with the reason. */
export interface SetAside extends Refusal {
	id: string;
	/** what the maker had typed, so that it is not lost */
	text: string | undefined;
}

export interface Draft {
	id: string;
	revision: number;
	/** as last saved, with what was changed since; edits that the core still has to make are not in it */
	plan: Plan;
	/** of the plan as last saved: the piece that is looked at, and as many others as an answer bears */
	analysis: Analysis;
	/** mistakes in all pieces */
	errors: number;
	/** letters of the yarns that any layer of any piece names */
	layerYarns: string[];
	save: SaveState;
	setAside: SetAside[];
	/** what was painted and is still to be made by the core */
	coming: readonly Coming[];
	/** opened without an answer from the server: as this browser kept it then; null: as it is saved */
	keptAt: string | null;
	/** whether the browser keeps what is not saved yet */
	isKept: boolean;
	canUndo: boolean;
	canRedo: boolean;
	/** the lines are still to be translated */
	isTranslating: boolean;
}

export interface DraftStore extends StoreApi<Draft> {
	/** Changes the plan where no rule of the job is needed: a name, a figure, a layer moved. */
	change: (change: (plan: Plan) => Plan, group?: string) => void;
	/** Asks the core for an edit. */
	edit: (edit: Edit, group?: string) => void;
	/** the key of what was done last, where it can go on */
	doing: () => string | undefined;
	undo: () => void;
	redo: () => void;
	/** Takes what another window saved, and leaves what is not saved here. */
	takeTheirs: () => Promise<void>;
	/** After a conflict: saves this window's changes over what is saved. */
	takeMine: () => Promise<void>;
	/** After a conflict: makes this window's changes a plan of their own, and gives its id. */
	keepBoth: () => Promise<string>;
	/** Forgets something that was set aside. */
	drop: (id: string) => void;
	/** Puts a plan that was deleted back on the shelf, as it is seen here. */
	putBack: () => Promise<void>;
	/** Leaves everything that is not saved. */
	giveUp: () => void;
	/** Looks at a piece: what the core made of it is there soon, where it is not yet. */
	look: (piece: string) => void;
	/** The lines of a piece as typed, even where the core has not seen them yet. */
	lines: (piece: string) => string[];
	close: () => void;
}

export interface Queued extends Operation {
	/** what it is a part of, as a line that is typed or a layer that is dragged */
	key: string | undefined;
	at: number;
	moves: 'forward' | 'undo' | 'redo';
	/** it was sent once: whether it was made is not known until it is answered, so it stays as it is */
	isSent: boolean;
}

/** What of a message was refused. */
export function setAsideOf(sent: readonly Operation[], results: readonly { id: string; refused: Refusal | null }[]): SetAside[] {
	return results.flatMap(({ id, refused }) =>
		refused === null
			? []
			: [
					aside(
						sent.find((operation) => operation.id === id),
						id,
						refused,
					),
				],
	);
}

/** What is told of an operation that is set aside. */
export function aside(operation: Operation | undefined, id: string, refused: Refusal): SetAside {
	const edit = operation?.edit;
	return { ...refused, id, text: edit?.do === 'retype' ? edit.rounds.join('\n') : edit?.do === 'paste' ? edit.text : undefined };
}
