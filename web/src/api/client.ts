import createClient from 'openapi-fetch';
import { say } from '../ui/say';
import type { paths } from './generated/contract';
import { hearMay } from './may';
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

/** So often a question is asked again where the server says that it has too much to do at once. */
const BUSY_TRIES = 6;

/** The answer; a question that comes while the server still works on another is asked again when it says so. */
async function asked(request: Request): Promise<Response> {
	const isQuestion = request.method === 'GET' || /\/(reading|picture|comes|needed|toy)$/.test(new URL(request.url).pathname);
	for (let times = 1; ; times++) {
		const response = await answered(isQuestion ? request.clone() : request);
		hearMay(response);
		const wait = Number(response.headers.get('Retry-After'));
		if (!isQuestion || response.status !== 429 || times >= BUSY_TRIES || !(wait > 0 && wait <= 5)) return response;
		await new Promise((done) => setTimeout(done, wait * 1000));
	}
}

/** The server's API. The header shows that a request comes from this page. */
export const api = createClient<paths>({ baseUrl: location.origin, fetch: asked, headers: { 'X-CSRF-Token': 'csrf-token' } });

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
