import '../ui/workshopWords';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { api, dataOf } from '../api/client';
import { useMay } from '../api/may';
import { toldOf } from '../api/trouble';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { notify } from '../ui/Notices';
import { momentOf, say } from '../ui/say';
import { EraseWorkshop } from './EraseWorkshop';

const OnAnotherDevice = lazy(async () => ({ default: (await import('../ui/OnAnotherDevice')).OnAnotherDevice }));

const LINK = say('workshopMenu.aRecoveryLinkOpensThe');

/** Where the workshop is open, and the link that opens it elsewhere. */
export function WorkshopAccess({ open, onClose }: { open: boolean; onClose: () => void }) {
	const queries = useQueryClient();
	const [link, setLink] = useState<string | null>(null);
	const [opensOnce, setOpensOnce] = useState(false);
	const [isElsewhere, setIsElsewhere] = useState(false);
	const { data } = useQuery({ queryKey: ['workshop'], queryFn: async () => dataOf(await api.GET('/api/workshop')), enabled: open, staleTime: 0 });
	const holds = useMay('hold');
	const others = data?.browsers.filter(({ isThis }) => !isThis) ?? [];

	async function ask(how: () => Promise<{ response: Response; error?: unknown }>, says: string) {
		try {
			const answer = await how();
			if (!answer.response.ok) dataOf<undefined>(answer);
			notify({ says });
		} catch (error) {
			notify(toldOf(error));
		}
		await queries.invalidateQueries({ queryKey: ['workshop'] });
	}

	async function make() {
		try {
			const { secret } = dataOf(await api.POST('/api/workshop/key', { body: { opensOnce } }));
			setLink(`${location.origin}/open#${secret}`);
		} catch (error) {
			notify(toldOf(error));
		}
		await queries.invalidateQueries({ queryKey: ['workshop'] });
	}

	return (
		<DialogSheet
			title={say('workshopMenu.openThisWorkshopInAnother')}
			{...(holds ? { says: say('workshopMenu.thisBrowserHoldsYourWorkshop', { link: LINK }) } : {})}
			open={open}
			onClose={() => {
				setLink(null);
				onClose();
			}}
			isDone
		>
			{!holds ? null : link === null ? (
				<>
					<p className="mb-2">{say('workshopMenu.itIsShownOnceA')}</p>
					<label className="mb-4 flex items-center gap-2">
						<input type="checkbox" checked={opensOnce} onChange={(event) => setOpensOnce(event.target.checked)} />
						{say('workshopAccess.opensOnce')}
					</label>
					<div className="flex flex-wrap gap-2">
						<Button kind="strong" onClick={() => void make()}>
							{say('workshopMenu.makeARecoveryLink')}
						</Button>
						{data?.hasKey === true && (
							<Button onClick={() => void ask(() => api.DELETE('/api/workshop/key'), say('workshopAccess.noLinkOpensIt'))}>
								{say('workshopAccess.endTheLink')}
							</Button>
						)}
					</div>
					{data?.hasKey === true && <p className="caption mt-2">{say('workshopAccess.aLinkIsThere', { once: String(data.keyOpensOnce) })}</p>}
				</>
			) : (
				<>
					<label htmlFor="recovery-link" className="caption block">
						{say('workshopMenu.yourRecoveryLinkKeepIt')}
					</label>
					<input id="recovery-link" readOnly className="field figures w-full text-sm" value={link} onFocus={(event) => event.target.select()} />
					<Button
						className="mt-2"
						onClick={() => void navigator.clipboard.writeText(link).then(() => notify({ says: say('workshopMenu.theLinkIsCopied') }))}
					>
						{say('workshopMenu.copyIt')}
					</Button>
				</>
			)}
			<p className="mt-4">
				<Button onClick={() => setIsElsewhere(true)}>{say('device.onAPhone')}</Button>
			</p>
			{isElsewhere && (
				<Suspense fallback={null}>
					<OnAnotherDevice to="/" onClose={() => setIsElsewhere(false)} />
				</Suspense>
			)}
			<h3 className="mt-6 mb-1 font-semibold">{say('workshopAccess.openIn')}</h3>
			<ul className="border-t border-rule">
				{data?.browsers.map(({ id, name, seenAt, isThis, person, role }) => (
					<li key={id} className="flex min-h-10 items-center gap-3 border-b border-rule py-1">
						<span className="min-w-0 flex-1">
							{name}
							<span className="caption block">
								{isThis ? say('workshopAccess.thisBrowser') : say('workshopAccess.lastSeen', { at: momentOf(seenAt) })}
								{(person !== null || role !== 'hold') && `, ${person ?? ''} ${say('account.mayDo', { role })}`}
							</span>
						</span>
						{!isThis && (
							<Button
								aria-label={say('workshopAccess.signOutName', { name })}
								onClick={() =>
									void ask(
										() => api.DELETE('/api/workshop/browsers/{id}', { params: { path: { id } } }),
										say('workshopAccess.nameIsSignedOut', { name }),
									)
								}
							>
								{say('workshopAccess.signOut')}
							</Button>
						)}
					</li>
				))}
			</ul>
			{others.length > 1 && (
				<Button className="mt-3" onClick={() => void ask(() => api.DELETE('/api/workshop/browsers'), say('workshopAccess.theOthersAreSignedOut'))}>
					{say('workshopAccess.signOutTheOthers')}
				</Button>
			)}
			{holds && <EraseWorkshop />}
		</DialogSheet>
	);
}
