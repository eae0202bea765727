import { Button } from '../../ui/Button';
import { notify } from '../../ui/Notices';
import { say } from '../../ui/say';

/** Recovery codes, shown this once. */
export function Codes({ codes, onRead }: { codes: readonly string[]; onRead: () => void }) {
	return (
		<section aria-label={say('account.codesAre')}>
			<h3 className="mb-1 text-lg font-semibold">{say('account.codesAre')}</h3>
			<p className="mb-3">{say('account.codesWhat')}</p>
			<ol className="figures mb-4 grid grid-cols-1 gap-x-6 border-y border-rule py-2 whitespace-nowrap sm:grid-cols-2">
				{codes.map((code) => (
					<li key={code} className="py-0.5">
						{code}
					</li>
				))}
			</ol>
			<div className="flex flex-wrap gap-2">
				<Button kind="strong" onClick={onRead}>
					{say('account.iHaveThem')}
				</Button>
				<Button onClick={() => void navigator.clipboard.writeText(codes.join('\n')).then(() => notify({ says: say('account.codesAreCopied') }))}>
					{say('account.copyCodes')}
				</Button>
			</div>
		</section>
	);
}
