import { useCallback, useEffect, useState } from 'react';
import { ApiError } from '../api/client';
import { toldOf } from '../api/trouble';
import { leftUnsaved } from '../sync/unsaved';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';

/** What closed windows left unsaved, by plan. It is saved from here as soon as there is a connection, and when the maker asks for it. */
export function useUnsaved(onSaved: () => void): { unsaved: ReadonlyMap<string, number>; save: (id: string, isAsked: boolean) => Promise<void> } {
	const [unsaved, setUnsaved] = useState<ReadonlyMap<string, number>>(new Map());

	const save = useCallback(
		async (id: string, isAsked: boolean) => {
			try {
				const { saveLeft } = await import('../sync/left');
				const refused = await saveLeft(id);
				if (refused.length === 0) notify({ says: say('useUnsaved.whatWasNotSavedIs') });
				for (const { detail, mend, text } of refused) {
					const copy = { label: say('common.copyWhatYouTyped'), run: () => void navigator.clipboard.writeText(text ?? '') };
					notify({ says: say('useUnsaved.thisCouldNotBeDone', { detail }), mend, ...(text === undefined ? {} : { action: copy }) });
				}
				onSaved();
			} catch (error) {
				// What is to be chosen is chosen on the bench.
				if (isAsked) notify(error instanceof ApiError ? { ...toldOf(error), mend: say('useUnsaved.openThePlanToChoose') } : toldOf(error));
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
