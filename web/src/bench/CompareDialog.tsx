import { useQueries, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { ApiError, api, dataOf } from '../api/client';
import type { PieceAnalysis } from '../api/types';
import type { Sight } from '../solid/Compared';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField } from '../ui/Field';
import { numbered } from '../ui/numbered';
import { say } from '../ui/say';
import { shownAs, useShownYarns, useTools } from './chartTools';
import { useBench, useDraft } from './context';
import { posedOf } from './useWholeToy';

const Compared = lazy(() => import('../solid/Compared'));

/** So many are looked at beside what is. */
const BESIDE = 2;
const NOW = 'now';

interface Props {
	open: boolean;
	piece: PieceAnalysis;
	/** the whole toy, not the piece alone */
	isToy: boolean;
	onClose: () => void;
}

/** What could be otherwise, beside what is, and taken at a press. */
export function CompareDialog({ open, onClose, ...rest }: Props) {
	return (
		<DialogSheet title={say('compare.title')} says={say('compare.says')} open={open} onClose={onClose} isWide>
			<Comparing onClose={onClose} {...rest} />
		</DialogSheet>
	);
}

function Comparing({ piece, isToy, onClose }: Omit<Props, 'open'>) {
	const { draft } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const constants = useDraft(({ analysis }) => analysis.constants);
	const planned = useDraft(({ plan }) => plan.pieces);
	const isLeftHanded = useDraft(({ plan }) => plan.hand === 'left');
	const yarns = useShownYarns();
	const sight = useTools((tools) => tools.sight);
	const { data, isError } = useQuery({
		queryKey: ['choices', id, revision, piece.key],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/choices', { params: { path: { id }, query: { piece: piece.key } } })),
	});
	const choices = data?.choices ?? [];
	const [about, setAbout] = useState<string | null>(null);
	const abouts = [...new Set(choices.map((choice) => choice.about))];
	const chosen = about ?? abouts[0] ?? '';
	/** Two things may be called alike, so each is known by its place. */
	const offered = numbered(choices).filter(({ one }) => one.about === chosen);
	const [picked, setPicked] = useState<readonly number[] | null>(null);
	const places = picked ?? offered.slice(0, BESIDE).map(({ at }) => at);
	const beside = offered.filter(({ at }) => places.includes(at));

	const edits = [null, ...beside.map(({ one }) => one.edit)];
	const answers = useQueries({
		queries: edits.map((edit) => ({
			// What is, is fetched once, whoever looks at it.
			queryKey: edit === null ? ['toy', id, revision] : ['toy', id, revision, edit],
			queryFn: async () =>
				edit === null
					? dataOf(await api.GET('/api/plans/{id}/toy', { params: { path: { id } } }))
					: dataOf(await api.POST('/api/plans/{id}/toy', { params: { path: { id } }, body: { edit } })),
		})),
	});
	const sights = answers.map(({ data: toy, error }, at): Sight => {
		const posed = toy === undefined ? [] : posedOf(toy, constants, planned);
		const alone = posed.find((one) => one.piece.key === piece.key)?.piece;
		const choice = beside[at - 1];
		const isThere = isToy ? posed.length > 0 : alone !== undefined;
		return {
			key: choice === undefined ? NOW : String(choice.at),
			label: choice?.one.label ?? say('compare.asItIs'),
			yarns: toy?.yarns?.map((yarn) => shownAs(yarn, toy.shown ?? [], sight)) ?? yarns,
			looked: !isThere ? null : isToy || alone === undefined ? { posed } : { piece: alone },
			says: error instanceof ApiError ? error.problem.detail : error !== null || toy !== undefined ? say('compare.notDrawn') : undefined,
		};
	});

	if (isError) return <p>{say('compare.away')}</p>;
	if (data === undefined) return <p className="text-faint">{say('compare.working')}</p>;
	if (choices.length === 0) return <p>{say('compare.nothing')}</p>;
	return (
		<div className="flex h-[70vh] flex-col gap-3">
			<div className="flex flex-wrap items-end gap-3">
				<ChoiceField
					label={say('compare.about')}
					value={chosen}
					choices={abouts.map((one) => [one, one])}
					onChange={(to) => {
						setAbout(to);
						setPicked(null);
					}}
				/>
				<fieldset className="flex max-h-24 flex-1 flex-wrap gap-x-4 gap-y-1 overflow-y-auto" aria-label={chosen}>
					{offered.map(({ at, one: { label } }) => {
						const is = places.includes(at);
						return (
							<label key={at} className="flex items-center gap-1.5">
								<input
									type="checkbox"
									checked={is}
									// One more takes the place of the one that was picked first.
									onChange={() => setPicked(is ? places.filter((one) => one !== at) : [...places, at].slice(-BESIDE))}
								/>
								{label}
							</label>
						);
					})}
				</fieldset>
			</div>
			<Suspense fallback={<p className="text-faint">{say('compare.working')}</p>}>
				<Compared
					// Of another thing to choose it is looked at anew.
					key={chosen}
					sights={sights}
					lies={piece.lies}
					turned={offered[0]?.one.turned ?? 0}
					looks={constants.looks}
					isLeftHanded={isLeftHanded}
					below={(key) => {
						const choice = beside.find(({ at }) => String(at) === key)?.one;
						if (choice === undefined) return <Button onClick={onClose}>{say('compare.keep')}</Button>;
						return (
							<Button
								kind="strong"
								aria-label={say('compare.takeLabel', { label: choice.label })}
								onClick={() => {
									draft.edit(choice.edit);
									onClose();
								}}
							>
								{say('compare.take')}
							</Button>
						);
					}}
				/>
			</Suspense>
		</div>
	);
}
