import {
	CanvasTexture,
	DirectionalLight,
	Group,
	HemisphereLight,
	Matrix4,
	Mesh,
	MeshBasicMaterial,
	PerspectiveCamera,
	PlaneGeometry,
	Raycaster,
	Scene,
	Vector2,
	WebGLRenderer,
} from 'three';
import { type Look, PieceMesh } from './pieceMesh';
import type { Seat, Solid } from './solid';

/** A piece where it is on the toy; `axes` and `at` as the core gives them, null: it is looked at by itself. */
export interface Shown {
	solid: Solid;
	look: Look;
	pose: { axes: readonly number[]; at: readonly number[] } | null;
}

export interface Standing {
	isTurnedOver: boolean;
	/** it lies on its underside */
	lies: boolean;
}

/** The soft shadow of what stands on the ground. */
function shadow(): CanvasTexture {
	const canvas = document.createElement('canvas');
	canvas.width = canvas.height = 128;
	const context = canvas.getContext('2d');
	if (context !== null) {
		const fade = context.createRadialGradient(64, 64, 8, 64, 64, 64);
		fade.addColorStop(0, 'rgba(32, 38, 42, 0.42)');
		fade.addColorStop(0.55, 'rgba(32, 38, 42, 0.2)');
		fade.addColorStop(1, 'rgba(32, 38, 42, 0)');
		context.fillStyle = fade;
		context.fillRect(0, 0, 128, 128);
	}
	return new CanvasTexture(canvas);
}

/** A piece, or the whole toy, as a picture that can be turned. It draws when something has changed, and rests else. */
export class RoundScene {
	readonly #renderer: WebGLRenderer;
	readonly #scene = new Scene();
	readonly #camera = new PerspectiveCamera(28, 1);
	/** what is turned */
	readonly #group = new Group();
	/** within it: stands, or lies on its underside */
	readonly #laid = new Group();
	readonly #ground: Mesh<PlaneGeometry, MeshBasicMaterial>;
	#pieces: { mesh: PieceMesh; shown: Shown }[] = [];
	/** half of what is seen of it: to the sides, and up and down; and the greatest distance from the middle */
	#half = { wide: 1, high: 1, reach: 1 };
	#frame = 0;

	/** @throws where the browser has no WebGL */
	constructor(canvas: HTMLCanvasElement) {
		this.#renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
		const light = new DirectionalLight('#fffaf2', 2.3);
		light.position.set(-0.8, 1.1, 1.3);
		this.#group.add(this.#laid);
		// Lying, what was the front is above, and the end with the face looks at the viewer.
		this.#laid.rotation.order = 'YXZ';
		this.#ground = new Mesh(new PlaneGeometry(1, 1), new MeshBasicMaterial({ map: shadow(), transparent: true, depthWrite: false }));
		this.#ground.rotation.x = -Math.PI / 2;
		this.#group.add(this.#ground);
		this.#scene.add(new HemisphereLight('#ffffff', '#b9b2a6', 1.5), light, this.#group);
	}

