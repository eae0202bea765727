// A monkey on the bench: node e2e/monkey/monkey.mjs URL [--minutes 5] [--seed 1] [--acts 120]
// It plays by chance from seeds until the time is over, and shrinks what it finds to the fewest acts that still fail.
import { parseArgs } from 'node:util';
import { chromium } from 'playwright-core';
import { plainOptions } from '../browser.mjs';
import { actsBySeed } from './acts.mjs';
import { Player } from './player.mjs';

const { values, positionals } = parseArgs({
	allowPositionals: true,
	options: { minutes: { type: 'string', default: '5' }, seed: { type: 'string' }, acts: { type: 'string', default: '120' } },
});
const url = (positionals[0] ?? 'http://127.0.0.1:8420').replace(/\/$/, '');
const until = Date.now() + Number(values.minutes) * 60_000;
const perRun = Number(values.acts);
/** So long it is tried to make a failure smaller. */
const SHRINK_MS = 8 * 60_000;

const browser = await chromium.launch(plainOptions);
const kinds = new Map();
let played = 0;

/** @returns {Promise<null | {at: number, error: Error, state: string}>} where it failed; null: it did not */
async function run(acts, isCounted) {
	const player = new Player(browser, url);
	let at = -1;
	try {
		await player.begin();
		for (at = 0; at < acts.length; at++) {
			if (isCounted && Date.now() > until) break;
			await player.play(acts[at]);
			if (isCounted) {
				played++;
				kinds.set(acts[at].does, (kinds.get(acts[at].does) ?? 0) + 1);
			}
		}
		await player.do_rest();
		return null;
	} catch (error) {
		// Only of the run that is told: a smaller one that fails is told by its acts.
		return { at, error, state: isCounted ? await player.described() : '' };
	} finally {
		await player.end().catch(() => undefined);
	}
}

/** Leaves out ever smaller stretches of acts for as long as it still fails. */
async function shrunk(acts) {
	const end = Date.now() + SHRINK_MS;
	let least = acts;
	for (let size = Math.ceil(least.length / 2); size >= 1 && Date.now() < end; size = size === 1 ? 0 : Math.ceil(size / 2)) {
		for (let from = 0; from < least.length && Date.now() < end; ) {
			const fewer = [...least.slice(0, from), ...least.slice(from + size)];
			if (fewer.length > 0 && (await run(fewer, false)) !== null) least = fewer;
			else from += size;
		}
	}
	return least;
}

let failure = null;
for (let seed = Number(values.seed ?? Date.now() % 1_000_000); Date.now() < until && failure === null; seed++) {
	const acts = actsBySeed(seed, perRun);
	const found = await run(acts, true);
	if (found !== null) failure = { seed, acts: acts.slice(0, found.at + 1), error: found.error, state: found.state };
}
console.log(`${played} acts: ${[...kinds].map(([kind, times]) => `${times} ${kind}`).join(', ')}`);
if (failure !== null) {
	console.log(`seed ${failure.seed}, act ${failure.acts.length}: ${failure.error.message}\n${failure.state}`);
	const least = await shrunk(failure.acts);
	console.log(`the fewest that still fail, ${least.length}:\n${least.map((act) => JSON.stringify(act)).join('\n')}`);
}
await browser.close();
console.log(failure === null ? '0 differences' : '1 difference');
process.exit(failure === null ? 0 : 1);
