import './makeWords';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { nameWindow } from '../ui/nameWindow';
import { say } from '../ui/say';
import { Counting } from './Counting';
import { stopAt, waits } from './flow';
import { Head } from './Head';
import { progressIn } from './journal';
import { guideOfTask, isDone, keepInStep, takeInHand, taskIn, useMaking } from './making';
import { useStayAwake } from './useStayAwake';

const PutTogether = lazy(async () => ({ default: (await import('./PutTogether')).PutTogether }));
const TaskDone = lazy(async () => ({ default: (await import('./TaskDone')).TaskDone }));
const Waiting = lazy(async () => ({ default: (await import('./Waiting')).Waiting }));
const Order = lazy(async () => ({ default: (await import('./panels/Order')).Order }));
const More = lazy(async () => ({ default: (await import('./panels/More')).More }));

const Slip = lazy(async () => ({ default: (await import('./panels/Slip')).Slip }));
const WhereWasI = lazy(async () => ({ default: (await import('./panels/WhereWasI')).WhereWasI }));

const Forecast = lazy(async () => ({ default: (await import('./panels/Forecast')).Forecast }));

const Otherwise = lazy(async () => ({ default: (await import('./panels/Otherwise')).Otherwise }));

type Panel = 'order' | 'more' | 'slip' | 'where' | 'forecast' | 'otherwise' | null;

/** One toy, made beside the hands: what is to be done now, and one large target that counts it. */
export function MakingPage({ plan }: { plan: string }) {
	const state = useMaking();
	const [panel, setPanel] = useState<Panel>(null);
	const opener = useRef<HTMLElement | null>(null);
	const { is, making, choices } = state;
	useEffect(() => (is === 'open' ? keepInStep() : undefined), [is]);
	useStayAwake(is === 'open');
	useEffect(() => nameWindow(making === null ? 'Alternum' : say('make.window', { title: making.toy.title })), [making]);
	useEffect(() => {
		document.documentElement.dataset.light = choices.night;
		document.documentElement.dataset.large = String(choices.large);
	}, [choices.night, choices.large]);

	if (is === 'opening') return <p className="p-8 text-lg">{say('make.opening')}</p>;
	if (is === 'away' || is === 'gone' || is === 'others' || making === null) {
		return (
			<main className="mx-auto max-w-prose p-8 text-lg">
				<h1 className="mb-3 text-2xl font-semibold">
					{say(is === 'gone' ? 'make.isNotHere' : is === 'others' ? 'may.nothingIsMadeOfIt' : 'make.needsAConnectionOnce')}
				</h1>
				<p className="mb-6">
					{say(is === 'gone' ? 'make.openItFromTheShelf' : is === 'others' ? 'may.askWhoHoldsIt' : 'make.onceOpenedItWorksOffline')}
				</p>
				<a className="underline" href="/">
					{say('make.backToTheShelf')}
				</a>
			</main>
		);
	}
	const task = taskIn(state);
	const guide = guideOfTask(state, task);
	const progress = progressIn(state.progress, task?.piece == null ? '' : task.key);
	const show = (which: Panel) => {
		opener.current = document.activeElement instanceof HTMLElement ? document.activeElement : null;
		setPanel(which);
	};
	const close = () => {
		setPanel(null);
		requestAnimationFrame(() => opener.current?.focus());
	};
	const at = guide === undefined ? 0 : stopAt(guide, progress);
	const stop = guide?.stops[at];
	return (
		<div className="make-page">
			<Head plan={plan} task={task} onOrder={() => show('order')} onMore={() => show('more')} onOtherwise={() => show('otherwise')} />
			<Suspense fallback={<main />}>
				{task === undefined && <TaskDone task={undefined} guide={undefined} />}
				{task?.piece === null && <PutTogether key={task.key} task={task} />}
				{task?.piece != null && guide === undefined && <p className="p-8 text-lg">{say('make.thisPieceIsNotHereYet')}</p>}
				{task !== undefined &&
					guide !== undefined &&
					(isDone(task, state.progress, state.guides) ? (
						<TaskDone task={task} guide={guide} />
					) : waits(stop) ? (
						<Waiting key={stop.key} task={task} guide={guide} stop={stop} />
					) : (
						<Counting
							task={task}
							guide={guide}
							at={at}
							progress={progress}
							isCovered={panel !== null}
							onOff={() => show('slip')}
							onLost={() => show('where')}
						/>
					))}
			</Suspense>
			<Suspense fallback={null}>
				{panel === 'order' && (
					<Order
						onClose={close}
						onTake={(key) => {
							takeInHand(key);
							close();
						}}
					/>
				)}
				{panel === 'slip' && task !== undefined && guide !== undefined && <Slip task={task} guide={guide} onClose={close} />}
				{panel === 'where' && task !== undefined && guide !== undefined && <WhereWasI task={task} guide={guide} onClose={close} />}
				{panel === 'more' && <More task={task} guide={guide} at={at} onClose={close} onForecast={() => setPanel('forecast')} />}
				{panel === 'otherwise' && <Otherwise onClose={close} />}
				{panel === 'forecast' && <Forecast onClose={close} />}
			</Suspense>
		</div>
	);
}
