import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { DATABASES } from '../sync/forget';
import { CHOICES, type Choices, type Event, type Guide, type Making, SPEAKS } from './types';

interface Kept extends DBSchema {
	makings: { key: string; value: Making; indexes: { plan: string } };
	guides: { key: string; value: Guide };
	events: { key: [string, string]; value: { making: string; event: Event; isSent: boolean }; indexes: { making: string } };
	choices: { key: string; value: Choices };
}

let opened: Promise<IDBPDatabase<Kept>> | undefined;

/** What this device keeps of what is being made, so that it goes on without a network and after the page was closed. */
function kept(): Promise<IDBPDatabase<Kept>> {
	opened ??= openDB<Kept>(DATABASES.making, 1, {
		upgrade(database) {
			database.createObjectStore('makings', { keyPath: 'id' }).createIndex('plan', 'plan');
			database.createObjectStore('guides');
			database.createObjectStore('events', { keyPath: ['making', 'event.id'] }).createIndex('making', 'making');
			database.createObjectStore('choices');
		},
		// Another page leaves the workshop: it is not held back by this one.
		blocking(_old, _new, event) {
			(event.target as IDBDatabase).close();
			opened = undefined;
		},
	});
	return opened;
}

export const makingOf = async (id: string): Promise<Making | undefined> => (await kept()).get('makings', id);
export const makingsOfPlan = async (plan: string): Promise<Making[]> => (await kept()).getAllFromIndex('makings', 'plan', plan);
export const keepMaking = async (making: Making): Promise<unknown> => (await kept()).put('makings', making);

/** Guides that a page of another time kept are not understood: they are asked for again. */
const guidesFrom = (making: string) => `${making} ${SPEAKS} `;

/** All guides of a making, by what they are known by. */
export async function guidesOf(making: string): Promise<[string, Guide][]> {
	const from = guidesFrom(making);
	const range = IDBKeyRange.bound(from, `${from}\uffff`);
	const store = (await kept()).transaction('guides').store;
	const [keys, guides] = await Promise.all([store.getAllKeys(range), store.getAll(range)]);
	return keys.map((key, i) => [key.slice(from.length), guides[i] as Guide]);
}
export const keepGuide = async (making: string, key: string, guide: Guide): Promise<unknown> => (await kept()).put('guides', guide, guidesFrom(making) + key);

export const eventsOf = async (making: string): Promise<{ event: Event; isSent: boolean }[]> => (await kept()).getAllFromIndex('events', 'making', making);

export async function keepEvents(making: string, events: readonly Event[], isSent: boolean): Promise<void> {
	const transaction = (await kept()).transaction('events', 'readwrite', { durability: 'strict' });
	await Promise.all([...events.map((event) => transaction.store.put({ making, event, isSent })), transaction.done]);
}

export const choices = async (): Promise<Choices> => ({ ...CHOICES, ...(await (await kept()).get('choices', 'all')) });
export const keepChoices = async (all: Choices): Promise<unknown> => (await kept()).put('choices', all, 'all');

/** Leaves nothing of one making. */
export async function forgetMaking(making: string): Promise<void> {
	const transaction = (await kept()).transaction(['makings', 'guides', 'events'], 'readwrite');
	const range = IDBKeyRange.bound(`${making} `, `${making} \uffff`);
	await Promise.all([
		transaction.objectStore('makings').delete(making),
		transaction.objectStore('guides').delete(range),
		transaction.objectStore('events').delete(IDBKeyRange.bound([making, ''], [making, '\uffff'])),
		transaction.done,
	]);
}
