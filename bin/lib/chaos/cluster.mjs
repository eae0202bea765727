// Makers save without rest through the one address of a cluster, and look after each save whether it is there, while each part of it is killed, cut off or
// frozen, and brought back: node cluster.mjs URL FOLDER [--short]
import { spawn } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { Books } from './books.mjs';
import { Client } from './client.mjs';

const [url, folder, size] = process.argv.slice(2);
const isShort = size === '--short';
const AIM = isShort ? 1500 : 10_000;
const MAKERS = isShort ? 6 : 12;
const ENDS_MS = (isShort ? 240 : 1500) * 1000;
/** How long what was killed stays away, and how long it is quiet before the next: in ms. */
const AWAY_MS = isShort ? 2500 : 5000;
const QUIET_MS = isShort ? 1500 : 5000;
/** Nobody may wait longer for the cluster as a whole, in ms: seconds at the worst. The short one has a machine that other checks keep busy. */
const MOST_GAP_MS = isShort ? 30_000 : 15_000;

const pause = (ms) => new Promise((go) => setTimeout(go, ms));
const run = (...words) =>
	new Promise((resolve, reject) => {
		const started = spawn('bash', ['bin/cluster', ...words], { stdio: ['ignore', 'pipe', 'pipe'] });
		let said = '';
		for (const from of [started.stdout, started.stderr]) from.on('data', (text) => (said += text));
		started.on('exit', (code) => (code === 0 ? resolve(said) : reject(new Error(`bin/cluster ${words.join(' ')}: ${said.slice(-400)}`))));
	});
const pid = async (file) => Number((await readFile(`${folder}/${file}`, 'utf8')).trim());
const kill = async (file, signal = 'SIGKILL') => process.kill(await pid(file), signal);
const killApplication = async (node) => {
	for (const name of ['fpm', 'nginx']) {
		const master = await pid(`${node}/run/${name}.pid`);
		const children = (await readFile(`/proc/${master}/task/${master}/children`, 'utf8')).trim().split(' ').filter(Boolean);
		for (const one of [master, ...children.map(Number)]) process.kill(one, 'SIGKILL');
	}
};

/** What happens, what brings it back. */
const troubles = [
	['database 2 is killed', () => kill('2/run/db/db.pid'), () => run('database', '2')],
	['application 1 is killed', () => killApplication(1), () => run('application', '1')],
	['database 1 is cut off from the others', () => run('cut', '1'), () => run('join', '1')],
	['database 3 freezes', () => kill('3/run/db/db.pid', 'SIGSTOP'), () => kill('3/run/db/db.pid', 'SIGCONT')],
	['application 2 is killed', () => killApplication(2), () => run('application', '2')],
	['the store that they count in is killed', () => kill('redis/redis.pid'), () => run('store')],
	['database 1 is killed', () => kill('1/run/db/db.pid'), () => run('database', '1')],
	['the balancer is killed', () => kill('balancer/pid'), () => run('balancer')],
];

let isThrough = false;
const begun = Date.now();
const books = new Books(url, begun + ENDS_MS, () => isThrough && books.done >= AIM);
const { wrong } = books;
const isWell = async () => {
	const said = await run('status');
	return (said.match(/Synced, in a cluster of 3 \(Primary\)/g) ?? []).length === 3 && (said.match(/: ready/g) ?? []).length === 2;
};
const troubling = (async () => {
	for (const [what, breaks, mends] of troubles) {
		await pause(QUIET_MS);
		books.longestGap = { ms: 0, at: 0 };
		const from = Date.now();
		await breaks();
		// Without the balancer nobody comes in: whoever watches it starts it at once, as systemd does.
		await pause(what.includes('balancer') ? 500 : AWAY_MS);
		await mends();
		const mended = Date.now();
		while (!(await isWell())) {
			if (Date.now() - mended > 60_000) throw new Error(`after ${what} it is not well again in a minute: ${await run('status')}`);
			await pause(300);
		}
		const gap = books.longestGap.ms;
		const seconds = (ms) => (ms / 1000).toFixed(1);
		console.log(`${what}: nobody was answered for ${seconds(gap)} s at the most; all well ${seconds(Date.now() - mended)} s after it was mended`);
		if (gap > MOST_GAP_MS) wrong.push(`${what}: ${gap} ms without an answer`);
		if (Date.now() - from > ENDS_MS) break;
	}
	isThrough = true;
})().catch((error) => {
	wrong.push(error.message);
	books.isOver = true;
});

const clients = await books.all(MAKERS, { reads: true }, 2);
books.isOver = true;
await troubling;
const statuses = new Map();
for (const client of clients.filter(Boolean)) for (const [status, count] of client.statuses) statuses.set(status, (statuses.get(status) ?? 0) + count);
for (const [status, count] of statuses) if (status >= 500 && status !== 503) wrong.push(`${count} answers were ${status}`);
// What is counted and remembered together: a browser that is signed out at one node is out at the other, and guesses are counted at both.
const nodes = [1, 2].map((node) => `http://127.0.0.1:${Number(new URL(url).port) + node}`);
const owner = new Client(nodes[0]);
await owner.visit();
const { secret } = JSON.parse((await owner.ask('POST', '/api/workshop/key', {})).text);
const guest = new Client(nodes[1]);
await guest.ask('POST', '/api/workshop/open', { secret });
const letIn = [];
for (const node of nodes) letIn.push((await new Client(node, guest.cookie).ask('GET', '/api/shelf')).status);
await owner.ask('DELETE', '/api/workshop/browsers');
for (const node of nodes) letIn.push((await new Client(node, guest.cookie).ask('GET', '/api/shelf')).status);
if (String(letIn) !== '200,200,401,401') wrong.push(`let in before and after it was signed out, at each node: ${letIn}`);
const guesses = [];
for (let i = 0; i < 80; i++) guesses.push((await new Client(nodes[i % 2]).ask('POST', '/api/workshop/open', { secret: '0'.repeat(64) })).status);
const taken = guesses.filter((status) => status === 403).length;
if (taken > 60) wrong.push(`${taken} guesses at keys were taken in an hour, at two nodes; 60 are allowed`);
console.log(`signed out at one node is out at both; of 80 guesses at two nodes ${taken} were taken`);

let retried = 0;
for (const node of nodes) {
	const numbers = await (await fetch(`${node}/metrics`)).text();
	retried += Number(/^alternum_database_retries_total (\d+)$/m.exec(numbers)?.[1] ?? 0);
}
console.log(`${retried} writings met another's of the same rows, since the applications were last begun, and were made again`);
const same = await run('same').catch(({ message }) => message);
console.log(same.trim());
if (!same.includes('all databases hold the same')) wrong.push(same);
const counted = [...statuses].map(([status, count]) => `${count} × ${status}`).join(', ');
console.log(
	`${books.done} operations by ${MAKERS} makers over ${troubles.length} troubles in ${Math.round((Date.now() - begun) / 1000)} s, ${books.lostAnswers} answers`,
	`thrown away (${counted}); ${wrong.length} lost, doubled, out of order or read too old`,
);
if (books.done < AIM) wrong.push(`only ${books.done} of ${AIM} operations`);
for (const one of wrong.slice(0, 10)) console.log(`WRONG: ${one}`);
process.exit(wrong.length === 0 ? 0 : 1);
