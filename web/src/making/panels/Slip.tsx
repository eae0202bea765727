import { useState } from 'react';
import { say } from '../../ui/say';
import { cutAgain, slipOf } from '../flow';
import { GO_ON, progressIn } from '../journal';
import { add, useMaking } from '../making';
import type { Guide, Place, Task } from '../types';
import { Sheet } from './Sheet';

interface Props {
	task: Task;
	guide: Guide;
	onClose: () => void;
}

/** A round has other stitches than it is to have: why, how one sees it, and the ways out. */
export function Slip({ task, guide, onClose }: Props) {
	const { place } = useMaking((state) => progressIn(state.progress, task.key));
	const mishaps = useMaking(({ making }) => making?.toy.mishaps) ?? [];
	const worked = guide.rounds[place.round - 1];
	// Noticed when the round is done, before or after the tap; or while it is worked.
	const choices = [...new Set([place.stitch >= (worked?.makes ?? 0) ? place.round : place.round - 1, place.round, place.round + 1])].filter(
		(round) => round > 0 && round <= guide.rounds.length,
	);
	const [round, setRound] = useState(choices[0] ?? 1);
	const [has, setHas] = useState('');
	const [seen, setSeen] = useState<Readonly<Record<string, string>>>({});
	const makes = guide.rounds[round - 1]?.makes ?? 0;
	const number = has === '' ? Number.NaN : Number.parseInt(has, 10);
	const by = number - makes;
	const slip = slipOf(guide, round, by);
	const causes = guide.slips.causes.filter(({ key }) => slip?.causes.includes(key));
	const left = causes.filter(({ shows }) => Object.entries(seen).every(([look, result]) => shows[look] === result));
	const inOrder = [...left].sort((a, b) => (slip?.causes.indexOf(a.key) ?? 0) - (slip?.causes.indexOf(b.key) ?? 0));
	const before: Place = { round: round - 1, stitch: guide.rounds[round - 2]?.makes ?? 0 };
	const short = cutAgain(guide, place, before);

	function pullOut() {
		add('slipped', { piece: task.piece ?? '', copy: task.copy, round, stitch: 0, has: number, key: inOrder[0]?.key ?? '' });
		add('ripped', { piece: task.piece ?? '', copy: task.copy, ...before });
		onClose();
	}
	function goOn() {
		add('slipped', { piece: task.piece ?? '', copy: task.copy, round, stitch: makes, has: number, key: GO_ON });
		onClose();
	}

	return (
		<Sheet title={say('make.theCountIsOff')} onClose={onClose}>
			<p className="flex flex-wrap items-end gap-3">
				<label>
					{say('make.whichRound', { once: guide.once })}
					<select className="field figures block" value={round} onChange={(event) => setRound(Number(event.target.value))}>
						{choices.map((one) => (
							<option key={one} value={one}>
								{say('make.roundIsToHave', { round: one, makes: guide.rounds[one - 1]?.makes ?? 0 })}
							</option>
						))}
					</select>
				</label>
				<label>
					{say('make.itHas')}
					<input
						className="field figures block w-24"
						inputMode="numeric"
						value={has}
						onChange={(event) => setHas(event.target.value.replace(/\D/g, ''))}
					/>
				</label>
				{[-1, 1].map((one) => (
					<button key={one} type="button" className="make-small" onClick={() => setHas(String(makes + one))}>
						{makes + one}
					</button>
				))}
			</p>
			{by === 0 && <p className="mt-3">{say('make.thatIsRight')}</p>}
			{!Number.isNaN(by) && by !== 0 && (
				<>
					<p className="mt-3 font-semibold">{say(by < 0 ? 'make.tooFew' : 'make.tooMany', { by: Math.abs(by) })}</p>
					{slip === undefined && <p>{say('make.moreThanOneMistake')}</p>}
					{slip !== undefined && inOrder.length > 0 && (
						<section>
							<h3 className="caption">{say(inOrder.length === 1 ? 'make.itWas' : 'make.likelyCauses')}</h3>
							<ol className="make-told list-inside">
								{inOrder.map(({ key, text }) => (
									<li key={key}>{text}</li>
								))}
							</ol>
						</section>
					)}
					{slip !== undefined && left.length === 0 && causes.length > 0 && <p className="mt-2">{say('make.noCauseFits')}</p>}
					{slip?.looks.map((key) => {
						const look = guide.slips.looks.find((one) => one.key === key);
						const results = [...new Set(causes.map(({ shows }) => shows[key] ?? ''))];
						return look === undefined ? null : (
							<fieldset key={key} className="make-look">
								<legend>{look.ask}</legend>
								{results.map((result) => (
									<label key={result}>
										<input type="radio" name={key} checked={seen[key] === result} onChange={() => setSeen({ ...seen, [key]: result })} />
										{look.results[result]}
									</label>
								))}
							</fieldset>
						);
					})}
					<section>
						<h3 className="font-semibold">{say('make.waysOut')}</h3>
						{short.length > 0 && <p className="make-chance">{say('make.endsAreShort', { yarns: short.join(', ') })}</p>}
						<p>
							<button type="button" className="make-small" onClick={pullOut}>
								{say('make.pullTheRoundOut', { once: guide.once, round, stitches: makes })}
							</button>
						</p>
						{slip !== undefined && slip.goOn !== '' ? (
							<div className="mt-3">
								<p className="make-told">{slip.goOn}</p>
								<button type="button" className="make-small" onClick={goOn}>
									{say('make.goOnWithIt')}
								</button>
							</div>
						) : (
							slip !== undefined && <p className="caption mt-2">{say('make.cannotGoOn')}</p>
						)}
					</section>
				</>
			)}
			<section>
				<h3 className="font-semibold">{say('make.somethingElse')}</h3>
				{mishaps.map(({ key, name, ways }) => (
					<details key={key}>
						<summary>{name}</summary>
						<ol className="make-told list-inside">
							{ways.map(({ way, costs }) => (
								<li key={way}>
									{way} <span className="caption block">{costs}</span>
								</li>
							))}
						</ol>
						<button
							type="button"
							className="make-small"
							onClick={() => {
								add('slipped', {
									piece: task.piece ?? '',
									copy: task.copy,
									round: Math.max(1, place.round),
									stitch: place.stitch,
									has: place.stitch,
									key,
								});
								onClose();
							}}
						>
							{say('make.noteIt')}
						</button>
					</details>
				))}
			</section>
		</Sheet>
	);
}
