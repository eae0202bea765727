import { ApiError } from '../api/client';
import type { Problem, Refusal } from '../api/types';
import { say } from '../ui/say';
import { areOurs } from './flights';

/** Why a message came to nothing. */
export type Failure =
	/** Somebody else saved in between; or this browser itself, where what it sent earlier came late */
	| { is: 'conflict'; savedAt: string | undefined; isOurs: boolean }
	| { is: 'gone' }
	/** This browser no longer has the workshop open. */
	| { is: 'signedOut' }
	/** The message itself is refused. */
	| { is: 'refused'; why: Refusal }
	/** Nobody answered, or the server failed: `why` is what is said should it fail for ever. */
	| { is: 'away'; at: 'network' | 'server'; why: Refusal };

export function failureOf(error: unknown): Failure {
	const problem: Problem | undefined = error instanceof ApiError ? error.problem : undefined;
	if (problem?.status === 412) return { is: 'conflict', savedAt: problem.savedAt, isOurs: areOurs(problem.since) };
	if (problem?.status === 404) return { is: 'gone' };
	if (problem?.status === 401) return { is: 'signedOut' };
	const why = {
		detail: problem?.detail ?? say('failure.couldNotBeSaved'),
		mend: problem?.mend ?? say('failure.theRestIs'),
		problems: problem?.problems ?? [],
	};
	if (problem !== undefined && problem.status < 500 && problem.status !== 429) return { is: 'refused', why };
	return { is: 'away', at: error instanceof TypeError ? 'network' : 'server', why };
}
