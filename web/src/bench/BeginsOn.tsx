import type { Piece } from '../api/types';
import { ChoiceField, NumberField } from '../ui/Field';
import { say } from '../ui/say';
import { useBench, useDraft } from './context';
import { set, withPiece } from './plans';

type Start = NonNullable<Piece['start']>;
type Picking = Extract<Start, { take?: unknown }>;

const joins: readonly (readonly [Start['join'] | 'own', string])[] = [
	['own', say('beginsOn.joinOwn')],
	['opening', say('beginsOn.joinOpening')],
	['rim', say('beginsOn.joinRim')],
	['loops', say('beginsOn.joinLoops')],
	['bridge', say('beginsOn.joinBridge')],
	['seam', say('beginsOn.joinSeam')],
	['layers', say('beginsOn.joinLayers')],
	['edge', say('beginsOn.joinEdge')],
	['edges', say('beginsOn.joinEdges')],
	['side', say('beginsOn.joinSide')],
	['spiral-loops', say('beginsOn.joinSpiralLoops')],
];

/** Where a piece begins: on its own, or on pieces made before it. */
export function BeginsOn({ piece }: { piece: Piece }) {
	const { draft } = useBench();
	const pieces = useDraft(({ plan }) => plan.pieces);
	const analysis = useDraft((state) => state.analysis.pieces.find(({ key }) => key === piece.key));
	const before = pieces.slice(
		0,
		pieces.findIndex(({ key }) => key === piece.key),
	);
	const first = before.at(-1)?.key;
	const { start } = piece;
	if (first === undefined && start === undefined) return <p className="caption col-span-2">{say('beginsOn.itBeginsInARing')}</p>;

	const change = (to: Start | null) => draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'start', to) as Piece), `start ${piece.key}`);
	function join(how: Start['join'] | 'own') {
		const one = start?.pieces[0] ?? first ?? '';
		const other = start?.pieces[1] ?? one;
		if (how === 'own') change(null);
		else if (how === 'opening' || how === 'rim') change({ join: how, pieces: [one] });
		else if (how === 'loops') change({ join: how, pieces: [one], round: 1 });
		else if (how === 'layers' || how === 'edges') change({ join: how, pieces: [one, other] });
		else if (how === 'edge') change({ join: how, pieces: [one] });
		else if (how === 'side' || how === 'spiral-loops') change({ join: how, pieces: [one], round: 1, to: 1 });
		else if (how === 'bridge') change({ join: how, pieces: [one, other], across: 3 });
		else change({ join: how, pieces: [one, other], across: 4 });
	}
	const choices = before.map(({ key, name }) => [key, name] as const);
	const isBridge = start?.join === 'bridge';
	return (
		<>
			<ChoiceField label={say('beginsOn.itBegins')} className="col-span-2" value={start?.join ?? 'own'} choices={joins} onChange={join} />
			{start?.pieces.map((key, at) => (
				<ChoiceField
					key={`${key} ${start.pieces.slice(0, at).filter((is) => is === key).length}`}
					label={at === 0 ? say('common.piece') : say('beginsOn.and')}
					value={key}
					choices={[
						...(choices.some(([known]) => known === key) ? choices : [[key, key] as const, ...choices]),
						...(isBridge && at > 1 ? [['', say('beginsOn.none')] as const] : []),
					]}
					onChange={(to) =>
						change({
							...start,
							pieces: to === '' ? start.pieces.filter((_, i) => i !== at) : start.pieces.map((old, i) => (i === at ? to : old)),
						} as Start)
					}
				/>
			))}
			{isBridge && start.pieces.length < 8 && (
				<button
					type="button"
					className="caption self-end text-left underline"
					onClick={() => change({ ...start, pieces: [...start.pieces, start.pieces.at(-1) ?? ''] })}
				>
					{say('beginsOn.andOneMore')}
				</button>
			)}
			{start !== undefined && 'across' in start && (
				<NumberField
					label={isBridge ? say('beginsOn.chainsBetweenThem') : say('beginsOn.stitchesWorkedTogether')}
					min={0}
					max={2000}
					value={start.across}
					onChange={(across) => across !== null && change({ ...start, across })}
				/>
			)}
			{start?.join === 'seam' && (
				<ChoiceField
					label={say('beginsOn.theSeamsStitches')}
					value={start.counts === true ? 'count' : 'gone'}
					choices={[
						['gone', say('beginsOn.areNotWorkedInto')],
						['count', say('beginsOn.countOnceInTheNext')],
					]}
					onChange={(to) => change(set(start, 'counts', to === 'count' ? true : null))}
				/>
			)}
			{(start?.join === 'opening' || start?.join === 'rim') && (
				<ChoiceField
					label={say('beginsOn.theGapOfTheJoin')}
					value={start.gap === true ? 'worked' : 'left'}
					choices={[
						['left', say('beginsOn.isLeft')],
						['worked', say('beginsOn.takesOneStitchMore')],
					]}
					onChange={(to) => change(set(start, 'gap', to === 'worked' ? true : null))}
				/>
			)}
			{(start?.join === 'side' || start?.join === 'spiral-loops') && (
				<>
					<NumberField
						label={say('beginsOn.fromRound')}
						min={1}
						max={400}
						value={start.round}
						onChange={(round) => round !== null && change({ ...start, round, to: Math.max(round, start.to) })}
					/>
					<NumberField
						label={say('beginsOn.toRound')}
						min={start.round}
						max={400}
						value={start.to}
						onChange={(to) => to !== null && change({ ...start, to })}
					/>
				</>
			)}
			{start?.join === 'side' && (
				<ChoiceField
					label={say('beginsOn.sides')}
					value={start.oneSide === true ? 'one' : 'both'}
					choices={[
						['both', say('beginsOn.bothSides')],
						['one', say('beginsOn.oneSide')],
					]}
					onChange={(to) => change(set(start, 'oneSide', to === 'one' ? true : null))}
				/>
			)}
			{start?.join === 'loops' && (
				<NumberField
					label={say('beginsOn.theRoundThatLeftLoops')}
					min={1}
					max={400}
					value={start.round}
					onChange={(round) => round !== null && change({ ...start, round })}
				/>
			)}
			{start !== undefined && (start.join === 'opening' || start.join === 'rim' || start.join === 'loops') && (
				<Taking start={start} edge={analysis?.beginsOn ?? 1} onChange={change} />
			)}
			{start !== undefined && (
				<p className="figures col-span-2">
					{say('beginsOn.finds', {
						stitches: analysis?.beginsOn ?? 0,
						on: analysis?.beginning ?? 'none',
					})}
				</p>
			)}
		</>
	);
}

