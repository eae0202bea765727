import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { StoreApi } from 'zustand';
import { api, dataOf } from '../api/client';
import { useDraft } from './context';

/** A caret that rests this long asks what is there. */
const RESTS_MS = 350;

export interface Caret {
	/** from 0 */
	line: number;
	/** in characters, from 0 */
	column: number;
}

/** Where the caret rests; null while it moves. Nothing is drawn for a letter that is typed while it does. */
export function useRestedCaret(carets: StoreApi<Caret | null>): Caret | null {
	const [rested, setRested] = useState<Caret | null>(null);
	useEffect(() => {
		let timer: ReturnType<typeof setTimeout> | undefined;
		const onMove = () => {
			clearTimeout(timer);
			setRested(null);
			timer = setTimeout(() => setRested(carets.getState()), RESTS_MS);
		};
		onMove();
		const leave = carets.subscribe(onMove);
		return () => {
			leave();
			clearTimeout(timer);
		};
	}, [carets]);
	return rested;
}

/** What the words at the caret were taken for, as the core says; undefined until it is known. `rested`: null while it moves. */
export function useMeaning(piece: string | undefined, rested: Caret | null): string | undefined {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => (rested === null ? null : state.revision));
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
