/** What this device keeps of a workshop, by name: toys that are being made (making/keep.ts), plans and the shelf (sync/kept.ts). */
export const DATABASES = { making: 'alternum-making', plans: 'alternum-kept' } as const;

/** Leaves nothing of any workshop on this device. Who holds one of them open lets go of it when it is asked to. */
export async function forgetAll(): Promise<void> {
	// Where one was on its plans, too.
	for (const key of Object.keys(localStorage)) if (key.startsWith('alternum.place.')) localStorage.removeItem(key);
	await Promise.all(
		Object.values(DATABASES).map(
			(name) =>
				new Promise((done) => {
					const gone = indexedDB.deleteDatabase(name);
					gone.onsuccess = gone.onerror = gone.onblocked = done;
				}),
		),
	);
}
