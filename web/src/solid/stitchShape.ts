import { BufferGeometry, Float32BufferAttribute, SphereGeometry, Vector3 } from 'three';
import type { StitchLook, Strand } from './looks';

/** How finely a stitch is drawn: rings along a strand of yarn, points around it, fibres that stand off it. */
interface Detail {
	along: number;
	around: number;
	fibres: number;
}

const DETAILS: readonly (readonly [upTo: number, Detail])[] = [
	[1_600, { along: 9, around: 9, fibres: 16 }],
	[4_000, { along: 6, around: 6, fibres: 10 }],
	[12_000, { along: 4, around: 5, fibres: 4 }],
	[Number.POSITIVE_INFINITY, { along: 2, around: 4, fibres: 0 }],
];

/** Plies of the yarn, how deep the grooves between them are, and how often they go around on a leg. */
const PLIES = 3;
const GROOVE = 0.13;
const TWIST = 1.1;
/** Half the thickness of a leg in its middle, of a stitch one wide and one high. */
const THICK = 0.285;
/** Of two strands that are held together each is so much thinner, and lies so far from their middle. */
const HALF = 0.66;
const APART = 0.46;
/** A pile is thicker than plies, and uneven. */
const PILE = 1.16;
const UNEVEN = 0.2;
const FIBRE_LONG = 0.4;
const FIBRE_WIDE = 0.035;
/** The fabric’s middle is where the core says that it lies: legs reach a little beyond it. */
const SUNK = 0.33;
/** What lies deep is in the shade of its neighbours. */
const DEEP = -0.16 - SUNK;
const HIGH = 0.34 - SUNK;

type Point = readonly [x: number, y: number, z: number];

/** A bend through three points, of which the middle one draws it to itself. */
interface Bend {
	from: Point;
	by: Point;
	to: Point;
	/** half its thickness in the middle, against that of a leg */
	thick?: number;
	/** drawn all around: what is turned inwards is seen */
	isFree?: boolean;
	turns?: 1 | -1;
}

/** The two legs of a V, from the stitch below, or from a height above that, to the sides of the top. */
const legs = (foot = -0.66, thick = 1): Bend[] =>
	([-1, 1] as const).map((side) => ({
		from: [side * 0.06, foot, -0.1 - SUNK],
		by: [side * 0.29, foot + 0.43 * (0.6 - foot), 0.2 - SUNK],
		to: [side * 0.34, 0.6, -0.06 - SUNK],
		thick,
		turns: side,
	}));

/** What each look is made of, in a stitch one wide and one high; a lump is none of these. */
const BENDS: Record<Exclude<StitchLook, 'lump'>, Bend[]> = {
	plain: legs(),
	// The V sits on a post, about which the yarn was laid before.
	tall: [
		...legs(0.1, 0.9),
		{ from: [0.05, -0.66, -0.08 - SUNK], by: [0.16, -0.25, 0.16 - SUNK], to: [-0.05, 0.24, -0.06 - SUNK], thick: 0.8, turns: 1 },
		{ from: [-0.1, -0.66, -0.12 - SUNK], by: [-0.2, -0.25, 0.1 - SUNK], to: [0.08, 0.24, -0.06 - SUNK], thick: 0.8, turns: -1 },
		{ from: [-0.3, -0.3, -0.12 - SUNK], by: [0, -0.08, 0.34 - SUNK], to: [0.3, 0.06, -0.12 - SUNK], thick: 0.6 },
	],
	// Two strands side by side along the fabric, as a chain lies.
	chain: ([-1, 1] as const).map((side) => ({
		from: [-0.62, side * 0.06, -0.02 - SUNK],
		by: [0.05, side * 0.52, 0.34 - SUNK],
		to: [0.6, side * 0.3, -0.02 - SUNK],
		turns: side,
	})),
	loop: [
		...legs(),
		...([-1, 1] as const).map(
			(side): Bend => ({ from: [side * 0.1, 0, -0.1], by: [side * 0.5, 0.1, 1.1], to: [0, -1.1, 1.15], thick: 0.5, isFree: true, turns: side }),
		),
	],
	ridge: [...legs(), { from: [0.02, -0.85, -0.05 - SUNK], by: [0, -0.1, 0.7 - SUNK], to: [0, 0.62, -0.05 - SUNK], thick: 1.1 }],
	bar: [{ from: [-0.56, 0.02, -0.1 - SUNK], by: [0, -0.1, 0.5 - SUNK], to: [0.56, 0.02, -0.1 - SUNK], thick: 0.62 }],
};

const at = ({ from, by, to }: Bend, share: number): Vector3 => {
	const rest = 1 - share;
	return new Vector3(...from)
		.multiplyScalar(rest * rest)
		.addScaledVector(new Vector3(...by), 2 * rest * share)
		.addScaledVector(new Vector3(...to), share * share);
};

/** Of the same place always the same, −1 to 1, and of the next another. */
const unlike = (n: number): number => 2 * Math.abs((Math.sin(n * 12.9898) * 43758.5453) % 1) - 1;

/** What a shape is made of, as it grows: points, the shade that lies on each, and the faces between them. */
interface Made {
	points: number[];
	shades: number[];
	faces: number[];
}

