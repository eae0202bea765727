import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../api/client';
import { MenuItem } from '../ui/Menu';

/** The formats that the plan can be taken away in, as lines of a menu. */
export function Exports({ plan }: { plan: string }) {
	const { data } = useQuery({ queryKey: ['exports'], queryFn: async () => dataOf(await api.GET('/api/exports')), staleTime: Number.POSITIVE_INFINITY });
	return data?.exports.map(({ format, label, terms }) => (
		<MenuItem key={label} asChild>
			<a href={`/api/plans/${plan}/as/${format}${terms === null ? '' : `?terms=${terms}`}`}>{label}</a>
		</MenuItem>
	));
}
