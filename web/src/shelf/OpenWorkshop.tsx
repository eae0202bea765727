import '../ui/workshopWords';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, dataOf } from '../api/client';
import { type Told, toldOf } from '../api/trouble';
import { forgetAll } from '../sync/forget';
import { Button } from '../ui/Button';
import { say } from '../ui/say';

/** Where the link leads on to: to a page of this program alone. */
function whereTo(search: string): string {
	const to = new URLSearchParams(search).get('to') ?? '';
	return /^\/plan\/[0-9A-Za-z]+(\/[a-z]+)?$/.test(to) ? to : '/';
}

/** Where a recovery link leads. What stands behind # is never part of a request for a page, so no log holds it. */
export function OpenWorkshop() {
	const secret = location.hash.slice(1);
	const [told, setTold] = useState<Told | null>(null);
	async function open() {
		try {
			const answer = await api.POST('/api/workshop/open', { body: { secret } });
			if (!answer.response.ok) dataOf<undefined>(answer);
			// Nothing of the workshop that was open here stays on this device.
			await forgetAll();
			location.replace(whereTo(location.search));
		} catch (error) {
			setTold(toldOf(error));
		}
	}
	return (
		<main className="mx-auto max-w-xl p-12">
			<h1 className="mb-2 text-2xl font-semibold">{say('openWorkshop.openAWorkshopHere')}</h1>
			<p className="mb-4">
				{say('openWorkshop.thisBrowserWillHoldThe')}
				{document.querySelector('meta[name=accounts]') !== null && ` ${say('openWorkshop.orSignIn')}`}
			</p>
			{told !== null && (
				<p role="alert" className="mb-4 border-l-4 border-ink pl-3">
					{told.says} {told.mend}
				</p>
			)}
			<div className="flex items-center gap-4">
				<Button kind="strong" disabled={secret === ''} onClick={() => void open()}>
					{say('openWorkshop.openItInThisBrowser')}
				</Button>
				<Link className="underline" to="/">
					{say('common.backToTheShelf')}
				</Link>
			</div>
		</main>
	);
}
