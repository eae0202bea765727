import { useState } from 'react';
import { toldOf } from '../api/trouble';
import { notify } from './Notices';

/**
 * A part of the page that is fetched when it is first wanted.
 *
 * @param load an import of it: always the same function
 * @returns the part, null until it is there; and what fetches it, true where it is there then
 */
export function useOnDemand<Part>(load: () => Promise<Part>): [Part | null, () => Promise<boolean>] {
	const [part, setPart] = useState<Part | null>(null);
	const fetch = async () => {
		try {
			const loaded = await load();
			setPart(() => loaded);
			return true;
		} catch (error) {
			notify(toldOf(error));
			return false;
		}
	};
	return [part, fetch];
}
