import {
	AmbientLight,
	BoxGeometry,
	BufferGeometry,
	CapsuleGeometry,
	CatmullRomCurve3,
	Color,
	DirectionalLight,
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
	PerspectiveCamera,
	Quaternion,
	Raycaster,
	Scene,
	SphereGeometry,
	TubeGeometry,
	Vector2,
	Vector3,
	WebGLRenderer,
} from 'three';
import { mergeGeometries } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import type { Solid } from './solid';

/** A stitch as it is seen from outside: a small V of two rounded legs, one wide and one high. */
function stitchShape(isFine: boolean): BufferGeometry {
	const legs = [-1, 1].map((side) => {
		const leg = isFine ? new CapsuleGeometry(0.25, 0.72, 2, 7) : new BoxGeometry(0.46, 1.15, 0.5);
		leg.rotateZ(side * -0.36);
		leg.translate(side * 0.25, 0, 0);
		return leg;
	});
	const shape = mergeGeometries(legs);
	for (const leg of legs) leg.dispose();
	return shape;
}

/** From this many stitches on, their legs are plain. */
const MANY = 12_000;
/** How far below the stitches their backs lie, so that no light shines through between them. */
const BACK = 0.94;

/** What is seen between the stitches: their backs, in the shade. */
function backsOf({ backs }: Solid, colours: ReadonlyMap<string, string>): BufferGeometry {
	const points: number[] = [];
	const shades: number[] = [];
	const colour = new Color();
	backs.forEach((ring, i) => {
		const next = backs[i + 1];
		if (next === undefined) return;
		ring.forEach((from, n) => {
			const to = ring[(n + 1) % ring.length];
			const [above, beside] = [next[n], next[(n + 1) % next.length]];
			if (to === undefined || above === undefined || beside === undefined) return;
			colour.set(colours.get(above.yarn) ?? '#808080').multiplyScalar(0.5);
			for (const { x, y, z } of [from, to, above, to, beside, above]) {
				points.push(x * BACK, y, z * BACK);
				shades.push(colour.r, colour.g, colour.b);
			}
		});
	});
	const geometry = new BufferGeometry();
	geometry.setAttribute('position', new Float32BufferAttribute(points, 3));
	geometry.setAttribute('color', new Float32BufferAttribute(shades, 3));
	return geometry;
}

/** The piece as a picture that can be turned. It draws when something has changed, and rests else. */
export class RoundScene {
	readonly #renderer: WebGLRenderer;
	readonly #scene = new Scene();
	readonly #camera = new PerspectiveCamera(28, 1);
	readonly #group = new Group();
	/** Within what is turned: stands, or lies on its underside. */
	readonly #laid = new Group();
	readonly #shapes = { fine: stitchShape(true), plain: stitchShape(false) };
	readonly #material = new MeshLambertMaterial();
	#stitches: InstancedMesh | null = null;
	#solid: Solid | null = null;
	#frame = 0;

	/** @throws where the browser has no WebGL */
	constructor(canvas: HTMLCanvasElement) {
		this.#renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
		const light = new DirectionalLight('#ffffff', 1.9);
		light.position.set(-0.6, 1, 1.4);
		this.#group.add(this.#laid);
		// Lying, what was the front is above, and the end with the face looks at the viewer.
		this.#laid.rotation.order = 'YXZ';
		this.#scene.add(new AmbientLight('#ffffff', 1.5), light, this.#group);
	}

