import { useMemo } from 'react';
import type { Coming } from '../sync/coming';
import { useDraft } from './context';

/** What was painted on a piece and is still on its way, by round. */
export function useComing(piece: string): ReadonlyMap<number, readonly Coming[]> {
	const coming = useDraft((draft) => draft.coming);
	return useMemo(() => {
		const byRound = new Map<number, Coming[]>();
		for (const one of coming) if (one.piece === piece) byRound.set(one.round, [...(byRound.get(one.round) ?? []), one]);
		return byRound;
	}, [coming, piece]);
}
