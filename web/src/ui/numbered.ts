/** A list's parts with their places, by which alone they are known. */
export function numbered<T>(list: readonly T[]): { at: number; one: T }[] {
	return list.map((one, at) => ({ at, one }));
}
