import '../ui/benchWords';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { ApiError } from '../api/client';
import { type Told, toldOf } from '../api/trouble';
import { openDraft } from '../sync/draft';
import type { DraftStore } from '../sync/draftState';
import { keeping } from '../sync/kept';
import { opened } from '../sync/opening';
import { hold } from '../sync/unsaved';
import { say } from '../ui/say';
import { BenchView } from './BenchView';
import { placeOf, takeUpTools } from './place';
import { pieceOf, useAddress } from './useAddress';

type Opening = { is: 'opening' } | { is: 'open'; draft: DraftStore } | { is: 'missing' } | { is: 'silent'; told: Told };

/** Opens the plan that the address names. */
export function BenchPage() {
	const { id = '', station } = useParams();
	const [attempt, setAttempt] = useState(0);
	return <OpenPlan key={`${id} ${attempt}`} id={id} station={station} again={() => setAttempt(attempt + 1)} />;
}

function OpenPlan({ id, station, again }: { id: string; station: string | undefined; again: () => void }) {
	const address = useAddress(id, station);
	const [opening, setOpening] = useState<Opening>({ is: 'opening' });

	useEffect(() => {
		let draft: DraftStore | undefined;
		let kept: (() => void) | undefined;
		let isOver = false;
		// From now on what is kept of it is sent from here alone.
		const release = hold(id);
		opened(id, pieceOf(location.search) ?? placeOf(id).piece, () => isOver)
			.then((found) => {
				if (found === null) return;
				takeUpTools(
					id,
					found.plan.analysis.yarns.every(({ stitches }) => stitches === 0),
				);
				draft = openDraft(found.plan, found.left);
				kept = keeping(draft);
				setOpening({ is: 'open', draft });
			})
			.catch((error: unknown) => {
				if (!isOver) setOpening(error instanceof ApiError && error.problem.status === 404 ? { is: 'missing' } : { is: 'silent', told: toldOf(error) });
			});
		return () => {
			isOver = true;
			release();
			kept?.();
			draft?.close();
		};
	}, [id]);

	if (opening.is === 'open') return <BenchView draft={opening.draft} {...address} />;
	return (
		<main className="mx-auto max-w-xl p-12">
			{opening.is === 'opening' && <p>{say('benchPage.openingThePlan')}</p>}
			{opening.is === 'missing' && (
				<>
					<h1 className="mb-2 text-2xl font-semibold">{say('benchPage.thereIsNoSuchPlan')}</h1>
					<p className="mb-4">{say('benchPage.itMayHaveBeenTaken')}</p>
					<Link className="underline" to="/">
						{say('common.backToTheShelf')}
					</Link>
				</>
			)}
			{opening.is === 'silent' && (
				<>
					<h1 className="mb-2 text-2xl font-semibold">{opening.told.says}</h1>
					<p className="mb-4">{opening.told.mend}</p>
					<p className="flex gap-4">
						<button type="button" className="underline" onClick={again}>
							{say('common.tryAgain')}
						</button>
						<Link className="underline" to="/">
							{say('common.backToTheShelf')}
						</Link>
					</p>
				</>
			)}
		</main>
	);
}
