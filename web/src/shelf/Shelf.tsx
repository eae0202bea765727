import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { FilePlus2, FolderOpen, Trash2 } from 'lucide-react';
import { lazy, Suspense, useCallback, useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ApiError, api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { Plan, PlanOnShelf, Problem } from '../api/types';
import { tell } from '../sync/watch';
import { Button } from '../ui/Button';
import { isolated } from '../ui/isolated';
import { notify } from '../ui/Notices';
import { nameWindow } from '../ui/nameWindow';
import { Still } from '../ui/Still';
import { momentOf, say } from '../ui/say';
import type { Refusal } from './RefusedFile';
import { Silhouette } from './Silhouette';
import { useUnsaved } from './useUnsaved';
import { WorkshopMenu } from './WorkshopMenu';
import { bringIn, isWorkshopFile, type WorkshopFile } from './workshopFile';
import { YarnShelf } from './YarnShelf';

const Makings = lazy(async () => ({ default: (await import('./Makings')).Makings }));
const RefusedFile = lazy(async () => ({ default: (await import('./RefusedFile')).RefusedFile }));

/** The largest plan file that is taken, as the schema says. */
const MOST_BYTES = 1024 * 1024;

/** The first page: plans and yarn on hand. */
export function Shelf() {
	const navigate = useNavigate();
	const queries = useQueryClient();
	const picker = useRef<HTMLInputElement>(null);
	const [refusal, setRefusal] = useState<Refusal | null>(null);
	const [progress, setProgress] = useState<string | null>(null);
	const shelf = useQuery({ queryKey: ['shelf'], queryFn: async () => dataOf(await api.GET('/api/shelf')), refetchOnMount: 'always' });
	const again = useCallback(() => void queries.invalidateQueries({ queryKey: ['shelf'] }), [queries]);
	const silent = (error: unknown) => notify(toldOf(error));
	const { unsaved, save } = useUnsaved(again);

	useEffect(() => {
		nameWindow('Alternum');
	}, []);
	const [isInPlace, setIsInPlace] = useState(() => document.querySelector('meta[name=workshop]') !== null);

	const begin = useMutation({
		mutationFn: async (plan: Plan) => dataOf(await api.POST('/api/plans', { body: plan })),
		onSuccess: (opened, plan) => navigate(`/plan/${opened.id}/${plan.pieces.some(({ rounds }) => rounds.length > 0) ? 'colours' : 'rounds'}`),
		onError: silent,
	});

	const remove = useMutation({
		mutationFn: async ({ id }: PlanOnShelf) => dataOf(await api.DELETE('/api/plans/{id}', { params: { path: { id } } })),
		onSuccess: (_, { id, title }) => {
			again();
			tell({ plan: id, is: 'gone' });
			notify({
				says: say('shelf.titleIsDeleted', { title: isolated(title) }),
				action: { label: say('common.putItBack'), run: () => void putBack(id) },
			});
		},
		onError: silent,
	});

	async function putBack(id: string) {
		try {
			const answer = await api.POST('/api/plans/{id}/restore', { params: { path: { id } } });
			if (!answer.response.ok) dataOf<undefined>(answer);
			tell({ plan: id, is: 'back' });
		} catch (error) {
			silent(error);
		}
		again();
	}

	async function bringAllIn(file: WorkshopFile, name: string) {
		setProgress(`0 of ${file.plans.length + file.yarns.length}`);
		try {
			const refused = await bringIn(file, (done, total) => setProgress(`${done} of ${total}`));
			if (refused.length > 0) {
				setRefusal({
					file: `${name}: ${say('shelf.refused', { refused: refused.length })} of it`,
					problem: {
						detail: '',
						mend: '',
						problems: refused.map(({ what, problem }) => ({
							severity: 'error',
							path: what,
							where: isolated(what),
							message: problem.detail,
							mend: problem.mend,
						})),
					},
				});
			} else notify({ says: say('shelf.plansAndYarnsAreOn', { plans: file.plans.length, yarns: file.yarns.length }) });
		} catch {
			notify({ says: toldOf(null).says, mend: say('shelf.whatIsOnTheShelf') });
		} finally {
			setProgress(null);
			again();
		}
	}

	async function open(file: File) {
		const refuse = (problem: Pick<Problem, 'detail' | 'mend' | 'problems'>) => setRefusal({ file: file.name, problem });
		let read: unknown;
		try {
			read = JSON.parse(await file.text());
		} catch {
			refuse({ detail: say('shelf.thisFileIsNoPlan'), mend: say('shelf.chooseAFileThatWas') });
			return;
		}
		if (isWorkshopFile(read)) {
			await bringAllIn(read, file.name);
			return;
		}
		if (file.size > MOST_BYTES) {
			refuse({
				detail: say('shelf.tooLarge', { kilobytes: Math.round(file.size / 1024), most: MOST_BYTES / 1024 }),
				mend: say('shelf.chooseAPlanOrSplit'),
			});
			return;
		}
		try {
			const opened = dataOf(await api.POST('/api/plans', { body: read as Plan }));
			navigate(`/plan/${opened.id}/colours`);
		} catch (error) {
			if (error instanceof ApiError) refuse(error.problem);
			else silent(error);
		}
	}

	return (
		<div className="mx-auto min-h-full max-w-6xl px-6 pt-6 pb-16">
			<header className="mb-8 flex flex-wrap items-end gap-4 border-b border-ink pb-4">
				<h1 className="flex-1 text-3xl font-semibold">
					<svg width="44" height="30" viewBox="0 0 44 30" aria-hidden="true" className="mr-3 inline align-baseline">
						<path d="M1 12H22V4H43M1 20H22V12H43M1 28H22V20H43" fill="none" stroke="currentColor" strokeWidth="3" />
					</svg>
					{say('shelf.alternum')}
				</h1>
				<Button kind="strong" disabled={begin.isPending || shelf.data === undefined} onClick={() => shelf.data && begin.mutate(shelf.data.usual)}>
					<FilePlus2 size={17} /> {say('shelf.beginAPlan')}
				</Button>
				<Button disabled={progress !== null} onClick={() => picker.current?.click()}>
					<FolderOpen size={17} /> {say('shelf.openAPlanFile')}
				</Button>
				<WorkshopMenu onBringIn={() => picker.current?.click()} />
				<output aria-live="polite" className={progress === null ? 'sr-only' : 'figures w-full'}>
					{progress !== null && say('shelf.layingItOnTheShelf', { progress })}
				</output>
				<input
					ref={picker}
					type="file"
					accept=".json,application/json"
					aria-label={say('shelf.planFile')}
					className="sr-only"
					tabIndex={-1}
					onChange={(event) => {
						const file = event.target.files?.[0];
						event.target.value = '';
						if (file !== undefined) void open(file);
					}}
				/>
			</header>
			{isInPlace && (
				<section aria-label={say('shelf.thisIsANewWorkshop')} className="mb-6 flex flex-wrap items-center gap-3 border border-ink bg-shade px-4 py-2">
					<p className="min-w-64 flex-1">
						<span className="font-semibold">{say('shelf.thisIsANewWorkshop')}.</span> {say('shelf.theOneBefore')}
					</p>
					<Button onClick={() => setIsInPlace(false)}>{say('saveBar.allRight')}</Button>
				</section>
			)}
			<div className="grid grid-cols-[minmax(0,1fr)] gap-12 lg:grid-cols-[minmax(0,1fr)_20rem]">
				<main>
					<Suspense fallback={null}>
						<Makings />
					</Suspense>
					<p className="mb-6">
						<a className="underline underline-offset-4" href="/practice">
							{say('shelf.practise')}
						</a>{' '}
						{say('shelf.practiseWhat')}
					</p>
					<h2 className="mb-2 text-lg font-semibold">{say('shelf.plans')}</h2>
					{shelf.isPending && <p>{say('shelf.looking')}</p>}
					{shelf.isError && (
						<p>
							{toldOf(shelf.error).says}{' '}
							<button type="button" className="underline" onClick={() => shelf.refetch()}>
								{say('common.tryAgain')}
							</button>
						</p>
					)}
					{shelf.isError && unsaved.size > 0 && <p className="mt-2">{say('shelf.keptHere', { plans: unsaved.size })}</p>}
					{shelf.data?.plans.length === 0 && <p className="text-faint">{say('shelf.theShelfIsEmptyBegin')}</p>}
					<ul>
						{shelf.data?.plans.map((plan) => (
							<li key={plan.id} className="group relative flex items-center gap-5 border-t border-rule hover:bg-shade">
								<Link to={`/plan/${plan.id}/colours`} className="flex min-w-0 flex-1 items-center gap-5 py-3 max-[479px]:gap-3">
									<Still plan={plan.id} revision={plan.revision} alt="" className="h-20 w-24">
										<Silhouette summary={plan.summary} />
									</Still>
									<span className="min-w-0 flex-1">
										<span className="block truncate text-xl font-semibold max-[479px]:whitespace-normal" title={plan.title}>
											<bdi>{plan.title === '' ? say('common.untitled') : plan.title}</bdi>
										</span>
										<span className="figures block text-faint">
											{say('common.pieces', { pieces: plan.summary.pieces })},{' '}
											{say('common.countedRounds', { rounds: plan.summary.rounds })},{' '}
											{say('common.countedStitches', { stitches: plan.summary.stitches })}
											{plan.summary.problems > 0 && (
												<span className="ml-2 border border-ink px-1.5 text-ink">
													{say('common.problemsToFix', { problems: plan.summary.problems })}
												</span>
											)}
										</span>
										<span className="caption">{say('shelf.savedAt', { savedAt: momentOf(plan.savedAt) })}</span>
									</span>
									<span className="flex max-[699px]:hidden">
										{plan.summary.yarns.slice(0, 8).map((hex) => (
											<span key={hex} className="yarn -ml-1.5 size-6 border border-ink/25" style={{ background: hex }} />
										))}
									</span>
								</Link>
								{unsaved.has(plan.id) && (
									<span className="flex flex-wrap items-center gap-2 pr-2 text-sm">
										<span className="border border-ink px-1.5 font-semibold">{say('common.notSavedYet')}</span>
										<Button kind="bare" onClick={() => void save(plan.id, true)}>
											{say('shelf.saveItNow')}
										</Button>
									</span>
								)}
								<Button
									kind="bare"
									className="mr-2 min-w-9"
									aria-label={say('shelf.deleteTitle', { title: isolated(plan.title) })}
									onClick={() => remove.mutate(plan)}
								>
									<Trash2 size={18} />
								</Button>
							</li>
						))}
					</ul>
				</main>
				<YarnShelf yarns={shelf.data?.yarns ?? []} />
			</div>
			{refusal !== null && (
				<Suspense fallback={null}>
					<RefusedFile refusal={refusal} onClose={() => setRefusal(null)} />
				</Suspense>
			)}
		</div>
	);
}
