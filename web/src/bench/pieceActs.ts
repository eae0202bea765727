import { limits } from '../api/generated/limits';
import type { Edit, Piece } from '../api/types';
import { cut } from '../ui/cut';
import { say } from '../ui/say';
import type { Bench } from './context';
import { emptyPiece, freeKey } from './plans';

export type UsualPart = Extract<Edit, { do: 'part' }>['part'];

export const USUAL_PARTS: readonly UsualPart[] = ['leg', 'arm', 'tail', 'ear', 'head'];

/** What is done with a plan's pieces; one that comes is shown. */
export function pieceActs({ draft, showPiece }: Pick<Bench, 'draft' | 'showPiece'>) {
	return {
		add: () => {
			const key = freeKey(draft.getState().plan, 'piece');
			draft.change((is) => ({ ...is, pieces: [...is.pieces, emptyPiece(key, say('pieces.newPiece'))] }));
			showPiece(key);
		},
		/** a leg, an ear …: the core begins it in proportion to the body */
		addPart: (part: UsualPart) => {
			const key = freeKey(draft.getState().plan, part);
			draft.edit({ do: 'part', part, key, name: say('pieces.part', { part }) });
			showPiece(key);
		},
		duplicate: (of: Piece) => {
			const key = freeKey(draft.getState().plan, of.key);
			draft.edit({ do: 'copy', piece: of.key, key, name: cut(`${of.name} again`, limits.name) });
			showPiece(key);
		},
		/** one place up or down in the order in which the pieces are made */
		move: (key: string, by: 1 | -1) =>
			draft.change((plan) => {
				const moved = [...plan.pieces];
				const at = moved.findIndex((piece) => piece.key === key);
				moved.splice(at + by, 0, ...moved.splice(at, 1));
				return { ...plan, pieces: moved };
			}),
		remove: (key: string) => draft.change((plan) => ({ ...plan, pieces: plan.pieces.filter((piece) => piece.key !== key) })),
	};
}
