// Makers without a browser: they open a workshop, and save as the page does. For bin/bench and bin/chaos.
import { randomUUID } from 'node:crypto';
import { Client } from './chaos/client.mjs';

/** One maker with a workshop of their own, who saves as the page does. */
export class Maker extends Client {
	id = '';
	revision = 1;
	rounds = 0;

	/** Reads as the page does: what a server in trouble says is no answer, and it is asked again. */
	async read(path, { wait = 50 } = {}) {
		for (;;) {
			const { status, text } = await this.ask('GET', path);
			if (status === 200) return JSON.parse(text);
			if (status < 500 && status !== 429) throw new Error(`Reading ${path} was answered ${status}: ${text.slice(0, 300)}`);
			await new Promise((resolve) => setTimeout(resolve, wait));
		}
	}

	async begin(title = 'Harbour buoy') {
		await this.ask('GET', '/');
		const shelf = await this.read('/api/shelf');
		this.id = shelf.plans.find((plan) => plan.title === title).id;
		const opened = await this.read(`/api/plans/${this.id}`);
		this.rounds = opened.analysis.pieces[0].rounds.length;
	}

	/** One operation, sent again until it is answered: `tries` says how often. */
	async save(edit, { wait = 50 } = {}) {
		const operations = [{ id: randomUUID(), group: randomUUID(), edit }];
		for (let tries = 1; ; tries++) {
			try {
				const { status, text } = await this.ask('POST', `/api/plans/${this.id}/operations`, { base: this.revision, operations });
				if (status === 200) {
					const saved = JSON.parse(text);
					this.revision = saved.revision;
					return { tries, saved };
				}
				if (status < 500 && status !== 429) throw new Error(`A save was answered ${status}: ${text.slice(0, 300)}`, { cause: 'answer' });
			} catch (error) {
				if (error.cause === 'answer') throw error;
			}
			await new Promise((resolve) => setTimeout(resolve, wait));
		}
	}
}

const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;

/** Many makers who save every few seconds. Times in ms. */
export async function manyMakers(url, { makers = 200, seconds = 20, everyMs = 3000 } = {}) {
	const one = new Maker(url);
	await one.begin();
	const idle = [];
	for (let i = 0; i < 100; i++) {
		const begun = performance.now();
		await one.save({ do: 'resize', piece: 'float', wider: 0, longer: i % 2 === 0 ? 1 : -1 });
		idle.push(performance.now() - begun);
	}
	one.end();
	const all = Array.from({ length: makers }, () => new Maker(url));
	let broken = 0;
	const begun = performance.now();
	await Promise.all(all.map((maker) => maker.begin().catch(() => broken++)));
	const opened = performance.now() - begun;
	const times = [];
	let repeated = 0;
	const end = performance.now() + seconds * 1000;
	await Promise.all(
		all.map(async (maker) => {
			if (maker.id === '') return;
			await new Promise((resolve) => setTimeout(resolve, Math.random() * everyMs));
			for (let i = 0; performance.now() < end; i++) {
				const from = performance.now();
				const { tries } = await maker.save({ do: 'resize', piece: 'float', wider: 0, longer: i % 2 === 0 ? 1 : -1 });
				times.push(performance.now() - from);
				if (tries > 1) repeated++;
				await new Promise((resolve) => setTimeout(resolve, Math.max(0, everyMs * (0.5 + Math.random()) - (performance.now() - from))));
			}
			maker.end();
		}),
	);
	times.sort((a, b) => a - b);
	idle.sort((a, b) => a - b);
	const spread = { idle50: at(idle, 0.5), idle95: at(idle, 0.95), busy50: at(times, 0.5), busy95: at(times, 0.95) };
	return { makers, broken, repeated, openedMs: opened, saves: times.length, ...spread };
}
