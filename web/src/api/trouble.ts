import { ApiError } from './client';

/** What went wrong, and what to do about it, in the maker's words. */
export interface Told {
	says: string;
	mend: string;
}

/** Tells why a request came to nothing: the server's own words, or that there was no answer at all. */
export function toldOf(error: unknown): Told {
	if (error instanceof ApiError) return { says: error.problem.detail, mend: error.problem.mend };
	if (!navigator.onLine) return { says: 'This needs a connection, and this device is offline.', mend: 'Nothing is lost. Do it again when it is connected.' };
	return { says: 'Alternum does not answer.', mend: 'Nothing is lost. Try again in a moment.' };
}
