import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { Weight, YarnAtHand, YarnDescription } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField, TextField } from '../ui/Field';
import { isolated } from '../ui/isolated';
import { RunField } from '../ui/LengthField';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import { unitsKept } from '../ui/unitsKept';
import { weightsIn } from '../ui/weights';

const fresh: YarnDescription = { name: '', hex: '#8A8F86', weight: 'dk', metresPer100g: 250, grams: 50 };

/** The yarn on hand, whatever plan it goes into. */
export function YarnShelf({ yarns }: { yarns: readonly YarnAtHand[] }) {
	const queries = useQueryClient();
	const [edited, setEdited] = useState<{ id: string | null; yarn: YarnDescription } | null>(null);
	const again = () => queries.invalidateQueries({ queryKey: ['shelf'] });
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

	const change = (to: Partial<YarnDescription>) => setEdited((is) => (is === null ? null : { ...is, yarn: { ...is.yarn, ...to } }));
	return (
		<section aria-label={say('yarnShelf.yarnOnHand')}>
			<h2 className="mb-2 text-lg font-semibold">{say('yarnShelf.yarnOnHand')}</h2>
			<ul>
				{yarns.map((yarn) => (
					<li key={yarn.id} className="flex items-center border-t border-rule hover:bg-shade">
						<button
							type="button"
							className="figures flex min-w-0 flex-1 items-center gap-3 py-2 text-left"
							onClick={() => {
								const { id, ...rest } = yarn;
								setEdited({ id, yarn: rest });
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
						<Button
							kind="bare"
							className="min-w-9"
							aria-label={say('common.deleteName', { name: isolated(yarn.name) })}
							onClick={() => remove.mutate(yarn)}
						>
							<Trash2 size={16} />
						</Button>
					</li>
				))}
			</ul>
			<Button className="mt-3" onClick={() => setEdited({ id: null, yarn: fresh })}>
				<Plus size={16} /> {say('common.addAYarn')}
			</Button>
			<DialogSheet
				title={edited?.id === null ? say('yarnShelf.aYarnForTheShelf') : say('yarnShelf.yarnOnHand')}
				open={edited !== null}
				onClose={() => setEdited(null)}
			>
				{edited !== null && (
					<form
						className="grid grid-cols-2 gap-4"
						onSubmit={(event) => {
							event.preventDefault();
							save.mutate(edited);
						}}
					>
						<TextField label={say('common.name')} required maxLength={120} value={edited.yarn.name} onChange={(name) => change({ name })} />
						<div>
							<label htmlFor="yarn-colour" className="caption block">
								{say('common.colour')}
							</label>
							<input
								id="yarn-colour"
								type="color"
								className="field h-[34px] w-full !p-0.5"
								value={edited.yarn.hex}
								onChange={(event) => change({ hex: event.target.value.toUpperCase() })}
							/>
						</div>
						<ChoiceField<Weight>
							label={say('common.weight')}
							value={edited.yarn.weight}
							choices={weightsIn('us')}
							onChange={(weight) => change({ weight })}
						/>
						<RunField units={unitsKept()} value={edited.yarn.metresPer100g} onChange={(metresPer100g) => change({ metresPer100g })} />
						<NumberField
							label={say('common.atHand')}
							unit={say('common.g')}
							min={0}
							max={100000}
							step={0.5}
							value={edited.yarn.grams}
							onChange={(n) => n !== null && change({ grams: n })}
						/>
						<div className="flex items-end justify-end gap-2">
							<Button onClick={() => setEdited(null)}>{say('common.cancel')}</Button>
							<Button kind="strong" type="submit" disabled={save.isPending || edited.yarn.name.trim() === ''}>
								{say('yarnShelf.keep')}
							</Button>
						</div>
					</form>
				)}
			</DialogSheet>
		</section>
	);
}
