// Makers who keep books of their own while a server is in trouble: every operation is one revision, so that the books tell at once what is lost, doubled
// or out of order.
import { randomBytes } from 'node:crypto';
import { Client, chance, operation, piece, plan } from './client.mjs';

/** A stop as a device writes it down, with an id of its own: 26 figures of Crockford’s alphabet. */
let stops = 0;
export const stop = () => ({
	id: `01${randomBytes(24).reduce((id, byte) => id + '0123456789ABCDEFGHJKMNPQRSTVWXYZ'[byte % 32], '')}`,
	n: ++stops,
	at: Date.now(),
	kind: 'worked',
	piece: 'float',
	copy: 1,
	round: 1 + (stops % 10),
	stitch: 1 + (stops % 6),
});

export class Books {
	/** operations that were acknowledged; answers that were thrown away on purpose; what is wrong */
	done = 0;
	lostAnswers = 0;
	wrong = [];
	isOver = false;
	/** the longest time in which no maker had an answer, in ms, and when it ended */
	longestGap = { ms: 0, at: 0 };
	#last = Date.now();

	/**
	 * @param url     the server's address
	 * @param endsAt  when everybody stops, whatever was done
	 * @param isEnough whether they may stop
	 */
	constructor(url, endsAt, isEnough) {
		this.url = url;
		this.endsAt = endsAt;
		this.isEnough = isEnough;
	}

	#answered(operations) {
		this.done += operations;
		const gap = Date.now() - this.#last;
		if (gap > this.longestGap.ms) this.longestGap = { ms: gap, at: Date.now() };
		this.#last = Date.now();
	}

	/** One who saves without rest. `reads`: and looks after each save whether it is there, on another connection. */
	async maker(seed, { reads = false } = {}) {
		const any = chance(seed);
		const client = new Client(this.url);
		await client.untilAnswered('GET', '/');
		const made = await client.untilAnswered('POST', '/api/plans', plan(`Books of ${seed}`, [piece('float', ['6 sc in MR', 'inc x6', 'R3-10: sc around'])]));
		const { id } = JSON.parse(made.text);
		const books = { revision: 1, rounds: 10, title: `Books of ${seed}` };
		const other = new Client(this.url, client.cookie);
		while (!this.isOver && Date.now() < this.endsAt) {
			const operations = [];
			const [rounds, title] = [books.rounds, books.title];
			for (let i = any.whole(1, 8); i > 0; i--) {
				const kind = any.whole(0, 9);
				if (kind < 5) {
					const longer = books.rounds > 40 ? -1 : books.rounds < 8 ? 1 : any.of([1, -1]);
					operations.push(operation({ do: 'resize', piece: 'float', wider: 0, longer }));
					books.rounds += longer;
				} else if (kind < 9) {
					books.title = `${seed} ${this.done} ${i}`;
					operations.push(operation({ do: 'set', values: [{ at: ['title'], value: books.title }] }));
				} else {
					// One that cannot be done is refused alone.
					operations.push(operation({ do: 'resize', piece: 'nose', wider: 0, longer: 1 }));
				}
			}
			const breaks = any.next() < 0.15;
			this.lostAnswers += breaks ? 1 : 0;
			const answer = await client.untilAnswered('POST', `/api/plans/${id}/operations`, { base: books.revision, operations }, 90, { breaks });
			if (answer.status !== 200) {
				this.wrong.push(`a save was answered ${answer.status}: ${answer.text.slice(0, 200)}`);
				[books.rounds, books.title] = [rounds, title];
				break;
			}
			const saved = JSON.parse(answer.text);
			books.revision += operations.filter(({ edit }) => edit.piece !== 'nose').length;
			this.#answered(operations.length);
			const said = { revision: saved.revision, rounds: saved.analysis.pieces[0].rounds.length, title: saved.plan.title };
			if (said.revision !== books.revision || said.rounds !== books.rounds || said.title !== books.title)
				this.wrong.push(`after ${operations.length}: ${JSON.stringify(said)}, and the books have ${JSON.stringify(books)}`);
			if (JSON.stringify(saved.results.map((one) => one.id)) !== JSON.stringify(operations.map((one) => one.id))) this.wrong.push('results out of order');
			if (reads) {
				const { revision } = JSON.parse((await other.untilAnswered('GET', `/api/plans/${id}/revision`)).text);
				if (revision !== books.revision) this.wrong.push(`read right after its save: revision ${revision}, and the books have ${books.revision}`);
			}
			if (this.isEnough()) this.isOver = true;
		}
		const kept = await client.untilAnswered('GET', `/api/plans/${id}`);
		const { revision, plan: last, analysis } = JSON.parse(kept.text);
		if (revision !== books.revision || last.title !== books.title || analysis.pieces[0].rounds.length !== books.rounds)
			this.wrong.push(`at the end the server has revision ${revision}, ${last.title}; the books ${JSON.stringify(books)}`);
		client.end();
		other.end();
		return client;
	}

	/** One who makes a toy with two devices that count at once: whatever node each comes to, every stop is in the journal once. */
	async pair() {
		const [one, other] = [new Client(this.url), new Client(this.url)];
		await one.untilAnswered('GET', '/');
		other.cookie = one.cookie;
		const made = await one.untilAnswered('POST', '/api/plans', plan('Made by two', [piece('float', ['6 sc in MR', 'inc x6', 'R3-10: sc around'])]));
		const { id } = JSON.parse((await one.untilAnswered('POST', `/api/plans/${JSON.parse(made.text).id}/makings`)).text);
		const sent = new Set();
		const count = async (device) => {
			while (!this.isOver && Date.now() < this.endsAt) {
				const events = [stop(), stop()];
				const answer = await device.untilAnswered('POST', `/api/makings/${id}/events`, { events }, 90);
				if (answer.status !== 200) return void this.wrong.push(`a stop was answered ${answer.status}: ${answer.text.slice(0, 200)}`);
				for (const event of events) sent.add(event.id);
				this.#answered(events.length);
				await new Promise((go) => setTimeout(go, 20));
			}
		};
		await Promise.all([count(one), count(other)]);
		const { events } = JSON.parse((await one.untilAnswered('GET', `/api/makings/${id}/events`)).text);
		const kept = events.map((event) => event.id);
		if (new Set(kept).size !== kept.length) this.wrong.push('a stop is in the journal twice');
		for (const lost of [...sent].filter((event) => !kept.includes(event))) this.wrong.push(`stop ${lost} was acknowledged and is not in the journal`);
		for (const client of [one, other]) client.end();
		return one;
	}

	/** So many makers at once, and so many who count with two devices. */
	all(makers, options, pairs = 0) {
		const told = (error) => void this.wrong.push(error.message);
		const saving = Array.from({ length: makers }, (_, i) => this.maker(i + 1, options).catch(told));
		return Promise.all([...saving, ...Array.from({ length: pairs }, () => this.pair().catch(told))]);
	}
}
