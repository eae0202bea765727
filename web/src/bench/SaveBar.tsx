import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { toldOf } from '../api/trouble';
import { Button } from '../ui/Button';
import { notify } from '../ui/Notices';
import { useBench, useDraft } from './context';
import type { SetAside } from './draftState';

/** So often it is tried before it is asked what is to become of the work. */
const TRIED = 3;

/**
 * What is to be settled before everything is saved: calm, at the top, and never in the way of what is typed. Nothing of hers is lost
 * until she says so.
 */
export function SaveBar() {
	const { draft } = useBench();
	const navigate = useNavigate();
	const save = useDraft((state) => state.save);
	const setAside = useDraft((state) => state.setAside);
	const isKept = useDraft((state) => state.isKept);
	const [isBusy, setIsBusy] = useState(false);

	async function settle(how: () => Promise<unknown>) {
		setIsBusy(true);
		try {
			await how();
		} catch (error) {
			notify(toldOf(error));
		} finally {
			setIsBusy(false);
		}
	}

	const keepMine = () => settle(async () => navigate(`/plan/${await draft.keepBoth()}`));
	return (
		<div aria-live="polite">
			{save.is === 'conflict' && (
				<Bar
					says="This plan was changed in another window"
					more={`${
						save.savedAt === undefined ? '' : `It saved at ${new Date(save.savedAt).toLocaleTimeString()}. `
					}Nothing of yours is lost: it is still here, not yet saved.`}
				>
					<Button kind="strong" disabled={isBusy} onClick={keepMine}>
						Keep both: make mine a plan of its own
					</Button>
					<Button disabled={isBusy} onClick={() => settle(draft.takeTheirs)}>
						Take the other one, leave mine
					</Button>
					<Button disabled={isBusy} onClick={() => settle(draft.takeMine)}>
						Take mine, over the other one
					</Button>
				</Bar>
			)}
			{save.is === 'behind' && (
				<Bar
					says="Another window changed this plan"
					more={`${save.savedAt === undefined ? '' : `It saved at ${new Date(save.savedAt).toLocaleTimeString()}. `}What you see here is older.`}
				>
					<Button kind="strong" disabled={isBusy} onClick={() => settle(draft.takeTheirs)}>
						Show it as it is now
					</Button>
				</Bar>
			)}
			{save.is === 'gone' && (
				<Bar says="This plan was deleted in another window" more="What you see is still here.">
					<Button kind="strong" disabled={isBusy} onClick={() => settle(draft.putBack)}>
						Put it back
					</Button>
					<Button disabled={isBusy} onClick={keepMine}>
						Make it a plan of its own
					</Button>
					<Button onClick={() => exportPlan(draft.getState().plan)}>Download it as a file</Button>
				</Bar>
			)}
			{save.is === 'waiting' && (
				<Bar
					says={save.why === 'network' ? 'No answer from Alternum' : 'Alternum has trouble of its own'}
					more={
						isKept
							? 'What you do is kept in this browser, and saved when it works again.'
							: 'This browser keeps nothing: do not close the window before it is saved.'
					}
				>
					{save.why === 'server' && save.tries >= TRIED && (
						<>
							<Button onClick={() => exportPlan(draft.getState().plan)}>Download it as a file</Button>
							<Button onClick={draft.giveUp}>Leave what is not saved</Button>
						</>
					)}
				</Bar>
			)}
			{!isKept && save.is !== 'waiting' && save.is !== 'saved' && (
				<Bar says="This browser’s storage is full or off" more="Do not close the window before all is saved." />
			)}
			{gathered(setAside).map(({ id: one, ids, detail, mend, problems, text }) => (
				<Bar
					key={one}
					says={`This could not be done${ids.length > 1 ? `, ${ids.length} times` : ''}: ${detail.replace(/\.$/, '')}`}
					more={[mend, ...problems.slice(1, 4).map(({ message }) => message)].join(' ')}
				>
					{text !== undefined && (
						<Button onClick={() => void navigator.clipboard.writeText(text).then(() => notify({ says: 'What you typed is copied.' }))}>
							Copy what you typed
						</Button>
					)}
					<Button onClick={() => ids.forEach(draft.drop)}>All right</Button>
				</Bar>
			))}
		</div>
	);
}

/** The same thing, tried again and again, is told once. */
function gathered(all: readonly SetAside[]): (SetAside & { ids: string[] })[] {
	const told = new Map<string, SetAside & { ids: string[] }>();
	for (const one of all) {
		const same = `${one.detail} ${one.text ?? ''}`;
		told.set(same, { ...one, ids: [...(told.get(same)?.ids ?? []), one.id] });
	}
	return [...told.values()];
}

function Bar({ says, more, children }: { says: string; more: string; children?: ReactNode }) {
	return (
		<section aria-label={says} className="flex flex-wrap items-center gap-x-3 gap-y-2 border-b border-ink bg-shade px-4 py-2">
			<p className="min-w-64 flex-1">
				<span className="font-semibold">{says}.</span> {more}
			</p>
			{children}
		</section>
	);
}

/** Gives the plan as it is seen as a file, without asking the server. */
function exportPlan(plan: { title: string }): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(new Blob([JSON.stringify(plan, null, 2)], { type: 'application/json' }));
	link.download = `${plan.title.replace(/[^A-Za-z0-9]+/g, '-').replace(/^-|-$/g, '') || 'plan'}.json`;
	link.click();
	URL.revokeObjectURL(link.href);
}
