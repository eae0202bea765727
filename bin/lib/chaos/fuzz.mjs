// Nonsense by chance, and near-nonsense: no 500, no silence, nothing over the deadline, every refusal in words. node fuzz.mjs URL short|long [SEED]
import net from 'node:net';
import { Client, chance, operation, piece, plan } from './client.mjs';
import { nonsense } from './nonsense.mjs';

const [url, size, seed = String(Date.now() % 1_000_000)] = process.argv.slice(2);
const COUNT = size === 'short' ? 1500 : 20_000;
/** A plan is left after so many, and so is a maker, whose allowance is used up by then: another goes on. */
const OF_PLAN = 150;
const OF_MAKER = 450;
const any = chance(Number(seed));

const { NASTY, EDITS, QUESTIONS, lines, n, yarn, value, query, damaged } = nonsense(any);

const wrong = [];
let client;
let id = '';
let revision = 1;
let left = 0;
let ofMaker = 0;
const told = new Map();
const clients = [];

async function another() {
	if (ofMaker <= 0) {
		client?.end();
		client = new Client(url);
		clients.push(client);
		await client.visit();
		ofMaker = OF_MAKER;
	}
	const made = await client.ask(
		'POST',
		'/api/plans',
		plan('Fuzz', [
			piece('float', ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-9: sc around'], [{ kind: 'fill', yarn: 'A' }]),
			piece('ear', ['6 sc in MR', 'inc x6']),
		]),
	);
	if (made.status !== 201) throw new Error(`A plan to begin with was answered ${made.status}: ${made.text.slice(0, 300)}`);
	[id, revision, left] = [JSON.parse(made.text).id, 1, OF_PLAN];
}

/** Bytes on the wire that are hardly HTTP. */
function raw(bytes) {
	return new Promise((resolve) => {
		const socket = net.connect(Number(client.url.port), client.url.hostname, () => socket.end(bytes));
		let text = '';
		socket.setTimeout(6000, () => socket.destroy());
		socket.on('data', (part) => (text += part.toString('latin1')));
		socket.on('error', () => undefined);
		socket.on('close', () => resolve({ status: Number(/^HTTP\/1\.1 (\d+)/.exec(text)?.[1] ?? 0), type: '', text, ms: 0 }));
	});
}

function input() {
	const does = any.next();
	const path = `/api/plans/${id}`;
	if (does < 0.55) {
		const operations = Array.from({ length: any.whole(1, 3) }, () => operation(any.next() < 0.3 ? damaged(any.of(EDITS)(), 0.15) : any.of(EDITS)()));
		return ['POST', `${path}/operations`, any.next() < 0.05 ? damaged({ base: revision, operations }, 0.3) : { base: revision, operations }];
	}
	if (does < 0.8) return ['GET', `${path}/${any.of(QUESTIONS)}?${query()}`.replace(/\/\?/, '?')];
	if (does < 0.86)
		return [
			'POST',
			'/api/plans',
			damaged(plan(any.next() < 0.5 ? 'Fuzz' : String(any.of(NASTY)), [piece('float', lines(), [{ kind: 'fill', yarn: yarn() }])])),
		];
	if (does < 0.9)
		return [
			'POST',
			`${path}/${any.of(['reading', 'picture'])}`,
			damaged(
				any.of([
					{ text: lines().join('\n') },
					{ kind: any.of(['png', 'table']), data: 'AB\nBA', wide: n() },
					{ kind: 'png', data: 'iVBORw0KGgoAAAANSUhEUg==' },
				]),
			),
		];
	if (does < 0.94)
		return [
			'POST',
			`${path}/operations`,
			any.of([
				'',
				'{',
				'[]',
				'null',
				'"x"',
				'\ufeff{}',
				Buffer.from([0xff, 0xfe, 0x00]),
				`{"a":${'['.repeat(60)}${']'.repeat(60)}}`,
				`{"base":1,"operations":${'9'.repeat(400)}}`,
				'{"base":1e999}',
			]),
		];
	if (does < 0.97)
		return [
			any.of(['PUT', 'PATCH', 'DELETE', 'OPTIONS', 'POST']),
			any.of([
				`${path}`,
				'/api/shelf',
				'/api/yarns',
				`/api/yarns/${id}`,
				'/api/workshop',
				'/api/workshop/key',
				'/api/workshop/open',
				'/api/ping',
				'/',
				'/nope',
				'/build/x',
				`/plan/${id}/nonsense`,
				'/api/plans/%ff%fe',
				'/%2e%2e/%2e%2e/etc/passwd',
				'/index.php',
				'/api/../api/shelf',
			]),
			any.of([undefined, {}, { secret: any.of(NASTY) }, damaged({ name: 'x', hex: '#000000', weight: 'dk', metresPer100g: 1, grams: 1 })]),
		];
	if (does < 0.985)
		return [
			'POST',
			`${path}/operations`,
			{ base: revision, operations: [operation({ do: 'renumber', piece: 'float' })] },
			{
				headers: any.of([
					{ 'Content-Type': 'text/plain' },
					{ 'X-CSRF-Token': 'x' },
					{ Origin: 'http://elsewhere.example' },
					{ Cookie: `alternum_workshop=${value()}` },
					{ 'X-HTTP-Method-Override': 'DELETE' },
					{ 'Content-Encoding': 'gzip' },
					{ Host: 'elsewhere.example' },
				]),
			},
		];
	return [
		'RAW',
		any.of([
			`GET /api/ping HTTP/9.9\r\n\r\n`,
			`${'A'.repeat(9000)}\r\n\r\n`,
			'GET / HTTP/1.1\r\nHost: localhost\r\nContent-Length: -5\r\n\r\n',
			`POST ${path}/operations HTTP/1.1\r\nHost: localhost\r\nTransfer-Encoding: chunked\r\n\r\nzz\r\n`,
			'\u0000\u0001\u0002',
			`GET /${'%00'.repeat(10)} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n`,
		]),
	];
}

const begun = Date.now();
for (let i = 0; i < COUNT; i++) {
	ofMaker--;
	if (left-- <= 0) await another();
	const [method, path, body, options] = input();
	let answer;
	try {
		answer = method === 'RAW' ? await raw(path) : await client.ask(method, path, body, options);
	} catch (error) {
		wrong.push(`input ${i}: no answer (${error.message}): ${method} ${path} ${JSON.stringify(body)?.slice(0, 600)}`);
		continue;
	}
	const sent = Buffer.isBuffer(body) ? body.toString('hex') : typeof body === 'string' ? body : (JSON.stringify(body) ?? '');
	const asked = `${method} ${String(path).slice(0, 200)} ${sent.slice(0, 900)}`;
	const what = `input ${i} (seed ${seed}): ${answer.status} to ${asked}: ${answer.text.slice(0, 300)}`;
	told.set(answer.status, (told.get(answer.status) ?? 0) + 1);
	if (answer.status >= 500) wrong.push(what);
	if (answer.status === 429) {
		if (!(answer.retryAfter > 0)) wrong.push(`no Retry-After: ${what}`);
		left = ofMaker = 0;
	}
	// It has erased its workshop: another goes on.
	if (answer.status === 204 && method === 'DELETE' && path === '/api/workshop') left = ofMaker = 0;
	if (answer.status >= 400 && method !== 'RAW' && String(path).startsWith('/api/')) {
		let says = {};
		try {
			says = JSON.parse(answer.text);
		} catch {
			// It is told below.
		}
		if (!answer.type.startsWith('application/problem+json') || typeof says.detail !== 'string' || typeof says.mend !== 'string')
			wrong.push(`not said in words: ${answer.type} ${what}`);
	}
	if (answer.status === 200 && method === 'POST' && String(path).endsWith('/operations')) {
		const saved = JSON.parse(answer.text);
		revision = saved.revision;
		for (const { refused } of saved.results) if (refused?.detail?.includes('the fault is its own')) wrong.push(`a fault of the core: ${what}`);
		// One that has grown large is left, so that all of its kind is tried on a small one.
		if (answer.text.length > 400_000) left = 0;
	} else if (answer.status === 412 || answer.status === 404) left = Math.min(left, 1);
}
const longest = clients.map((one) => one.longest).sort((a, b) => b.ms - a.ms)[0];
console.log(
	`${COUNT} inputs in ${Math.round((Date.now() - begun) / 1000)} s (seed ${seed}): ${[...told]
		.sort()
		.map(([status, times]) => `${times} × ${status}`)
		.join(', ')}`,
);
console.log(`the longest took ${Math.round(longest.ms)} ms: ${longest.what}`);
console.log(`${wrong.length} wrong`);
for (const one of wrong.slice(0, 12)) console.log(`WRONG: ${one}`);
process.exit(wrong.length === 0 ? 0 : 1);
