import type { Edit, Plan, Seen } from '../api/types';

/** One thing that the maker did, as it is sent: known by its id, so that it is made once however often it is sent. */
export interface Operation {
	id: string;
	/** operations of one group are one step of undo */
	group: string;
	edit: Edit;
	/** what was seen as it was done, where the plan may be another by now */
	seen?: Seen | undefined;
}

/** An operation as it is sent and kept. */
export const sentOf = ({ id, group, edit, seen }: Operation) => ({ id, group, edit, ...(seen === undefined ? {} : { seen }) });

export type SetEdit = Extract<Edit, { do: 'set' }>;
type CopyEdit = Extract<Edit, { do: 'copy' }>;
export type SetValue = SetEdit['values'][number];

/** Of several such edits in one group only the last counts: the core makes it on the plan as it was before the group. */
export const standsForGroup = ({ do: does }: Edit) => does === 'retype' || does === 'front' || does === 'shift';

/** Values that are set in one step where others were, as by a slider: the last of each; null: others are set. */
export function setOnto(before: Edit, after: Edit): SetEdit | null {
	const ats = ({ values }: SetEdit) => values.map(({ at }) => at.join('/')).join(' ');
	if (before.do !== 'set' || after.do !== 'set' || ats(before) !== ats(after)) return null;
	return after;
}

/** What makes one plan of another, as fields to set; null: they are alike. */
export function difference(before: Plan, after: Plan): SetEdit | null {
	const values: SetValue[] = [];
	compare(before, after, [], values);
	return values.length === 0 ? null : { do: 'set', values };
}

const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

/** The keys of a list whose members are known by them. */
function keysOf(list: unknown): string[] | null {
	if (!Array.isArray(list) || list.length === 0) return null;
	const keys = list.map((one) => (isObject(one) && typeof one.key === 'string' ? one.key : null));
	return keys.every((key) => key !== null) ? keys : null;
}

function compare(before: unknown, after: unknown, at: string[], values: SetValue[]): void {
	if (before === after) return;
	if (isObject(before) && isObject(after)) {
		for (const name of new Set([...Object.keys(before), ...Object.keys(after)])) {
			const value = after[name];
			if (value === undefined) {
				if (before[name] !== undefined) values.push({ at: [...at, name] });
			} else compare(before[name], value, [...at, name], values);
		}
		return;
	}
	const keys = keysOf(before);
	if (keys !== null && keys.join(' ') === keysOf(after)?.join(' ')) {
		keys.forEach((key, i) => {
			compare((before as unknown[])[i], (after as unknown[])[i], [...at, key], values);
		});
		return;
	}
	if (JSON.stringify(before) !== JSON.stringify(after)) values.push({ at, value: after });
}

/** What stands at a place of the plan; undefined: nothing. */
export function valueAt(inside: unknown, [name, ...rest]: readonly string[]): unknown {
	if (name === undefined) return inside;
	if (Array.isArray(inside)) return valueAt(inside[keysOf(inside)?.indexOf(name) ?? Number(name)], rest);
	return isObject(inside) ? valueAt(inside[name], rest) : undefined;
}

/** The plan with an edit made on it, where that needs no rule of the job; else as it is, until the core has answered. */
export function shownWith(plan: Plan, edit: Edit): Plan {
	if (edit.do === 'take') return edit.plan as Plan;
	return edit.do === 'set' ? edit.values.reduce((is, set) => withValue(is, set.at, set) as Plan, plan) : plan;
}

/** The plan with a piece once more. */
export function copied(plan: Plan, { piece, key, name }: CopyEdit, typed?: string[]): Plan {
	const of = plan.pieces.find((one) => one.key === piece);
	return of === undefined ? plan : { ...plan, pieces: [...plan.pieces, { ...of, key, name, rounds: typed ?? of.rounds }] };
}

function withValue(inside: unknown, at: readonly string[], set: SetValue): unknown {
	const [name, ...rest] = at;
	if (name === undefined) return set.value;
	if (Array.isArray(inside)) {
		const index = keysOf(inside)?.indexOf(name) ?? Number(name);
		return index < 0 ? inside : inside.map((one, i) => (i === index ? withValue(one, rest, set) : one));
	}
	const { [name]: old, ...others } = isObject(inside) ? inside : {};
	if (rest.length === 0 && set.value === undefined) return others;
	return { ...(isObject(inside) ? inside : {}), [name]: withValue(old, rest, set) };
}
