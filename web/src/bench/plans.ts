import type { Layer, Piece, Plan, Yarn } from '../api/types';

/** Changes of a plan that need no rule of the job. */

export function withPiece(plan: Plan, key: string, change: (piece: Piece) => Piece): Plan {
	return { ...plan, pieces: plan.pieces.map((piece) => (piece.key === key ? change(piece) : piece)) };
}

export function withYarn(plan: Plan, key: string, change: (yarn: Yarn) => Yarn): Plan {
	return { ...plan, yarns: plan.yarns.map((yarn) => (yarn.key === key ? change(yarn) : yarn)) };
}

export function withLayer(plan: Plan, piece: string, at: number, change: (layer: Layer) => Layer | null): Plan {
	return withPiece(plan, piece, (is) => ({
		...is,
		colours: is.colours.flatMap((layer, i) => {
			const changed = i === at ? change(layer) : layer;
			return changed === null ? [] : [changed];
		}),
	}));
}

/** Drops a field where its value is not known: the format leaves such fields out. */
export function set<T extends object, K extends keyof T>(value: T, key: K, to: T[K] | null): T {
	const { [key]: _, ...rest } = value;
	return (to === null ? rest : { ...value, [key]: to }) as T;
}

/** A typed line with a mend made on it. Columns count characters, as the core does. */
export function fixed(line: string, { column, length, text }: { column: number; length: number; text: string }): string {
	const characters = [...line];
	return characters.slice(0, column - 1).join('') + text + characters.slice(column - 1 + length).join('');
}

export function freeLetter(plan: Plan): string | undefined {
	const taken = new Set(plan.yarns.map(({ key }) => key));
	return [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((letter) => !taken.has(letter));
}

/** A key has 40 characters at the most, with the number. */
const MOST_OF_KEY = 34;

export function freeKey(plan: Plan, stem: string): string {
	const taken = new Set(plan.pieces.map(({ key }) => key));
	const short = stem.slice(0, MOST_OF_KEY);
	for (let n = 1; ; n++) {
		const key = n === 1 ? stem : `${short}-${n}`;
		if (!taken.has(key)) return key;
	}
}

export function emptyPiece(key: string, name: string): Piece {
	return { key, name, copies: 1, worked: 'spiral', rounds: [], front: { degrees: 180 }, colours: [], changes: { method: 'auto' } };
}
