import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { Menu, MenuItem } from '../ui/Menu';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';

const LINK = say('workshopMenu.aRecoveryLinkOpensThe');

/** The workshop as a whole: its key for another browser, all of it as a file. */
export function WorkshopMenu({ onBringIn }: { onBringIn: () => void }) {
	const [isOpen, setIsOpen] = useState(false);
	return (
		<>
			<Menu align="end" button={<Button>{say('workshopMenu.workshop')}</Button>}>
				<MenuItem onSelect={() => setIsOpen(true)}>{say('workshopMenu.openItInAnotherBrowser')}</MenuItem>
				<MenuItem asChild>
					<a href="/api/workshop/file">{say('workshopMenu.downloadEverythingAsOneFile')}</a>
				</MenuItem>
				<MenuItem onSelect={onBringIn}>{say('workshopMenu.bringInAWorkshopFile')}</MenuItem>
			</Menu>
			<KeyDialog open={isOpen} onClose={() => setIsOpen(false)} />
		</>
	);
}

function KeyDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const [link, setLink] = useState<string | null>(null);
	async function make() {
		try {
			const { secret } = dataOf(await api.POST('/api/workshop/key'));
			setLink(`${location.origin}/open#${secret}`);
		} catch (error) {
			notify(toldOf(error));
		}
	}
	return (
		<DialogSheet
			title={say('workshopMenu.openThisWorkshopInAnother')}
			says={say('workshopMenu.thisBrowserHoldsYourWorkshop', { link: LINK })}
			open={open}
			onClose={() => {
				setLink(null);
				onClose();
			}}
			isDone
		>
			{link === null ? (
				<>
					<p className="mb-4">{say('workshopMenu.itIsShownOnceA')}</p>
					<Button kind="strong" onClick={() => void make()}>
						{say('workshopMenu.makeARecoveryLink')}
					</Button>
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
		</DialogSheet>
	);
}
