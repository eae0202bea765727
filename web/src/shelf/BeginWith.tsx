import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { PlanOnShelf } from '../api/types';
import { Button } from '../ui/Button';
import { Menu, MenuItem } from '../ui/Menu';
import { notify } from '../ui/Notices';
import { say } from '../ui/say';
import { copyOf } from './copyOf';

interface Props {
	plans: readonly PlanOnShelf[];
	onBegin: (how: 'shape' | 'paste') => void;
}

/** What a plan can begin with, beside an empty sheet: a shape, words, a plan of one's own, a toy to learn from. */
export function BeginWith({ plans, onBegin }: Props) {
	const navigate = useNavigate();
	const [isBusy, setIsBusy] = useState(false);
	const demos = useQuery({ queryKey: ['demos'], queryFn: async () => dataOf(await api.GET('/api/demos')).demos, staleTime: Number.POSITIVE_INFINITY });
	const own = plans.filter(({ archived }) => !archived);
	async function begin(make: () => Promise<string>) {
		setIsBusy(true);
		try {
			navigate(`/plan/${await make()}/rounds`);
		} catch (error) {
			notify(toldOf(error));
			setIsBusy(false);
		}
	}
	const layOut = async (name: string) => dataOf(await api.POST('/api/demos/{name}', { params: { path: { name } } })).id;
	return (
		<p className="flex flex-wrap items-center gap-x-4 gap-y-1">
			{say('beginWith.beginWith')}
			{(['shape', 'paste'] as const).map((how) => (
				<Button key={how} kind="bare" disabled={isBusy} onClick={() => onBegin(how)}>
					{say('beginWith.how', { how })}
				</Button>
			))}
			{own.length > 0 && (
				<Menu
					align="start"
					button={
						<Button kind="bare" disabled={isBusy}>
							{say('beginWith.how', { how: 'own' })}
						</Button>
					}
				>
					{own.map((plan) => (
						<MenuItem key={plan.id} onSelect={() => void begin(() => copyOf(plan))}>
							<bdi>{plan.title === '' ? say('common.untitled') : plan.title}</bdi>
						</MenuItem>
					))}
				</Menu>
			)}
			<Menu
				align="start"
				button={
					<Button kind="bare" disabled={isBusy || demos.data === undefined}>
						{say('beginWith.how', { how: 'demo' })}
					</Button>
				}
			>
				{demos.data?.map(({ name, title }) => (
					<MenuItem key={name} onSelect={() => void begin(() => layOut(name))}>
						{title}
					</MenuItem>
				))}
			</Menu>
		</p>
	);
}
