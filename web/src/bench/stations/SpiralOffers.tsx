import { useQuery } from '@tanstack/react-query';
import { api, dataOf } from '../../api/client';
import { Button } from '../../ui/Button';
import { say } from '../../ui/say';
import { useBench, useDraft, usePiece } from '../context';

/** Stripes of one round leave a jog each; in one spiral they leave none. */
export function SpiralOffers() {
	const { analysis } = usePiece();
	return analysis?.spirals?.map((spiral) => <Offer key={spiral.from} {...spiral} />);
}

function Offer({ from, to, yarns }: { from: number; to: number; yarns: string }) {
	const { draft, piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const { data } = useQuery({
		queryKey: ['helix', id, piece, `${from} ${to} ${yarns}`, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/helix', { params: { path: { id }, query: { piece, from, to, yarns } } })),
		placeholderData: (before) => before,
	});
	return (
		<section aria-label={say('spiral.title')} className="mb-4 border-l-4 border-ink pl-3">
			<p>
				{say('spiral.stripes', { from, to, yarns: [...yarns].join(', ') })}{' '}
				{data !== undefined &&
					say('spiral.instead', { ends: data.helix.ends, jogs: data.helix.jogs, now: data.carried.jogs, nowEnds: data.carried.ends })}
			</p>
			<Button kind="strong" className="mt-2 w-full" onClick={() => draft.edit({ do: 'as-spiral', piece, from })}>
				{say('spiral.workThemSo')}
			</Button>
		</section>
	);
}
