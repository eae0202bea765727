import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiError, api, dataOf } from '../../../api/client';
import type { Edit, Weight } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/Field';
import { RunField } from '../../../ui/LengthField';
import { numbered } from '../../../ui/numbered';
import { say } from '../../../ui/say';
import { useRested } from '../../../ui/useRested';
import { weightsIn } from '../../../ui/weights';
import { useBench, useDraft } from '../../context';
import { sideBySide } from './sideBySide';

const PAUSE_MS = 300;

/** The same toy in a thicker or thinner yarn, compared before it is taken. */
export function AnotherYarn() {
	const { draft } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const units = useDraft(({ plan }) => plan.units);
	const terms = useDraft(({ plan }) => plan.terms);
	const [weight, setWeight] = useState<Weight | ''>('');
	const [metres, setMetres] = useState<number | null>(null);
	const edit: Edit | null = weight === '' ? null : { do: 'another-yarn', weight, ...(metres === null ? {} : { metresPer100g: metres }) };
	const asked = useRested(JSON.stringify(edit), PAUSE_MS);
	const { data, error, isFetching } = useQuery({
		queryKey: ['another-yarn', id, asked, revision],
		queryFn: async () => dataOf(await api.POST('/api/plans/{id}/needed', { params: { path: { id } }, body: { edit: JSON.parse(asked ?? 'null') } })),
		enabled: asked !== undefined && asked !== 'null',
	});
	const rows = data === undefined ? [] : sideBySide(data.now, data.after);
	return (
		<section aria-label={say('yarns.anotherYarn')}>
			<h3 className="mt-6 mb-1 font-semibold">{say('yarns.anotherYarn')}</h3>
			<p className="caption mb-2">{say('yarns.anotherYarnSays')}</p>
			<div className="grid grid-cols-2 gap-2">
				<ChoiceField<Weight | ''>
					label={say('common.weight')}
					value={weight}
					choices={[['', say('yarns.chooseAWeight')], ...weightsIn(terms)]}
					onChange={(to) => {
						setWeight(to);
						setMetres(null);
					}}
				/>
				<RunField optionalLabel={say('yarns.in100GAsUsual')} units={units} value={metres} onChange={setMetres} />
			</div>
			<div aria-live="polite">
				{weight !== '' && error instanceof ApiError && <p className="mt-2 border-l-4 border-ink pl-2">{error.problem.detail}</p>}
				{weight !== '' && isFetching && data === undefined && <p className="mt-2 text-faint">{say('yarns.workingItOut')}</p>}
				{weight !== '' && data !== undefined && (
					<>
						<table className="figures mt-3 w-full text-left text-sm">
							<thead>
								<tr>
									<th className="caption w-1/2 pr-2 font-normal">{say('yarns.now')}</th>
									<th className="caption w-1/2 font-normal">{say('yarns.then')}</th>
								</tr>
							</thead>
							{numbered(rows).map(({ at, one }) => (
								<tbody key={at} className="align-top">
									{one.name !== rows[at - 1]?.name && (
										<tr>
											<th colSpan={2} scope="rowgroup" className="pt-2 font-semibold">
												{one.name}
											</th>
										</tr>
									)}
									<tr className="border-t border-rule">
										<td className="py-1 pr-2">{one.now}</td>
										<td className="py-1">{one.after}</td>
									</tr>
								</tbody>
							))}
						</table>
						<Button
							className="mt-2"
							kind="strong"
							onClick={() => {
								if (edit !== null) draft.edit(edit);
								setWeight('');
							}}
						>
							{say('yarns.takeIt')}
						</Button>
					</>
				)}
			</div>
		</section>
	);
}
