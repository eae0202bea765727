import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { useMay } from '../api/may';
import { toldOf } from '../api/trouble';
import type { YarnAtHand, YarnDescription } from '../api/types';
import { Button } from '../ui/Button';
import { isolated } from '../ui/isolated';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import { useOnDemand } from '../ui/useOnDemand';
import { weightsIn } from '../ui/weights';

const dialog = () => import('./YarnDialog');

const fresh: YarnDescription = { name: '', hex: '#8A8F86', weight: 'dk', metresPer100g: 250, grams: 50 };

/** The yarn on hand, whatever plan it goes into. */
export function YarnShelf({ yarns }: { yarns: readonly YarnAtHand[] }) {
	const queries = useQueryClient();
	const [edited, setEdited] = useState<{ id: string | null; yarn: YarnDescription } | null>(null);
	const again = () => queries.invalidateQueries({ queryKey: ['shelf'] });
	const mayEdit = useMay('edit');
	const silent = (error: unknown) => notify(toldOf(error));

	const save = useMutation({
		mutationFn: async ({ id, yarn }: { id: string | null; yarn: YarnDescription }) =>
			id === null
				? dataOf(await api.POST('/api/yarns', { body: yarn }))
				: dataOf(await api.PUT('/api/yarns/{id}', { params: { path: { id } }, body: yarn })),
		onSuccess: () => {
			setEdited(null);
			void again();
		},
		onError: silent,
	});
	const remove = useMutation({
		mutationFn: async ({ id }: YarnAtHand) => dataOf(await api.DELETE('/api/yarns/{id}', { params: { path: { id } } })),
		onSuccess: (_, { id: _id, ...yarn }) => {
			void again();
			notify({
				says: say('yarnShelf.nameIsDeleted', { name: isolated(yarn.name) }),
				action: { label: say('common.putItBack'), run: () => save.mutate({ id: null, yarn }) },
			});
		},
		onError: silent,
	});

	const [parts, fetch] = useOnDemand(dialog);
	const edit = async (one: { id: string | null; yarn: YarnDescription }) => setEdited((await fetch()) ? one : null);
	return (
		<section aria-label={say('yarnShelf.yarnOnHand')}>
			<h2 className="mb-2 text-lg font-semibold">{say('yarnShelf.yarnOnHand')}</h2>
			<ul>
				{yarns.map((yarn) => (
					<li key={yarn.id} className="flex items-center border-t border-rule hover:bg-shade">
						<button
							type="button"
							disabled={!mayEdit}
							className="figures flex min-w-0 flex-1 items-center gap-3 py-2 text-left"
							onClick={() => {
								const { id, ...rest } = yarn;
								void edit({ id, yarn: rest });
							}}
						>
							<span className="yarn size-8 shrink-0 border border-ink/25" style={{ background: yarn.hex }} />
							<span className="min-w-0 flex-1">
								<span className="block truncate">
									<bdi>{yarn.name}</bdi>
								</span>
								<span className="caption block">{weightsIn('us').find(([key]) => key === yarn.weight)?.[1]}</span>
							</span>
							<span className="text-lg font-semibold">{say('common.gramsG', { grams: yarn.grams })}</span>
						</button>
						{mayEdit && (
							<Button
								kind="bare"
								className="min-w-9"
								aria-label={say('common.deleteName', { name: isolated(yarn.name) })}
								onClick={() => remove.mutate(yarn)}
							>
								<Trash2 size={16} />
							</Button>
						)}
					</li>
				))}
			</ul>
			{mayEdit && (
				<Button className="mt-3" onClick={() => void edit({ id: null, yarn: fresh })}>
					<Plus size={16} /> {say('common.addAYarn')}
				</Button>
			)}
			{parts !== null && (
				<parts.YarnDialog
					title={edited?.id === null ? say('yarnShelf.aYarnForTheShelf') : say('yarnShelf.yarnOnHand')}
					yarn={edited?.yarn ?? null}
					isPending={save.isPending}
					onChange={(to) => setEdited((is) => (is === null ? null : { ...is, yarn: { ...is.yarn, ...to } }))}
					onKeep={() => edited !== null && save.mutate(edited)}
					onClose={() => setEdited(null)}
				/>
			)}
		</section>
	);
}
