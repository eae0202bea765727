import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { Menu, MenuItem } from '../ui/Menu';
import { notify } from '../ui/Notices';

const LINK = 'A recovery link opens the same workshop elsewhere, or here again if the cookie is lost. Whoever has the link has the workshop.';

/** The workshop as a whole: its key for another browser, all of it as a file. */
export function WorkshopMenu({ onBringIn }: { onBringIn: () => void }) {
	const [isOpen, setIsOpen] = useState(false);
	return (
		<>
			<Menu align="end" button={<Button>Workshop</Button>}>
				<MenuItem onSelect={() => setIsOpen(true)}>Open it in another browser …</MenuItem>
				<MenuItem asChild>
					<a href="/api/workshop/file">Download everything as one file</a>
				</MenuItem>
				<MenuItem onSelect={onBringIn}>Bring in a workshop file …</MenuItem>
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
			title="Open this workshop in another browser"
			says={`This browser holds your workshop by a cookie. ${LINK}`}
			open={open}
			onClose={() => {
				setLink(null);
				onClose();
			}}
			isDone
		>
			{link === null ? (
				<>
					<p className="mb-4">It is shown once. A new link takes the place of the one before, which then opens nothing.</p>
					<Button kind="strong" onClick={() => void make()}>
						Make a recovery link
					</Button>
				</>
			) : (
				<>
					<label htmlFor="recovery-link" className="caption block">
						Your recovery link: keep it where you keep passwords
					</label>
					<input id="recovery-link" readOnly className="field figures w-full text-sm" value={link} onFocus={(event) => event.target.select()} />
					<Button className="mt-2" onClick={() => void navigator.clipboard.writeText(link).then(() => notify({ says: 'The link is copied.' }))}>
						Copy it
					</Button>
				</>
			)}
		</DialogSheet>
	);
}
