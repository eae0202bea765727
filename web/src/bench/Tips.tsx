import { say } from '../ui/say';
import { usePiece } from './context';

/** What experience has to say of the piece's colours. */
export function Tips() {
	const { analysis } = usePiece();
	if (analysis === undefined || analysis.tips.length === 0) return null;
	return (
		<section aria-label={say('common.worthKnowing')} className="mb-4">
			<h3 className="font-semibold">{say('common.worthKnowing')}</h3>
			<ul>
				{analysis.tips.map((tip) => (
					<li key={tip} className="mt-1 border-l-4 border-rule pl-2">
						{tip}
					</li>
				))}
			</ul>
		</section>
	);
}
