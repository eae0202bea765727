import { limits } from '../../../api/generated/limits';
import type { Finish, Finished } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { ChoiceField, NumberField, TextField } from '../../../ui/Field';
import { LengthField } from '../../../ui/LengthField';
import { say } from '../../../ui/say';
import { useBench, useDraft } from '../../context';
import { set, withPiece } from '../../plans';

const AUTO = 'auto';
const endNames = {
	'front-loops': say('finishForm.frontLoops'),
	'every-second': say('finishForm.everySecond'),
	twice: say('finishForm.twice'),
	flat: say('finishForm.flat'),
	sewn: say('finishForm.sewn'),
	open: say('finishForm.open'),
	'needle-join': say('finishForm.needleJoin'),
} as const;
const firmnessNames = {
	firm: say('finishForm.firm'),
	usual: say('finishForm.medium'),
	light: say('finishForm.light'),
	half: say('finishForm.half'),
	none: say('finishForm.none'),
} as const;
const startNames = {
	weave: say('finishForm.weave'),
	inside: say('finishForm.inside'),
	over: say('finishForm.over'),
	keep: say('finishForm.keep'),
	sew: say('finishForm.sewWith'),
} as const;
const ringNames = { 'at-once': say('finishForm.atOnce'), 'after-round-2': say('finishForm.afterRound2') } as const;

const nameIn = (names: Record<string, string>, key: string | null) => (key === null ? '' : (names[key] ?? key));
const asUsual = (names: Record<string, string>, key: string | null) => say('finishForm.chosen', { choice: nameIn(names, key) });

/** How a piece begins and ends: what the core chose, and what the maker wants instead. */
export function FinishForm({ piece: key, finished }: { piece: string; finished: Finished }) {
	const { draft } = useBench();
	const piece = useDraft(({ plan }) => plan.pieces.find((is) => is.key === key));
	const units = useDraft(({ plan }) => plan.units);
	if (piece === undefined) return null;
	const finish: Finish = piece.finish ?? {};
	const stuffing = finish.stuffing ?? {};
	const change = (to: Finish, group?: string) =>
		draft.change((plan) => withPiece(plan, key, (is) => set(is, 'finish', Object.keys(to).length === 0 ? null : to)), group);
	const stuff = (to: NonNullable<Finish['stuffing']>, group?: string) => change(set(finish, 'stuffing', Object.keys(to).length === 0 ? null : to), group);
	const choose = <K extends 'ring' | 'start' | 'end'>(field: K, value: string) =>
		change(set(finish, field, value === AUTO ? null : (value as NonNullable<Finish[K]>)));
	// Nothing drawn in is a choice, too: the maker’s words may say otherwise.
	const draw = (segments: number, base: boolean) => change(set(finish, 'drawn', base ? { segments, base } : { segments }));
	return (
		<details className="mb-3 border border-rule bg-sheet px-3 py-2">
			<summary className="cursor-pointer">{say('finishForm.howItBeginsAndEnds')}</summary>
			<div className="mt-2 grid grid-cols-2 gap-3">
				{finished.end !== null && (
					<ChoiceField
						label={say('finishForm.end')}
						className="col-span-2"
						value={finish.end ?? AUTO}
						choices={[[AUTO, asUsual(endNames, finished.end)], ...Object.entries(endNames)]}
						onChange={(end) => choose('end', end)}
					/>
				)}
				<p className="caption col-span-2">{finished.whyEnd}</p>
				{finished.end !== null && (
					<LengthField
						label={say('finishForm.tail')}
						units={units}
						min={10}
						max={10000}
						value={finished.tailCm * 10}
						onChange={(mm) => change(set(finish, 'tailCm', Math.round(mm) / 10), `tail ${key}`)}
					/>
				)}
				{finish.tailCm !== undefined && (
					<Button kind="bare" className="self-end" onClick={() => change(set(finish, 'tailCm', null))}>
						{say('finishForm.asUsual')}
					</Button>
				)}
				{finished.end !== null && <p className="caption col-span-2">{finished.whyTail}</p>}
				<ChoiceField
					label={say('finishForm.stuffing')}
					value={stuffing.firmness ?? AUTO}
					choices={[[AUTO, asUsual(firmnessNames, finished.firmness)], ...Object.entries(firmnessNames)]}
					onChange={(to) => stuff(set(stuffing, 'firmness', to === AUTO ? null : (to as keyof typeof firmnessNames)))}
				/>
				<NumberField
					label={say('finishForm.goes')}
					optional
					min={1}
					max={9}
					value={stuffing.goes ?? null}
					onChange={(goes) => stuff(set(stuffing, 'goes', goes), `goes ${key}`)}
				/>
				<p className="caption col-span-2">
					{finished.whyStuffed} {finished.goes > 0 ? say('finishForm.inGoes', { goes: finished.goes }) : ''}
				</p>
				<TextField
					label={say('finishForm.keptClear')}
					className="col-span-2"
					maxLength={limits.name}
					value={stuffing.clear ?? ''}
					onChange={(clear) => stuff(set(stuffing, 'clear', clear === '' ? null : clear), `clear ${key}`)}
				/>
				{finished.ring !== null && (
					<ChoiceField
						label={say('finishForm.ring')}
						value={finish.ring ?? AUTO}
						choices={[[AUTO, asUsual(ringNames, finished.ring)], ...Object.entries(ringNames)]}
						onChange={(ring) => choose('ring', ring)}
					/>
				)}
				<ChoiceField
					label={say('finishForm.start')}
					value={finish.start ?? AUTO}
					choices={[[AUTO, asUsual(startNames, finished.start)], ...Object.entries(startNames)]}
					onChange={(start) => choose('start', start)}
				/>
				<p className="caption col-span-2">
					{finished.ring === null ? '' : finished.whyRing} {finished.whyStart}
				</p>
				<NumberField
					label={say('finishForm.turned')}
					optional
					min={0}
					max={400}
					value={finish.turned ?? null}
					onChange={(turned) => change(set(finish, 'turned', turned), `turned ${key}`)}
				/>
				<NumberField
					label={say('finishForm.segments')}
					min={0}
					max={16}
					value={finished.segments}
					onChange={(segments) => draw(segments ?? 0, finished.base)}
				/>
				<label className="col-span-2 flex items-center gap-2">
					<input type="checkbox" checked={finished.base} onChange={(event) => draw(finished.segments, event.target.checked)} />
					{say('finishForm.base')}
				</label>
			</div>
		</details>
	);
}
