import { useMay } from '../api/may';
import { say } from '../ui/say';
import { useDraft } from './context';

/** How the plan is saved, in a word. What is to be settled stands in a bar of its own: SaveBar. */
export function SaveSign() {
	const save = useDraft((state) => state.save);
	const isKept = useDraft((state) => state.isKept);
	const isToLook = !useMay('edit');
	const words = {
		saved: say('saveSign.saved'),
		saving: say('saveSign.saving'),
		waiting: say('common.notSavedYet'),
		conflict: say('saveSign.notSaved'),
		behind: say('saveSign.notTheNewest'),
		gone: say('saveSign.offTheShelf'),
		signedOut: say('saveSign.notSaved'),
	}[save.is];
	return (
		<output
			aria-live="polite"
			className={`px-2 ${save.is === 'saved' ? 'caption small:sr-only' : save.is === 'saving' ? 'caption' : 'border border-ink font-semibold'}`}
		>
			{isToLook && save.is === 'saved' ? '' : words}
			{!isKept && save.is !== 'saved' && say('saveSign.andThisBrowserKeepsNothing')}
		</output>
	);
}
