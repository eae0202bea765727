import { useCallback, useEffect, useState } from 'react';
import { api, dataOf } from '../../api/client';
import type { components } from '../../api/generated/contract';
import { toldOf } from '../../api/trouble';
import { say } from '../../ui/say';
import { YarnMark } from '../../ui/YarnMark';
import { sync } from '../link';
import { add, useMaking } from '../making';
import { Sheet } from './Sheet';

type Known = components['schemas']['Forecast'];

/** "2 h 15 min". */
const inHours = (minutes: number) => say('make.hoursAndMinutes', { hours: Math.floor(minutes / 60), minutes: Math.round(minutes % 60) });

/** When it will be done at the maker's pace, and whether the yarn lasts by what was weighed. */
export function Forecast({ onClose }: { onClose: () => void }) {
	const making = useMaking((state) => state.making);
	const tasks = making?.toy.tasks ?? [];
	const yarns = making?.toy.yarns ?? [];
	const task = useMaking((state) => state.task);
	const [known, setKnown] = useState<Known | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const [yarn, setYarn] = useState(yarns[0]?.key ?? '');
	const [grams, setGrams] = useState('');
	const id = making?.id ?? '';

	const look = useCallback(async () => {
		try {
			// What was counted is sent first, so that it is reckoned with.
			await sync();
			setKnown(dataOf(await api.GET('/api/makings/{id}/forecast', { params: { path: { id } } })));
			setTrouble(null);
		} catch (error) {
			setTrouble(toldOf(error).says);
		}
	}, [id]);
	useEffect(() => void look(), [look]);

	const nameOf = (key: string) => tasks.find((one) => one.key === key)?.name ?? key;
	const now = known?.tasks.find((one) => one.task === task);
	return (
		<Sheet title={say('make.forecast')} onClose={onClose}>
			{trouble !== null && <p role="alert">{trouble}</p>}
			{known === null && trouble === null && <p>{say('make.lookingAhead')}</p>}
			{known !== null && (
				<>
					{known.stitchesPerMinute === null || known.minutes === null ? (
						<p>{say('make.tooLittleCounted')}</p>
					) : (
						<dl className="make-facts">
							<dt>{say('make.pace')}</dt>
							<dd className="figures">{say('make.stitchesAMinute', { stitches: Math.round(known.stitchesPerMinute * 10) / 10 })}</dd>
							{now?.minutes != null && (
								<>
									<dt>{nameOf(now.task)}</dt>
									<dd className="figures">{say('make.stillTakes', { time: inHours(now.minutes) })}</dd>
								</>
							)}
							<dt>{say('make.allOfIt')}</dt>
							<dd className="figures">{say('make.stillTakes', { time: inHours(known.minutes) })}</dd>
						</dl>
					)}
					{known.yarns.map((one) => (
						<section key={one.yarn} className={one.enough ? 'mt-3' : 'make-chance'}>
							<p className="flex items-start gap-2">
								<YarnMark letter={one.yarn} hex={yarns.find(({ key }) => key === one.yarn)?.hex ?? '#808080'} />
								<span>
									{say('make.gramsLeft', { grams: Math.round(one.leftGrams) })} {one.says}
								</span>
							</p>
							{one.waysOut.length > 0 && (
								<ul className="list-inside list-disc">
									{one.waysOut.map((way) => (
										<li key={way}>{way}</li>
									))}
								</ul>
							)}
						</section>
					))}
				</>
			)}
			<form
				className="mt-4"
				onSubmit={(event) => {
					event.preventDefault();
					const number = Number.parseFloat(grams.replace(',', '.'));
					if (!(number >= 0)) return;
					add('weighed', { yarn, grams: number });
					setGrams('');
					void look();
				}}
			>
				<h3 className="font-semibold">{say('make.weighABall')}</h3>
				<p className="flex flex-wrap items-end gap-3">
					<label>
						{say('make.yarn')}
						<select className="field block" value={yarn} onChange={(event) => setYarn(event.target.value)}>
							{yarns.map(({ key, name }) => (
								<option key={key} value={key}>
									{key} {name}
								</option>
							))}
						</select>
					</label>
					<label>
						{say('make.gramsOfIt')}
						<input className="field figures block w-24" inputMode="decimal" value={grams} onChange={(event) => setGrams(event.target.value)} />
					</label>
					<button type="submit" className="make-small">
						{say('make.keepTheWeight')}
					</button>
				</p>
			</form>
			{known !== null && known.rounds.length > 0 && (
				<details className="mt-4">
					<summary>{say('make.timeOfRounds')}</summary>
					<ol className="figures">
						{known.rounds.map(({ task: of, round, seconds }) => (
							<li key={`${of} ${round}`}>
								{say('make.roundTook', { name: nameOf(of), round, minutes: Math.floor(seconds / 60), seconds: seconds % 60 })}
							</li>
						))}
					</ol>
				</details>
			)}
		</Sheet>
	);
}
