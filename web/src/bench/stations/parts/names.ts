import { say } from '../../../ui/say';

/** What can be put on a piece, by the core's words. */
export const kindNames = {
	eyes: say('placements.eyes'),
	nose: say('placements.nose'),
	ears: say('placements.ears'),
	arms: say('placements.arms'),
	legs: say('placements.legs'),
	wings: say('placements.wings'),
	tail: say('placements.tail'),
	buttons: say('placements.buttons'),
	beads: say('parts.beads'),
	felt: say('parts.felt'),
	ring: say('parts.ring'),
	loop: say('parts.loop'),
	clasp: say('parts.clasp'),
	other: say('placements.somethingElse'),
	smile: say('parts.mouth'),
	cheeks: say('parts.cheeks'),
	brows: say('parts.brows'),
	lashes: say('parts.lashes'),
	bars: say('parts.bars'),
	seeds: say('parts.seeds'),
	swirl: say('parts.swirl'),
	surface: say('parts.veins'),
	backstitch: say('parts.backstitch'),
	fringe: say('parts.fringe'),
} as const;

/** Of these, what is bought, cut or only marked. */
export const placementKinds = ['eyes', 'nose', 'ears', 'arms', 'legs', 'wings', 'tail', 'buttons', 'beads', 'felt', 'ring', 'loop', 'clasp', 'other'] as const;
