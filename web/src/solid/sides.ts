/** A view from between the front and a side shows as much more on that side as what lies at the side, and no more: see `Treatments` in the core. */
const THREE_QUARTERS = Math.PI / 6;

/** The sides that a piece is looked at from: what they are called, how far it is turned for them in radians, and the key that shows them. */
export const sides = [
	['front', 0, 'f'],
	['¾ right', -THREE_QUARTERS, 'e'],
	['right', -Math.PI / 2, 'r'],
	['back', Math.PI, 'b'],
	['left', Math.PI / 2, 'l'],
	['¾ left', THREE_QUARTERS, 'q'],
] as const;
