// Nonsense by chance, and near-nonsense: no 500, no silence, nothing over the deadline, every refusal in words. node fuzz.mjs URL short|long [SEED]
import net from 'node:net';
import { chance, Client, MOST_MS, operation, piece, plan } from './client.mjs';

const [url, size, seed = String(Date.now() % 1_000_000)] = process.argv.slice(2);
const COUNT = size === 'short' ? 1500 : 20_000;
/** A plan is left after so many, and so is a maker, whose allowance is used up by then: another goes on. */
const OF_PLAN = 150;
const OF_MAKER = 450;
const any = chance(Number(seed));

const NASTY = [
	null, true, false, '', ' ', '0', -1, 0, 1, 2.5, 1e308, -1e308, 400, 401, 2001, 99999999, [], {}, [null], [[]], { key: 'A' }, 'A', 'ZZ', '\u0000', '\u0007bell', '\u2028', '\u202etide',
	'🧶'.repeat(50), 'x'.repeat(5000), 'NaN', '../../etc/passwd', "' OR 1=1 --", '<script>', '%s%n', '{{7*7}}', '\ud800', 'R2:', '(sc, inc) x 99999', '((((((((((', 'sc around', 'constructor', '__proto__',
];
const LINES = [
	'6 sc in MR', 'inc x6', '(sc, inc) x6', 'sc around', '(sc, inc) x 1500, fasten off', 'rep R2 x 400', 'R2-400: sc around', '[(sc, inc) x 300] x 300', 'ch 2000', 'ch 7, sc in 2nd ch from hook', 'with B, BLO: sc around',
	'stuff', '*sc, inc; rep from * until 2000 sts', 'close', 'join B', '(12)', '# remark', 'Ears (make 2)', '… … …', '6 sc in mr', 'R1:', 'R400: sc', 'dec around', 'Round 4: 10 sc, 3 dc in next st', '2 sc in every second st', 'turn', '🧶 5 sc', 'sc2tog x 99', ''.padEnd(2100, 'sc, '),
];
const line = () => (any.next() < 0.7 ? any.of(LINES) : Array.from({ length: any.whole(1, 8) }, () => any.of([any.of(LINES), String(any.of(NASTY)), String(any.whole(0, 3000))])).join(any.of([' ', ', ', '; ']))).replace(/[\r\n]/g, ' ');
const lines = () => Array.from({ length: any.whole(0, 12) }, line);
const n = () => any.of([0, 1, 2, 3, 5, 12, 40, 100, 400, -1, -400, 1000, 2.5]);
const yarn = () => any.of(['A', 'B', 'C', 'Z', 'a', '']);
const key = () => any.of(['float', 'float', 'float', 'ear', 'nose', '']);

