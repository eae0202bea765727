import { useState } from 'react';
import { TextField } from '../../../ui/Field';
import { say } from '../../../ui/say';

/** Where something is, in a line that is typed over: taken when it is left, or by Enter; Escape leaves it as it was. */
export function PlaceLine({ said, onSaid }: { said: string; onSaid: (said: string) => void }) {
	const [typed, setTyped] = useState<string | null>(null);
	const take = () => {
		if (typed !== null && typed.trim() !== '' && typed !== said) onSaid(typed.trim());
		setTyped(null);
	};
	return (
		<TextField
			label={say('parts.whereItIs')}
			className="col-span-2"
			value={typed ?? said}
			maxLength={200}
			onChange={setTyped}
			onBlur={take}
			onKeyDown={(event) => {
				if (event.key === 'Enter') take();
				if (event.key === 'Escape') setTyped(null);
			}}
		/>
	);
}
