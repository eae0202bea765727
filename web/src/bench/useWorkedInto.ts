import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../api/client';
import type { Cell } from '../chart/Chart';
import { useRested } from '../ui/useRested';
import { useDraft } from './context';

/** A pointer that stays this long on a stitch asks for it. */
const STAYS_MS = 140;

/** What a stitch is worked into, as the core says; undefined until it is known. */
export function useWorkedInto(piece: string | undefined, under: Cell | null): string | undefined {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const asked = useRested(under, STAYS_MS) ?? null;
	const { data } = useQuery({
		queryKey: ['stitch', id, revision, piece, asked?.round, asked?.stitch],
		queryFn: async () =>
			dataOf(
				await api.GET('/api/plans/{id}/stitch', {
					params: { path: { id }, query: { piece: piece ?? '', round: asked?.round ?? 1, stitch: asked?.stitch ?? 1 } },
				}),
			),
		enabled: piece !== undefined && asked !== null,
		retry: false,
		staleTime: Number.POSITIVE_INFINITY,
	});
	return asked === null ? undefined : data?.says;
}
