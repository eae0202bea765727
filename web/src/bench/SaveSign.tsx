import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { notify } from '../ui/Notices';
import { useBench, useDraft } from './context';

/** How the plan is saved; what to do where it is not. */
export function SaveSign() {
	const { draft } = useBench();
	const navigate = useNavigate();
	const save = useDraft((state) => state.save);
	const [isBusy, setIsBusy] = useState(false);

	async function settle(how: () => Promise<unknown>) {
		setIsBusy(true);
		try {
			await how();
		} catch {
			notify({ says: 'Alternum does not answer.', mend: 'Nothing is lost. Try again when it is back.' });
		} finally {
			setIsBusy(false);
		}
	}

	const words = { saved: 'Saved', saving: 'Saving …', waiting: 'Not saved: no answer. Kept in this browser, trying again.', conflict: 'Not saved', refused: 'Not saved' }[save.is];
	return (
		<>
			<output aria-live="polite" className={`px-2 ${save.is === 'waiting' ? 'border border-ink font-semibold' : 'caption'}`}>
				{words}
			</output>
			<DialogSheet
				title="This plan was changed in another window"
				says={
					save.is === 'conflict' && save.savedAt !== undefined
						? `The other window saved at ${new Date(save.savedAt).toLocaleTimeString()}. Nothing of yours is lost: it is still here, not yet saved.`
						: ''
				}
				open={save.is === 'conflict'}
				onClose={() => undefined}
			>
				<div className="flex flex-col gap-2">
					<Button kind="strong" disabled={isBusy} onClick={() => settle(async () => navigate(`/plan/${await draft.keepBoth()}`))}>
						Keep both: make mine a plan of its own
					</Button>
					<Button disabled={isBusy} onClick={() => settle(draft.takeTheirs)}>
						Take the other one, leave mine
					</Button>
					<Button disabled={isBusy} onClick={() => settle(draft.takeMine)}>
						Take mine, over the other one
					</Button>
				</div>
			</DialogSheet>
			<DialogSheet title="This cannot be saved" {...(save.is === 'refused' ? { says: save.problem.detail } : {})} open={save.is === 'refused'} onClose={() => undefined}>
				{save.is === 'refused' && (
					<>
						<p className="mb-3">{save.problem.mend}</p>
						<ul className="mb-4 list-disc pl-5">
							{save.problem.problems?.map(({ path, message, mend }) => (
								<li key={`${path}${message}`}>
									<code className="text-sm">{path}</code>: {message} {mend}
								</li>
							))}
						</ul>
					</>
				)}
				<Button kind="strong" onClick={draft.giveUp}>
					Leave that change, keep what was saved
				</Button>
			</DialogSheet>
		</>
	);
}
