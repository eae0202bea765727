import type { Step } from '../../../api/types';
import { say } from '../../../ui/say';

/** What often goes wrong at a step and what helps, folded away until somebody looks. */
export function MayGoWrong({ all }: { all: Step['mayGoWrong'] }) {
	if (all.length === 0) return null;
	return (
		<details className="mb-1 text-[15px]">
			<summary className="caption cursor-pointer">{say('pattern.ifItGoesWrong')}</summary>
			<dl className="border-l border-rule pl-2">
				{all.map(({ trouble, remedy }) => (
					<div key={trouble} className="mt-1">
						<dt className="font-semibold">{trouble}</dt>
						<dd>{remedy}</dd>
					</div>
				))}
			</dl>
		</details>
	);
}
