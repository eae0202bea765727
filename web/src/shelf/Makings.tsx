import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../api/client';
import { momentOf, say } from '../ui/say';

/** What is being made, and how far it is. */
export function Makings() {
	const { data } = useQuery({ queryKey: ['makings'], queryFn: async () => dataOf(await api.GET('/api/makings')).makings, refetchOnMount: 'always' });
	if (data === undefined || data.length === 0) return null;
	return (
		<section className="mb-8" aria-labelledby="in-the-making">
			<h2 id="in-the-making" className="mb-2 text-lg font-semibold">
				{say('shelf.inTheMaking')}
			</h2>
			<ul>
				{data.map(({ id, plan, title, worked, of, touchedAt }) => (
					<li key={id} className="border-t border-rule hover:bg-shade">
						<a href={`/plan/${plan}/make?making=${id}`} className="flex items-center gap-5 py-2">
							<span className="min-w-0 flex-1">
								<span className="block truncate font-semibold">{title === '' ? say('common.untitled') : title}</span>
								<span className="caption">{say('shelf.lastWorkedOn', { moment: momentOf(touchedAt) })}</span>
							</span>
							<span className="figures w-40 shrink-0 text-right max-[479px]:w-24">
								{worked >= of ? say('shelf.allStitchesMade') : say('shelf.stitchesMade', { worked, of })}
								<span className="mt-1 block h-1.5 border border-ink">
									<span className="block h-full bg-ink" style={{ width: `${of === 0 ? 0 : (100 * worked) / of}%` }} />
								</span>
							</span>
						</a>
					</li>
				))}
			</ul>
		</section>
	);
}
