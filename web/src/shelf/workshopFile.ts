import { ApiError, api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { Plan, Problem, YarnDescription } from '../api/types';
import { isolated } from '../ui/isolated';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import type { Refusal as RefusedFile } from './RefusedFile';

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

/** The same, told as it goes on: how far it is, and what was refused. */
export async function bringAllIn(
	file: WorkshopFile,
	name: string,
	{ onProgress, onRefused }: { onProgress: (says: string | null) => void; onRefused: (refusal: RefusedFile) => void },
): Promise<void> {
	onProgress(`0 of ${file.plans.length + file.yarns.length}`);
	try {
		const refused = await bringIn(file, (done, total) => onProgress(`${done} of ${total}`));
		if (refused.length > 0) {
			onRefused({
				file: `${name}: ${say('shelf.refused', { refused: refused.length })} of it`,
				problem: {
					detail: '',
					mend: '',
					problems: refused.map(({ what, problem }) => ({
						severity: 'error',
						path: what,
						where: isolated(what),
						message: problem.detail,
						mend: problem.mend,
					})),
				},
			});
		} else notify({ says: say('shelf.plansAndYarnsAreOn', { plans: file.plans.length, yarns: file.yarns.length }) });
	} catch {
		notify({ says: toldOf(null).says, mend: say('shelf.whatIsOnTheShelf') });
	} finally {
		onProgress(null);
	}
}
