import '../ui/workshopWords';
import type { Problem } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { say } from '../ui/say';

/** A file that was not taken, and why. */
export interface Refusal {
	file: string;
	problem: Pick<Problem, 'detail' | 'mend' | 'problems'>;
}

export function RefusedFile({ refusal, onClose }: { refusal: Refusal; onClose: () => void }) {
	return (
		<DialogSheet title={say('shelf.thisFileIsNotTaken')} says={refusal.file} open onClose={onClose}>
			{(refusal.problem.problems ?? []).length > 0 ? (
				<ul className="mb-4 flex flex-col gap-2">
					{refusal.problem.problems?.slice(0, 12).map(({ path, where = path, message, mend }) => (
						<li key={`${path}${message}`} className="border-l-4 border-ink pl-3">
							{where !== undefined && where !== '' && <span className="caption block first-letter:uppercase">{where}</span>}
							{message} {mend}
						</li>
					))}
				</ul>
			) : (
				<p className="mb-4">
					{refusal.problem.detail} {refusal.problem.mend}
				</p>
			)}
			<p className="mb-4 text-faint">{refusal.problem.detail === '' ? say('shelf.theRestIsOnThe') : say('shelf.nothingWasStored')}</p>
			<Button kind="strong" onClick={onClose}>
				{say('shelf.ok')}
			</Button>
		</DialogSheet>
	);
}
