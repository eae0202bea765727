import type { PieceAnalysis } from '../api/types';
import { climbsOf } from '../chart/geometry';
import { yarnOf } from '../chart/runs';
import { edgesOf, NOWHERE, pointOn } from './edges';
import type { StitchLook } from './looks';

/** One stitch on the piece in the round: mm, the front towards the viewer, round 1 at the top. */
export interface Seat {
	round: number;
	stitch: number;
	yarn: string;
	/** where its middle is */
	x: number;
	y: number;
	z: number;
	/** radians around the axis, 0 at the front */
	around: number;
	/** radians that its upper end is tilted towards the viewer, as it stands at the front */
	slope: number;
	width: number;
	height: number;
	look: StitchLook;
	/** so far on in the working direction its foot is, in its widths */
	foot: number;
}

export interface Solid {
	seats: Seat[];
	/** round 1 is above, so that the tops of stitches point down */
	isTopDown: boolean;
	/** of a single crochet */
	stitchHeight: number;
	/** the marker's way over the piece */
	marker: { x: number; y: number; z: number }[];
	/** where eyes and limbs are set */
	placed: { x: number; y: number; z: number; kind: string; mm: number | null; out: { x: number; y: number; z: number } }[];
	/** what is embroidered: points along each stroke */
	threads: { yarn: string; points: { x: number; y: number; z: number }[] }[];
	/** the fabric's inside: rings of points on the edges between rounds, each with the yarn of the round that ends there */
	backs: { x: number; y: number; z: number; yarn: string }[][];
	/** the greatest distance from the middle */
	reach: number;
}

/** Radians that a leaf or a loop stands off the fabric. */
const OUT = 0.5;

/** Straight stretches that a thread's stroke is laid in, and how far it lies above the fabric. */
const STRETCHES = 6;
const ABOVE_MM = 1.4;

/** Half the thickness of what lies flat. */
const THICK_MM = 0.8;

/** Points that the inside is drawn with, around. */
const AROUND = 48;

type Edge = PieceAnalysis['changes'][number]['edge'];

/** A line's height, so many stitches from a round's end. */
function heightOf(points: Edge['before'], stitches: number): number {
	const after = points.findIndex(([at = 0]) => stitches <= at);
	const [before = [0, 0], next = before] = after < 0 ? points.slice(-1) : after === 0 ? points.slice(0, 1) : points.slice(after - 1, after + 1);
	const [[x0 = 0, y0 = 0], [x1 = 0, y1 = 0]] = [before, next];
	return x1 === x0 ? y0 : y0 + ((y1 - y0) * (stitches - x0)) / (x1 - x0);
}

/** The lower and upper end of a stitch, in rounds from the round's lower edge, as the jogs at its round's two ends leave it. */
function edgesAt(jogs: ReadonlyMap<number, Edge>, round: number, at: number, makes: number): [number, number] {
	const [before, own] = [jogs.get(round - 1), jogs.get(round)];
	const isFirst = at < makes / 2;
	// What is worked last lies above the round's own beginning, and below the beginning of the next.
	if (isFirst) return [before === undefined ? 0 : heightOf(before.after, at), 1 + (own === undefined ? 0 : heightOf(own.after, at))];
	return [before === undefined ? 0 : heightOf(before.before, at - makes) - 1, own === undefined ? 1 : heightOf(own.before, at - makes)];
}

interface How {
	/** as it will stand; else as it lies before */
	isStuffed: boolean;
	isLeftHanded: boolean;
	/** of the tops that are no plain V, by their signs */
	looks: Readonly<Record<string, StitchLook>>;
}

