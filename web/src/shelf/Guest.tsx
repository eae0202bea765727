import '../ui/guestWords';
import { useRole } from '../api/may';
import { say } from '../ui/say';

/** What somebody may do on a shelf that another holds. */
export function Guest() {
	const role = useRole();
	return <p className="mb-6 border-l-4 border-ink pl-3">{say('may.what', { role })}.</p>;
}
