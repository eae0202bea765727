import { useState } from 'react';
import { numbered } from '../../../ui/numbered';
import { say } from '../../../ui/say';
import { useNeeded } from './useNeeded';

/** Size, materials, gauge, techniques and words of the whole plan; fetched when the maker looks. */
export function WhatIsNeeded() {
	const [isOpen, setIsOpen] = useState(false);
	const data = useNeeded(isOpen)?.needed;
	return (
		<details className="mb-3 border border-rule bg-sheet px-3 py-2" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
			<summary className="cursor-pointer">{say('pattern.whatYouNeed')}</summary>
			<dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
				{numbered(data ?? []).map(({ at, one: { name, text } }) => (
					<div key={at} className="contents">
						<dt className="font-semibold">{name}</dt>
						<dd>{text}</dd>
					</div>
				))}
			</dl>
		</details>
	);
}
