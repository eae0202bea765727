import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../api/client';
import { useRested } from '../ui/useRested';
import { useDraft } from './context';

/** A caret that rests this long asks what is there. */
const RESTS_MS = 350;

export interface Caret {
	/** from 0 */
	line: number;
	/** in characters, from 0 */
	column: number;
}

/** What the words at the caret were taken for, as the core says; undefined while it moves, and until it is known. */
export function useMeaning(piece: string | undefined, caret: Caret | null): string | undefined {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const rested = useRested(caret, RESTS_MS) ?? null;
	const { data } = useQuery({
		queryKey: ['meanings', id, revision, piece, rested?.line],
		queryFn: async () =>
			dataOf(await api.GET('/api/plans/{id}/meanings', { params: { path: { id }, query: { piece: piece ?? '', line: (rested?.line ?? 0) + 1 } } })),
		enabled: piece !== undefined && rested !== null,
		retry: false,
		staleTime: Number.POSITIVE_INFINITY,
	});
	if (rested === null) return undefined;
	// The caret stands between two characters: what it stands before, or at the end of a stretch behind.
	const here =
		data?.meanings.filter(({ kind, column, length }) => kind !== 'joint' && column - 1 <= rested.column && rested.column <= column - 1 + length) ?? [];
	return (here.find(({ column, length }) => rested.column < column - 1 + length) ?? here[0])?.says;
}
