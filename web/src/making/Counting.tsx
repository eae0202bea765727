import { useEffect, useRef } from 'react';
import { say } from '../ui/say';
import { YarnMark } from '../ui/YarnMark';
import { BackButton } from './Answers';
import { Chances } from './Chances';
import { Drawn } from './Drawn';
import { Fits } from './Fits';
import { lastChances, nextPlace, nextTold, slipOf } from './flow';
import type { TaskProgress } from './journal';
import { byOf, tap, tapBack, useMaking } from './making';
import { Ring } from './Ring';
import { SoFar } from './SoFar';
import { signal } from './signals';
import { Taught } from './Taught';
import type { Guide, Task } from './types';

interface Props {
	task: Task;
	guide: Guide;
	/** the stop that the maker stands before */
	at: number;
	progress: TaskProgress;
	/** whether something is laid over it: then no key counts */
	isCovered: boolean;
	/** the count is not what it is to be */
	onOff: () => void;
	/** the place is lost */
	onLost: () => void;
}

/** Keys that count: what pedals send. */
const FORTH = ['Space', 'Enter', 'NumpadEnter', 'PageDown', 'ArrowRight', 'ArrowDown'];
const BACK = ['Backspace', 'ArrowLeft', 'ArrowUp', 'PageUp'];

/** Whether a key has a meaning of its own where the focus is. */
const isTaken = (target: EventTarget | null) => target instanceof Element && target.closest('button, a, input, textarea, select, summary, dialog') !== null;

/** The stretch in hand stays in sight, however many the round has. */
function intoSight(stretch: HTMLLIElement | null): void {
	stretch?.scrollIntoView({ block: 'nearest' });
}

