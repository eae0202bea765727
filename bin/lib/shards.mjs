// Workshops spread over databases by their ids, in a simulation: how evenly rows and saves lie, what one busy workshop does, what moves when a database is
// added. node shards.mjs [--workshops 1000000] [--shards 16] [--kilobytes 160] [--seed 1]: docs/scale.md.
import { createHash } from 'node:crypto';
import { parseArgs } from 'node:util';
import { chance } from './chaos/client.mjs';

const { values } = parseArgs({
	options: { workshops: { type: 'string' }, shards: { type: 'string' }, kilobytes: { type: 'string' }, seed: { type: 'string' } },
});
const workshops = Math.min(5_000_000, Number(values.workshops ?? 1_000_000));
const shards = Math.min(1000, Number(values.shards ?? 16));
/** What an average workshop takes, measured; the median one takes a third of that, a few take a hundred times as much. */
const kilobytes = Number(values.kilobytes ?? 160);
const any = chance(Number(values.seed ?? 1));

/** Numbers spread as a bell is, whose exponentials are spread as sizes of shelves are. */
const normal = () => Math.sqrt(-2 * Math.log(1 - any.next())) * Math.cos(2 * Math.PI * any.next());
const SPREAD = 1.5;
const size = () => kilobytes * Math.exp(SPREAD * normal() - (SPREAD * SPREAD) / 2);

/** Where a workshop lies: the database whose name, hashed with the workshop's id, comes out highest. One more takes from each its share, and no more. */
const names = Array.from({ length: shards + 1 }, (_, i) => createHash('sha256').update(`shard ${i}`).digest().readUInt32LE(0));
const mixed = (id, name) => {
	let h = Math.imul(id ^ name, 0x9e3779b1);
	h = Math.imul(h ^ (h >>> 15), 0x85ebca77);
	h = Math.imul(h ^ (h >>> 13), 0xc2b2ae3d);
	return (h ^ (h >>> 16)) >>> 0;
};
const placeOf = (id, among) => {
	let [best, highest] = [0, -1];
	for (let i = 0; i < among; i++) {
		const at = mixed(id, names[i]);
		if (at > highest) [best, highest] = [i, at];
	}
	return best;
};

const bytes = new Float64Array(shards);
const saves = new Float64Array(shards);
let [moved, movedElsewhere, total, largest, busiest, all] = [0, 0, 0, 0, 0, 0];
for (let i = 0; i < workshops; i++) {
	// A ULID's last 80 bits are by chance: 32 of them are enough to spread.
	const id = any.whole(0, 0xffffffff);
	const at = placeOf(id, shards);
	const kb = size();
	// One in fifty is open on an evening, and saves every few seconds at most; what is larger is worked on more.
	const rate = any.next() < 0.02 ? Math.min(1, (kb / kilobytes) * 0.05) : 0;
	bytes[at] += kb;
	saves[at] += rate;
	total += kb;
	all += rate;
	largest = Math.max(largest, kb);
	busiest = Math.max(busiest, rate);
	const then = placeOf(id, shards + 1);
	if (then !== at) moved++;
	if (then !== at && then !== shards) movedElsewhere++;
}
const over = (list) => `${((100 * Math.max(...list)) / (list.reduce((a, b) => a + b, 0) / list.length) - 100).toFixed(1)} % over the mean`;
const GB = total / 1024 / 1024;
for (const line of [
	`${workshops} workshops of ${kilobytes} kB on ${shards} databases: ${GB.toFixed(0)} GB, ${(GB / shards).toFixed(1)} GB each`,
	`the fullest has ${over(bytes)}`,
	`the largest workshop is ${(largest / 1024).toFixed(0)} MB, ${((100 * largest) / (total / shards)).toFixed(2)} % of a database`,
	`on an evening ${all.toFixed(0)} saves a second, ${(all / shards).toFixed(0)} each; the busiest has ${over(saves)}`,
	`one workshop makes at most ${busiest} a second`,
	`with one more, ${((100 * moved) / workshops).toFixed(2)} % move (its share is ${(100 / (shards + 1)).toFixed(2)} %), ${movedElsewhere} of them anywhere else`,
])
	console.log(line);
