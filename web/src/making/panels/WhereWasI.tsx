import { useState } from 'react';
import { say } from '../../ui/say';
import { YarnMark } from '../../ui/YarnMark';
import { lastStitch } from '../flow';
import { progressIn } from '../journal';
import { add, useMaking } from '../making';
import { type Guide, isAfter, type Place, type Task } from '../types';
import { HowToCount } from './HowToCount';
import { Sheet } from './Sheet';

/** So many places are told at once. */
const MOST = 6;

/** The place is lost: what is on the hook and in the work says which it can be. */
export function WhereWasI({ task, guide, onClose }: { task: Task; guide: Guide; onClose: () => void }) {
	const yarns = useMaking(({ making }) => making?.toy.yarns ?? []);
	const { place } = useMaking((state) => progressIn(state.progress, task.key));
	const [yarn, setYarn] = useState('');
	const [last, setLast] = useState('');
	const [since, setSince] = useState('');
	const [counted, setCounted] = useState('');
	const [standing, setStanding] = useState('');
	const [above, setAbove] = useState('');
	const [look, setLook] = useState('');
	const letters = [...new Set(guide.rounds.flatMap(({ groups }) => groups.map((group) => group.yarn[0] ?? '')))];

	const stitches = since === '' ? null : Number.parseInt(since, 10);
	const yarnAt = (round: number, stitch: number) =>
		stitch === 0 && round > 1
			? guide.rounds[round - 2]?.groups.at(-1)?.yarn[0]
			: guide.rounds[round - 1]?.groups.find(({ to }) => to >= Math.max(1, stitch))?.yarn[0];
	/** Rounds in hand that fit what is known; the last whole one is the one before. */
	const fitting = guide.rounds
		.map((round, i) => ({ round: i + 1, makes: round.makes, before: guide.rounds[i - 1]?.makes ?? 0 }))
		.filter(
			({ round, makes, before }) =>
				(last === '' || before === Number.parseInt(last, 10)) &&
				(counted === '' || round - 1 === Number.parseInt(counted, 10)) &&
				(standing === '' || above === '' || round - 1 === Number.parseInt(standing, 10) + Number.parseInt(above, 10)) &&
				(look === '' ||
					lastStitch(guide, stitches === null || stitches === 0 ? { round: round - 1, stitch: before } : { round, stitch: stitches }) === look) &&
				(stitches === null || stitches <= makes) &&
				(yarn === '' || yarnAt(round, stitches ?? 0) === yarn),
		)
		.sort((a, b) => Math.abs(a.round - place.round - 1) - Math.abs(b.round - place.round - 1))
		.slice(0, MOST);
	const isAsked = look !== '' || (standing !== '' && above !== '') || yarn !== '' || last !== '' || since !== '' || counted !== '';

	function take(round: number) {
		const made = stitches ?? 0;
		const to: Place = made === 0 ? { round: round - 1, stitch: guide.rounds[round - 2]?.makes ?? 0 } : { round, stitch: made };
		if (isAfter(to, place) || isAfter(place, to)) add('moved', { piece: task.piece ?? '', copy: task.copy, ...to });
		onClose();
	}

	return (
		<Sheet title={say('make.whereWasI')} onClose={onClose}>
			<p className="mb-2">{say('make.answerWhatYouCan')}</p>
			<fieldset className="make-choices">
				<legend>{say('make.yarnOnTheHook')}</legend>
				<div className="flex flex-wrap gap-3">
					{letters.map((letter) => (
						<label key={letter}>
							<input type="radio" name="yarn" checked={yarn === letter} onChange={() => setYarn(letter)} />
							<YarnMark letter={letter} hex={yarns.find(({ key }) => key === letter)?.hex ?? '#808080'} />
						</label>
					))}
				</div>
			</fieldset>
			<p className="mt-2 flex flex-wrap gap-3">
				{(
					[
						[say('make.sinceTheMarker'), since, setSince],
						[say('make.lastWholeRoundHas', { once: guide.once }), last, setLast],
						[say('make.wholeRounds', { once: guide.once }), counted, setCounted],
						[say('make.markerLeftIn', { once: guide.once }), standing, setStanding],
						[say('make.roundsAboveIt', { once: guide.once }), above, setAbove],
					] as const
				).map(([label, value, set]) => (
					<label key={label} className="block">
						{label}
						<input
							className="field figures block w-24"
							inputMode="numeric"
							value={value}
							onChange={(event) => set(event.target.value.replace(/\D/g, ''))}
						/>
					</label>
				))}
			</p>
			<label className="mt-2 block">
				{say('make.lastStitchIs')}
				<select className="field block" value={look} onChange={(event) => setLook(event.target.value)}>
					{['', 'plain', 'increase', 'decrease'].map((one) => (
						<option key={one} value={one}>
							{say('make.looks', { look: one })}
						</option>
					))}
				</select>
			</label>
			<HowToCount />
			{isAsked && (
				<section>
					<h3 className="font-semibold">
						{say(fitting.length === 0 ? 'make.noPlaceFits' : fitting.length === 1 ? 'make.youAreHere' : 'make.oneOfThese')}
					</h3>
					<ul>
						{fitting.map(({ round, makes }) => (
							<li key={round} className="mt-2">
								<button type="button" className="make-small" onClick={() => take(round)}>
									{say('make.inRoundAfter', { once: guide.once, round, stitch: stitches ?? 0, makes })}
								</button>
							</li>
						))}
					</ul>
				</section>
			)}
		</Sheet>
	);
}