/** Stitches are worked: what they are, how many there must be, and what comes with them. */
export function Counting({ task, guide, at, progress, isCovered, onOff, onLost }: Props) {
	const yarns = useMaking(({ making }) => making?.toy.yarns ?? []);
	const choices = useMaking((state) => state.choices);
	const notes = useMaking(({ events }) => events).filter(({ kind, piece }) => kind === 'noted' && piece === task.piece);
	const isLeftHanded = useMaking(({ making }) => making?.toy.hand === 'left');
	const target = useRef<HTMLButtonElement>(null);
	const work = useRef<HTMLElement>(null);
	const stop = guide.stops[at];
	const round = guide.rounds[(stop?.round ?? 1) - 1];
	const made = progress.place.round === stop?.round ? progress.place.stitch : 0;
	const hexOf = (letter: string) => yarns.find(({ key }) => key === letter)?.hex ?? '#808080';

	function count(when: number) {
		if (!tap(when)) return;
		signal(choices, stop, round?.makes ?? 0, made);
	}

	useEffect(() => {
		if (isCovered) return;
		const press = (event: KeyboardEvent) => {
			if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || (isTaken(event.target) && event.target !== target.current)) return;
			if (FORTH.includes(event.code)) count(event.timeStamp);
			else if (BACK.includes(event.code)) tapBack();
			else return;
			event.preventDefault();
		};
		// A tap anywhere counts; keys and readers of the screen have the large button.
		const touch = (event: MouseEvent) => {
			if (!isTaken(event.target)) count(event.timeStamp);
		};
		const area = work.current;
		addEventListener('keydown', press);
		area?.addEventListener('click', touch);
		return () => {
			removeEventListener('keydown', press);
			area?.removeEventListener('click', touch);
		};
	});

	if (stop === undefined || round === undefined) return null;
	const next = nextPlace(guide, at, progress.place, byOf(choices, guide.piece));
	const isRoundDone = next.stitch >= round.makes;
	const group = round.groups[stop.group ?? 0];
	const told = nextTold(guide, at, progress.place);
	const after = guide.rounds[stop.round];
	const named = yarns.find(({ key }) => key === (group?.yarn[0] ?? ''));
	// What is told of this very stretch stands above it; what comes in it later is counted down to.
	const first = (stop.told ?? []).filter((one) => one.at === 0 || one.at <= stop.to);
	return (
		<>
			<main ref={work} className="make-work">
				<div className="make-picture">
					<Ring guide={guide} round={stop.round} made={made} next={next.stitch} hexOf={hexOf} isLeftHanded={isLeftHanded} />
					<SoFar guide={guide} place={progress.place} hexOf={hexOf} />
				</div>
				<div className="make-words">
					<p className="make-inhand flex items-center gap-2">
						<YarnMark letter={group?.yarn ?? ''} hex={hexOf(group?.yarn[0] ?? '')} size={26} />
						<span>
							{say(guide.once === 'row' ? 'make.rowInHand' : 'make.roundInHand', {
								round: stop.round,
								of: guide.rounds.length,
								yarn: named?.name === '' || named === undefined ? (group?.yarn ?? '') : named.name,
							})}
						</span>
					</p>
					{task.aside && <p className="caption">{say('make.inTurn')}</p>}
					<Taught at={at} />
					<Chances stops={lastChances(guide, at, progress)} task={task} place={progress.place} />
					{[...progress.slips].map(([of, { has }]) => {
						const slip = slipOf(guide, of, has - (guide.rounds[of - 1]?.makes ?? 0));
						return slip?.right === stop.round ? (
							<p key={of} className="make-chance">
								<strong>{say('make.mendHere', { round: of, has })}</strong> {slip.goOn}
							</p>
						) : null;
					})}
					{notes.map(({ id, round: of, text }) =>
						of === stop.round ? (
							<p key={id} className="make-noted">
								{text}
							</p>
						) : null,
					)}
					{first.length > 0 && (
						<ul className="make-told">
							{first.map((one) => (
								<li key={one.key}>
									{one.at > 0 && one.at > made && one.at < (guide.rounds[stop.round - 1]?.makes ?? 0) && (
										<strong className="figures">{say('make.inStitches', { stitches: one.at - made })} </strong>
									)}
									{one.text}
									<Drawn names={one.drawings ?? []} from={group?.yarn} to={one.takes} />
								</li>
							))}
						</ul>
					)}
					{made === 0 && <Fits task={task} guide={guide} isSaid />}
					<ol className="make-groups" aria-label={say('make.stitchesOfTheRound')}>
						{round.groups.map((one, i) => {
							const from = (round.groups[i - 1]?.to ?? 0) + 1;
							const isNow = i === stop.group;
							return (
								<li
									key={one.to}
									ref={isNow ? intoSight : undefined}
									aria-current={isNow ? 'step' : undefined}
									className={one.to <= made ? 'is-made' : undefined}
								>
									{round.groups.length > 1 && <YarnMark letter={one.yarn} hex={hexOf(one.yarn[0] ?? '')} size={22} />}
									<span className="make-stitches">{one.text}</span>
									<span className="figures make-numbers">{from === one.to ? one.to : `${from}–${one.to}`}</span>
								</li>
							);
						})}
					</ol>
					<p className="make-count figures">
						{say('make.atTheEnd', { stitches: round.makes })}
						{round.total !== round.makes && <span className="caption"> {say('make.countedOn', { total: round.total })}</span>}
					</p>
					{told !== null && !first.includes(told.told) && (
						<p className="make-next">
							<strong className="figures">
								{told.inStitches === null
									? say('make.inRound', { once: guide.once, round: told.round })
									: say('make.inStitches', { stitches: told.inStitches })}{' '}
							</strong>
							{told.told.text}
						</p>
					)}
					{after !== undefined && isRoundDone && (
						<p className="caption make-after">
							{say('make.thenRound', {
								once: guide.once,
								round: stop.round + 1,
								text: after.groups.map(({ text }) => text).join(', '),
								makes: after.makes,
							})}
						</p>
					)}
					{stop.mayGoWrong?.map(({ trouble, remedy }) => (
						<details key={trouble}>
							<summary>{trouble}</summary>
							<p>{remedy}</p>
						</details>
					))}
				</div>
			</main>
			<footer className="make-foot">
				<p className="make-bar">
					<button type="button" className="make-bare" onClick={onOff}>
						{say('make.theCountIsOff')}
					</button>
					<button type="button" className="make-bare" onClick={onLost}>
						{say('make.whereWasI')}
					</button>
				</p>
				<BackButton />
				<button ref={target} type="button" className="make-target figures" onClick={(event) => count(event.timeStamp)}>
					{isRoundDone
						? say('make.roundDone', { once: guide.once, round: stop.round, makes: round.makes })
						: say('make.upToStitch', { stitch: next.stitch, yarn: group?.yarn ?? '' })}
				</button>
			</footer>
			<p className="sr-only" aria-live="polite">
				{say('make.heard', { once: guide.once, round: stop.round, text: group?.text ?? '', stitch: made })}
			</p>
		</>
	);
}
