import { BufferGeometry, Float32BufferAttribute, SphereGeometry, Vector3 } from 'three';

/** How finely a stitch is drawn: rings along a leg, points around it. */
interface Detail {
	along: number;
	around: number;
}

const DETAILS: readonly (readonly [upTo: number, Detail])[] = [
	[1_600, { along: 9, around: 9 }],
	[4_000, { along: 6, around: 6 }],
	[12_000, { along: 4, around: 5 }],
	[Number.POSITIVE_INFINITY, { along: 2, around: 4 }],
];

/** Plies of the yarn, how deep the grooves between them are, and how often they go around on a leg. */
const PLIES = 3;
const GROOVE = 0.13;
const TWIST = 1.1;
/** Half the thickness of a leg in its middle, of a stitch one wide and one high. */
const THICK = 0.285;
/** The fabric’s middle is where the core says that it lies: legs reach a little beyond it. */
const SUNK = 0.33;
/** What lies deep is in the shade of its neighbours. */
const DEEP = -0.16 - SUNK;
const HIGH = 0.34 - SUNK;

/** A leg of the V, from the stitch below to its own side of the top. */
function legAt(share: number, side: number): Vector3 {
	const from = new Vector3(side * 0.06, -0.66, -0.1 - SUNK);
	const by = new Vector3(side * 0.29, -0.12, 0.2 - SUNK);
	const to = new Vector3(side * 0.34, 0.6, -0.06 - SUNK);
	const rest = 1 - share;
	return from
		.multiplyScalar(rest * rest)
		.addScaledVector(by, 2 * rest * share)
		.addScaledVector(to, share * share);
}

/** A stitch from outside, one wide and one high: a V of plied yarn. Its colours are the shade that lies on it, to be taken times the yarn's. */
export function stitchShape(many: number): BufferGeometry {
	const detail = DETAILS.find(([upTo]) => many <= upTo)?.[1] ?? { along: 2, around: 4 };
	const points: number[] = [];
	const shades: number[] = [];
	const faces: number[] = [];
	for (const side of [-1, 1]) {
		const first = points.length / 3;
		for (let i = 0; i <= detail.along; i++) {
			const share = i / detail.along;
			const middle = legAt(share, side);
			const way = legAt(Math.min(1, share + 0.01), side)
				.sub(legAt(Math.max(0, share - 0.01), side))
				.normalize();
			const out = new Vector3(0, 0, 1).addScaledVector(way, -way.z).normalize();
			const across = new Vector3().crossVectors(way, out);
			const thick = THICK * (0.62 + 0.38 * Math.sin(Math.PI * share));
			for (let n = 0; n <= detail.around; n++) {
				// What is turned inwards is never seen.
				const angle = -0.68 * Math.PI + (1.36 * Math.PI * n) / detail.around;
				const ply = Math.cos(PLIES * angle - side * TWIST * 2 * Math.PI * share);
				const radius = thick * (1 - GROOVE / 2 + (GROOVE / 2) * ply);
				const point = middle
					.clone()
					.addScaledVector(out, Math.cos(angle) * radius)
					.addScaledVector(across, Math.sin(angle) * radius);
				points.push(point.x, point.y, point.z);
				const height = Math.min(1, Math.max(0, (point.z - DEEP) / (HIGH - DEEP)));
				const shade = (0.36 + 0.64 * height ** 0.8) * (0.9 + 0.1 * ply);
				shades.push(shade, shade, shade);
			}
		}
		const ring = detail.around + 1;
		for (let i = 0; i < detail.along; i++) {
			for (let n = 0; n < detail.around; n++) {
				const [a, b] = [first + i * ring + n, first + (i + 1) * ring + n];
				faces.push(a, a + 1, b, a + 1, b + 1, b);
			}
		}
	}
	return shapeOf(points, shades, faces);
}

/** A bobble or a puff: a lump that stands out, drawn together at both ends. */
export function lumpShape(): BufferGeometry {
	const sphere = new SphereGeometry(0.62, 14, 10);
	const position = sphere.getAttribute('position');
	const points: number[] = [];
	const shades: number[] = [];
	for (let i = 0; i < position.count; i++) {
		const [x, y, z] = [position.getX(i), position.getY(i), position.getZ(i)];
		const strand = Math.cos(5 * Math.atan2(x, z + 0.01));
		points.push(x * (1 + 0.05 * strand), y * 0.95, (z + 0.18) * (1 + 0.05 * strand));
		const shade = Math.min(1, 0.42 + 0.75 * Math.max(0, z + 0.18)) * (0.94 + 0.06 * strand);
		shades.push(shade, shade, shade);
	}
	const faces = [...(sphere.getIndex()?.array ?? [])];
	sphere.dispose();
	return shapeOf(points, shades, faces);
}

function shapeOf(points: number[], shades: number[], faces: number[]): BufferGeometry {
	const shape = new BufferGeometry();
	shape.setAttribute('position', new Float32BufferAttribute(points, 3));
	shape.setAttribute('color', new Float32BufferAttribute(shades, 3));
	shape.setIndex(faces);
	shape.computeVertexNormals();
	return shape;
}
