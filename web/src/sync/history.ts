import type { Edit, Plan, Seen } from '../api/types';

/** One step of undo: a group of operations. */
interface Step {
	group: string;
	/** what it began from; undefined: nothing of it was sent yet */
	before: Plan | undefined;
	/** what it made; undefined: nothing of it was made yet */
	after: Plan | undefined;
}

interface Undone {
	step: Step;
	/** what had not been sent yet, and only left the queue */
	waiting: { edit: Edit; seen?: Seen | undefined; key: string | undefined }[];
	/** the operation that takes it back; undefined: none was needed */
	undone: string | undefined;
}

interface Made {
	group: string;
	key: string | undefined;
	at: number;
	moves: 'forward' | 'undo' | 'redo';
}

const STEPS = 200;

/** What was done, in the order in which the maker did it, and what was taken back. */
export class History {
	#steps: Step[] = [];
	#undone: Undone[] = [];
	/** the last operation that was saved */
	newest: Made | undefined;

	get canUndo(): boolean {
		return this.#steps.length > 0;
	}

	get canRedo(): boolean {
		return this.#undone.length > 0;
	}

	/** Something new: what was taken back before cannot be done again. */
	did(group: string): void {
		if (this.#steps.at(-1)?.group !== group) this.#steps.push({ group, before: undefined, after: undefined });
		this.#steps.splice(0, Math.max(0, this.#steps.length - STEPS));
		this.#undone = [];
	}

	/** What was left all at once, as another window's plan was taken: a way back to it. */
	left(before: Plan, after: Plan): void {
		this.forget();
		this.#steps = [{ group: crypto.randomUUID(), before, after }];
	}

	/** A group is sent for the first time. */
	began(group: string, before: Plan): void {
		const step = this.#steps.find((is) => is.group === group);
		if (step !== undefined) step.before ??= before;
	}

	/** What a group began from; undefined: nothing of it was sent yet. */
	before(group: string): Plan | undefined {
		return this.#steps.find((step) => step.group === group)?.before;
	}

	/** A group is saved. */
	made(operation: Made | undefined, after: Plan): void {
		this.newest = operation;
		for (const step of [...this.#steps, ...this.#undone.map((undone) => undone.step)]) if (step.group === operation?.group) step.after = after;
	}

	/** All of a group was refused. */
	dropped(group: string): void {
		this.#steps = this.#steps.filter((step) => step.group !== group);
	}

	undo(): Step | undefined {
		this.newest = undefined;
		return this.#steps.pop();
	}

	undid(undone: Undone): void {
		this.#undone.push(undone);
	}

	redo(): Undone | undefined {
		return this.#undone.pop();
	}

	redid({ step }: Undone): void {
		this.#steps.push(step);
	}

	forget(): void {
		this.#steps = [];
		this.#undone = [];
		this.newest = undefined;
	}
}
