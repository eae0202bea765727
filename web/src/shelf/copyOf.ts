import { api, dataOf } from '../api/client';
import type { PlanOnShelf } from '../api/types';
import { say } from '../ui/say';

/** The same once more, as a plan of its own; its id. */
export async function copyOf({ id, title }: PlanOnShelf): Promise<string> {
	const { plan: body } = dataOf(await api.GET('/api/plans/{id}', { params: { path: { id } } }));
	return dataOf(await api.POST('/api/plans', { body: { ...body, title: say('shelf.again', { title }).slice(0, 120) } })).id;
}