const EDITS = [
	() => ({ do: 'retype', piece: key(), rounds: lines(), ...(any.next() < 0.2 ? { saw: lines() } : {}) }),
	() => ({ do: 'paste', piece: key(), text: Array.from({ length: any.whole(1, 60) }, line).join('\n'), begin: any.next() < 0.5 }),
	() => ({ do: 'paint', piece: key(), rounds: [n(), n()], yarn: yarn() }),
	() => ({ do: 'stripes', piece: key(), from: n(), to: n(), sequence: [{ yarn: yarn(), rounds: n() }, { yarn: yarn(), rounds: 1 }], growth: n(), mirrored: true }),
	() => ({ do: 'stitches', piece: key(), cells: [{ round: n(), from: n(), to: n() }], yarn: yarn() }),
	() => ({ do: 'motif', piece: key(), shape: any.of(['heart', 'star', 'nonsense']), yarn: yarn(), round: n(), fromFront: n() }),
	() => ({ do: 'motif', piece: key(), rows: ['AB.', '...', 'B'], round: n() }),
	() => ({ do: 'resize', piece: key(), wider: n(), longer: n() }),
	() => ({ do: 'size', piece: key(), widthMm: Math.abs(n()) * 10, heightMm: Math.abs(n()) * 10 }),
	() => ({ do: 'shape', piece: key(), shape: any.of(['ball', 'egg', 'tube', 'cone', 'disc', 'nonsense']), widthMm: 80, heightMm: Math.abs(n()) }),
	() => ({ do: 'shift', piece: key(), layer: n(), rounds: n(), degrees: n() }),
	() => ({ do: 'front', piece: key(), degrees: n() }),
	() => ({ do: 'face', piece: key(), from: n(), to: n(), degrees: n() }),
	() => ({ do: 'crisp', piece: key(), round: n() }),
	() => ({ do: 'best', piece: key(), minds: any.of(['ends', 'yarn', 'front', 'none']) }),
	() => ({ do: 'best', piece: key(), weights: { ends: n(), metres: n(), shown: n() } }),
	() => ({ do: 'copy', piece: key(), key: any.of(['ear', 'float', 'UPPER', `c${any.whole(1, 80)}`]), name: String(any.of(NASTY)) }),
	() => ({ do: 'words', terms: any.of(['us', 'uk', 'de']) }),
	() => ({ do: 'swatch', stitches: n(), widthMm: n(), rounds: n(), heightMm: n() }),
	() => ({ do: 'yarn', name: String(any.of(NASTY)) }),
	() => ({ do: 'lean', piece: key(), rounds: n(), stitches: n() }),
	() => ({ do: 'renumber', piece: key() }),
	() => ({ do: 'heed', piece: key(), line: n(), text: line() }),
	() => ({ do: 'spread', piece: key(), round: n(), count: n() }),
	() => ({ do: 'bobbles', piece: key(), layer: n() }),
	() => ({ do: 'cover', piece: key(), fit: any.of(['snug', 'loose', 'slip']), key: 'hat', name: 'Hat' }),
	() => ({ do: 'set', values: [{ at: any.of([['title'], ['yarns', 'A', 'name'], ['pieces', 'float', 'name'], ['pieces', 'float', 'copies'], ['gauge'], ['yarnUse', 'basis'], ['pieces', 'float', 'finish'], ['pieces', 'float', 'changes', 'method'], ['pieces', 'float', 'colours'], ['pieces'], ['format'], [], ['a', 'b', 'c']]), value: any.of(NASTY) }] }),
	() => ({ do: 'set', values: [{ at: ['pieces', 'float', 'colours'], value: Array.from({ length: any.whole(1, 5) }, () => any.of([{ kind: 'fill', yarn: yarn() }, { kind: 'spots', yarn: yarn(), from: n(), to: n(), step: n(), count: n(), wide: n(), tall: n() }, { kind: 'helix', from: n(), to: n(), yarns: ['A', 'B'] }, { kind: 'blend', yarn: 'B', from: n(), to: n() }, { kind: 'hand', rounds: { [String(n())]: 'AB.' } }])) }] }),
	() => ({ do: 'take', plan: damaged(plan('Taken', [piece('float', lines())])) }),
	() => ({ do: any.of(NASTY) }),
];

/** The same values with some of them changed by chance. */
function damaged(value, share = 0.08) {
	if (any.next() < share) return any.of(NASTY);
	if (Array.isArray(value)) return value.flatMap((one) => (any.next() < share / 2 ? [] : [damaged(one, share)]));
	if (value !== null && typeof value === 'object') {
		const entries = Object.entries(value).filter(() => any.next() > share / 4);
		return Object.fromEntries([...entries.map(([name, one]) => [name, damaged(one, share)]), ...(any.next() < share ? [[String(any.of(NASTY)).slice(0, 20), any.of(NASTY)]] : [])]);
	}
	return value;
}

