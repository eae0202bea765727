import type { ChangeAt, Piece } from '../../../api/types';

/** What is said of a change; what is undefined is taken out. */
export type Said = { [Key in Exclude<keyof ChangeAt, 'round'>]?: ChangeAt[Key] | undefined };

/** A piece with something said of the changes at the ends of some rounds: the same of each, or by what is said of it before. */
export function settled(piece: Piece, rounds: readonly number[], said: Said | ((before: Said) => Said)): Piece {
	const { at: before = [], ...rest } = piece.changes;
	const at = before.filter(({ round }) => !rounds.includes(round));
	for (const round of rounds) {
		const was: Said = before.find((one) => one.round === round) ?? {};
		const kept = Object.entries({ ...was, ...(typeof said === 'function' ? said(was) : said) }).filter(([, value]) => value !== undefined);
		if (kept.some(([name]) => name !== 'round')) at.push({ ...Object.fromEntries(kept), round });
	}
	return { ...piece, changes: at.length === 0 ? rest : { ...rest, at } };
}

/** All jogs are treated in one way: what was said of single ones in that is gone, and what was said of their yarns and places stays. */
export function treatedAlike(piece: Piece, method: Piece['changes']['method']): Piece {
	const rounds = (piece.changes.at ?? []).map(({ round }) => round);
	const free = settled(piece, rounds, { method: undefined, by: undefined, begins: undefined });
	return { ...free, changes: { ...free.changes, method } };
}
