import { useCallback, useEffect, useState } from 'react';
import { ApiError } from '../api/client';
import { toldOf } from '../api/trouble';
import { leftUnsaved } from '../bench/unsaved';
import { notify } from '../ui/Notices';
import { saveLeft } from './unsavedWork';

/** What closed windows left unsaved, by plan. It is saved from here as soon as there is a connection, and when she asks for it. */
export function useUnsaved(onSaved: () => void): { unsaved: ReadonlyMap<string, number>; save: (id: string, isAsked: boolean) => Promise<void> } {
	const [unsaved, setUnsaved] = useState<ReadonlyMap<string, number>>(new Map());

	const save = useCallback(
		async (id: string, isAsked: boolean) => {
			try {
				const refused = await saveLeft(id);
				if (refused.length === 0) notify({ says: 'What was not saved is saved.' });
				for (const { detail, mend, text } of refused) {
					const copy = { label: 'Copy what you typed', run: () => void navigator.clipboard.writeText(text ?? '') };
					notify({ says: `This could not be done: ${detail}`, mend, ...(text === undefined ? {} : { action: copy }) });
				}
				onSaved();
			} catch (error) {
				// What is to be chosen is chosen on the bench.
				if (isAsked) notify(error instanceof ApiError ? { ...toldOf(error), mend: 'Open the plan to choose.' } : toldOf(error));
			}
			setUnsaved(await leftUnsaved());
		},
		[onSaved],
	);

	useEffect(() => {
		const all = async () => {
			const left = await leftUnsaved();
			setUnsaved(left);
			if (navigator.onLine) for (const id of left.keys()) await save(id, false);
		};
		void all();
		window.addEventListener('online', all);
		return () => window.removeEventListener('online', all);
	}, [save]);

	return { unsaved, save };
}
