import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import { forgetAll } from '../sync/forget';
import { Button } from '../ui/Button';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';

/** The end of a workshop: folded, and asked for twice, as nothing leads back. */
export function EraseWorkshop() {
	const [isSure, setIsSure] = useState(false);
	async function erase() {
		try {
			const answer = await api.DELETE('/api/workshop');
			if (!answer.response.ok) dataOf<undefined>(answer);
			await forgetAll();
			location.replace('/');
		} catch (error) {
			notify(toldOf(error));
		}
	}
	return (
		<details className="mt-6 border-t border-rule pt-3">
			<summary className="cursor-pointer font-semibold">{say('workshopAccess.eraseIt')}</summary>
			<p className="my-2 max-w-prose">{say('workshopAccess.whatGoes')}</p>
			<p className="mb-2">
				{say('workshopAccess.firstTake')}{' '}
				<a className="underline underline-offset-4" href="/api/workshop/file">
					{say('workshopAccess.asOneFile')}
				</a>
			</p>
			<label className="mb-3 flex items-center gap-2">
				<input type="checkbox" checked={isSure} onChange={(event) => setIsSure(event.target.checked)} />
				{say('workshopAccess.nothingToKeep')}
			</label>
			<Button disabled={!isSure} onClick={() => void erase()}>
				{say('workshopAccess.forGood')}
			</Button>
		</details>
	);
}
