import type { MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import { Children, type ReactNode } from 'react';
import type bench from '../words.bench.en.json';
import type shelf from '../words.en.json';
import type guest from '../words.guest.en.json';
import type make from '../words.make.en.json';
import type workshop from '../words.workshop.en.json';

/**
 * What the screens say, by its name in `words.en.json` and its like, a file for each page: ICU messages, so that numbers, plurals and choices
 * follow the language.
 */
export type Word = keyof typeof shelf | keyof typeof bench | keyof typeof make | keyof typeof workshop | keyof typeof guest;

/** A text, or a message as it was read when the program was built: `vite.config.ts`. */
type Message = string | MessageFormatElement[];

const words: Record<string, Message> = {};

/** Takes in the words of a page that is fetched on demand. */
export function learn(more: Readonly<Record<string, Message>>): void {
	Object.assign(words, more);
}

const of = (word: Word): Message => {
	const known = words[word];
	// It is said before the page that knows it has come: a mistake of the program's, which no test may overlook.
	if (known === undefined) console.error(`“${word}” is not known here.`);
	return known ?? word;
};

/** The language of the words; figures, lists and times are written as it writes them. */
export const LANGUAGE = 'en-GB';

const messages = new Map<Word, IntlMessageFormat>();

function message(word: Word): IntlMessageFormat {
	const known = messages.get(word);
	if (known !== undefined) return known;
	const made = new IntlMessageFormat(of(word), LANGUAGE);
	messages.set(word, made);
	return made;
}

/** A word of the screens, with what is put into it. */
export function say(word: Word, values?: Readonly<Record<string, string | number>>): string {
	// Most are plain text, which need not be read as a message.
	const plain = of(word);
	return typeof plain === 'string' && !/['{]/.test(plain) ? plain : String(message(word).format(values));
}

/** The same with parts of the page in it: a name that runs the other way, a link. */
export function sayWith(word: Word, values: Readonly<Record<string, ReactNode>>): ReactNode {
	return Children.toArray(message(word).format<ReactNode>(values as Record<string, string>) as ReactNode);
}

/** Made when it is first asked for: a browser takes tens of milliseconds to read what it knows of a language's days and lists. */
function once<T>(make: () => T): () => T {
	let made: T | undefined;
	return () => {
		made ??= make();
		return made;
	};
}

const lists = once(() => new Intl.ListFormat(LANGUAGE, { style: 'long', type: 'conjunction' }));
const items = once(() => new Intl.ListFormat(LANGUAGE, { style: 'narrow', type: 'unit' }));

/** "A", "A and B", "A, B and C". */
export const listed = (parts: readonly string[]): string => (parts.length < 2 ? (parts[0] ?? '') : lists().format(parts));

/** Figures side by side: "A 3, B 4". */
export const inRow = (parts: readonly string[]): string => (parts.length < 2 ? (parts[0] ?? '') : items().format(parts));

const whole = once(() => new Intl.NumberFormat(LANGUAGE, { maximumFractionDigits: 0 }));
const tenths = once(() => new Intl.NumberFormat(LANGUAGE, { minimumFractionDigits: 1, maximumFractionDigits: 1 }));

/** A number with none or one digit after the point. */
export const figure = (value: number, digits: 0 | 1): string => (digits === 0 ? whole : tenths)().format(value);

const times = once(() => new Intl.DateTimeFormat(LANGUAGE, { timeStyle: 'medium' }));
const moments = once(() => new Intl.DateTimeFormat(LANGUAGE, { dateStyle: 'medium', timeStyle: 'short' }));

/** The time of day of a moment. */
export const timeOf = (moment: string): string => times().format(new Date(moment));

/** Day and time of a moment. */
export const momentOf = (moment: string): string => moments().format(new Date(moment));
