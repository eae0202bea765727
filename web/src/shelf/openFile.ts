import '../ui/workshopWords';
import { ApiError, api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { Plan, Problem } from '../api/types';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import type { Refusal } from './RefusedFile';
import { bringAllIn, isWhole, isWorkshopFile } from './workshopFile';

/** The largest plan file that is taken, as the schema says. */
const MOST_BYTES = 1024 * 1024;

interface Hears {
	onProgress: (progress: string | null) => void;
	onRefused: (refusal: Refusal) => void;
}

/** Takes a file in: a plan, whose id is answered, or all of a workshop (null). What is not taken is told. */
export async function openFile(file: File, hears: Hears): Promise<string | null> {
	const refuse = (problem: Pick<Problem, 'detail' | 'mend' | 'problems'>) => hears.onRefused({ file: file.name, problem });
	let read: unknown;
	let text = '';
	try {
		text = await file.text();
		read = JSON.parse(text);
	} catch {
		refuse({ detail: say('shelf.thisFileIsNoPlan'), mend: say('shelf.chooseAFileThatWas') });
		return null;
	}
	if (isWorkshopFile(read)) {
		if (!(await isWhole(text, read))) {
			refuse({ detail: say('shelf.notAsItWasWritten'), mend: say('shelf.takeAnotherCopy') });
			return null;
		}
		await bringAllIn(read, file.name, hears);
		return null;
	}
	if (file.size > MOST_BYTES) {
		refuse({
			detail: say('shelf.tooLarge', { kilobytes: Math.round(file.size / 1024), most: MOST_BYTES / 1024 }),
			mend: say('shelf.chooseAPlanOrSplit'),
		});
		return null;
	}
	try {
		return dataOf(await api.POST('/api/plans', { body: read as Plan })).id;
	} catch (error) {
		if (error instanceof ApiError) refuse(error.problem);
		else notify(toldOf(error));
		return null;
	}
}
