// What the monkey does: acts drawn by chance from a seed, as plain values, so that a run can be played again without some of them.

import { STATIONS } from '../stations.mjs';

/** Numbers by chance from a seed, 0 to 1: mulberry32, public domain. */
export function chance(seed) {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = Math.imul(state ^ (state >>> 15), state | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

const VIEWS = ['Flat', 'Chart', 'From above'];
const WORDS = ['tide', 'lamp', 'rope', 'moor', 'swell', 'keel', 'buoy', 'reef'];

/** An act, and how often it comes. */
const KINDS = [
	[8, (any) => ({ does: 'title', to: `${any.of(WORDS)} ${any.whole(1, 999)}` })],
	[10, (any) => ({ does: 'line', line: any.whole(1, 10), to: `# ${any.of(WORDS)} ${any.whole(1, 999)}` })],
	[8, (any) => ({ does: 'letters', line: any.whole(1, 10), to: any.of(WORDS) })],
	[10, (any) => ({ does: 'paint', from: any.whole(1, 14), over: any.whole(0, 3), yarn: any.of(['A', 'B', 'C']) })],
	[4, (any) => ({ does: 'yarn', key: any.of(['A', 'B', 'C']), to: `${any.of(WORDS)} ${any.whole(1, 999)}` })],
	[2, () => ({ does: 'translate' })],
	[2, () => ({ does: 'copy' })],
	[9, () => ({ does: 'undo' })],
	[5, () => ({ does: 'redo' })],
	[6, (any) => ({ does: 'station', name: any.of(Object.keys(STATIONS)) })],
	[3, (any) => ({ does: 'view', name: any.of(VIEWS) })],
	[4, (any) => ({ does: 'pick', round: any.whole(1, 18) })],
	[3, (any) => ({ does: 'offline', ms: any.whole(100, 2500) })],
	[3, (any) => ({ does: 'slow', ms: any.whole(50, 900) })],
	[3, () => ({ does: 'lose' })],
	[2, () => ({ does: 'kill' })],
	[2, () => ({ does: 'reload' })],
	[2, () => ({ does: 'shelf' })],
	[1, (any) => ({ does: 'other', to: `${any.of(WORDS)} ${any.whole(1, 999)}` })],
	[4, () => ({ does: 'rest' })],
];

/** What an act is one step of undo with, where the same comes right after it; undefined: it changes nothing. */
const stepOf = ({ does, line, key }) => ({ title: 'title', line: `line ${line}`, letters: `line ${line}`, yarn: `yarn ${key}` })[does];

/** So many acts. None goes on with the step that the last change was: whether two are one is a matter of time, and of the page alone. */
export function actsBySeed(seed, count) {
	const random = chance(seed);
	const any = {
		of: (list) => list[Math.floor(random() * list.length)],
		whole: (from, to) => from + Math.floor(random() * (to - from + 1)),
	};
	const all = KINDS.reduce((sum, [weight]) => sum + weight, 0);
	const acts = [];
	let last;
	while (acts.length < count) {
		let at = random() * all;
		const kind = KINDS.find(([weight]) => {
			at -= weight;
			return at < 0;
		});
		const act = kind[1](any);
		const step = stepOf(act);
		if (step !== undefined && step === last) continue;
		last = ['paint', 'translate', 'copy'].includes(act.does) ? act.does : (step ?? last);
		acts.push(act);
	}
	return acts;
}
