import { useEffect, useState } from 'react';
import { toldOf } from '../../api/trouble';
import { say } from '../../ui/say';
import { difference, follow } from '../link';
import { useMaking } from '../making';
import { Sheet } from './Sheet';

/** The plan was changed while it is made: what is otherwise, and from when on that holds. */
export function Otherwise({ onClose }: { onClose: () => void }) {
	const making = useMaking((state) => state.making);
	const [known, setKnown] = useState<{ revision: number; says: string[] } | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const id = making?.id ?? '';
	useEffect(() => {
		difference(id).then(setKnown, (error) => setTrouble(toldOf(error).says));
	}, [id]);
	async function take(from: 'round' | 'copy' | 'never') {
		try {
			await follow(known?.revision ?? 0, from);
			onClose();
		} catch (error) {
			setTrouble(toldOf(error).says);
		}
	}
	return (
		<Sheet title={say('make.thePlanWasChanged')} onClose={onClose}>
			{trouble !== null && <p role="alert">{trouble}</p>}
			{known === null && trouble === null && <p>{say('make.lookingAhead')}</p>}
			{known !== null && (
				<>
					{known.says.length === 0 ? (
						<p>{say('make.nothingIsOtherwise')}</p>
					) : (
						<ul className="list-inside list-disc">
							{known.says.map((one) => (
								<li key={one}>{one}</li>
							))}
						</ul>
					)}
					<p className="mt-3">{say('make.whatIsMadeStays')}</p>
					<p className="mt-3 flex flex-col gap-2">
						{(['round', 'copy', 'never'] as const).map((from) => (
							<button key={from} type="button" className="make-small" onClick={() => void take(from)}>
								{say('make.follow', { from })}
							</button>
						))}
					</p>
				</>
			)}
		</Sheet>
	);
}
