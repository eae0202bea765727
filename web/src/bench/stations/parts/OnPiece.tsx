import type { Piece, PieceAnalysis, Place } from '../../../api/types';
import { ChoiceField, NumberField, TextField } from '../../../ui/Field';
import { listed, say } from '../../../ui/say';
import { size as length, yarnLength } from '../../../ui/units';
import { useBench, useDraft, usePiece, useProblems } from '../../context';
import { HowItIsDone } from '../../HowItIsDone';
import { set, withPiece } from '../../plans';
import { useNames } from './names';
import { PartRow } from './PartRow';
import { PlaceFields } from './PlaceFields';
import { type Thread, threadForms } from './threadForms';

type Placement = NonNullable<Piece['placements']>[number];

const keyOf = (placement: Placement, at: number) => placement.key ?? `p${at + 1}`;

/** The place of a placement, whose fields stand among its own. */
const placeOf = ({ key: _key, kind: _kind, name: _name, mm: _mm, ...place }: Placement): Place => place as Place;

/** What is on the piece in view: eyes and marks, and what is embroidered. */
export function OnPiece({ piece, analysis }: { piece: Piece; analysis: PieceAnalysis }) {
	const { draft } = useBench();
	const { lies } = usePiece();
	const units = useDraft(({ plan }) => plan.units);
	const yarns = useDraft(({ plan }) => plan.yarns);
	const nameOf = useNames();
	const tray = useDraft(({ analysis: is }) => is.constants.tray);
	const pieces = useDraft(({ plan }) => plan.pieces);
	const problems = useProblems();
	/** what is told of one; of what lies somewhere, its own remarks say what is wrong with that place */
	const told = (at: string, isPlaced = false) => {
		const path = `pieces[${pieces.findIndex(({ key }) => key === piece.key)}].${at}`;
		return problems
			.filter((problem) => problem.path?.startsWith(path) === true && !(isPlaced && problem.severity === 'error'))
			.map(({ message, mend }) => `${message} ${mend}`);
	};
	const placements = piece.placements ?? [];
	const threads = piece.thread ?? [];
	const named = placements.map((one, i) => [keyOf(one, i), nameOf(one)] as const);
	const nudge = (key: string) => (rounds: number, stitches: number) => draft.edit({ do: 'nudge', piece: piece.key, key, rounds, stitches });
	const typedOver = (key: string) => (said: string) => draft.edit({ do: 'nudge', piece: piece.key, key, said });
	const place = (at: number, to: Placement | null, group?: string) =>
		draft.change(
			(plan) =>
				withPiece(plan, piece.key, (is) => ({
					...is,
					placements: (is.placements ?? []).flatMap((one, i) => (i === at ? (to === null ? [] : [to]) : [one])),
				})),
			group,
		);
	const lay = (key: string, to: Thread | null, group?: string) =>
		draft.change(
			(plan) =>
				withPiece(plan, piece.key, (is) => ({
					...is,
					thread: (is.thread ?? []).flatMap((one) => (one.key === key ? (to === null ? [] : [to]) : [one])),
				})),
			group,
		);
	if (placements.length === 0 && threads.length === 0) return <p className="mb-4 text-faint">{say('parts.nothingOnIt', { name: piece.name })}</p>;
	return (
		<section aria-label={say('parts.on', { name: piece.name })} className="mb-4 border-y border-rule">
			<ul>
				{placements.map((one, i) => {
					const key = keyOf(one, i);
					const placed = analysis.placed.find((is) => is.key === key);
					const group = `placement ${piece.key} ${key}`;
					const apart = placed?.apartMm == null ? [] : [say('parts.apart', { length: length(placed.apartMm, units) })];
					const sizes =
						placed === undefined || placed.sizesMm.length === 0 ? [] : [say('parts.suits', { sizes: listed(placed.sizesMm.map(String)) })];
					return (
						<PartRow
							key={key}
							title={`${nameOf(one)}${one.mm === undefined ? '' : `, ${one.mm} mm`}`}
							said={placed?.said ?? say('parts.nowhere')}
							more={[...apart, ...sizes].join('; ')}
							remarks={[...(placed?.remarks ?? []), ...told(`placements[${i}]`, placed !== undefined)]}
							place={placed?.said ?? ''}
							onSaid={typedOver(key)}
							onNudge={nudge(key)}
							onDelete={() => place(i, null)}
						>
							<ChoiceField
								label={say('placements.what')}
								value={one.kind}
								choices={tray.filter(({ isThread }) => isThread !== true).map(({ what, label }) => [what as Placement['kind'], label] as const)}
								onChange={(kind) => place(i, { ...one, kind })}
							/>
							<NumberField
								label={say('parts.mmAcross')}
								optional
								min={1}
								max={100}
								step={0.5}
								value={one.mm ?? null}
								onChange={(n) => place(i, set(one, 'mm', n), group)}
							/>
							<PlaceFields
								place={placeOf(one)}
								others={named.slice(0, i)}
								round={placed?.round ?? 1}
								lies={lies}
								onChange={(to) => {
									const { kind, name, mm } = one;
									place(
										i,
										{ ...(JSON.parse(JSON.stringify({ key, kind, name, mm })) as Pick<Placement, 'key' | 'kind'>), ...to } as Placement,
										group,
									);
								}}
							/>
						</PartRow>
					);
				})}
				{threads.map((one, i) => {
					const laid = analysis.threads.find(({ key }) => key === one.key);
					const group = `thread ${piece.key} ${one.key}`;
					return (
						<PartRow
							key={`thread ${one.key}`}
							title={nameOf(one)}
							said={laid?.summary.replace(/^[^:]*: /, '') ?? say('parts.nowhere')}
							more={laid === undefined ? '' : `${laid.said}; ${say('parts.cut', { length: yarnLength(laid.cm / 100, units) })}`}
							remarks={told(`thread[${i}]`)}
							place={laid?.said ?? ''}
							onSaid={typedOver(one.key)}
							onNudge={nudge(one.key)}
							onDelete={() => lay(one.key, null)}
						>
							<TextField
								label={say('parts.name')}
								value={one.name ?? ''}
								maxLength={120}
								onChange={(event) => lay(one.key, set(one, 'name', event === '' ? null : event), group)}
							/>
							<ChoiceField
								label={say('parts.yarn')}
								value={one.yarn}
								choices={yarns.map(({ key, name }) => [key, `${key} ${name}`] as const)}
								onChange={(yarn) => lay(one.key, { ...one, yarn })}
							/>
							{threadForms[one.kind].map(({ field, label, min, max, step, usual }) => (
								<NumberField
									key={field}
									label={label}
									min={min}
									max={max}
									step={step}
									value={((one as Record<string, unknown>)[field] as number | undefined) ?? usual}
									onChange={(n) => n !== null && lay(one.key, { ...one, [field]: n } as Thread, group)}
								/>
							))}
							<NumberField
								label={say('parts.strandsTogether')}
								optional
								min={1}
								max={12}
								value={one.strands ?? null}
								onChange={(n) => lay(one.key, set(one, 'strands', n), group)}
							/>
							{one.kind !== 'strand' && (
								<ChoiceField
									label={say('parts.when')}
									value={one.open === true ? 'open' : 'done'}
									choices={[
										['done', say('parts.whenDone')],
										['open', say('parts.whileOpen')],
									]}
									onChange={(when) => lay(one.key, set(one, 'open', when === 'open' ? true : null))}
								/>
							)}
							<div className="col-span-2">
								<HowItIsDone has={(name) => name === `thread ${one.kind}`} summary={say('howItIsDone.title')} to={one.yarn} />
							</div>
							<PlaceFields
								place={one.at}
								others={named}
								round={laid?.round ?? 1}
								lies={lies}
								onChange={(at) => lay(one.key, { ...one, at }, group)}
							/>
							{one.kind === 'strand' && (
								<>
									<ChoiceField
										label={say('parts.endsOn')}
										value={one.to.piece}
										choices={pieces.filter(({ key }) => key !== piece.key).map(({ key, name }) => [key, name] as const)}
										onChange={(to) => lay(one.key, { ...one, to: { ...one.to, piece: to } })}
									/>
									<PlaceFields
										place={one.to.at}
										others={[]}
										round={1}
										lies={lies}
										onChange={(at) => lay(one.key, { ...one, to: { ...one.to, at } }, group)}
									/>
								</>
							)}
						</PartRow>
					);
				})}
			</ul>
		</section>
	);
}
