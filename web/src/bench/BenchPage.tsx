import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ApiError, api, dataOf } from '../api/client';
import { BenchView } from './BenchView';
import { type Station, stations } from './context';
import { openDraft } from './draft';
import type { DraftStore } from './draftState';
import { takeUnsaved } from './unsaved';

type Opening = { is: 'opening' } | { is: 'open'; draft: DraftStore } | { is: 'missing' } | { is: 'silent' };

/** Opens the plan that the address names. */
export function BenchPage() {
	const { id = '', station } = useParams();
	const [attempt, setAttempt] = useState(0);
	return <OpenPlan key={`${id} ${attempt}`} id={id} station={station} again={() => setAttempt(attempt + 1)} />;
}

function OpenPlan({ id, station, again }: { id: string; station: string | undefined; again: () => void }) {
	const navigate = useNavigate();
	const [opening, setOpening] = useState<Opening>({ is: 'opening' });

	useEffect(() => {
		let draft: DraftStore | undefined;
		let isOver = false;
		api.GET('/api/plans/{id}', { params: { path: { id } } })
			.then(async (answer) => {
				const opened = dataOf(answer);
				const left = isOver ? null : await takeUnsaved(id);
				if (isOver) return;
				draft = openDraft(opened, left);
				setOpening({ is: 'open', draft });
			})
			.catch((error: unknown) => {
				if (!isOver) setOpening({ is: error instanceof ApiError && error.problem.status < 500 ? 'missing' : 'silent' });
			});
		return () => {
			isOver = true;
			draft?.close();
		};
	}, [id]);

	if (opening.is === 'open') {
		const at = stations.find((name) => name === station) ?? 'colours';
		return <BenchView draft={opening.draft} station={at} goTo={(next: Station) => navigate(`/plan/${id}/${next}`, { replace: true })} />;
	}
	return (
		<main className="mx-auto max-w-xl p-12">
			{opening.is === 'opening' && <p>Opening the plan …</p>}
			{opening.is === 'missing' && (
				<>
					<h1 className="mb-2 text-2xl font-semibold">There is no such plan on your shelf.</h1>
					<p className="mb-4">It may have been taken off, or it belongs to another workshop.</p>
					<Link className="underline" to="/">
						Back to the shelf
					</Link>
				</>
			)}
			{opening.is === 'silent' && (
				<>
					<h1 className="mb-2 text-2xl font-semibold">Alternum does not answer.</h1>
					<p className="mb-4">Start it with bin/start. What you made is kept.</p>
					<button type="button" className="underline" onClick={again}>
						Try again
					</button>
				</>
			)}
		</main>
	);
}