function strand(made: Made, bend: Bend, how: Strand, detail: Detail): void {
	const first = made.points.length / 3;
	const turns = bend.turns ?? 1;
	const ring = detail.around + 1;
	for (let i = 0; i <= detail.along; i++) {
		const share = i / detail.along;
		const way = at(bend, Math.min(1, share + 0.01))
			.sub(at(bend, Math.max(0, share - 0.01)))
			.normalize();
		const out = new Vector3(0, 0, 1).addScaledVector(way, -way.z).normalize();
		const across = new Vector3().crossVectors(way, out);
		const full = THICK * (bend.thick ?? 1) * (0.62 + 0.38 * Math.sin(Math.PI * share));
		const middle = at(bend, share);
		let thick = full;
		if (how.ply !== null) {
			// Two strands wind about one another.
			const angle = (how.ply === 0 ? 0 : Math.PI) + turns * TWIST * Math.PI * share;
			middle.addScaledVector(out, Math.cos(angle) * full * APART).addScaledVector(across, Math.sin(angle) * full * APART);
			thick = full * HALF;
		}
		for (let n = 0; n <= detail.around; n++) {
			// What is turned inwards is never seen.
			const angle = bend.isFree === true || how.ply !== null ? (2 * Math.PI * n) / detail.around : -0.68 * Math.PI + (1.36 * Math.PI * n) / detail.around;
			const ply =
				how.texture === 'plush' ? unlike(i * 31 + (n % detail.around) * 7 + first) : Math.cos(PLIES * angle - turns * TWIST * 2 * Math.PI * share);
			const radius = thick * (how.texture === 'plush' ? PILE * (1 + UNEVEN * ply) : 1 - GROOVE / 2 + (GROOVE / 2) * ply);
			const point = middle
				.clone()
				.addScaledVector(out, Math.cos(angle) * radius)
				.addScaledVector(across, Math.sin(angle) * radius);
			made.points.push(point.x, point.y, point.z);
			const height = Math.min(1, Math.max(0, (point.z - DEEP) / (HIGH - DEEP)));
			const shade = how.texture === 'plush' ? 0.62 + 0.38 * height : (0.36 + 0.64 * height ** 0.8) * (0.9 + 0.1 * ply);
			made.shades.push(shade, shade, shade);
		}
	}
	for (let i = 0; i < detail.along; i++) {
		for (let n = 0; n < detail.around; n++) {
			const [a, b] = [first + i * ring + n, first + (i + 1) * ring + n];
			made.faces.push(a, a + 1, b, a + 1, b + 1, b);
		}
	}
}

/** Fibres that stand off a strand, each a thin blade. */
function fibres(made: Made, bend: Bend, count: number): void {
	for (let i = 0; i < count; i++) {
		const from = at(bend, (i + 0.5) / count);
		const aside = unlike(i * 3 + 1);
		const tip = from
			.clone()
			.add(new Vector3(aside * FIBRE_LONG, unlike(i * 5 + 2) * FIBRE_LONG, THICK + FIBRE_LONG * (0.4 + 0.4 * Math.abs(unlike(i * 7 + 3)))));
		const first = made.points.length / 3;
		for (const point of [from.clone().setX(from.x - FIBRE_WIDE), from.clone().setX(from.x + FIBRE_WIDE), tip]) made.points.push(point.x, point.y, point.z);
		made.shades.push(0.7, 0.7, 0.7, 0.7, 0.7, 0.7, 1.05, 1.05, 1.05);
		made.faces.push(first, first + 1, first + 2, first + 1, first, first + 2);
	}
}

/** A stitch from outside, one wide and one high. Its colours are the shade that lies on it, to be taken times the yarn's. `many`: so many are drawn. */
export function stitchShape(look: StitchLook, how: Strand, many: number): BufferGeometry {
	if (look === 'lump') return lumpShape();
	const detail = DETAILS.find(([upTo]) => many <= upTo)?.[1] ?? { along: 2, around: 4, fibres: 0 };
	const made: Made = { points: [], shades: [], faces: [] };
	for (const bend of BENDS[look]) {
		strand(made, bend, how, detail);
		if (how.texture === 'fuzzy') fibres(made, bend, detail.fibres);
	}
	return shapeOf(made);
}

/** A bobble or a puff: a lump that stands out, drawn together at both ends. */
function lumpShape(): BufferGeometry {
	const sphere = new SphereGeometry(0.62, 14, 10);
	const position = sphere.getAttribute('position');
	const points: number[] = [];
	const shades: number[] = [];
	for (let i = 0; i < position.count; i++) {
		const [x, y, z] = [position.getX(i), position.getY(i), position.getZ(i)];
		const groove = Math.cos(5 * Math.atan2(x, z + 0.01));
		points.push(x * (1 + 0.05 * groove), y * 0.95, (z + 0.18) * (1 + 0.05 * groove));
		const shade = Math.min(1, 0.42 + 0.75 * Math.max(0, z + 0.18)) * (0.94 + 0.06 * groove);
		shades.push(shade, shade, shade);
	}
	const faces = [...(sphere.getIndex()?.array ?? [])];
	sphere.dispose();
	return shapeOf({ points, shades, faces });
}

function shapeOf({ points, shades, faces }: Made): BufferGeometry {
	const shape = new BufferGeometry();
	shape.setAttribute('position', new Float32BufferAttribute(points, 3));
	shape.setAttribute('color', new Float32BufferAttribute(shades, 3));
	shape.setIndex(faces);
	shape.computeVertexNormals();
	return shape;
}
