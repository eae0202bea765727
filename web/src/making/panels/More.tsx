import { useState } from 'react';
import { toldOf } from '../../api/trouble';
import { momentOf, say } from '../../ui/say';
import { OpenSteps } from '../Answers';
import { Fits } from '../Fits';
import { type By, cutAgain, open } from '../flow';
import { progressIn } from '../journal';
import { beginAnother, remove } from '../link';
import { add, byOf, choose, useMaking } from '../making';
import { type Guide, isAfter, type Making, type Place, type Task } from '../types';
import { Sheet } from './Sheet';

interface Props {
	task: Task | undefined;
	guide: Guide | undefined;
	at: number;
	onClose: () => void;
	onForecast: () => void;
}

/** All that is not counting: going back and on, notes, and how this device behaves. */
export function More({ task, guide, at, onClose, onForecast }: Props) {
	const state = useMaking();
	const { choices, making } = state;
	const [isParked, setIsParked] = useState(false);
	const isPiece = task?.piece != null && guide !== undefined;
	return (
		<Sheet title={say('make.more')} onClose={onClose}>
			{isPiece && (
				<>
					<GoTo task={task} guide={guide} onClose={onClose} />
					<Fits task={task} guide={guide} onDone={onClose} />
					<OpenSteps title={say('make.passed')} task={task} stops={open(guide, at, progressIn(state.progress, task.key))} />
					<Note task={task} round={Math.max(1, progressIn(state.progress, task.key).place.round)} />
				</>
			)}
			<section className="flex flex-wrap gap-2">
				{state.lessons === null && (
					<button type="button" className="make-small" onClick={onForecast}>
						{say('make.forecast')}
					</button>
				)}
				<button
					type="button"
					className="make-small"
					onClick={() => {
						add('paused', {});
						setIsParked(true);
					}}
				>
					{say('make.pause')}
				</button>
				{isParked && (
					<p role="status" className="w-full border-l-4 border-ink pl-3">
						{making?.toy.park} {say('make.placeIsKept')}
					</p>
				)}
			</section>
			<fieldset className="make-choices">
				<legend>{say('make.aTapCounts')}</legend>
				{isPiece &&
					(['group', 'round', 'stitch'] as By[]).map((by) => (
						<label key={by}>
							<input
								type="radio"
								name="by"
								checked={byOf(choices, guide.piece) === by}
								onChange={() => choose({ by: { ...choices.by, [guide.piece]: by } })}
							/>
							{say('make.by', { by })}
						</label>
					))}
			</fieldset>
			<fieldset className="make-choices">
				<legend>{say('make.thisDevice')}</legend>
				{(['buzz', 'sound', 'voice', 'large'] as const).map((name) => (
					<label key={name}>
						<input type="checkbox" checked={choices[name]} onChange={(event) => choose({ [name]: event.target.checked })} />
						{say('make.device', { what: name })}
					</label>
				))}
				<label>
					{say('make.light')}{' '}
					<select className="field" value={choices.night} onChange={(event) => choose({ night: event.target.value as typeof choices.night })}>
						{(['as-device', 'day', 'night'] as const).map((one) => (
							<option key={one} value={one}>
								{say('make.whichLight', { light: one })}
							</option>
						))}
					</select>
				</label>
			</fieldset>
			{state.isLasting === false && <p className="mt-4 border-l-4 border-ink pl-3">{say('make.mayBeCleared')}</p>}
			{making !== null && state.lessons === null && <Whole making={making} />}
		</Sheet>
	);
}

/** What is done with the making as a whole. */
function Whole({ making }: { making: Making }) {
	const [trouble, setTrouble] = useState<string | null>(null);
	const tell = (error: unknown) => setTrouble(toldOf(error).says);
	return (
		<section>
			<p className="caption">
				{say('make.begunAt', { moment: momentOf(making.begunAt) })}{' '}
				<a className="underline" href={`/api/makings/${making.id}/journal`} download>
					{say('make.downloadTheJournal')}
				</a>
			</p>
			<button type="button" className="make-small mt-2" onClick={() => void beginAnother().catch(tell)}>
				{say('make.onceMore')}
			</button>
			<details>
				<summary>{say('make.endIt')}</summary>
				<p>{say('make.itsJournalGoes')}</p>
				<button type="button" className="make-small mt-2" onClick={() => void remove().catch(tell)}>
					{say('make.deleteIt')}
				</button>
			</details>
			{trouble !== null && <p role="alert">{trouble}</p>}
		</section>
	);
}

/** The maker is farther on, only wants to look, or has pulled stitches out. */
function GoTo({ task, guide, onClose }: { task: Task; guide: Guide; onClose: () => void }) {
	const { place } = useMaking((state) => progressIn(state.progress, task.key));
	const [round, setRound] = useState(String(Math.max(1, place.round)));
	const [stitch, setStitch] = useState('');
	const number = Math.min(guide.rounds.length, Math.max(0, Number.parseInt(round, 10) || 0));
	const makes = guide.rounds[number - 1]?.makes ?? 0;
	const made = stitch === '' ? makes : Math.min(makes, Math.max(0, Number.parseInt(stitch, 10) || 0));
	const to: Place = { round: number, stitch: made };
	const isBack = isAfter(place, to);
	const isOn = isAfter(to, place);
	const short = isBack ? cutAgain(guide, place, to) : [];
	const go = (kind: 'ripped' | 'moved') => {
		add(kind, { piece: task.piece ?? '', copy: task.copy, ...to });
		onClose();
	};
	return (
		<section className="make-goto">
			<h3 className="font-semibold">{say('make.iAmElsewhere')}</h3>
			<p className="flex flex-wrap items-end gap-3">
				<label>
					{say('make.lastRoundMade', { once: guide.once })}
					<input className="field figures block w-24" inputMode="numeric" value={round} onChange={(event) => setRound(event.target.value)} />
				</label>
				<label>
					{say('make.stitchesOfIt')}
					<input
						className="field figures block w-24"
						inputMode="numeric"
						placeholder={String(makes)}
						value={stitch}
						onChange={(event) => setStitch(event.target.value)}
					/>
				</label>
			</p>
			{short.length > 0 && <p className="make-chance">{say('make.endsAreShort', { yarns: short.join(', ') })}</p>}
			<p className="mt-2 flex flex-wrap gap-2">
				<button type="button" className="make-small" disabled={!isBack} onClick={() => go('ripped')}>
					{say('make.rippedBackToThere')}
				</button>
				<button type="button" className="make-small" disabled={!isOn} onClick={() => go('moved')}>
					{say('make.madeUpToThere')}
				</button>
			</p>
		</section>
	);
}

/** A note at a round, shown the next time that it is come to. */
function Note({ task, round }: { task: Task; round: number }) {
	const [text, setText] = useState('');
	return (
		<form
			className="make-note"
			onSubmit={(event) => {
				event.preventDefault();
				if (text.trim() === '') return;
				add('noted', { piece: task.piece ?? '', copy: task.copy, round, text: text.trim() });
				setText('');
			}}
		>
			<label>
				{say('make.noteAtRound', { round })}
				<textarea className="field block w-full" rows={2} maxLength={2000} value={text} onChange={(event) => setText(event.target.value)} />
			</label>
			<button type="submit" className="make-small mt-1">
				{say('make.keepTheNote')}
			</button>
		</form>
	);
}
