import { vi } from 'vitest';
import type { Edit, OpenedPlan, Plan } from '../api/types';
import { withPiece } from '../bench/plans';
import { copied, type Operation, shownWith, standsForGroup } from '../sync/operations';
import { trialPlan } from './trialPlan';

const analysis: OpenedPlan['analysis'] = {
	title: '',
	gauge: { stitchWidthMm: 1, roundHeightMm: 1, hookUs: null, remark: null },
	pieces: [],
	assembly: [],
	loose: {},
	floatStitches: 5,
	constants: {
		terms: 'us',
		units: 'metric',
		usualLeans: { over: 0, under: 0 },
		shapes: [],
		methods: [],
		holds: [],
		tray: [],
		habits: [],
		stitches: {},
		looks: {},
		usual: {
			lean: { rounds: 10 },
			swatch: { stitches: 1, widthMm: 1, rounds: 1, heightMm: 1 },
			shape: { form: 'ball', widthMm: 1, heightMm: 1, start: 6, spread: 'stacked', decrease: 'dec', stitches: 1, rounds: 1, degrees: 1, growth: 1 },
			cover: { fit: 'snug' },
			band: { part: 'first', rounds: 1, offset: 1 },
			spots: { step: 1, count: 1, wide: 1, tall: 1 },
			panel: { degrees: 1 },
			motif: { wide: 1, high: 1 },
			picture: { wide: 1 },
		},
	},
	cautions: [],
	yarns: [],
	problems: [],
};

export type Trouble = 'none' | 'down' | 'error' | 'answer lost' | 'hung' | 'fails' | 'late';

/** So long a late answer takes. */
export const LATE_MS = 800;

/** A server of one plan, as the contract says it: each operation is made once. Its core knows retyping, and adding a line. */
export class Server {
	/** One that answers this page, which keeps nothing yet; time stands still until it is moved on. */
	static begun(): Server {
		const server = new Server();
		vi.useFakeTimers();
		vi.stubGlobal('fetch', server.answer);
		localStorage.clear();
		return server;
	}

	static end(): void {
		vi.unstubAllGlobals();
		vi.useRealTimers();
	}

	plan: Plan = trialPlan();
	revision = 1;
	trouble: Trouble[] = [];
	is: Trouble = 'none';
	asked: Operation[][] = [];
	added: Plan[] = [];
	/** the pieces that were asked for alone */
	looked: string[] = [];
	#known = new Map<string, { id: string; revision: number; refused: { detail: string; mend: string; problems: [] } | null }>();
	#group = '';
	#began: Plan = this.plan;

	opened = (): OpenedPlan => ({ id: 'P', revision: this.revision, savedAt: '2026-01-01T00:00:00Z', plan: this.plan, analysis, errors: 0, layerYarns: [] });

	answer = async (request: Request, { signal }: { signal?: AbortSignal } = {}): Promise<Response> => {
		const trouble = this.trouble.shift() ?? this.is;
		if (trouble === 'hung') return new Promise((_, reject) => signal?.addEventListener('abort', () => reject(signal.reason)));
		if (trouble === 'down') throw new TypeError('network');
		// What it answers was worked out before what came since, and comes after it.
		if (trouble === 'late') {
			const answer = await this.answer(request);
			await new Promise((done) => setTimeout(done, LATE_MS));
			return answer;
		}
		if (trouble === 'error') return new Response('<h1>502</h1>', { status: 502 });
		const json = (value: unknown, status = 200) => new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } });
		const problem = (status: number, more: object = {}) => json({ type: 'about:blank', title: 'x', status, detail: 'no', mend: 'other', ...more }, status);
		if (request.method === 'GET') {
			const looked = /\/pieces\/(.+)$/.exec(request.url)?.[1];
			if (looked !== undefined) {
				this.looked.push(looked);
				return json({ revision: this.revision, piece: { key: looked, stitchMm: [5, 4], rounds: [], changes: [] }, problems: [] });
			}
			if (trouble === 'fails' && !request.url.endsWith('/revision')) return problem(500);
			return json(this.opened());
		}
		if (request.url.endsWith('/api/plans')) {
			this.added.push((await request.json()) as Plan);
			return json({ ...this.opened(), id: 'Q' }, 201);
		}
		const { base, operations } = (await request.json()) as { base: number; operations: Operation[] };
		let expected = base;
		let first = 0;
		for (; first < operations.length; first++) {
			const known = this.#known.get(operations[first]?.id ?? '');
			if (known === undefined) break;
			expected = Math.max(expected, known.revision);
		}
		if (first < operations.length && expected !== this.revision) {
			const since = [...this.#known.values()].filter((one) => one.refused === null && one.revision > expected).map(({ id }) => id);
			return problem(412, { revision: this.revision, since: since.length === this.revision - expected ? since : null });
		}
		// It fails on what is called so, whatever else comes with it.
		if (operations.some(({ edit }) => JSON.stringify(edit).includes('fail on me'))) return problem(500);
		this.asked.push(operations);
		for (const operation of operations.slice(first)) this.make(operation);
		if (trouble === 'answer lost') throw new TypeError('network');
		// What the page says that it has is left out.
		const { constants, ...rest } = analysis;
		const isKnown = new URL(request.url).searchParams.get('known') === `${constants?.terms}-${constants?.units}`;
		const answer = { ...this.opened(), analysis: isKnown ? rest : analysis };
		return json({ ...answer, says: 'Done', results: operations.map(({ id }) => this.#known.get(id)) });
	};

	make({ id, group, edit }: Operation): void {
		const from = group === this.#group && standsForGroup(edit) ? this.#began : this.plan;
		const made = this.edited(from, edit);
		if (made === null) {
			this.#known.set(id, { id, revision: this.revision, refused: { detail: 'no', mend: 'other', problems: [] } });
			return;
		}
		if (group !== this.#group) this.#began = this.plan;
		this.#group = group;
		this.plan = made;
		this.revision += 1;
		this.#known.set(id, { id, revision: this.revision, refused: null });
	}

	edited(plan: Plan, edit: Edit): Plan | null {
		if (edit.do === 'retype') return withPiece(plan, edit.piece, (piece) => ({ ...piece, rounds: edit.rounds }));
		if (edit.do === 'resize')
			return edit.wider === 9 ? null : withPiece(plan, edit.piece, (piece) => ({ ...piece, rounds: [...piece.rounds, `wider ${edit.wider}`] }));
		const changed = edit.do === 'copy' ? copied(plan, edit) : shownWith(plan, edit);
		return changed.title === 'refuse me' ? null : changed;
	}
}

/** Long enough for what was typed to be sent, and answered. */
export const settle = () => vi.advanceTimersByTimeAsync(300);
export const titled = (title: string) => (plan: Plan) => ({ ...plan, title });
export const typed = (...rounds: string[]): Edit => ({ do: 'retype', piece: 'body', rounds });
export const wider = (by: number): Edit => ({ do: 'resize', piece: 'body', wider: by, longer: 0 });
