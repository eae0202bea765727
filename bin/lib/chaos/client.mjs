// A maker without a page, who keeps books of their own: what was sent, what was acknowledged, how long it took and how large it came.
import { randomUUID } from 'node:crypto';
import http from 'node:http';
import { gunzipSync } from 'node:zlib';

/**
 * No request may take longer, in ms, where nothing else runs. Beside other checks a clock on the wall tells of them, too: there it is PHP's own limit
 * that holds, 5 s of the processor (`fpm.conf`), past which an answer is a 503.
 */
export const MOST_MS = 5000;

export class Client {
	#agent = new http.Agent({ keepAlive: true, maxSockets: 4 });
	cookie = '';
	/** what each of its requests carries besides */
	headers = {};
	/** the longest that an answer took, and the largest as it was sent */
	longest = { ms: 0, what: '' };
	largest = { bytes: 0, what: '' };
	statuses = new Map();

	constructor(url, cookie = '') {
		this.url = new URL(url);
		this.cookie = cookie;
	}

	/**
	 * Sends one request. `body` is JSON, or a Buffer or text as it is; `breaks` ends the connection once it is sent, so that the answer is lost.
	 *
	 * @returns {Promise<{status: number, type: string, retryAfter: number, bytes: number, ms: number, text: string}>}
	 */
	ask(method, path, body, { headers = {}, breaks = false } = {}) {
		return new Promise((resolve, reject) => {
			const sent = body === undefined || typeof body === 'string' || Buffer.isBuffer(body) ? body : JSON.stringify(body);
			const begun = performance.now();
			const request = http.request(
				{
					agent: this.#agent,
					host: this.url.hostname,
					port: this.url.port,
					method,
					path,
					timeout: 30_000,
					headers: {
						Origin: this.url.origin,
						'X-CSRF-Token': 'csrf-token',
						'Accept-Encoding': 'gzip',
						...(this.cookie === '' ? {} : { Cookie: this.cookie }),
						...(sent === undefined ? {} : { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(sent) }),
						...this.headers,
						...headers,
					},
				},
				(response) => {
					const parts = [];
					response.on('data', (part) => parts.push(part));
					response.on('error', reject);
					response.on('end', () => {
						const raw = Buffer.concat(parts);
						const cookie = response.headers['set-cookie']?.find((one) => one.startsWith('alternum'))?.split(';')[0];
						if (cookie !== undefined) this.cookie = cookie;
						const ms = performance.now() - begun;
						const what = `${method} ${path.slice(0, 100)}`;
						if (ms > this.longest.ms) this.longest = { ms, what };
						if (raw.length > this.largest.bytes) this.largest = { bytes: raw.length, what };
						const status = response.statusCode ?? 0;
						this.statuses.set(status, (this.statuses.get(status) ?? 0) + 1);
						resolve({
							status,
							type: String(response.headers['content-type'] ?? ''),
							retryAfter: Number(response.headers['retry-after'] ?? 0),
							bytes: raw.length,
							ms,
							text: (response.headers['content-encoding'] === 'gzip' ? gunzipSync(raw) : raw).toString(),
						});
					});
				},
			);
			request.on('error', reject);
			request.on('timeout', () => request.destroy(new Error('no answer in 30 s')));
			request.end(sent, () => breaks && setTimeout(() => request.destroy(new Error('broken off')), 2));
		});
	}

	/** Opens a workshop of its own. */
	async visit() {
		const page = await this.ask('GET', '/');
		if (page.status !== 200) throw new Error(`The first page was answered ${page.status}.`);
	}

	/** The JSON of a question that must be answered. */
	async read(path) {
		const answer = await this.ask('GET', path);
		if (answer.status !== 200) throw new Error(`${path} was answered ${answer.status}: ${answer.text.slice(0, 300)}`);
		return JSON.parse(answer.text);
	}

	/** Asks again until the server is there, as the page does; `seconds` at the most. */
	async untilAnswered(method, path, body, seconds = 60, options = {}) {
		const end = Date.now() + seconds * 1000;
		for (let tries = 1; ; tries++) {
			let why;
			try {
				const answer = await this.ask(method, path, body, { ...options, breaks: options.breaks === true && tries === 1 });
				if (answer.status < 500 && answer.status !== 429) return { ...answer, tries };
				why = `${answer.status} ${answer.text.slice(0, 200)}`;
			} catch (error) {
				why = error.message;
			}
			if (Date.now() > end) throw new Error(`${method} ${path} is not answered in ${seconds} s: ${why}`);
			await new Promise((done) => setTimeout(done, 40));
		}
	}

	end() {
		this.#agent.destroy();
	}
}

export const operation = (edit) => ({ id: randomUUID(), group: randomUUID(), edit });

/** Numbers by chance from a seed: mulberry32, public domain. */
export function chance(seed) {
	let state = seed >>> 0;
	const next = () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = Math.imul(state ^ (state >>> 15), state | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
	return { next, whole: (from, to) => from + Math.floor(next() * (to - from + 1)), of: (list) => list[Math.floor(next() * list.length)] };
}

/** A plan of nothing but what is said. */
export const plan = (title, pieces, yarns = 2) => ({
	format: 'alternum-plan',
	version: 1,
	title,
	terms: 'us',
	hand: 'right',
	units: 'metric',
	yarns: Array.from({ length: yarns }, (_, i) => ({
		key: String.fromCharCode(65 + i),
		name: `Skein ${i + 1}`,
		hex: `#${(0x303030 + i * 0x070b05).toString(16).padStart(6, '0')}`,
		weight: 'dk',
		metresPer100g: 250,
	})),
	gauge: { stitchesPer10cm: 22, roundsPer10cm: 24, hookMm: 3 },
	yarnUse: { basis: 'guess', sparePercent: 10, tailCm: 15, sewingTailCm: 40 },
	pieces,
});

export const piece = (key, rounds, colours = [], more = {}) => ({
	key,
	name: `Piece ${key}`,
	copies: 1,
	worked: 'spiral',
	rounds,
	front: { degrees: 180 },
	colours,
	changes: { method: 'auto' },
	...more,
});