const QUESTIONS = ['', 'steps', 'needed', 'changes', 'best', 'fits', 'looks', 'helix', 'stitch', 'meanings', 'pattern', 'file', 'revision', 'versions', 'versions/1', 'pieces/float', 'pieces/%00', 'nonsense'];
const value = () => encodeURIComponent(String(any.of(['float', 'ear', 'A', 'AB', 'A2B2', '1', '3', ...NASTY.map((one) => String(one).slice(0, 200).replace(/[\ud800-\udfff]/g, ''))])));
const query = () => Array.from({ length: any.whole(0, 4) }, () => `${any.of(['piece', 'round', 'from', 'to', 'sequence', 'yarns', 'stitch', 'line', 'weights', 'terms', 'group', 'copies', 'piece[]'])}=${value()}`).join('&');

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
	const made = await client.ask('POST', '/api/plans', plan('Fuzz', [piece('float', ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-9: sc around'], [{ kind: 'fill', yarn: 'A' }]), piece('ear', ['6 sc in MR', 'inc x6'])]));
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
	if (does < 0.86) return ['POST', '/api/plans', damaged(plan(any.next() < 0.5 ? 'Fuzz' : String(any.of(NASTY)), [piece('float', lines(), [{ kind: 'fill', yarn: yarn() }])]))];
	if (does < 0.9) return ['POST', `${path}/${any.of(['reading', 'picture'])}`, damaged(any.of([{ text: lines().join('\n') }, { kind: any.of(['png', 'table']), data: 'AB\nBA', wide: n() }, { kind: 'png', data: 'iVBORw0KGgoAAAANSUhEUg==' }]))];
	if (does < 0.94) return ['POST', `${path}/operations`, any.of(['', '{', '[]', 'null', '"x"', '\ufeff{}', Buffer.from([0xff, 0xfe, 0x00]), `{"a":${'['.repeat(60)}${']'.repeat(60)}}`, `{"base":1,"operations":${'9'.repeat(400)}}`, '{"base":1e999}'])];
	if (does < 0.97) return [any.of(['PUT', 'PATCH', 'DELETE', 'OPTIONS', 'POST']), any.of([`${path}`, '/api/shelf', '/api/yarns', `/api/yarns/${id}`, '/api/workshop', '/api/workshop/key', '/api/workshop/open', '/api/ping', '/', '/nope', '/build/x', `/plan/${id}/nonsense`, '/api/plans/%ff%fe', '/%2e%2e/%2e%2e/etc/passwd', '/index.php', '/api/../api/shelf']), any.of([undefined, {}, { secret: any.of(NASTY) }, damaged({ name: 'x', hex: '#000000', weight: 'dk', metresPer100g: 1, grams: 1 })])];
	if (does < 0.985) return ['POST', `${path}/operations`, { base: revision, operations: [operation({ do: 'renumber', piece: 'float' })] }, { headers: any.of([{ 'Content-Type': 'text/plain' }, { 'X-CSRF-Token': 'x' }, { Origin: 'http://elsewhere.example' }, { Cookie: `alternum_workshop=${value()}` }, { 'X-HTTP-Method-Override': 'DELETE' }, { 'Content-Encoding': 'gzip' }, { Host: 'elsewhere.example' }]) }];
	return ['RAW', any.of([`GET /api/ping HTTP/9.9\r\n\r\n`, `${'A'.repeat(9000)}\r\n\r\n`, 'GET / HTTP/1.1\r\nHost: localhost\r\nContent-Length: -5\r\n\r\n', `POST ${path}/operations HTTP/1.1\r\nHost: localhost\r\nTransfer-Encoding: chunked\r\n\r\nzz\r\n`, '\u0000\u0001\u0002', `GET /${'%00'.repeat(10)} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n`])];
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
	const what = `input ${i} (seed ${seed}): ${answer.status} to ${method} ${String(path).slice(0, 200)} ${(Buffer.isBuffer(body) ? body.toString('hex') : typeof body === 'string' ? body : (JSON.stringify(body) ?? '')).slice(0, 900)}: ${answer.text.slice(0, 300)}`;
	told.set(answer.status, (told.get(answer.status) ?? 0) + 1);
	if (answer.status >= 500) wrong.push(what);
	if (answer.ms > MOST_MS) wrong.push(`${Math.round(answer.ms)} ms, ${what}`);
	if (answer.status === 429) {
		if (!(answer.retryAfter > 0)) wrong.push(`no Retry-After: ${what}`);
		left = ofMaker = 0;
	}
	if (answer.status >= 400 && method !== 'RAW' && String(path).startsWith('/api/')) {
		let says = {};
		try {
			says = JSON.parse(answer.text);
		} catch {
			// It is told below.
		}
		if (!answer.type.startsWith('application/problem+json') || typeof says.detail !== 'string' || typeof says.mend !== 'string') wrong.push(`not said in words: ${answer.type} ${what}`);
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
console.log(`${COUNT} inputs in ${Math.round((Date.now() - begun) / 1000)} s (seed ${seed}): ${[...told].sort().map(([status, times]) => `${times} × ${status}`).join(', ')}`);
console.log(`the longest took ${Math.round(longest.ms)} ms: ${longest.what}`);
console.log(`${wrong.length} wrong`);
for (const one of wrong.slice(0, 12)) console.log(`WRONG: ${one}`);
process.exit(wrong.length === 0 ? 0 : 1);