	show(shown: readonly Shown[], { isTurnedOver, lies }: Standing): void {
		this.#clear();
		let [left, right, low, high, near, far] = [Infinity, -Infinity, Infinity, -Infinity, Infinity, -Infinity];
		/** where each stitch is, from left to right and to the viewer, and half its height */
		const plan: number[] = [];
		this.#pieces = shown.map((one) => {
			const mesh = new PieceMesh(one.solid, one.look);
			const matrix = poseOf(one);
			mesh.group.matrixAutoUpdate = false;
			mesh.group.matrix.copy(matrix);
			this.#laid.add(mesh.group);
			const [ax, ay, az, bx, by, bz, cx, cy, cz, tx, ty, tz] = matrix.elements.filter((_, i) => i % 4 !== 3) as Twelve;
			for (const { x, y, z, height } of one.solid.seats) {
				const [px, py, pz] = [ax * x + bx * y + cx * z + tx, ay * x + by * y + cy * z + ty, az * x + bz * y + cz * z + tz];
				[left, right] = [Math.min(left, px - height / 2), Math.max(right, px + height / 2)];
				[low, high] = [Math.min(low, py - height / 2), Math.max(high, py + height / 2)];
				[near, far] = [Math.min(near, pz - height / 2), Math.max(far, pz + height / 2)];
				plan.push(px, pz, height / 2);
			}
			return { mesh, shown: one };
		});
		const isToy = shown.some(({ pose }) => pose !== null);
		this.#laid.rotation.set(lies && !isToy ? -Math.PI / 2 : 0, lies && !isToy ? Math.PI : 0, 0);
		const isThere = left < right;
		const [x, y, z] = isToy && isThere ? [(left + right) / 2, (low + high) / 2, (near + far) / 2] : [0, 0, 0];
		this.#laid.position.set(-x, -y, -z);
		// Turned about, it is as wide as what is farthest from its middle.
		let wide = 1;
		for (let i = 0; i < plan.length; i += 3) wide = Math.max(wide, Math.hypot((plan[i] ?? 0) - x, (plan[i + 1] ?? 0) - z) + (plan[i + 2] ?? 0));
		const long = isThere ? Math.max(y - low, high - y) : 1;
		const reach = Math.hypot(wide, long);
		// What stands may be high and narrow; what lies is long whichever way it is turned.
		this.#half = lies && !isToy ? { wide: Math.max(wide, long), high: Math.max(wide, long), reach } : { wide, high: Math.max(long, wide * 0.7), reach };
		this.#ground.visible = isToy || (!isTurnedOver && isThere);
		const lowest = isToy ? -(high - low) / 2 : lies ? -(far - near) / 2 : low;
		this.#ground.position.y = lowest;
		this.#ground.scale.set((right - left) * 1.35, (lies && !isToy ? high - low : far - near) * 1.35, 1);
		this.#group.rotation.z = isTurnedOver ? Math.PI : 0;
		this.#fit();
	}

	resize(width: number, height: number): void {
		this.#renderer.setPixelRatio(window.devicePixelRatio);
		this.#renderer.setSize(width, height, false);
		this.#camera.aspect = width / Math.max(1, height);
		this.#fit();
	}

	/** Far enough away for all of it, in a narrow window too. */
	#fit(): void {
		const half = Math.tan(((this.#camera.fov / 2) * Math.PI) / 180);
		const { wide, high, reach } = this.#half;
		const away = Math.max((wide * 1.1) / (half * this.#camera.aspect), (high * 1.12) / half) + reach * 0.5;
		this.#camera.position.set(0, 0, away);
		this.#camera.near = away / 50;
		this.#camera.far = away + 3 * reach;
		this.#camera.updateProjectionMatrix();
		this.#camera.lookAt(0, 0, 0);
		this.draw();
	}

	/** Turns it: radians about its axis, and towards the viewer. */
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
	pick(x: number, y: number): Seat | null {
		const ray = new Raycaster();
		this.#scene.updateMatrixWorld();
		ray.setFromCamera(new Vector2(x, y), this.#camera);
		const hit = ray.intersectObjects(
			this.#pieces.flatMap(({ mesh }) => mesh.meshes),
			false,
		)[0];
		for (const { mesh } of this.#pieces) {
			const seat = hit?.instanceId === undefined ? null : mesh.seatOf(hit.object, hit.instanceId);
			if (seat !== null) return seat;
		}
		return null;
	}

	/** What is seen now, twice as fine. */
	picture(): Promise<Blob | null> {
		const ratio = this.#renderer.getPixelRatio();
		this.#renderer.setPixelRatio(ratio * 2);
		this.#renderer.render(this.#scene, this.#camera);
		const done = new Promise<Blob | null>((resolve) => this.#renderer.domElement.toBlob(resolve, 'image/png'));
		this.#renderer.setPixelRatio(ratio);
		this.draw();
		return done;
	}

	draw(): void {
		cancelAnimationFrame(this.#frame);
		this.#frame = requestAnimationFrame(() => this.#renderer.render(this.#scene, this.#camera));
	}

	dispose(): void {
		cancelAnimationFrame(this.#frame);
		this.#clear();
		this.#ground.geometry.dispose();
		this.#ground.material.map?.dispose();
		this.#ground.material.dispose();
		this.#renderer.dispose();
	}

	#clear(): void {
		for (const { mesh } of this.#pieces) {
			this.#laid.remove(mesh.group);
			mesh.dispose();
		}
		this.#pieces = [];
	}
}

type Twelve = [number, number, number, number, number, number, number, number, number, number, number, number];

function poseOf({ pose }: Shown): Matrix4 {
	const matrix = new Matrix4();
	if (pose === null) return matrix;
	const [ax = 1, ay = 0, az = 0, bx = 0, by = 1, bz = 0, cx = 0, cy = 0, cz = 1] = pose.axes;
	const [tx = 0, ty = 0, tz = 0] = pose.at;
	return matrix.set(ax, bx, cx, tx, ay, by, cy, ty, az, bz, cz, tz, 0, 0, 0, 1);
}
