// What a plan should be, after all that was done on it: the monkey's own reckoning, made from nothing that the page says.

export class Model {
	/**
	 * @param {{title: string, lines: string[], yarns: Record<string, string>, rounds: string[], copies: string[][]}} plan
	 *     as opened; `rounds` has a yarn for each, `copies` the lines of the piece's copies
	 */
	constructor(plan) {
		this.plan = structuredClone(plan);
		this.forget();
	}

	/** What can be undone is of a window, not of the plan. */
	forget() {
		this.undone = [];
		this.done = [];
	}

	/** A step of its own. */
	do(change) {
		this.done.push(structuredClone(this.plan));
		this.undone = [];
		change(this.plan);
	}

	/** What another window made of it: one step back leads to what it was here. */
	takeOver(change) {
		const before = structuredClone(this.plan);
		change(this.plan);
		this.forget();
		this.done = [before];
	}

	undo() {
		const before = this.done.pop();
		if (before === undefined) return;
		this.undone.push(this.plan);
		this.plan = before;
	}

	redo() {
		const after = this.undone.pop();
		if (after === undefined) return;
		this.done.push(this.plan);
		this.plan = after;
	}
}
