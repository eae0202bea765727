import type { components } from '../api/generated/contract';

type Schemas = components['schemas'];

/** One thing that was done: docs/journal.md. */
export type Event = Schemas['Event'];
export type Answer = NonNullable<Event['answer']>;
export type Guide = Schemas['Guide'];
export type Stop = Guide['stops'][number];
export type Told = NonNullable<Stop['told']>[number];
export type Toy = Schemas['GuidedToy'];
export type Task = Toy['tasks'][number];
export type Lesson = Schemas['Practice']['lessons'][number];
export type Making = Omit<Schemas['Making'], 'events'>;

/** So many stitches of a round are made, and all of the rounds before it; round 0: nothing is. */
export interface Place {
	round: number;
	stitch: number;
}

export const isAfter = (one: Place, other: Place) => one.round > other.round || (one.round === other.round && one.stitch > other.stitch);

/** Choices of this device. */
export interface Choices {
	buzz: boolean;
	sound: boolean;
	voice: boolean;
	night: 'as-device' | 'day' | 'night';
	large: boolean;
	/** whether it was said what to do with the loop before a pause */
	isParkTold: boolean;
	/** what a tap counts, by piece */
	by: Record<string, 'round' | 'group' | 'stitch'>;
}

export const CHOICES: Choices = { buzz: true, sound: false, voice: false, night: 'as-device', large: false, isParkTold: false, by: {} };

/** What this page understands: MakingController::SPEAKS. */
export const SPEAKS = 2;
