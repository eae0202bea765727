import { useDraft } from './context';

/** How the plan is saved, in a word. What is to be settled stands in a bar of its own: SaveBar. */
export function SaveSign() {
	const save = useDraft((state) => state.save);
	const isKept = useDraft((state) => state.isKept);
	const words = { saved: 'Saved', saving: 'Saving …', waiting: 'Not saved yet', conflict: 'Not saved', behind: 'Not the newest', gone: 'Off the shelf' }[
		save.is
	];
	return (
		<output aria-live="polite" className={`px-2 ${save.is === 'saved' || save.is === 'saving' ? 'caption' : 'border border-ink font-semibold'}`}>
			{words}
			{!isKept && save.is !== 'saved' && ', and this browser keeps nothing'}
		</output>
	);
}
