import { say } from '../ui/say';
import { ApiError } from './client';

/** What went wrong, and what to do about it, in the maker’s words. */
export interface Told {
	says: string;
	mend: string;
}

/** Tells why a request came to nothing: the server's own words, or that there was no answer at all. */
export function toldOf(error: unknown): Told {
	if (error instanceof ApiError) return { says: error.problem.detail, mend: error.problem.mend };
	if (!navigator.onLine) return { says: say('trouble.thisNeedsAConnectionAnd'), mend: say('trouble.nothingIsLostDoIt') };
	return { says: say('trouble.alternumDoesNotAnswer'), mend: say('trouble.nothingIsLostTryAgain') };
}
