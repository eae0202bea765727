// The heaviest plans that can be written, and heavier ones that earlier versions could: every question about them, timed and weighed.
// node heavy.mjs URL FPM_PID_FILE short|long
import { readFile } from 'node:fs/promises';
import { Client, chance, MOST_MS, operation, piece, plan } from './client.mjs';

const [url, pidFile, size] = process.argv.slice(2);
/** As sent, for the piece in hand. */
const MOST_BYTES = 150_000;
const LEGAL_MS = 2000;
const MOST_MB = 128;
/** PHP counts its own time: on a machine that does other things besides, that is later. */
const STOPPED_MS = 10_000;

const any = chance(7);
const letters = (count) => Array.from({ length: count }, (_, i) => String.fromCharCode(65 + i));
const stripes = (to, yarns) => [
	{ kind: 'fill', yarn: 'A' },
	{ kind: 'stripes', from: 1, to, sequence: yarns.map((yarn) => ({ yarn, rounds: 1 })) },
];
const tube = (stitches, rounds) => [`${stitches} sc in MR`, ...Array.from({ length: rounds - 1 }, () => 'sc around')];
const motif = (round, yarns) => ({
	kind: 'motif',
	rows: Array.from({ length: 100 }, () => Array.from({ length: 100 }, () => any.of(yarns)).join('')),
	round,
	fromFront: 0,
});
const WORDS = ['salt', 'tide', 'keel', 'rope', 'moor', 'lamp', 'swell', 'reef', 'spar', 'gull', 'buoy', 'sand'];
const remark = () => `# ${Array.from({ length: 30 }, () => any.of(WORDS)).join(' ')} ${any.whole(1, 99999)}`;
const copies = Array.from({ length: 99 }, (_, i) => ({
	name: `leg ${i}`,
	yarns: Object.fromEntries(letters(6).map((key, n) => [key, letters(6)[(n + Math.floor(i / 6 ** (n % 3))) % 6]])),
}));

const legal = {
	'15 pieces of 400 striped rounds': plan(
		'Many rounds',
		Array.from({ length: 15 }, (_, i) => piece(`p${i}`, tube(6, 400), stripes(400, ['A', 'B']))),
	),
	'60 pieces of 100 rounds, each beginning on the two before': plan(
		'Each on others',
		Array.from({ length: 60 }, (_, i) =>
			i < 2
				? piece(`p${i}`, tube(6, 100), stripes(100, ['A', 'B']))
				: {
						...piece(`p${i}`, ['sc around', 'R2-100: sc around'].slice(0, i < 12 ? 2 : 1), []),
						start: { join: 'bridge', pieces: [`p${i - 1}`, `p${i - 2}`], across: 1 },
					},
		),
	),
	'60,000 stitches, spots in every round': plan('Spots', [
		piece('p', tube(150, 400), [
			...stripes(400, ['A', 'B']),
			{ kind: 'spots', yarn: 'B', from: 1, to: 400, step: 1, count: 40, wide: 1, tall: 1, staggered: true, fromFront: 0 },
		]),
	]),
	'24 yarns, a change at every round': plan('Many yarns', [piece('p', tube(24, 400), stripes(400, letters(24)))], 24),
	'18 yarns, 60 rounds': plan('Eighteen yarns', [piece('p', tube(30, 60), stripes(60, letters(18)))], 18),
	'a picture of 100 by 100 in 24 yarns, three times': plan(
		'Pictures',
		[piece('p', tube(140, 400), [{ kind: 'fill', yarn: 'A' }, motif(1, letters(24)), motif(120, letters(24)), motif(240, letters(24))])],
		24,
	),
	'rounds of 2,000': plan('Wide', [piece('p', tube(2000, 29), stripes(29, ['A', 'B']))]),
	'100 layers on 400 rounds': plan('Layers', [
		piece(
			'p',
			tube(100, 400),
			Array.from({ length: 100 }, (_, i) =>
				any.of([
					{ kind: 'spots', yarn: 'B', from: 1 + i, to: 200 + i, step: 2, count: 9, wide: 2, tall: 2 },
					{ kind: 'blend', yarn: 'A', from: 1 + i, to: 300 },
					{ kind: 'panel', yarn: 'B', from: 1 + i, to: 250 + i, degrees: 90, fromFront: i },
				]),
			),
		),
	]),
	'200 kB of remarks': plan(
		'Remarks',
		Array.from({ length: 5 }, (_, i) => piece(`p${i}`, ['6 sc in MR', ...Array.from({ length: 200 }, remark), 'sc around'])),
	),
	'a thousand wrong lines': plan('Wrong', [piece('p', ['6 sc in MR', ...Array.from({ length: 999 }, (_, i) => `R${i + 2}: wobble x${i}, 3 qc (${i})`)])]),
	'99 copies in yarns of their own': plan('Copies', [piece('p', tube(24, 400), stripes(400, letters(6)), { copies })], 6),
	'brackets in brackets': plan('Brackets', [
		piece('p', ['6 sc in MR', ...Array.from({ length: 200 }, () => '(((((((sc, inc) x2, sc) x2, dec) x2, sc) x2, inc) x2, sc) x2, dec) x2')]),
	]),
};
/** Read and shown, though no longer written. */
const earlier = {
	'60 pieces of 400 striped rounds': plan(
		'Moorings',
		Array.from({ length: 60 }, (_, i) => piece(`p${i}`, tube(2, 400), stripes(400, ['A', 'B']))),
	),
	'2,000 strokes of the brush': plan('Strokes', [
		piece('p', tube(60, 120), [
			{ kind: 'fill', yarn: 'A' },
			...Array.from({ length: 1999 }, () => ({ kind: 'run', round: any.whole(1, 120), from: 1, to: any.whole(1, 60), yarn: any.of(['A', 'B']) })),
		]),
	]),
};
/** Nobody could wait for it: it is stopped, said so, and the process goes on. */
const endless = plan('Endless', [
	piece(
		'p',
		tube(150, 400),
		Array.from({ length: 2400 }, (_, i) => ({ kind: 'spots', yarn: 'B', from: 1, to: 400, step: 1, count: 40 + (i % 9), wide: 2, tall: 2, name: `s${i}` })),
	),
]);

