import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../../../api/client';
import { useDraft } from '../../context';

/** What the whole plan needs, and how its pieces come together; fetched when the maker looks. */
export function useNeeded(isLooked: boolean) {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	return useQuery({
		queryKey: ['needed', id, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/needed', { params: { path: { id } } })),
		enabled: isLooked,
		placeholderData: (before) => before,
	}).data;
}
