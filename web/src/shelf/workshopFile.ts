import { ApiError, api, dataOf } from '../api/client';
import type { Plan, Problem, YarnDescription } from '../api/types';

/** Everything of a workshop, as it was downloaded. */
export interface WorkshopFile {
	format: 'alternum-workshop';
	version: number;
	yarns: YarnDescription[];
	plans: Plan[];
}

export interface Refusal {
	what: string;
	problem: Problem;
}

export const isWorkshopFile = (value: unknown): value is WorkshopFile =>
	typeof value === 'object' &&
	value !== null &&
	(value as WorkshopFile).format === 'alternum-workshop' &&
	Array.isArray((value as WorkshopFile).plans) &&
	Array.isArray((value as WorkshopFile).yarns);

/** Lays everything of a file on the shelf, one after the other; what is refused is told, and the rest goes on. */
export async function bringIn(file: WorkshopFile, onProgress: (done: number, total: number) => void): Promise<Refusal[]> {
	const refused: Refusal[] = [];
	const total = file.plans.length + file.yarns.length;
	let done = 0;
	async function lay(what: string, how: () => Promise<unknown>) {
		try {
			await how();
		} catch (error) {
			if (!(error instanceof ApiError) || error.problem.status >= 500) throw error;
			refused.push({ what, problem: error.problem });
		}
		onProgress(++done, total);
	}
	for (const yarn of file.yarns) await lay(yarn.name, async () => dataOf(await api.POST('/api/yarns', { body: yarn })));
	for (const plan of file.plans) await lay(plan.title, async () => dataOf(await api.POST('/api/plans', { body: plan })));
	return refused;
}
