// Makers who edit and makers who make, all at once: node load.mjs URL PLACE [--minutes 2] [--makers 200] [--making 50] [--find]
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { stop } from './chaos/books.mjs';
import { Maker } from './makers.mjs';

const { values, positionals } = parseArgs({
	allowPositionals: true,
	options: { minutes: { type: 'string' }, makers: { type: 'string' }, making: { type: 'string' }, find: { type: 'boolean' } },
});
const [url, place] = positionals;
const number = (text, usual, most) => Math.min(most, Math.max(0, Number(text ?? usual) || 0));
const minutes = number(values.minutes, 2, 60);
const counts = { makers: number(values.makers, 200, 2000), making: number(values.making, 50, 500) };
/** How often somebody who edits saves, one who makes tells a stop, and one who makes looks for what another device told: in ms. */
const SAVES_MS = 3000;
const STOPS_MS = 2000;
const LOOKS_MS = 1500;
const COMES_MS = 300;
/** With --find: makers are added until one save in twenty takes so long, in ms. */
const WAITS_MS = 500;

const pause = (ms) => new Promise((go) => setTimeout(go, ms));
const times = { save: [], stop: [], look: [] };
const failed = new Map();
let isOver = false;

async function timed(kind, ask) {
	const begun = performance.now();
	try {
		await ask();
		times[kind].push(performance.now() - begun);
	} catch (error) {
		const why = error.message.slice(0, 80);
		failed.set(why, (failed.get(why) ?? 0) + 1);
	}
}
const answered = async (client, method, path, body) => {
	const { status } = await client.ask(method, path, body);
	if (status !== 200) throw new Error(`${method} is answered ${status}`);
};

/** What is done at a bench: mostly stitches, now and then a layer, a name or a length. */
const edits = [
	(i) => ({ do: 'set', values: [{ at: ['title'], value: `Harbour buoy, try ${i}` }] }),
	(i) => ({ do: 'resize', piece: 'float', wider: 0, longer: Math.floor(i / 4) % 2 === 0 ? 1 : -1 }),
	(i) => ({ do: 'set', values: [{ at: ['yarnUse', 'sparePercent'], value: 5 + (i % 20) }] }),
	(i) => ({ do: 'set', values: [{ at: ['pieces', 'float', 'front', 'degrees'], value: (i * 7) % 360 }] }),
];
/** Each from an address of their own, as behind a proxy: one address opens no more than so many workshops an hour. */
let addresses = 0;
const comes = async () => {
	const maker = new Maker(url);
	maker.headers = { 'X-Forwarded-For': `10.${++addresses >> 16}.${(addresses >> 8) & 255}.${addresses & 255}` };
	await maker.begin();
	return maker;
};
async function editing() {
	const maker = await comes();
	await pause(Math.random() * SAVES_MS);
	for (let i = 0; !isOver; i++) {
		const from = performance.now();
		await timed('save', async () => {
			const { saved } = await maker.save(edits[i % edits.length](i));
			if (saved.results[0].refused !== null) throw new Error(`refused: ${saved.results[0].refused.detail}`);
		});
		await pause(Math.max(0, SAVES_MS * (0.5 + Math.random()) - (performance.now() - from)));
	}
	maker.end();
}
async function makingOne() {
	const maker = await comes();
	const { text } = await maker.untilAnswered('POST', `/api/plans/${maker.id}/makings`);
	const { id } = JSON.parse(text);
	let next = 0;
	await pause(Math.random() * STOPS_MS);
	const looking = (async () => {
		while (!isOver) {
			await timed('look', () => answered(maker, 'GET', `/api/makings/${id}/events?since=${next}`));
			await pause(LOOKS_MS);
		}
	})();
	while (!isOver) {
		await timed('stop', () => answered(maker, 'POST', `/api/makings/${id}/events?since=${next++}`, { events: [stop()] }));
		await pause(STOPS_MS * (0.5 + Math.random()));
	}
	await looking;
	maker.end();
}

const at = (list, share) => list.sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? 0;
const told = (list) => `${list.length} in ${[0.5, 0.95, 0.99].map((share) => `${at(list, share).toFixed(0)}`).join(' / ')} ms`;
const pid = (file) => readFileSync(`${place}/run/${file}`, 'utf8').trim();
const children = (of) => readFileSync(`/proc/${of}/task/${of}/children`, 'utf8').trim().split(' ').filter(Boolean);
/** Memory that is a process's own share, in MB. */
const memory = (pids) => pids.reduce((sum, one) => sum + Number(/^Pss:\s+(\d+)/m.exec(readFileSync(`/proc/${one}/smaps_rollup`, 'utf8'))?.[1] ?? 0), 0) / 1024;
const processor = (pids) =>
	pids.reduce((sum, one) => {
		const fields = readFileSync(`/proc/${one}/stat`, 'utf8').split(') ')[1].split(' ');
		return sum + Number(fields[11]) + Number(fields[12]);
	}, 0) / 100;
