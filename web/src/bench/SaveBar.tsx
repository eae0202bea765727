import '../ui/guestWords';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { useMay, useRole } from '../api/may';
import { toldOf } from '../api/trouble';
import type { SetAside } from '../sync/draftState';
import { Button } from '../ui/Button';
import { notify } from '../ui/Notices';
import { momentOf, say, timeOf } from '../ui/say';
import { useBench, useDraft } from './context';

/** So often it is tried before it is asked what is to become of the work. */
const TRIED = 3;

/**
 * What is to be settled before everything is saved: calm, at the top, and never in the way of what is typed. Nothing is lost
 * until the maker says so.
 */
export function SaveBar() {
	const { draft, station } = useBench();
	const navigate = useNavigate();
	const save = useDraft((state) => state.save);
	const setAside = useDraft((state) => state.setAside);
	const isKept = useDraft((state) => state.isKept);
	const keptAt = useDraft((state) => state.keptAt);
	const mayEdit = useMay('edit');
	const role = useRole();
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

	const keepMine = () => settle(async () => navigate(`/plan/${await draft.keepBoth()}/${station}`));
	return (
		<div aria-live="polite">
			{!mayEdit && (
				<Bar says={say('may.what', { role })} more={say('may.copyIt')}>
					<Button onClick={() => exportPlan(draft.getState().plan)}>{say('saveBar.downloadItAsAFile')}</Button>
				</Bar>
			)}
			{save.is === 'conflict' && (
				<Bar
					says={say('saveBar.thisPlanWasChangedIn')}
					more={say('saveBar.yoursIsHere', { savedAt: save.savedAt === undefined ? 'unknown' : timeOf(save.savedAt) })}
				>
					<Button kind="strong" disabled={isBusy} onClick={keepMine}>
						{say('saveBar.keepBothMakeMineA')}
					</Button>
					<Button disabled={isBusy} onClick={() => settle(draft.takeTheirs)}>
						{say('saveBar.takeTheOtherOneLeave')}
					</Button>
					<Button disabled={isBusy} onClick={() => settle(draft.takeMine)}>
						{say('saveBar.takeMineOverTheOther')}
					</Button>
				</Bar>
			)}
			{save.is === 'behind' && (
				<Bar
					says={say('saveBar.anotherWindowChangedThisPlan')}
					more={say('saveBar.yoursIsOlder', { savedAt: save.savedAt === undefined ? 'unknown' : timeOf(save.savedAt) })}
				>
					<Button kind="strong" disabled={isBusy} onClick={() => settle(draft.takeTheirs)}>
						{say('saveBar.showItAsItIs')}
					</Button>
				</Bar>
			)}
			{save.is === 'gone' && (
				<Bar says={say('saveBar.thisPlanWasDeletedIn')} more={say('saveBar.whatYouSeeIsStill')}>
					<Button kind="strong" disabled={isBusy} onClick={() => settle(draft.putBack)}>
						{say('common.putItBack')}
					</Button>
					<Button disabled={isBusy} onClick={keepMine}>
						{say('saveBar.makeItAPlanOf')}
					</Button>
					<Button onClick={() => exportPlan(draft.getState().plan)}>{say('saveBar.downloadItAsAFile')}</Button>
				</Bar>
			)}
			{save.is === 'signedOut' && (
				<Bar says={say('saveBar.thisBrowserWasSignedOut')} more={say('saveBar.openItAgainByItsLink')}>
					<Button onClick={() => exportPlan(draft.getState().plan)}>{say('saveBar.downloadItAsAFile')}</Button>
				</Bar>
			)}
			{keptAt !== null && save.is === 'saved' && (
				<Bar says={say('saveBar.asItWasKept', { keptAt: momentOf(keptAt) })} more={say('saveBar.whatYouDoIsKept')} />
			)}
			{save.is === 'waiting' && (
				<Bar
					says={save.why === 'network' ? say('saveBar.noAnswerFromAlternum') : say('saveBar.alternumHasTroubleOfIts')}
					more={isKept ? say('saveBar.whatYouDoIsKept') : say('saveBar.thisBrowserKeepsNothingDo')}
				>
					{save.why === 'server' && save.tries >= TRIED && (
						<>
							<Button onClick={() => exportPlan(draft.getState().plan)}>{say('saveBar.downloadItAsAFile')}</Button>
							<Button onClick={draft.giveUp}>{say('saveBar.leaveWhatIsNotSaved')}</Button>
						</>
					)}
				</Bar>
			)}
			{!isKept && save.is !== 'waiting' && save.is !== 'saved' && (
				<Bar says={say('saveBar.thisBrowserSStorageIs')} more={say('saveBar.doNotCloseTheWindow')} />
			)}
			{gathered(setAside).map(({ id: one, ids, detail, mend, problems, text }) => (
				<Bar
					key={one}
					says={say('saveBar.notDone', {
						times: ids.length,
						detail: detail.replace(/\.$/, ''),
					})}
					more={[mend, ...problems.slice(1, 4).map(({ message }) => message)].join(' ')}
				>
					{text !== undefined && (
						<Button onClick={() => void navigator.clipboard.writeText(text).then(() => notify({ says: say('saveBar.whatYouTypedIsCopied') }))}>
							{say('common.copyWhatYouTyped')}
						</Button>
					)}
					<Button onClick={() => ids.forEach(draft.drop)}>{say('saveBar.allRight')}</Button>
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
