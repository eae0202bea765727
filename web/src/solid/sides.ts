/** A view from between the front and a side shows as much more on that side as what lies at the side, and no more: see `Treatments` in the core. */
const THREE_QUARTERS = Math.PI / 6;

/** How far towards the viewer it is tipped, seen from a side and from above. */
export const TIPPED = 0.12;
const FROM_ABOVE = 1.3;

/** The sides that a piece is looked at from: what they are called, how far it is turned and tipped for them in radians, and the key that shows them. */
export const sides = [
	['front', 0, 'f', TIPPED],
	['¾ right', -THREE_QUARTERS, 'e', TIPPED],
	['right', -Math.PI / 2, 'r', TIPPED],
	['back', Math.PI, 'b', TIPPED],
	['left', Math.PI / 2, 'l', TIPPED],
	['¾ left', THREE_QUARTERS, 'q', TIPPED],
	['above', 0, 'a', FROM_ABOVE],
] as const;
