import type { Round } from '../api/types';

/** Stitches side by side in a round, from the first to the last. */
export interface Run {
	round: number;
	from: number;
	to: number;
}

/** The stitches of a stroke as runs. */
export function runsOf(stroke: ReadonlyMap<number, ReadonlySet<number>>): Run[] {
	const runs: Run[] = [];
	for (const [round, cells] of stroke) {
		let run: Run | undefined;
		for (const stitch of [...cells].sort((a, b) => a - b)) {
			if (run !== undefined && stitch === run.to + 1) run.to = stitch;
			else {
				run = { round, from: stitch, to: stitch };
				runs.push(run);
			}
		}
	}
	return runs;
}

/** The letter of the yarn that a stitch of a round is in. */
export function yarnOf(runs: Round['runs'], stitch: number): string {
	let end = 0;
	for (const run of runs) {
		end += run.stitches;
		if (stitch <= end) return run.yarn;
	}
	return '';
}
