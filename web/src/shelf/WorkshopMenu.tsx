import { useState } from 'react';
import { useMay } from '../api/may';
import { Button } from '../ui/Button';
import { Menu, MenuItem } from '../ui/Menu';
import { say } from '../ui/say';
import { useOnDemand } from '../ui/useOnDemand';

const access = () => import('./WorkshopAccess');

/** The workshop as a whole: its key for another browser, all of it as a file. */
export function WorkshopMenu({ onBringIn }: { onBringIn: () => void }) {
	const [isOpen, setIsOpen] = useState(false);
	const [parts, fetch] = useOnDemand(access);
	const mayEdit = useMay('edit');
	const open = async () => setIsOpen(await fetch());
	return (
		<>
			<Menu align="end" button={<Button>{say('workshopMenu.workshop')}</Button>}>
				<MenuItem onSelect={() => void open()}>{say('workshopMenu.openItInAnotherBrowser')}</MenuItem>
				<MenuItem asChild>
					<a href="/api/workshop/file">{say('workshopMenu.downloadEverythingAsOneFile')}</a>
				</MenuItem>
				{mayEdit && <MenuItem onSelect={onBringIn}>{say('workshopMenu.bringInAWorkshopFile')}</MenuItem>}
			</Menu>
			{parts !== null && <parts.WorkshopAccess open={isOpen} onClose={() => setIsOpen(false)} />}
		</>
	);
}
