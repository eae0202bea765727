import { ChevronLeft, ListOrdered, Menu } from 'lucide-react';
import { useMay } from '../api/may';
import { say } from '../ui/say';
import { isPlanChanged, useMaking } from './making';
import type { Task } from './types';

interface Props {
	plan: string;
	task: Task | undefined;
	onOrder: () => void;
	onMore: () => void;
	onOtherwise: () => void;
}

/** What is in hand, and whether it is saved. */
export function Head({ plan, task, onOrder, onMore, onOtherwise }: Props) {
	const isOutdated = useMaking((state) => state.isOutdated);
	const isPractice = useMaking(({ lessons }) => lessons !== null);
	const isChanged = useMaking(isPlanChanged);
	const unsent = useMaking(({ unsent }) => unsent.size);
	const isConnected = useMaking(({ isConnected }) => isConnected);
	const isToLook = !useMay('make') && !isPractice;
	const title = useMaking(({ making }) => making?.toy.title ?? '');
	return (
		<header className="make-head flex flex-wrap items-center gap-1 border-b border-rule px-1">
			<a
				href={isPractice ? '/' : `/plan/${plan}/pattern`}
				className="flex min-h-11 min-w-11 items-center justify-center"
				aria-label={isPractice ? say('make.backToTheShelf') : say('make.backToThePlan', { title })}
			>
				<ChevronLeft aria-hidden />
			</a>
			<h1 className="min-w-0 flex-1 truncate font-semibold" title={title}>
				{task === undefined || task.name === '' ? title : task.name}
			</h1>
			<p role="status" className="caption shrink-0 px-1 text-right leading-tight">
				{isPractice
					? say('make.practice')
					: isToLook
						? ''
						: isConnected
							? unsent > 0
								? say('make.sending')
								: say('make.saved')
							: say('make.offline', { unsent })}
			</p>
			<button type="button" onClick={onOrder} className="flex min-h-11 min-w-11 items-center justify-center" aria-label={say('make.allPieces')}>
				<ListOrdered aria-hidden />
			</button>
			<button type="button" onClick={onMore} className="flex min-h-11 min-w-11 items-center justify-center" aria-label={say('make.more')}>
				<Menu aria-hidden />
			</button>
			{isToLook && <p className="make-notice">{say('may.lookOn')}</p>}
			{isOutdated && (
				<button type="button" onClick={() => location.reload()} className="make-notice">
					{say('make.isOutdated')}
				</button>
			)}
			{isChanged && (
				<button type="button" onClick={onOtherwise} className="make-notice">
					{say('make.thePlanWasChanged')}
				</button>
			)}
		</header>
	);
}