/** Every stitch's seat, from what the core says of the rounds. */
export function solidOf(piece: PieceAnalysis, { isStuffed, isLeftHanded, looks }: How): Solid {
	const { gauge } = piece;
	const edges = edgesOf(piece, isStuffed);
	const top = edges.at(-1)?.level ?? 0;
	const middle = top / 2;
	// Round 1 at the bottom turns the piece over: what ran to the right runs to the left.
	const up = piece.beginsAtTop ? 1 : -1;
	const side = (isLeftHanded ? -1 : 1) * up;
	const isFlat = piece.worked === 'rows';
	const front = piece.frontDegrees / 360;
	const seats: Seat[] = [];
	let reach = 1;
	const lobes = (isStuffed && piece.size?.lobes) || [];
	const lengthwise = (piece.size?.straightDegrees ?? 0) / 360;
	const at = (turn: number, wide: number, level: number, straight = 0) => {
		const lobe = lobes[Math.floor((((turn - front) % 1) + 1) * lobes.length) % lobes.length] ?? 1;
		const to = (lengthwise - front) * 2 * Math.PI * side;
		const { along, across, out } = pointOn(wide, straight, turn - lengthwise);
		return {
			x: lobe * (along * Math.sin(to) + side * across * Math.cos(to)),
			y: (middle - level) * up,
			z: lobe * (along * Math.cos(to) - side * across * Math.sin(to)),
			around: to + side * out,
		};
	};
	const jogs = new Map(piece.changes.filter(({ jog }) => jog).map((change) => [change.treated, change.edge]));
	piece.rounds.forEach((round, i) => {
		const below = edges[i] ?? NOWHERE;
		const above = edges[i + 1] ?? below;
		const radius = (below.radius + above.radius) / 2;
		const level = (below.level + above.level) / 2;
		const straight = (below.straight + above.straight) / 2;
		const rise = above.level - below.level;
		const slope = Math.atan2(above.radius - below.radius, Math.max(1e-6, rise));
		const height = Math.max(gauge.roundHeightMm * 0.5, Math.hypot(rise, above.radius - below.radius));
		const climbs = climbsOf(round);
		let stitch = 0;
		for (const run of round.runs) {
			for (let n = 0; n < run.stitches; n++) {
				stitch++;
				const share = (stitch - 0.5) / round.makes;
				if (isFlat) {
					const forth = round.number % 2 === 1 ? share - 0.5 : 0.5 - share;
					const x = forth * side * round.makes * gauge.stitchWidthMm;
					const y = (middle - level) * up;
					const look = looks[round.tops.charAt(stitch - 1)] ?? 'plain';
					const foot = round.feet[stitch - 1] ?? 0;
					const seat = {
						round: round.number,
						stitch,
						yarn: run.yarn,
						x,
						y,
						slope: 0,
						width: gauge.stitchWidthMm,
						height: round.heightMm,
						look,
						foot,
					};
					// It is seen from both sides.
					seats.push({ ...seat, z: THICK_MM, around: 0 }, { ...seat, z: -THICK_MM, around: Math.PI });
					reach = Math.max(reach, Math.hypot(x, y));
					continue;
				}
				// A spiral climbs by one round in a turn: that is the step where the yarn changes.
				const [begins, ends] = climbs.find(([, last]) => stitch <= last) ?? [0, round.makes];
				const climbed = piece.worked === 'spiral' ? (stitch - 0.5 - begins) / (ends - begins) - 0.5 : 0;
				// Beside a jog a stitch is as high as the edge between the colours lets it be.
				const [low, high] = piece.worked === 'spiral' ? edgesAt(jogs, round.number, stitch - 0.5, round.makes) : [0, 1];
				const raised = climbed + (low + high - 1) / 2;
				const seat = at(round.startDegrees / 360 + share, radius + raised * (above.radius - below.radius), level + raised * rise, straight);
				seats.push({
					round: round.number,
					stitch,
					yarn: run.yarn,
					...seat,
					slope: -slope * up,
					look: looks[round.tops.charAt(stitch - 1)] ?? 'plain',
					foot: round.feet[stitch - 1] ?? 0,
					width: (2 * Math.PI * Math.max(radius, 0.3) + 2 * straight) / round.makes,
					height: height * (high - low),
				});
				reach = Math.max(reach, Math.hypot(seat.x, seat.y, seat.z));
			}
		}
		if (!isFlat) {
			// Loops that stay free below a stitch are those of the round below, in its yarn.
			const before = piece.rounds[i - 1];
			for (const [first = 1, last = 0] of before === undefined ? [] : round.ridges) {
				for (let one = first; one <= last; one++) {
					const turn = round.startDegrees / 360 + (one - 0.5) / round.makes;
					const along = before === undefined ? 0 : (((turn - before.startDegrees / 360) % 1) + 1) % 1;
					const climbed = piece.worked === 'spiral' ? (one - 0.5) / round.makes - 0.5 : 0;
					const seat = at(turn, below.radius + climbed * (above.radius - below.radius), below.level + climbed * rise, below.straight);
					const under = Math.floor(along * (before?.makes ?? 1)) + 1;
					seats.push({
						round: i,
						stitch: under,
						yarn: yarnOf(before?.runs ?? round.runs, under),
						...seat,
						slope: -slope * up,
						width: (2 * Math.PI * Math.max(below.radius, 0.3) + 2 * below.straight) / round.makes,
						height,
						look: 'bar',
						foot: 0,
					});
				}
			}
			for (const [after = 0, long = 0, wide = 1] of round.out) {
				const turn = round.startDegrees / 360 + after / round.makes;
				const own = yarnOf(round.runs, Math.max(1, after));
				// It goes on where the fabric leads, a little outwards.
				const lean = Math.min(Math.PI / 2, slope + OUT);
				const step = gauge.stitchWidthMm * 0.8;
				for (let far = step / 2; far < long * gauge.stitchWidthMm; far += step) {
					const seat = at(turn, above.radius + far * Math.sin(lean), above.level + far * Math.cos(lean), above.straight);
					const taper = 1 - 0.6 * (far / (long * gauge.stitchWidthMm));
					seats.push({
						round: round.number,
						stitch: Math.max(1, after),
						yarn: own,
						...seat,
						slope: -lean * up,
						width: wide * gauge.stitchWidthMm * taper,
						height: step * 1.2,
						look: 'plain',
						foot: 0,
					});
					reach = Math.max(reach, Math.hypot(seat.x, seat.y, seat.z));
				}
			}
		}
	});
	const onEdge = (turn: number, i: number, out: number) => {
		const edge = edges[i + 1] ?? NOWHERE;
		return at(turn, edge.radius + out, edge.level, edge.straight);
	};
	/** Away from the fabric at a round's edge. */
	const outwards = (around: number, round: number) => {
		const [below, above] = [edges[round - 1] ?? NOWHERE, edges[round + 1] ?? edges[round] ?? NOWHERE];
		const tilt = Math.atan2(above.radius - below.radius, Math.max(1e-6, above.level - below.level));
		return { x: Math.sin(around) * Math.cos(tilt), y: Math.sin(tilt) * up, z: Math.cos(around) * Math.cos(tilt) };
	};
	const backs = isFlat
		? []
		: edges.map(({ radius, level, straight }, i) => {
				const round = piece.rounds[Math.max(0, i - 1)];
				return Array.from({ length: AROUND }, (_, n) => {
					const turn = n / AROUND;
					const along = round === undefined ? 0 : (((turn - round.startDegrees / 360) % 1) + 1) % 1;
					return { ...at(turn, radius, level, straight), yarn: round === undefined ? '' : yarnOf(round.runs, Math.floor(along * round.makes) + 1) };
				});
			});
	return {
		seats,
		backs,
		marker: isFlat ? [] : piece.rounds.map((round, i) => onEdge(round.markerDegrees / 360, i, 1.2)),
		isTopDown: piece.beginsAtTop,
		stitchHeight: gauge.roundHeightMm,
		placed: isFlat
			? []
			: piece.placed.flatMap(({ round, degrees, kind, mm }) =>
					degrees.map((degree) => {
						const { x, y, z, around } = onEdge(degree / 360, round - 1, 1);
						return { kind, mm, x, y, z, out: outwards(around, round) };
					}),
				),
		threads: piece.threads.flatMap(({ yarn, strokes }) =>
			strokes.map(([level = 0, degrees = 0, toLevel = 0, toDegrees = 0]) => ({
				yarn,
				points: Array.from({ length: STRETCHES + 1 }, (_, i) => {
					const along = level + ((toLevel - level) * i) / STRETCHES;
					const index = Math.min(edges.length - 2, Math.max(0, Math.floor(along)));
					const [below, above] = [edges[index] ?? NOWHERE, edges[index + 1] ?? NOWHERE];
					const share = along - index;
					const of = (one: number, other: number) => one + share * (other - one);
					return at(
						(degrees + ((toDegrees - degrees) * i) / STRETCHES) / 360,
						of(below.radius, above.radius) + ABOVE_MM,
						of(below.level, above.level),
						of(below.straight, above.straight),
					);
				}),
			})),
		),
		reach,
	};
}
