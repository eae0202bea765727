import {
	BufferGeometry,
	CatmullRomCurve3,
	Color,
	CylinderGeometry,
	DoubleSide,
	Euler,
	Float32BufferAttribute,
	Group,
	InstancedMesh,
	Line,
	LineBasicMaterial,
	Matrix4,
	Mesh,
	MeshBasicMaterial,
	MeshLambertMaterial,
	MeshPhongMaterial,
	Quaternion,
	SphereGeometry,
	TubeGeometry,
	Vector3,
} from 'three';
import { mergeGeometries } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import { NO_YARN, type ShownYarn, type StitchLook, type Strand, strandsOf } from './looks';
import type { Seat, Solid } from './solid';
import { stitchShape } from './stitchShape';

/** How far below the stitches their backs lie, in stitch heights: what is seen between them is the fabric's inside. */
const BACK = 0.45;
/** From the foot of a V to its top, and from its middle to that, in stitch heights. */
const HIGH = 1.26;
const TOP = 0.6;

export interface Look {
	yarns: ReadonlyMap<string, ShownYarn>;
	/** stitches that a round sits back against the working direction, on the viewer's side */
	lean: number;
	/** 1: right-handed, -1: left-handed */
	working: 1 | -1;
	hasMarker: boolean;
	/** marks of parts that are no pieces of the plan */
	hasMarks: boolean;
	picked: ReadonlySet<number>;
}

/** What is seen between the stitches: their backs, in the shade. It closes the piece, so that nothing shines through. */
function liningOf({ backs, stitchHeight }: Solid, yarns: Look['yarns']): BufferGeometry {
	const points: number[] = [];
	const shades: number[] = [];
	const colour = new Color();
	const sink = BACK * stitchHeight;
	const inward = ({ x, y, z }: { x: number; y: number; z: number }): [number, number, number] => {
		const out = Math.hypot(x, z);
		const share = out < 1e-6 ? 0 : Math.max(0, out - sink) / out;
		return [x * share, y - Math.sign(y) * sink * (1 - Math.min(1, out / (4 * sink + 1e-6))), z * share];
	};
	backs.forEach((ring, i) => {
		const next = backs[i + 1];
		if (next === undefined) return;
		ring.forEach((from, n) => {
			const to = ring[(n + 1) % ring.length];
			const [above, beside] = [next[n], next[(n + 1) % next.length]];
			if (to === undefined || above === undefined || beside === undefined) return;
			colour.set(yarns.get(above.yarn)?.hex ?? NO_YARN).multiplyScalar(0.4);
			for (const point of [from, to, above, to, beside, above]) {
				points.push(...inward(point));
				shades.push(colour.r, colour.g, colour.b);
			}
		});
	});
	const geometry = new BufferGeometry();
	geometry.setAttribute('position', new Float32BufferAttribute(points, 3));
	geometry.setAttribute('color', new Float32BufferAttribute(shades, 3));
	return geometry;
}

interface DrawnAlike {
	look: StitchLook;
	strand: Strand;
	seats: Seat[];
	/** the colour of each */
	hexes: string[];
}

/** Stitches of one look in yarns of one kind: they are drawn at one go. Of two strands that are held together each is drawn for itself. */
function drawnAlike(seats: readonly Seat[], yarns: Look['yarns']): DrawnAlike[] {
	const alike = new Map<string, DrawnAlike>();
	for (const seat of seats) {
		for (const { hex, ...strand } of strandsOf(yarns.get(seat.yarn))) {
			const key = `${seat.look} ${strand.texture} ${strand.ply}`;
			const one = alike.get(key) ?? { look: seat.look, strand, seats: [], hexes: [] };
			alike.set(key, one);
			one.seats.push(seat);
			one.hexes.push(hex);
		}
	}
	return [...alike.values()];
}

/** A piece that can be looked at: one drawing for all its stitches of a kind. */
export class PieceMesh {
	readonly group = new Group();
	readonly #solid: Solid;
	readonly #stitches: { mesh: InstancedMesh; seats: Seat[] }[] = [];

	constructor(solid: Solid, look: Look) {
		this.#solid = solid;
		for (const { look: one, strand, seats, hexes } of drawnAlike(solid.seats, look.yarns)) {
			this.#add(seats, stitchShape(one, strand, seats.length), hexes, one, look);
		}
		this.group.add(new Mesh(liningOf(solid, look.yarns), new MeshBasicMaterial({ vertexColors: true, side: DoubleSide })));
		if (look.hasMarker && solid.marker.length > 1) {
			const line = new BufferGeometry().setFromPoints(solid.marker.map(({ x, y, z }) => new Vector3(x * 1.03, y, z * 1.03)));
			this.group.add(new Line(line, new LineBasicMaterial({ color: '#20262a' })));
		}
		this.#addThings(look);
		this.#addThreads(look);
	}

