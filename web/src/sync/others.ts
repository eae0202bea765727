import '../ui/guestWords';
import { may } from '../api/may';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';

/** Whether plans may be changed in the workshop that is open here; where not, it is said why. */
export function mayChange(): boolean {
	const isAllowed = may('edit');
	if (!isAllowed) notify({ says: say('may.notThis'), mend: say('may.copyIt') });
	return isAllowed;
}
