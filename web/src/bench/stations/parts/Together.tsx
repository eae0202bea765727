import { limits } from '../../../api/generated/limits';
import type { Plan } from '../../../api/types';
import { ChoiceField, NumberField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { yarnLength } from '../../../ui/units';
import { useBench, useDraft, usePiece, useProblems } from '../../context';
import { HowItIsDone } from '../../HowItIsDone';
import { set } from '../../plans';
import { useNames } from './names';
import { PartRow } from './PartRow';
import { PlaceFields } from './PlaceFields';

type Joint = NonNullable<Plan['assembly']>[number];

const edges: readonly (readonly [NonNullable<Joint['edge']>, string])[] = [
	['open', say('parts.edgeOpen')],
	['flat', say('parts.edgeFlat')],
	['gathered', say('parts.edgeGathered')],
	['closed', say('parts.edgeClosed')],
	['side', say('parts.edgeSide')],
	['middle', say('parts.edgeMiddle')],
	['around', say('parts.edgeAround')],
];

/** Which piece is put on which, by which edge and how it is held. */
export function Together() {
	const { draft } = useBench();
	const { lies } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	const pieces = useDraft(({ plan }) => plan.pieces);
	const assembly = useDraft(({ plan }) => plan.assembly) ?? [];
	const laid = useDraft(({ analysis }) => analysis.assembly);
	const loose = useDraft(({ analysis }) => analysis.loose);
	const holds = useDraft(({ analysis }) => analysis.constants.holds);
	const problems = useProblems();
	const nameFor = useNames();
	if (assembly.length === 0) return null;
	const names = pieces.map(({ key, name }) => [key, name] as const);
	// What carries others need not be put anywhere itself.
	const carrying = new Set(assembly.map(({ onto }) => onto));
	const stillToPlace = Object.entries(loose).filter(([key]) => !carrying.has(key));
	const nameOf = (key: string) => names.find(([is]) => is === key)?.[1] ?? key;
	const change = (key: string, to: Joint | null, group?: string) =>
		draft.change((plan) => {
			const rest = (plan.assembly ?? []).flatMap((one) => (one.key === key ? (to === null ? [] : [to]) : [one]));
			return set(plan, 'assembly', rest.length === 0 ? null : rest) as Plan;
		}, group);
	/** What a part's place may be counted from: what is on the same piece, and parts that are listed before it. */
	const othersOn = (joint: Joint, at: number) => [
		...(pieces.find(({ key }) => key === joint.onto)?.placements ?? []).map((one, i) => [one.key ?? `p${i + 1}`, nameFor(one)] as const),
		...assembly.slice(0, at).flatMap((one) => (one.onto === joint.onto ? [[one.key, nameOf(one.part)] as const] : [])),
	];
	return (
		<section aria-label={say('parts.together')} className="mb-4 border-b border-rule">
			<h3 className="mb-1 font-semibold">{say('parts.together')}</h3>
			<ul>
				{assembly.map((one, i) => {
					const is = laid.find(({ key }) => key === one.key);
					const group = `joint ${one.key}`;
					const told = problems.filter(({ path }) => path?.startsWith(`assembly[${i}]`) === true).map(({ message, mend }) => `${message} ${mend}`);
					return (
						<PartRow
							key={one.key}
							title={say('parts.partOn', { part: nameOf(one.part), onto: nameOf(one.onto) })}
							said={is?.said ?? say('parts.nowhere')}
							more={
								is === undefined
									? ''
									: [
											is.summary.replace(/^[^:]*: /, ''),
											...(is.cm > 0 ? [say('parts.tail', { length: yarnLength(is.cm / 100, units) })] : []),
										].join('; ')
							}
							remarks={[...(is?.remarks ?? []), ...told]}
							onNudge={(rounds, stitches) => draft.edit({ do: 'nudge', key: one.key, rounds, stitches })}
							place={is?.said ?? ''}
							onSaid={(said) => draft.edit({ do: 'nudge', key: one.key, said })}
							onTurn={(turn) => draft.edit({ do: 'nudge', key: one.key, turn })}
							onDelete={() => change(one.key, null)}
						>
							<ChoiceField label={say('parts.onto')} value={one.onto} choices={names} onChange={(onto) => change(one.key, { ...one, onto })} />
							<ChoiceField
								label={say('parts.edge')}
								value={one.edge ?? 'open'}
								choices={edges}
								onChange={(edge) => change(one.key, { ...set(one, 'stretch', null), edge })}
							/>
							<ChoiceField
								label={say('parts.heldBy')}
								value={one.hold ?? 'whip'}
								choices={holds.map(({ hold, label }) => [hold as NonNullable<Joint['hold']>, label] as const)}
								onChange={(hold) => change(one.key, { ...set(one, 'over', null), hold })}
							/>
							<ChoiceField
								label={say('parts.with')}
								value={one.newThread === true ? 'new' : 'own'}
								choices={[
									['own', say('parts.ownTail')],
									['new', say('parts.newThread')],
								]}
								onChange={(with_) => change(one.key, set(one, 'newThread', with_ === 'new' ? true : null))}
							/>
							{one.hold === 'hinge' && (
								<NumberField
									label={say('parts.hingeOver')}
									min={2}
									max={40}
									value={one.over ?? 4}
									onChange={(n) => n !== null && change(one.key, { ...one, over: n }, group)}
								/>
							)}
							{one.edge === 'side' &&
								(['from', 'to'] as const).map((end) => (
									<NumberField
										key={end}
										label={end === 'from' ? say('parts.sideFrom') : say('parts.sideTo')}
										optional
										min={1}
										max={limits.rounds}
										value={one.stretch?.[end] ?? null}
										onChange={(n) =>
											change(one.key, set(one, 'stretch', n === null ? null : { from: n, to: n, ...one.stretch, [end]: n }), group)
										}
									/>
								))}
							<ChoiceField
								label={say('parts.stuffed')}
								value={one.stuffedThen === true ? 'then' : 'before'}
								choices={[
									['before', say('parts.stuffedBefore')],
									['then', say('parts.stuffedThen')],
								]}
								onChange={(when) => change(one.key, set(one, 'stuffedThen', when === 'then' ? true : null))}
							/>
							<NumberField
								label={say('parts.turned')}
								min={-180}
								max={180}
								step={15}
								value={one.turned ?? 0}
								onChange={(n) => n !== null && change(one.key, set(one, 'turned', n === 0 ? null : n), group)}
							/>
							<div className="col-span-2">
								<HowItIsDone has={(name) => name === `hold ${one.hold ?? 'whip'}`} summary={say('howItIsDone.title')} />
							</div>
							<PlaceFields
								place={one.at}
								others={othersOn(one, i)}
								round={is?.round ?? 1}
								lies={lies}
								onChange={(at) => change(one.key, { ...one, at }, group)}
							/>
						</PartRow>
					);
				})}
			</ul>
			{stillToPlace.map(([key, copies]) => (
				<p key={key} className="border-l-4 border-ink pl-2">
					{say('parts.stillToPlace', { copies, part: nameOf(key) })}
				</p>
			))}
		</section>
	);
}
