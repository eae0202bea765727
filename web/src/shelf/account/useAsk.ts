import { useState } from 'react';
import { dataOf } from '../../api/client';
import { type Told, toldOf } from '../../api/trouble';
import { forgetAll } from '../../sync/forget';

interface Answer<T> {
	data?: T;
	error?: unknown;
	response: Response;
}

/** Something that is asked of the server by a form: while it is on its way, and why it was refused. */
export function useAsk() {
	const [isBusy, setIsBusy] = useState(false);
	const [told, setTold] = useState<Told | null>(null);
	async function ask<T>(how: () => Promise<Answer<T>>, then: (data: T) => unknown): Promise<void> {
		setIsBusy(true);
		setTold(null);
		try {
			await then(dataOf(await how()));
		} catch (error) {
			setTold(toldOf(error));
		} finally {
			setIsBusy(false);
		}
	}
	return { isBusy, told, ask };
}

/** Another workshop is open from now on, or none: nothing of the one before stays on this device. */
export async function goToShelf(): Promise<void> {
	await forgetAll();
	location.replace('/');
}
