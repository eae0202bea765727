import { type ComponentProps, useCallback, useEffect, useState } from 'react';
import { Button } from '../ui/Button';
import { say } from '../ui/say';

const fetched = () => import('./InTheRound');
type View = Awaited<ReturnType<typeof fetched>>['default'];
/** Once it was fetched, it is there at once. */
let known: View | null = null;

/** The piece in the round, as soon as that part of the program is there. Where it cannot be fetched, the rest of the bench goes on. */
export function OnceFetched(props: ComponentProps<View>) {
	const [InTheRound, setView] = useState(() => known);
	const [isAway, setIsAway] = useState(false);
	const fetch = useCallback(() => {
		setIsAway(false);
		fetched().then(
			(part) => {
				known = part.default;
				setView(() => part.default);
			},
			() => setIsAway(true),
		);
	}, []);
	useEffect(() => {
		if (known !== null) return;
		fetch();
		window.addEventListener('online', fetch);
		return () => window.removeEventListener('online', fetch);
	}, [fetch]);

	if (InTheRound !== null) return <InTheRound {...props} />;
	return isAway ? (
		<div className="p-12" role="status">
			<p className="mb-3">{say('onceFetched.needsAConnection')}</p>
			<Button onClick={fetch}>{say('common.tryAgain')}</Button>
		</div>
	) : (
		<p className="p-12 text-faint">{say('sheet.turningItIntoTheRound')}</p>
	);
}
