import { ArrowLeft, Redo2, Undo2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { alongByArrows } from '../ui/alongByArrows';
import { Button } from '../ui/Button';
import { say } from '../ui/say';
import { Tip } from '../ui/Tip';
import { stationNames, stations, useBench, useDraft, useErrors } from './context';
import { Pieces } from './Pieces';
import { PlanMenu } from './PlanMenu';
import { SaveBar } from './SaveBar';
import { SaveSign } from './SaveSign';

/** Above the bench: which plan, how it is saved, the way back, the stations. */
export function BenchHeader() {
	const { draft, station, goTo } = useBench();
	const title = useDraft(({ plan }) => plan.title);
	const canUndo = useDraft((state) => state.canUndo);
	const canRedo = useDraft((state) => state.canRedo);
	const [typed, setTyped] = useState<string | null>(null);
	const problems = useErrors();
	// In a small window they lie in one line, and the one that is open is in sight.
	const strip = useRef<HTMLElement>(null);
	useEffect(() => {
		const open = strip.current?.querySelector<HTMLElement>(`[data-station="${station}"]`);
		if (open != null && strip.current !== null) strip.current.scrollLeft = open.offsetLeft - (strip.current.clientWidth - open.clientWidth) / 2;
	}, [station]);
	return (
		<header data-area="header" className="col-span-full min-w-0 border-b border-rule bg-paper">
			<h1 className="sr-only">
				<bdi>{title === '' ? say('common.untitled') : title}</bdi>
			</h1>
			<div className="flex h-13 items-center gap-2 pr-3 small:h-11 small:gap-1 small:pr-1">
				<Tip says={say('common.backToTheShelf')}>
					<Link
						to="/"
						aria-label={say('common.backToTheShelf')}
						className="flex h-13 w-18 shrink-0 items-center justify-center hover:bg-shade small:h-11 small:w-11"
					>
						<ArrowLeft size={20} />
					</Link>
				</Tip>
				<input
					aria-label={say('benchHeader.thePlanSTitle')}
					className="min-w-0 flex-1 truncate border border-transparent bg-transparent px-2 py-1 text-xl font-semibold hover:border-rule small:px-1 small:text-lg"
					maxLength={120}
					value={typed ?? title}
					onFocus={() => setTyped(title)}
					onChange={(event) => {
						const next = event.target.value;
						setTyped(next);
						draft.change((plan) => ({ ...plan, title: next }), 'title');
					}}
					onBlur={() => setTyped(null)}
				/>
				<SaveSign />
				<Tip says={say('benchHeader.undo')} hotkey="Ctrl Z">
					<Button aria-label={say('benchHeader.undo')} aria-disabled={!canUndo} onClick={draft.undo}>
						<Undo2 size={18} />
					</Button>
				</Tip>
				<Tip says={say('benchHeader.redo')} hotkey="Ctrl Shift Z">
					<Button aria-label={say('benchHeader.redo')} aria-disabled={!canRedo} onClick={draft.redo}>
						<Redo2 size={18} />
					</Button>
				</Tip>
				<PlanMenu />
			</div>
			<div data-folds="" className="flex flex-wrap items-end gap-x-6 pr-3 pl-18 small:flex-col small:flex-nowrap small:items-stretch small:px-0">
				<nav
					ref={strip}
					aria-label={say('benchHeader.stations')}
					className="flex flex-wrap small:flex-nowrap small:overflow-x-auto small:px-2 small:[scrollbar-width:none]"
					onKeyDown={alongByArrows}
				>
					{stations.map((name, i) => (
						<button
							key={name}
							type="button"
							data-station={name}
							tabIndex={name === station ? 0 : -1}
							className={`stepped shrink-0 px-3 pt-1 pb-3 whitespace-nowrap hover:bg-shade small:px-2.5 ${name === station ? 'font-semibold' : ''}`}
							aria-current={name === station ? 'page' : undefined}
							aria-keyshortcuts={String(i + 1)}
							onClick={() => goTo(name)}
						>
							{stationNames[name]}
							{name === 'rounds' && problems > 0 && (
								<span className="ml-1.5 bg-ink px-1.5 text-sm text-paper" title={say('common.problemsToFix', { problems })}>
									{problems}
								</span>
							)}
						</button>
					))}
				</nav>
				<Pieces />
			</div>
			<SaveBar />
		</header>
	);
}
