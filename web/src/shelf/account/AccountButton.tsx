import { useState } from 'react';
import { Button } from '../../ui/Button';
import { say } from '../../ui/say';
import { useOnDemand } from '../../ui/useOnDemand';

const dialog = () => import('./AccountDialog');

/** Where accounts are offered: who is signed in, and who else has a part in the workshop. */
export function AccountButton() {
	const [isOpen, setIsOpen] = useState(false);
	const [parts, fetch] = useOnDemand(dialog);
	return (
		<>
			<Button onClick={async () => setIsOpen(await fetch())}>{say('shelf.account')}</Button>
			{parts !== null && isOpen && <parts.AccountDialog onClose={() => setIsOpen(false)} />}
		</>
	);
}
