import { lazy, Suspense, useState } from 'react';
import { Button } from '../../../ui/Button';
import { say } from '../../../ui/say';
import { useDraft } from '../../context';
import { useNeeded } from './useNeeded';

const OnAnotherDevice = lazy(async () => ({ default: (await import('../../../ui/OnAnotherDevice')).OnAnotherDevice }));

/** The way to the page beside the hands, and what is still missing; it stands in nobody's way. */
export function BeginMaking() {
	const id = useDraft((state) => state.id);
	const isAny = useDraft(({ plan }) => plan.pieces.some(({ rounds }) => rounds.length > 0));
	const missing = useNeeded(isAny)?.missing ?? [];
	const [isElsewhere, setIsElsewhere] = useState(false);
	if (!isAny) return null;
	return (
		<section className="mb-4 border border-ink bg-sheet px-3 py-3" aria-label={say('pattern.makeIt')}>
			<p className="flex flex-wrap items-center gap-x-4 gap-y-2">
				<a
					href={`/plan/${id}/make`}
					className="inline-flex min-h-11 items-center justify-center border border-ink bg-ink px-4 font-semibold text-paper hover:bg-black"
				>
					{say('pattern.makeIt')}
				</a>
				<Button onClick={() => setIsElsewhere(true)}>{say('pattern.onAPhone')}</Button>
				<span className="min-w-40 flex-1">{say('pattern.countsForYou')}</span>
			</p>
			{isElsewhere && (
				<Suspense fallback={null}>
					<OnAnotherDevice to={`/plan/${id}/make`} onClose={() => setIsElsewhere(false)} />
				</Suspense>
			)}
			{missing.length > 0 && (
				<>
					<p className="mt-3 font-semibold">{say('pattern.stillMissing')}</p>
					<ul className="list-inside list-disc">
						{missing.map((one) => (
							<li key={one}>{one}</li>
						))}
					</ul>
				</>
			)}
		</section>
	);
}