const processes = () => ({ php: [pid('fpm.pid'), ...children(pid('fpm.pid'))], database: [pid('db/db.pid')], nginx: children(pid('nginx.pid')) });
const disk = () => Number(execFileSync('du', ['-sk', `${place}/db`], { encoding: 'utf8' }).split('\t')[0]) / 1024;
/** Seconds in which the machine wanted to work and the host did not let it: a machine that is not its own. */
const withheld = () => Number(readFileSync('/proc/stat', 'utf8').split('\n')[0].split(/ +/)[8]) / 100;
const state = () => {
	const all = processes();
	return {
		withheld: withheld(),
		memory: { php: memory(all.php), database: memory(all.database) },
		processor: { php: processor(all.php), database: processor(all.database), nginx: processor(all.nginx) },
		disk: disk(),
	};
};

/** So long, and what came out. */
async function measured(seconds) {
	for (const kind of Object.keys(times)) times[kind] = [];
	const [before, begun] = [state(), Date.now()];
	await pause(seconds * 1000);
	const [after, took] = [state(), (Date.now() - begun) / 1000];
	// A process of PHP that answered its share ends, and another takes its place: what it took so far is gone with it, so this is the least.
	const cores = Object.fromEntries(Object.keys(after.processor).map((name) => [name, Math.max(0, after.processor[name] - before.processor[name]) / took]));
	return { after, before, cores, took };
}
/** How much of the memory that PHP's processes share is free, in MB, and how often it was full and emptied. */
const shared = async () => {
	const numbers = await (await fetch(`${url}/metrics`)).text();
	const of = (name) => Number(new RegExp(`^${name} (\\d+)$`, 'm').exec(numbers)?.[1] ?? 0);
	const free = of('alternum_shared_memory_bytes\\{of="free"\\}') / 1024 / 1024;
	return `${free.toFixed(0)} MB shared are free, emptied ${of('alternum_shared_memory_emptied_total')} times`;
};
const line = ({ before, after, cores, took }) =>
	`saves ${told(times.save)} · stops ${told(times.stop)} · looks ${told(times.look)} · PHP ${after.memory.php.toFixed(0)} MB, ${cores.php.toFixed(2)} cores · ` +
	`database ${after.memory.database.toFixed(0)} MB, ${cores.database.toFixed(2)} cores · disk ${after.disk.toFixed(0)} MB · ` +
	`${((after.withheld - before.withheld) / took).toFixed(2)} cores withheld`;

const everyone = [];
const come = async (makers, making) => {
	const all = [...Array.from({ length: makers }, () => editing), ...Array.from({ length: making }, () => makingOne)];
	// They come one after the other, as nobody rings for them; a first visit lays out plans to learn from, and takes as long as two saves.
	await Promise.all(
		all.map(async (does, i) => {
			await pause(i * COMES_MS);
			everyone.push(does().catch((error) => failed.set(error.message.slice(0, 80), (failed.get(error.message.slice(0, 80)) ?? 0) + 1)));
		}),
	);
};
console.log(`Times are the middle one / the 95th / the 99th of 100.`);
if (values.find) {
	const step = 100;
	for (let there = step; there <= 2000; there += step) {
		await come(step, step / 4);
		await pause(3000);
		const found = await measured(20);
		console.log(`${there} edit, ${there / 4} make: ${line(found)}`);
		if (at(times.save, 0.95) > WAITS_MS || failed.size > 0) {
			const busiest = Object.entries(found.cores).sort((a, b) => b[1] - a[1])[0];
			console.log(`there it ends: one save in twenty takes over ${WAITS_MS} ms; most of the processors' time goes to ${busiest[0]}`);
			break;
		}
	}
} else {
	await come(counts.makers, counts.making);
	await pause(5000);
	const first = await measured(20);
	console.log(`after 20 s: ${line(first)}`);
	let [saves, last] = [times.save.length, first];
	for (let minute = 1; minute <= minutes; minute++) {
		last = await measured(60);
		saves += times.save.length;
		console.log(`minute ${minute}: ${line(last)} · ${await shared()}`);
	}
	const grown = (name) => (last.after.memory[name] - first.after.memory[name]).toFixed(1);
	console.log(
		`over ${minutes} minutes: PHP grew by ${grown('php')} MB, the database's memory by ${grown('database')} MB, the disk by ` +
			`${(last.after.disk - first.before.disk).toFixed(1)} MB for ${saves} saves (${(((last.after.disk - first.before.disk) * 1024) / saves).toFixed(1)} kB each)`,
	);
}
isOver = true;
await Promise.all(everyone);
for (const [why, count] of failed) console.log(`FAILED ${count} times: ${why}`);
if (failed.size === 0) console.log('nothing failed');
process.exit(failed.size === 0 || values.find ? 0 : 1);
