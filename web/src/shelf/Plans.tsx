import { Archive, Copy, Trash2 } from 'lucide-react';
import { type ReactNode, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { api, dataOf } from '../api/client';
import { useMay } from '../api/may';
import { toldOf } from '../api/trouble';
import type { PlanOnShelf } from '../api/types';
import { Button } from '../ui/Button';
import { isolated } from '../ui/isolated';
import { notify } from '../ui/Notices';
import { orNothing } from '../ui/orNothing';
import { Still } from '../ui/Still';
import { momentOf, say } from '../ui/say';
import { copyOf } from './copyOf';
import { Silhouette } from './Silhouette';

/** From so many on they are looked for by name, and put in order. */
const MANY = 12;

const FindPlans = orNothing(async () => (await import('./FindPlans')).FindPlans);

interface Props {
	plans: readonly PlanOnShelf[] | undefined;
	/** ids of those of which this browser keeps something that is not saved */
	unsaved: ReadonlyMap<string, unknown>;
	/** ids of those that open without a connection, where there is none */
	openable: readonly string[] | undefined;
	onSave: (id: string) => void;
	onRemove: (plan: PlanOnShelf) => void;
	/** the shelf has other plans */
	onChanged: () => void;
	/** what is said in their stead */
	children: ReactNode;
}

/** The plans of a workshop, the last saved first, and those that are put by. */
export function Plans({ plans, children, ...acts }: Props) {
	const [sought, setSought] = useState('');
	const [order, setOrder] = useState<(a: PlanOnShelf, b: PlanOnShelf) => number>(() => () => 0);
	const there = plans?.filter(({ archived }) => !archived) ?? [];
	const away = plans?.filter(({ archived }) => archived) ?? [];
	const words = sought.trim().toLocaleLowerCase();
	const found = [...there].sort(order).filter(({ title }) => title.toLocaleLowerCase().includes(words));
	return (
		<>
			<div className="mb-2 flex flex-wrap items-end gap-4">
				<h2 className="flex-1 text-lg font-semibold">{say('shelf.plans')}</h2>
				{there.length > MANY && (
					<Suspense fallback={null}>
						<FindPlans sought={sought} onSought={setSought} onOrder={(to) => setOrder(() => to)} />
					</Suspense>
				)}
			</div>
			{children}
			{plans?.length === 0 && <p className="text-faint">{say('shelf.theShelfIsEmptyBegin')}</p>}
			{there.length > 0 && found.length === 0 && <p className="text-faint">{say('shelf.noneFound', { sought })}</p>}
			<ul className="grid grid-cols-[minmax(0,1fr)] gap-x-8 xl:grid-cols-2">
				{found.map((plan) => (
					<OnShelf key={plan.id} plan={plan} {...acts} />
				))}
			</ul>
			{away.length > 0 && (
				<details className="mt-6 border-t border-rule pt-2">
					<summary className="cursor-pointer font-semibold">{say('shelf.putBy', { plans: away.length })}</summary>
					<ul className="grid grid-cols-[minmax(0,1fr)] gap-x-8 xl:grid-cols-2">
						{away.map((plan) => (
							<OnShelf key={plan.id} plan={plan} {...acts} />
						))}
					</ul>
				</details>
			)}
		</>
	);
}

function OnShelf({ plan, unsaved, openable, onSave, onRemove, onChanged }: { plan: PlanOnShelf } & Omit<Props, 'plans' | 'children'>) {
	const title = isolated(plan.title === '' ? say('common.untitled') : plan.title);
	async function act(does: () => Promise<unknown>) {
		try {
			await does();
		} catch (error) {
			notify(toldOf(error));
		}
		onChanged();
	}
	const mayEdit = useMay('edit');
	const path = { id: plan.id };
	async function move() {
		const answer = await (plan.archived
			? api.POST('/api/plans/{id}/unarchive', { params: { path } })
			: api.POST('/api/plans/{id}/archive', { params: { path } }));
		if (!answer.response.ok) dataOf<undefined>(answer);
	}
	return (
		<li className="group relative border-t border-rule hover:bg-shade">
			<Link to={`/plan/${plan.id}`} className="flex min-w-0 items-center gap-5 py-3 max-[479px]:gap-3">
				<Still plan={plan.id} revision={plan.revision} alt="" className="h-28 w-32 max-[479px]:h-20 max-[479px]:w-24">
					<Silhouette summary={plan.summary} />
				</Still>
				<span className="min-w-0 flex-1">
					<span className="block text-xl leading-tight font-semibold wrap-anywhere" title={plan.title}>
						<bdi>{plan.title === '' ? say('common.untitled') : plan.title}</bdi>
					</span>
					<span className="figures block text-faint">
						{say('common.pieces', { pieces: plan.summary.pieces })}, {say('common.countedRounds', { rounds: plan.summary.rounds })},{' '}
						{say('common.countedStitches', { stitches: plan.summary.stitches })}
						{plan.summary.problems > 0 && (
							<span className="ml-2 border border-ink px-1.5 text-ink">{say('common.problemsToFix', { problems: plan.summary.problems })}</span>
						)}
					</span>
					<span className="caption block">
						{say('shelf.savedAt', { savedAt: momentOf(plan.savedAt) })}
						{openable?.includes(plan.id) === false && `, ${say('shelf.needsAConnection')}`}
					</span>
					<span className="mt-1 flex pl-1.5">
						{plan.summary.yarns.slice(0, 8).map((hex) => (
							<span key={hex} className="yarn -ml-1.5 size-6 border border-ink/25" style={{ background: hex }} />
						))}
					</span>
				</span>
			</Link>
			<div className="absolute right-0 bottom-2 flex items-center">
				{unsaved.has(plan.id) && (
					<span className="flex flex-wrap items-center gap-2 pr-2 text-sm">
						<span className="border border-ink px-1.5 font-semibold">{say('common.notSavedYet')}</span>
						<Button kind="bare" onClick={() => onSave(plan.id)}>
							{say('shelf.saveItNow')}
						</Button>
					</span>
				)}
				{(mayEdit
					? ([
							[say('shelf.copyTitle', { title }), () => act(() => copyOf(plan)), Copy],
							[say('shelf.moveTitle', { title, archived: String(plan.archived) }), () => act(move), Archive],
							[say('shelf.deleteTitle', { title }), () => onRemove(plan), Trash2],
						] as const)
					: []
				).map(([says, does, Icon]) => (
					<Button key={says} kind="bare" className="min-w-9" title={says} aria-label={says} onClick={() => void does()}>
						<Icon size={17} />
					</Button>
				))}
			</div>
		</li>
	);
}
