// Plans that an earlier version wrote, on the database that it left, taken on by this one: each is opened, changed, written out and printed,
// and so is each of its versions. node upgrade.mjs URL COMMIT SECRET WORKSHOP:PLANS,…
import { createHmac } from 'node:crypto';
import { Client, operation } from './client.mjs';

const [url, commit, secret, workshops] = process.argv.slice(2);
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** An id as cookies of that time have it: Crockford's base 32 of the 16 bytes. */
function ulid(hex) {
	let number = BigInt(`0x${hex}`);
	let text = '';
	for (let i = 0; i < 26; i++) {
		text = ALPHABET[Number(number & 31n)] + text;
		number >>= 5n;
	}
	return text;
}

const wrong = [];
const counts = { plans: 0, versions: 0, layers: 0 };
let longest = { ms: 0, what: '' };
for (const [hex, plans] of workshops
	.split(',')
	.filter(Boolean)
	.map((one) => one.split(':'))) {
	const id = ulid(hex);
	const client = new Client(url, `alternum_workshop=${id}.${createHmac('sha256', secret).update(`workshop ${id}`).digest('hex')}`);
	const hold = async (method, path, body) => {
		const answer = await client.ask(method, path, body);
		if (answer.status !== 200) wrong.push(`${method} ${path}: ${answer.status} ${answer.text.slice(0, 300)}`);
		return answer.status === 200 ? answer.text : 'null';
	};
	const shelf = JSON.parse(await hold('GET', '/api/shelf'));
	for (const { id: plan, title, revision: on } of shelf?.plans ?? []) {
		counts.plans++;
		const path = `/api/plans/${plan}`;
		const opened = JSON.parse(await hold('GET', path));
		if (opened === null) continue;
		counts.layers = Math.max(counts.layers, ...opened.plan.pieces.map(({ colours }) => colours.length));
		if (opened.revision !== on || opened.plan.title !== title) wrong.push(`${title}: opened as ${opened.plan.title} at ${opened.revision}`);
		const [first] = opened.plan.pieces;
		const file = JSON.parse(await hold('GET', `${path}/as/json`));
		if (JSON.stringify(file?.pieces.map(({ rounds }) => rounds)) !== JSON.stringify(opened.plan.pieces.map(({ rounds }) => rounds)))
			wrong.push(`${title}: its file has other lines`);
		const pattern = await hold('GET', `${path}/as/text`);
		if (!pattern.startsWith('# ')) wrong.push(`${title}: its pattern is none`);
		await hold('GET', `${path}/steps?piece=${first.key}`);
		await hold('GET', `${path}/pieces/${opened.plan.pieces.at(-1).key}`);
		// One change of the title, and one of the words.
		const saved = JSON.parse(
			await hold('POST', `${path}/operations`, {
				base: opened.revision,
				operations: [
					operation({ do: 'set', values: [{ at: ['title'], value: 'Taken on' }] }),
					operation({ do: 'retype', piece: first.key, rounds: [...first.rounds, '# taken on'] }),
				],
			}),
		);
		if (saved?.results.some(({ refused }) => refused !== null)) wrong.push(`${title}: ${JSON.stringify(saved.results).slice(0, 400)}`);
		if (saved?.plan.title !== 'Taken on' || saved?.plan.pieces[0].rounds.at(-1) !== '# taken on') wrong.push(`${title}: the change is not in it`);
		for (const { number } of JSON.parse(await hold('GET', `${path}/versions`))?.versions ?? []) {
			counts.versions++;
			await hold('GET', `${path}/versions/${number}`);
		}
	}
	if (shelf?.plans.length !== Number(plans)) wrong.push(`${shelf?.plans.length} plans of workshop ${id}, which had ${plans}`);
	// A cookie of that time is changed for one of a browser with a row.
	const page = await client.ask('GET', '/');
	if (page.status !== 200 || page.text.includes('content="in-place"')) wrong.push(`the page opens another workshop: ${page.status}`);
	if (JSON.parse(await hold('GET', '/api/shelf'))?.plans.length !== shelf?.plans.length) wrong.push('another shelf after the first page');
	if (client.longest.ms > longest.ms) longest = client.longest;
	client.end();
}
console.log(
	`${commit}: ${counts.plans} plans and ${counts.versions} versions opened, changed, written out and printed;`,
	`the most layers of a piece now ${counts.layers}; the longest took ${Math.round(longest.ms)} ms: ${longest.what}; ${wrong.length} wrong`,
);
for (const one of wrong.slice(0, 12)) console.log(`WRONG: ${one}`);
process.exit(wrong.length === 0 && counts.plans > 0 ? 0 : 1);
