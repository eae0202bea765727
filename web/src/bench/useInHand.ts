import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../api/client';

/** So often it is asked while somebody works on it, and else. */
const WORKED_MS = 1500;
const IDLE_MS = 30_000;
/** Who has not counted for so long has put it down. */
const RESTS_MS = 15 * 60_000;

/** The round of a piece that is being made, as another device counts it; null: none is. */
export function useInHand(plan: string, piece: string | undefined): number | null {
	const { data } = useQuery({
		queryKey: ['makings', plan],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/makings', { params: { path: { id: plan } } })).makings[0] ?? null,
		refetchInterval: ({ state }) => (state.data != null && Date.now() - Date.parse(state.data.touchedAt) < RESTS_MS ? WORKED_MS : IDLE_MS),
		refetchOnWindowFocus: true,
		staleTime: 0,
		retry: false,
	});
	const inHand = data?.inHand;
	return inHand == null || inHand.piece !== piece || inHand.round === 0 ? null : inHand.round;
}