	show(
		solid: Solid,
		colours: ReadonlyMap<string, string>,
		lean: number,
		options: { hasMarker: boolean; isTurnedOver: boolean; lies: boolean; picked: ReadonlySet<number> },
	): void {
		this.#clear();
		this.#solid = solid;
		const mesh = new InstancedMesh(solid.seats.length < MANY ? this.#shapes.fine : this.#shapes.plain, this.#material, solid.seats.length);
		// The top of a stitch sits back against the working direction, by the lean for each round's height.
		const leaning = new Matrix4().makeShear(0, 0, -lean, 0, 0, 0);
		const matrix = new Matrix4();
		const turn = new Quaternion();
		const place = new Vector3();
		const size = new Vector3();
		const around = new Euler(0, 0, 0, 'YXZ');
		const colour = new Color();
		solid.seats.forEach((seat, i) => {
			around.set(seat.slope, seat.around, 0);
			turn.setFromEuler(around);
			place.set(seat.x, seat.y, seat.z);
			size.set(seat.width, seat.height * 1.04, Math.min(seat.width, seat.height) * 0.9);
			mesh.setMatrixAt(i, matrix.compose(place, turn, size).multiply(leaning));
			colour.set(colours.get(seat.yarn) ?? '#808080');
			if (options.picked.has(seat.round)) colour.offsetHSL(0, 0, colour.getHSL({ h: 0, s: 0, l: 0 }).l > 0.5 ? -0.16 : 0.16);
			mesh.setColorAt(i, colour);
		});
		this.#stitches = mesh;
		this.#laid.add(mesh, new Mesh(backsOf(solid, colours), new MeshBasicMaterial({ vertexColors: true, side: DoubleSide })));
		if (options.hasMarker && solid.marker.length > 1) {
			const line = new BufferGeometry().setFromPoints(solid.marker.map(({ x, y, z }) => new Vector3(x * 1.03, y, z * 1.03)));
			this.#laid.add(new Line(line, new LineBasicMaterial({ color: '#20262a' })));
		}
		for (const { x, y, z, kind } of solid.placed) {
			const dot = new Mesh(
				new SphereGeometry(Math.max(1.6, solid.reach / 22), 16, 12),
				new MeshLambertMaterial({ color: kind === 'eyes' || kind === 'nose' ? '#15181a' : '#fdfcfa' }),
			);
			dot.position.set(x, y, z);
			this.#laid.add(dot);
		}
		for (const { yarn, points } of solid.threads) {
			const way = new CatmullRomCurve3(points.map(({ x, y, z }) => new Vector3(x, y, z)));
			this.#laid.add(
				new Mesh(new TubeGeometry(way, 8, Math.max(0.7, solid.reach / 70), 6), new MeshLambertMaterial({ color: colours.get(yarn) ?? '#808080' })),
			);
		}
		this.#laid.rotation.set(options.lies ? -Math.PI / 2 : 0, options.lies ? Math.PI : 0, 0);
		this.#group.rotation.z = options.isTurnedOver ? Math.PI : 0;
		this.#fit();
	}

	resize(width: number, height: number): void {
		this.#renderer.setPixelRatio(window.devicePixelRatio);
		this.#renderer.setSize(width, height, false);
		this.#camera.aspect = width / Math.max(1, height);
		this.#fit();
	}

	/** Far enough away for the whole piece, in a narrow window too. */
	#fit(): void {
		const half = Math.tan(((this.#camera.fov / 2) * Math.PI) / 180) * Math.min(1, this.#camera.aspect);
		const reach = this.#solid?.reach ?? 1;
		const away = (reach * 1.12) / half + reach * 0.4;
		this.#camera.position.set(0, 0, away);
		this.#camera.near = away / 50;
		this.#camera.far = away + 2 * reach;
		this.#camera.updateProjectionMatrix();
		this.#camera.lookAt(0, 0, 0);
		this.draw();
	}

	/** Turns the piece: radians about its axis, and towards the viewer. */
	turn(about: number, over: number): void {
		const isOver = this.#group.rotation.z !== 0;
		this.#group.rotation.order = 'XYZ';
		this.#group.rotation.x = over;
		this.#group.rotation.y = isOver ? -about : about;
		this.draw();
	}

	/** Comes nearer by a factor, and moves what is seen by so many pixels. */
	look(zoom: number, dx: number, dy: number): void {
		const { width, height } = this.#renderer.domElement;
		const scale = window.devicePixelRatio;
		this.#camera.zoom = zoom;
		this.#camera.setViewOffset(width, height, -dx * scale, -dy * scale, width, height);
		this.draw();
	}

	/** The stitch under a point, −1 to 1 from the left and from the bottom. */
	pick(x: number, y: number): { round: number; stitch: number } | null {
		if (this.#stitches === null || this.#solid === null) return null;
		const ray = new Raycaster();
		ray.setFromCamera(new Vector2(x, y), this.#camera);
		const hit = ray.intersectObject(this.#stitches)[0]?.instanceId;
		return hit === undefined ? null : (this.#solid.seats[hit] ?? null);
	}

	draw(): void {
		cancelAnimationFrame(this.#frame);
		this.#frame = requestAnimationFrame(() => this.#renderer.render(this.#scene, this.#camera));
	}

	dispose(): void {
		cancelAnimationFrame(this.#frame);
		this.#clear();
		this.#shapes.fine.dispose();
		this.#shapes.plain.dispose();
		this.#material.dispose();
		this.#renderer.dispose();
	}

	#clear(): void {
		for (const child of [...this.#laid.children]) {
			this.#laid.remove(child);
			if (child === this.#stitches) this.#stitches?.dispose();
			else if (child instanceof Mesh || child instanceof Line) {
				child.geometry.dispose();
				child.material.dispose();
			}
		}
		this.#stitches = null;
	}
}
