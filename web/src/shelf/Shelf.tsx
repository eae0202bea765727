import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { FilePlus2, FolderOpen } from 'lucide-react';
import { lazy, Suspense, useCallback, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, dataOf } from '../api/client';
import { useMay } from '../api/may';
import { toldOf } from '../api/trouble';
import type { Plan, PlanOnShelf, ShelfAnswer } from '../api/types';
import type { KeptShelf } from '../sync/kept';
import type { News } from '../sync/watch';
import { Button } from '../ui/Button';
import { isolated } from '../ui/isolated';
import { notify } from '../ui/Notices';
import { nameWindow } from '../ui/nameWindow';
import { orNothing } from '../ui/orNothing';
import { momentOf, say } from '../ui/say';
import { AccountButton } from './account/AccountButton';
import { BeginWith } from './BeginWith';
import { Plans } from './Plans';
import type { Refusal } from './RefusedFile';
import { useUnsaved } from './useUnsaved';
import { WorkshopMenu } from './WorkshopMenu';
import { YarnShelf } from './YarnShelf';

const Makings = orNothing(async () => (await import('./Makings')).Makings);
const Guest = orNothing(async () => (await import('./Guest')).Guest);
const NewWorkshop = lazy(async () => ({ default: (await import('./NewWorkshop')).NewWorkshop }));
const RefusedFile = lazy(async () => ({ default: (await import('./RefusedFile')).RefusedFile }));

/** To the other windows. */
const tell = async (news: News) => (await import('../sync/watch')).tell(news);

const KEPT_AFTER_MS = 1000;

/** What is on the shelf; without an answer what this browser keeps of it. */
async function onShelf(): Promise<ShelfAnswer & Partial<KeptShelf>> {
	const kept = () => import('../sync/kept');
	try {
		const answer = dataOf(await api.GET('/api/shelf'));
		// Not before what is looked at is there.
		setTimeout(() => void kept().then(({ keepShelf }) => keepShelf(answer)), KEPT_AFTER_MS);
		return answer;
	} catch (error) {
		return (await kept()).keptShelf(error);
	}
}

/** Whether this Alternum offers them. */
const hasAccounts = document.querySelector('meta[name=accounts]') !== null;

/** The first page: plans and yarn on hand. */
export function Shelf() {
	const navigate = useNavigate();
	const queries = useQueryClient();
	const picker = useRef<HTMLInputElement>(null);
	const [refusal, setRefusal] = useState<Refusal | null>(null);
	const [progress, setProgress] = useState<string | null>(null);
	const shelf = useQuery({ queryKey: ['shelf'], queryFn: onShelf, refetchOnMount: 'always', refetchOnReconnect: 'always' });
	const again = useCallback(() => void queries.invalidateQueries({ queryKey: ['shelf'] }), [queries]);
	const silent = (error: unknown) => notify(toldOf(error));
	const { unsaved, save } = useUnsaved(again);
	const mayEdit = useMay('edit');
	const holds = useMay('hold');

	useEffect(() => {
		nameWindow('Alternum');
	}, []);
	const [isInPlace, setIsInPlace] = useState(() => document.querySelector('meta[name=workshop]') !== null);

	const begin = useMutation({
		mutationFn: async ({ how: _, ...plan }: Plan & { how?: 'shape' | 'paste' }) => dataOf(await api.POST('/api/plans', { body: plan })),
		onSuccess: ({ id }, { how }) => navigate(`/plan/${id}/rounds`, how === undefined ? {} : { state: { begins: how } }),
		onError: silent,
	});

	const remove = useMutation({
		mutationFn: async ({ id }: PlanOnShelf) => dataOf(await api.DELETE('/api/plans/{id}', { params: { path: { id } } })),
		onSuccess: (_, { id, title }) => {
			again();
			void tell({ plan: id, is: 'gone' });
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
			void tell({ plan: id, is: 'back' });
		} catch (error) {
			silent(error);
		}
		again();
	}

	async function open(file: File) {
		const { openFile } = await import('./openFile');
		const id = await openFile(file, { onProgress: setProgress, onRefused: setRefusal });
		if (id === null) again();
		else navigate(`/plan/${id}`);
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
				{mayEdit && (
					<>
						<Button
							kind="strong"
							disabled={begin.isPending || shelf.data === undefined}
							onClick={() => shelf.data && begin.mutate({ ...shelf.data.usual })}
						>
							<FilePlus2 size={17} /> {say('shelf.beginAPlan')}
						</Button>
						<Button disabled={progress !== null} onClick={() => picker.current?.click()}>
							<FolderOpen size={17} /> {say('shelf.openAPlanFile')}
						</Button>
					</>
				)}
				{hasAccounts && <AccountButton />}
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
			{!holds && (
				<Suspense fallback={null}>
					<Guest />
				</Suspense>
			)}
			{isInPlace && (
				<Suspense fallback={null}>
					<NewWorkshop onRead={() => setIsInPlace(false)} />
				</Suspense>
			)}
			<div className="grid grid-cols-[minmax(0,1fr)] gap-12 lg:grid-cols-[minmax(0,1fr)_20rem]">
				<main>
					<Suspense fallback={null}>
						<Makings />
					</Suspense>
					<p className="mb-2 max-w-prose text-lg">{say('shelf.whatFor')}</p>
					<div className={mayEdit ? 'mb-6 min-h-9' : ''}>
						{mayEdit && shelf.data !== undefined && (
							<BeginWith plans={shelf.data.plans} onBegin={(how) => begin.mutate({ ...shelf.data.usual, how })} />
						)}
					</div>
					<p className="mb-6">
						<a className="underline underline-offset-4" href="/practice">
							{say('shelf.practise')}
						</a>{' '}
						{say('shelf.practiseWhat')}
					</p>
					<Plans
						plans={shelf.data?.plans}
						unsaved={unsaved}
						openable={shelf.data?.openable}
						onSave={(id) => void save(id, true)}
						onRemove={(plan) => remove.mutate(plan)}
						onChanged={again}
					>
						{shelf.data?.keptAt && (
							<p className="mb-2 border-l-4 border-ink pl-3">{say('shelf.asItWasKept', { keptAt: momentOf(shelf.data.keptAt) })}</p>
						)}
						{shelf.isPending && <p>{say('shelf.looking')}</p>}
						{shelf.isError && (
							<p>
								{toldOf(shelf.error).says}{' '}
								<button type="button" className="underline" onClick={() => shelf.refetch()}>
									{say('common.tryAgain')}
								</button>
							</p>
						)}
						{(shelf.isError || shelf.data?.keptAt) && unsaved.size > 0 && <p className="mt-2">{say('shelf.keptHere', { plans: unsaved.size })}</p>}
					</Plans>
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
