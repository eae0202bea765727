// Makers save without rest while everything is killed, a kind after the other; each time bin/start brings it back: node kill.mjs URL RUN_FOLDER short|long
import { spawn } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { Books } from './books.mjs';
import { Client, MOST_MS } from './client.mjs';

const [url, run, size] = process.argv.slice(2);
const AIM = size === 'short' ? 600 : 10_000;
const MAKERS = 6;
/** Everything ends by then, in ms. */
const ENDS_MS = (size === 'short' ? 150 : 900) * 1000;
/** For so long the database is frozen: longer than any wait for it, in ms. */
const FROZEN_MS = 7000;
const kinds = ['worker', 'all of PHP', 'PHP’s master', 'nginx', 'nginx’s master', 'database', 'everything', 'PHP’s master', 'database', 'everything'];
const kills = size === 'short' ? ['worker', 'PHP’s master', 'database', 'everything'] : kinds;

const pid = async (name) => (await readFile(name === 'db' ? `${run}/db/db.pid` : `${run}/${name}.pid`, 'utf8')).trim();
const childrenOf = async (name) => {
	const parent = await pid(name);
	return (await readFile(`/proc/${parent}/task/${parent}/children`, 'utf8')).trim().split(' ').filter(Boolean);
};
const end = (pids) => {
	for (const one of pids)
		try {
			process.kill(Number(one), 'SIGKILL');
		} catch {
			// It has ended by itself.
		}
};
const how = {
	worker: async () => end((await childrenOf('fpm')).slice(0, 1)),
	'all of PHP': async () => end(await childrenOf('fpm')),
	'PHP’s master': async () => end([await pid('fpm')]),
	nginx: async () => end(await childrenOf('nginx')),
	'nginx’s master': async () => end([await pid('nginx')]),
	database: async () => end([await pid('db')]),
	everything: async () => end([...(await childrenOf('fpm')), await pid('fpm'), ...(await childrenOf('nginx')), await pid('nginx'), await pid('db')]),
};
const revive = () =>
	new Promise((resolve, reject) => {
		const started = spawn('bash', ['bin/chaos', 'revive'], { stdio: ['ignore', 'pipe', 'pipe'] });
		let said = '';
		for (const from of [started.stdout, started.stderr]) from.on('data', (text) => (said += text));
		started.on('exit', (code) => (code === 0 ? resolve() : reject(new Error(`bin/start does not bring it back: ${said.slice(-400)}`))));
	});

const begun = Date.now();
const books = new Books(url, begun + ENDS_MS, () => books.done >= AIM && isKilled);
const { wrong } = books;

let isKilled = false;
const times = [];
const strangers = [];
const killing = (async () => {
	for (const kind of kills) {
		await new Promise((go) => setTimeout(go, size === 'short' ? 1200 : 4000));
		await how[kind]();
		const from = Date.now();
		// A child is born again by its master; what has none left is brought back by hand.
		await new Promise((go) => setTimeout(go, 150));
		await revive();
		times.push(`${kind} ${((Date.now() - from) / 1000).toFixed(1)} s`);
	}
	// One that is only frozen answers nobody: it is away, and back as soon as it goes on.
	const database = Number(await pid('db'));
	process.kill(database, 'SIGSTOP');
	const stranger = new Client(url);
	strangers.push(stranger);
	const frozen = [];
	for (const until = Date.now() + FROZEN_MS; Date.now() < until; )
		frozen.push(await stranger.ask('GET', '/').catch(({ message }) => ({ status: 0, ms: ENDS_MS, text: message })));
	process.kill(database, 'SIGCONT');
	times.push(`a frozen database is away after ${(frozen[0].ms / 1000).toFixed(1)} s, ${frozen.length} asked meanwhile`);
	for (const { status, ms, text } of frozen.filter((one) => one.status !== 503))
		wrong.push(`a frozen database: ${status} after ${ms} ms: ${text.slice(0, 200)}`);
	stranger.end();
	isKilled = true;
})().catch((error) => {
	wrong.push(error.message);
	books.isOver = true;
});

const clients = await books.all(MAKERS);
books.isOver = true;
await killing;
for (const { longest } of [...clients, ...strangers].filter(Boolean)) if (longest.ms > MOST_MS) wrong.push(`${longest.what} took ${longest.ms} ms`);
const fives = clients.flatMap((client) => [...(client?.statuses ?? [])]).filter(([status]) => status >= 500 && status !== 503);
console.log(
	`${books.done} operations over ${kills.length} kills in ${Math.round((Date.now() - begun) / 1000)} s, ${books.lostAnswers} answers thrown away;`,
	`${wrong.length} lost, doubled or out of order`,
);
console.log(`back by bin/start: ${times.join(', ')}`);
for (const [status, times_] of fives) wrong.push(`${times_} answers were ${status}`);
if (books.done < AIM) wrong.push(`only ${books.done} of ${AIM} operations`);
for (const one of wrong.slice(0, 10)) console.log(`WRONG: ${one}`);
process.exit(wrong.length === 0 ? 0 : 1);
