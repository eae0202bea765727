import createClient from 'openapi-fetch';
import { say } from '../ui/say';
import type { paths } from './generated/contract';
import type { Problem } from './types';

/** Who has not answered by then does not: a connection may be gone without a word, and what waits on it would wait for ever. */
const ANSWER_MS = 30_000;

/** The answer, or a TypeError where none comes in that time, as where there is no network; its body is read within it, too. */
function answered(request: Request): Promise<Response> {
	const limit = new AbortController();
	setTimeout(() => limit.abort(new TypeError('no answer')), ANSWER_MS);
	request.signal.addEventListener('abort', () => limit.abort(request.signal.reason), { once: true });
	return fetch(request, { signal: limit.signal });
}

/** The server's API. The header shows that a request comes from this page. */
export const api = createClient<paths>({ baseUrl: location.origin, fetch: answered, headers: { 'X-CSRF-Token': 'csrf-token' } });

/** The server said no, and why. Thrown network errors mean that it said nothing. */
export class ApiError extends Error {
	constructor(readonly problem: Problem) {
		super(problem.detail);
	}
}

interface Answer<T> {
	data?: T;
	error?: unknown;
	response: Response;
}

function isProblem(value: unknown): value is Problem {
	return typeof value === 'object' && value !== null && 'detail' in value && 'mend' in value;
}

/** The answer's data, or the refusal as an error. */
export function dataOf<T>({ data, error, response }: Answer<T>): T {
	if (response.ok) {
		return data as T;
	}
	if (isProblem(error)) {
		throw new ApiError(error);
	}
	throw new Error(say('client.theServerAnsweredStatus', { status: response.status }));
}