const wrong = [];
let worst = 0;
let isOver = false;
/** The private memory of PHP's processes, in MB, looked at again and again. */
const watching = (async () => {
	while (!isOver) {
		const parent = (await readFile(pidFile, 'utf8')).trim();
		const children = (await readFile(`/proc/${parent}/task/${parent}/children`, 'utf8').catch(() => '')).trim().split(' ').filter(Boolean);
		for (const child of children) {
			const status = await readFile(`/proc/${child}/status`, 'utf8').catch(() => '');
			worst = Math.max(worst, Number(/RssAnon:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024);
		}
		await new Promise((go) => setTimeout(go, 100));
	}
})();

let all = 0;
async function tried(name, values, most) {
	const client = new Client(url);
	await client.visit();
	const hold = (what, answer, expected = [200, 201, 204]) => {
		all++;
		const says = `${name}: ${what} ${answer.status}, ${Math.round(answer.ms)} ms, ${answer.bytes} bytes`;
		if (!expected.includes(answer.status)) wrong.push(`${says}: ${answer.text.slice(0, 200)}`);
		if (answer.ms > most) wrong.push(`slow: ${says}`);
		if (answer.bytes > MOST_BYTES && !/^(file|pattern)/.test(what)) wrong.push(`large: ${says}`);
		return answer;
	};
	const made = hold('begin', await client.ask('POST', '/api/plans', values));
	if (made.status !== 201) return client.end();
	const { id } = JSON.parse(made.text);
	const path = `/api/plans/${id}`;
	const last = values.pieces.at(-1).key;
	hold('open', await client.ask('GET', path));
	hold('open at the last piece', await client.ask('GET', `${path}?piece=${last}`));
	hold('a piece', await client.ask('GET', `${path}/pieces/${last}`));
	let revision = 1;
	const edit = async (what, does, expected) => {
		const answer = hold(what, await client.ask('POST', `${path}/operations?piece=${last}`, { base: revision, operations: [operation(does)] }), expected);
		if (answer.status === 200) revision = JSON.parse(answer.text).revision;
	};
	await edit('paint', { do: 'paint', piece: last, rounds: [2], yarn: 'B' });
	await edit('title', { do: 'set', values: [{ at: ['title'], value: `${name} again` }] });
	await edit('size', { do: 'size', piece: last, widthMm: 200, heightMm: 300 });
	await edit('best', { do: 'best', piece: last, minds: 'ends' }, [200]);
	await edit('translate', { do: 'words', terms: 'uk' });
	for (const question of [
		`steps?piece=${last}`,
		`steps?piece=${last}&group=98`,
		'needed',
		`changes?piece=${last}&round=3`,
		`best?piece=${last}`,
		`helix?piece=${last}&from=2&to=40&yarns=AB`,
		'pattern?terms=us',
		'pattern?terms=uk&copies=once',
		'file',
		'versions',
		'versions/1',
		`fits?piece=${last}&from=2&to=90&sequence=A2B2`,
	])
		hold(question, await client.ask('GET', `${path}/${question}`), [200, 404, 422]);
	const making = hold('making', await client.ask('POST', `${path}/makings`, {}), [201]);
	if (making.status === 201) {
		const { id: being } = JSON.parse(making.text);
		for (const question of [`guides/${last}`, `guides/${last}?after=200`, 'forecast', 'difference'])
			hold(`making ${question}`, await client.ask('GET', `/api/makings/${being}/${question}`), [200]);
		hold('open the making', await client.ask('GET', `/api/makings/${being}`));
		hold('makings', await client.ask('GET', '/api/makings'));
	}
	for (const text of ['6 sc in mr', 'Ear\n6 sc in mr\ninc x6', 'sc around', '(sc, inc) x 1500'])
		hold(
			`reading of many “${text.slice(0, 12)}”`,
			await client.ask('POST', `${path}/reading`, { text: Array.from({ length: Math.floor(100_000 / (text.length + 1)) }, () => text).join('\n') }),
			[200, 422],
		);
	hold('shelf', await client.ask('GET', '/api/shelf'));
	const { longest, largest } = client;
	console.log(
		`${name}: the longest ${Math.round(longest.ms)} ms (${longest.what.replace(id, '…')}),`,
		`the largest ${Math.round(largest.bytes / 1000)} kB (${largest.what.replace(id, '…')})`,
	);
	client.end();
}

const shortly = ['60,000 stitches, spots in every round', '24 yarns, a change at every round', '99 copies in yarns of their own'];
for (const [name, values] of Object.entries(legal))
	if (size !== 'short' || shortly.includes(name)) await tried(name, values, size === 'short' ? Infinity : LEGAL_MS);
for (const [name, values] of Object.entries(earlier)) if (size !== 'short') await tried(name, values, MOST_MS);

const client = new Client(url);
await client.visit();
const stopped = await client.ask('POST', '/api/plans', endless);
console.log(`what never ends is answered ${stopped.status} after ${(stopped.ms / 1000).toFixed(1)} s`);
if (stopped.status !== 503 || !stopped.text.includes('too long') || stopped.ms > STOPPED_MS)
	wrong.push(`what never ends: ${stopped.status} after ${stopped.ms} ms: ${stopped.text.slice(0, 200)}`);
// Several heavy questions at once are asked one by one; the others of a maker are told to come again.
const begun = await client.ask('POST', '/api/plans', legal['24 yarns, a change at every round']);
const { id } = JSON.parse(begun.text);
const at = await Promise.all(Array.from({ length: 6 }, () => client.ask('GET', `/api/plans/${id}/best?piece=p`)));
const busy = at.filter(({ status }) => status === 429);
console.log(`six heavy questions at once: ${at.map(({ status }) => status).join(' ')}`);
if (!at.some(({ status }) => status === 200) || busy.some(({ retryAfter }) => !(retryAfter > 0)) || at.some(({ status }) => status !== 200 && status !== 429))
	wrong.push('heavy questions at once');
const ping = await client.ask('GET', '/api/ping');
if (ping.status !== 200 || ping.ms > 1000) wrong.push(`a ping after all that: ${ping.status}, ${ping.ms} ms`);
client.end();
isOver = true;
await watching;
if (worst > MOST_MB) wrong.push(`a process had ${Math.round(worst)} MB of its own`);
console.log(`${all} questions; PHP’s processes had ${Math.round(worst)} MB of their own at the most; ${wrong.length} wrong`);
for (const one of wrong.slice(0, 20)) console.log(`WRONG: ${one}`);
process.exit(wrong.length === 0 ? 0 : 1);