/** Which stitches of the edge it begins on. */
function Taking({ start, edge, onChange }: { start: Picking; edge: number; onChange: (start: Start) => void }) {
	const { take } = start;
	const how = take === undefined ? 'all' : 'stitches' in take ? 'some' : 'named';
	const to = (next: NonNullable<Picking['take']> | null) => onChange(set(start, 'take', next) as Start);
	return (
		<>
			<ChoiceField
				label={say('beginsOn.on')}
				value={how}
				choices={[
					['all', say('beginsOn.everyStitchOfIt')],
					['some', say('beginsOn.aNumberSpreadEvenly')],
					['named', say('beginsOn.someInARow')],
				]}
				onChange={(next) => to(next === 'all' ? null : next === 'some' ? { stitches: Math.max(1, edge) } : { from: 1, to: Math.max(1, edge) })}
			/>
			{take !== undefined && 'stitches' in take && (
				<NumberField
					label={say('common.stitches')}
					min={1}
					max={2000}
					value={take.stitches}
					onChange={(stitches) => stitches !== null && to({ stitches })}
				/>
			)}
			{take !== undefined && 'from' in take && (
				<>
					<NumberField
						label={say('beginsOn.fromStitch')}
						min={1}
						max={2000}
						value={take.from}
						onChange={(from) => from !== null && to({ ...take, from })}
					/>
					<NumberField
						label={say('beginsOn.toStitch')}
						min={1}
						max={2000}
						value={take.to}
						onChange={(last) => last !== null && to({ ...take, to: last })}
					/>
				</>
			)}
		</>
	);
}