	#add(seats: Seat[], shape: BufferGeometry, hexes: string[], look: StitchLook, { lean, working, picked }: Look): void {
		const mesh = new InstancedMesh(shape, new MeshLambertMaterial({ vertexColors: true }), seats.length);
		const leaning = new Matrix4();
		// What lies along the fabric or stands out of it does not lean.
		const upright = look === 'chain' || look === 'bar' || look === 'lump' || look === 'loop';
		// Where round 1 is above, tops point down; loops hang.
		const over = new Matrix4().makeRotationZ(this.#solid.isTopDown && look !== 'loop' ? Math.PI : 0);
		const matrix = new Matrix4();
		const turn = new Quaternion();
		const place = new Vector3();
		const size = new Vector3();
		const around = new Euler(0, 0, 0, 'YXZ');
		const colour = new Color();
		seats.forEach((seat, i) => {
			around.set(seat.slope, seat.around, 0);
			turn.setFromEuler(around);
			place.set(seat.x, seat.y, seat.z);
			size.set(seat.width * 1.02, seat.height * 1.02, Math.min(seat.width, seat.height));
			// The top of a stitch sits back against the working direction, by the lean for each round's height; its foot is where it was worked.
			const aside = (working * seat.foot) / HIGH;
			leaning.makeShear(0, 0, upright ? 0 : lean + aside, 0, 0, 0).setPosition(upright ? 0 : (this.#solid.isTopDown ? aside : -aside) * TOP, 0, 0);
			mesh.setMatrixAt(i, matrix.compose(place, turn, size).multiply(leaning).multiply(over));
			colour.set(hexes[i] ?? NO_YARN);
			if (picked.has(seat.round)) colour.offsetHSL(0, 0, colour.getHSL({ h: 0, s: 0, l: 0 }).l > 0.5 ? -0.16 : 0.16);
			mesh.setColorAt(i, colour);
		});
		this.#stitches.push({ mesh, seats });
		this.group.add(mesh);
	}

	/** Eyes, noses, buttons and beads as large as they are bought; marks as dots. */
	#addThings({ hasMarks }: Look): void {
		const usual = Math.max(1.6, this.#solid.reach / 22);
		for (const { x, y, z, kind, mm, out } of this.#solid.placed) {
			const radius = mm === null ? usual : mm / 2;
			const isDark = kind === 'eyes' || kind === 'nose';
			const isThing = isDark || kind === 'buttons' || kind === 'beads';
			if (!isThing && !hasMarks) continue;
			const shape =
				kind === 'buttons' ? new CylinderGeometry(radius, radius, radius * 0.35, 24).rotateX(Math.PI / 2) : new SphereGeometry(radius, 20, 14);
			if (isDark) shape.scale(1, kind === 'nose' ? 0.75 : 1, 0.7);
			const thing = new Mesh(
				shape,
				isDark ? new MeshPhongMaterial({ color: '#15181a', specular: '#9a9a9a', shininess: 60 }) : new MeshLambertMaterial({ color: '#fdfcfa' }),
			);
			thing.position.set(x, y, z);
			thing.lookAt(x + out.x, y + out.y, z + out.z);
			this.group.add(thing);
		}
	}

	/** All threads of the piece as one. */
	#addThreads({ yarns }: Look): void {
		const colour = new Color();
		const tubes = this.#solid.threads.map(({ yarn, points }) => {
			const way = new CatmullRomCurve3(points.map(({ x, y, z }) => new Vector3(x, y, z)));
			const tube = new TubeGeometry(way, 10, Math.max(0.6, this.#solid.stitchHeight * 0.2), 6);
			colour.set(yarns.get(yarn)?.hex ?? NO_YARN);
			const shades = new Float32Array(tube.getAttribute('position').count * 3);
			for (let i = 0; i < shades.length; i += 3) shades.set([colour.r, colour.g, colour.b], i);
			tube.setAttribute('color', new Float32BufferAttribute(shades, 3));
			return tube;
		});
		if (tubes.length === 0) return;
		this.group.add(new Mesh(mergeGeometries(tubes), new MeshLambertMaterial({ vertexColors: true })));
		for (const tube of tubes) tube.dispose();
	}

	get meshes(): InstancedMesh[] {
		return this.#stitches.map(({ mesh }) => mesh);
	}

	/** The stitch of an instance. */
	seatOf(mesh: unknown, instance: number): Seat | null {
		return this.#stitches.find((one) => one.mesh === mesh)?.seats[instance] ?? null;
	}

	dispose(): void {
		for (const child of this.group.children) {
			if (!(child instanceof Mesh || child instanceof Line)) continue;
			child.geometry.dispose();
			child.material.dispose();
			if (child instanceof InstancedMesh) child.dispose();
		}
		this.group.clear();
	}
}
