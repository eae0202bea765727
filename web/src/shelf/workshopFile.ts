import { ApiError, api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { KeptOfPlan, Plan, Problem, YarnDescription } from '../api/types';
import { isolated } from '../ui/isolated';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import type { Refusal as RefusedFile } from './RefusedFile';

/** Everything of a workshop, as it was downloaded. Files of version 1 have plans and yarns alone. */
export interface WorkshopFile {
	format: 'alternum-workshop';
	version: number;
	yarns: YarnDescription[];
	plans: Plan[];
	kept?: KeptOfPlan[];
	sha256?: string;
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

/** Whether a file is what it was when it was written; one that says no sum of its own is taken as it is. */
export async function isWhole(text: string, { sha256 }: WorkshopFile): Promise<boolean> {
	if (sha256 === undefined) return true;
	const summed = text.slice(0, text.lastIndexOf(',"sha256"'));
	const sum = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(summed));
	return Array.from(new Uint8Array(sum), (byte) => byte.toString(16).padStart(2, '0')).join('') === sha256;
}

/** Characters and things that one message brings: it may have 2 MB, and some characters take three bytes. */
const MOST = { characters: 600_000, versions: 100, events: 500 };

/** Parts of a list, each small enough for a message; what is larger by itself goes by itself. */
export function inParts<T>(list: readonly T[], most: number): T[][] {
	const parts: T[][] = [];
	let room = 0;
	for (const one of list) {
		const size = JSON.stringify(one).length;
		const last = parts.at(-1);
		if (last === undefined || size > room || last.length === most) {
			parts.push([one]);
			room = MOST.characters - size;
		} else {
			last.push(one);
			room -= size;
		}
	}
	return parts;
}

/** Who asks too much is told when to come again, and comes again then. */
async function patiently<T>(ask: () => Promise<{ response: Response; data?: T; error?: unknown }>): Promise<T> {
	for (;;) {
		const answer = await ask();
		if (answer.response.status !== 429) return answer.response.status === 204 ? (undefined as T) : dataOf<T>(answer);
		await new Promise((done) => setTimeout(done, 1000 * Number(answer.response.headers.get('Retry-After') ?? 1)));
	}
}

/** What a plan was, and what is made of it, put back behind it. */
async function bringKept(id: string, { versions, makings, ...state }: KeptOfPlan): Promise<void> {
	const path = { id };
	const parts = inParts(versions, MOST.versions);
	for (const part of parts.length === 0 ? [[]] : parts)
		await patiently(() => api.POST('/api/plans/{id}/kept', { params: { path }, body: { ...state, versions: part } }));
	for (const { later, events, ...begun } of makings) {
		const making = await patiently(() => api.POST('/api/plans/{id}/makings/kept', { params: { path }, body: begun }));
		const at = { params: { path: { id: making.id } } };
		for (const body of later) await patiently(() => api.POST('/api/makings/{id}/kept', { ...at, body }));
		for (const part of inParts(events, MOST.events)) await patiently(() => api.POST('/api/makings/{id}/events', { ...at, body: { events: part } }));
	}
}

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
	for (const yarn of file.yarns) await lay(yarn.name, () => patiently(() => api.POST('/api/yarns', { body: yarn })));
	for (const [i, plan] of file.plans.entries())
		await lay(plan.title, async () => {
			const { id } = await patiently(() => api.POST('/api/plans', { body: plan }));
			const kept = file.kept?.[i];
			if (kept !== undefined) await bringKept(id, kept);
		});
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
