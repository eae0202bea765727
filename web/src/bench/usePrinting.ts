import { useEffect } from 'react';
import type { DraftStore } from '../sync/draftState';

/** What is printed from the bench is the written pattern: bench/print, fetched once the bench is there. */
export function usePrinting(draft: DraftStore): void {
	useEffect(() => {
		let isOver = false;
		let stop = () => {};
		void import('./print/printing').then(({ printing }) => {
			if (!isOver)
				stop = printing(
					draft.getState().id,
					() => draft.getState().revision,
					() => draft.getState().save.is === 'saved',
				);
		});
		return () => {
			isOver = true;
			stop();
		};
	}, [draft]);
}
