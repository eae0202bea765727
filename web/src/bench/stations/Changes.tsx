import { useQuery } from '@tanstack/react-query';
import { Slider } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { api, dataOf } from '../../api/client';
import type { Change, Method } from '../../api/types';
import { Button } from '../../ui/Button';
import { ChoiceField } from '../../ui/Field';
import { plural } from '../../ui/units';
import { useBench, useDraft, usePiece } from '../context';
import { withPiece } from '../plans';
import { StepSign } from '../StepSign';
import { FaceForm } from './FaceForm';
import { Placements } from './Placements';

const methods: readonly (readonly [Method | 'auto', string])[] = [
	['auto', 'choose for me'],
	['plain', 'plain change'],
	['slip-stitch', 'start with a sl st'],
	['drawn-loop', 'pull the loop through'],
];

/** Every colour change in working order: where, how high, what to do, why; and the front. */
export function Changes() {
	const { draft, picked, pick } = useBench();
	const { piece, analysis } = usePiece();
	// Where the front is being turned to, until the core has answered.
	const [turned, setTurned] = useState<number | null>(null);
	const isSaved = useDraft(({ save }) => save.is === 'saved');
	useEffect(() => {
		if (isSaved) setTurned(null);
	}, [isSaved]);
	const list = useRef<HTMLOListElement>(null);
	const shownRound = picked.size === 1 ? [...picked][0] : undefined;
	useEffect(() => {
		if (shownRound !== undefined) list.current?.querySelector(`[data-round="${shownRound - 1}"]`)?.scrollIntoView({ block: 'nearest' });
	}, [shownRound]);

	if (piece === undefined || analysis === undefined) return null;
	const { changes, bestFront, frontDegrees } = analysis;
	const showing = changes.filter(({ shows }) => shows).length;
	const within = analysis.changesWithin.reduce((sum, round) => sum + round.changes, 0);
	const shownWithin = analysis.changesWithin.find(({ round }) => round === shownRound);
	function turn(degrees: number) {
		setTurned(degrees);
		draft.edit({ do: 'front', piece: piece?.key ?? '', degrees }, `front ${piece?.key}`);
	}

	function choose(change: Change, method: Method | 'auto') {
		draft.change((plan) =>
			withPiece(plan, piece?.key ?? '', (is) => {
				const { at: before = [], ...rest } = is.changes;
				const at = before.filter(({ round }) => round !== change.round);
				if (method !== 'auto') at.push({ round: change.round, method });
				return { ...is, changes: at.length === 0 ? rest : { ...rest, at } };
			}),
		);
	}

	return (
		<>
			<h2 className="text-lg font-semibold">Colour changes</h2>
			<p className="mb-3 text-faint">
				{changes.length + within === 0
					? 'The piece is all of one yarn: nothing changes.'
					: `${plural(changes.length + within, 'change')}${within > 0 ? `, ${within} of them within rounds` : ''}; ${
							showing === 0 ? 'no jog shows' : `${plural(showing, 'jog')} ${showing === 1 ? 'shows' : 'show'}`
						} at the front`}
			</p>
			{analysis.worked !== 'rows' && (
				<section aria-label="Front" className="mb-4 border-y border-rule py-3">
					<div className="figures mb-1 flex items-baseline justify-between">
						<h3 className="font-semibold">Front at {Math.round(frontDegrees)}°</h3>
						<span className="caption">from where round 1 begins</span>
					</div>
					<Slider.Root
						className="relative flex h-8 touch-none items-center"
						min={0}
						max={359}
						step={1}
						value={[turned ?? Math.round(frontDegrees) % 360]}
						onValueChange={([degrees]) => degrees !== undefined && turn(degrees)}
					>
						<Slider.Track className="relative h-1 flex-1 bg-rule" />
						<Slider.Thumb aria-label="Front in degrees" className="block h-7 w-3 border border-ink bg-sheet" />
					</Slider.Root>
					<p className="mt-1">{bestFront.why}</p>
					{bestFront.better && (
						<Button kind="strong" className="mt-2 w-full" onClick={() => turn(bestFront.degrees)}>
							Turn the front to {bestFront.degrees}°
						</Button>
					)}
				</section>
			)}
			{analysis.worked === 'spiral' && changes.length > 0 && (
				<ChoiceField
					label="Treat every jog"
					className="mb-3"
					value={piece.changes.method}
					choices={methods}
					onChange={(method) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, changes: { method } })))}
				/>
			)}
			<FaceForm />
			<Placements />
			{shownWithin !== undefined && <ChangesWithin round={shownWithin.round} />}
			<ol ref={list} className="flex flex-col">
				{changes.map((change) => (
					<li
						key={`${change.round}-${change.stitch}`}
						data-round={change.round}
						className={`border-t border-rule py-2 ${shownRound === change.round + 1 && change.jog ? '-mx-2 bg-pick/60 px-2' : ''}`}
					>
						<button
							type="button"
							className="figures flex w-full items-start gap-2 text-left"
							onClick={() => pick(Math.min(change.round + (change.jog ? 1 : 0), analysis.rounds.length), 'new')}
						>
							{change.jog ? (
								<span className="pt-0.5">
									<StepSign step={change.stepRounds} shows={change.shows} />
								</span>
							) : (
								<span className="w-[22px] shrink-0" />
							)}
							<span className={change.shows ? 'font-semibold' : ''}>{change.summary}</span>
						</button>
						{change.jog && (
							<div className="pl-[30px]">
								<p className="mt-1">{change.toDo}</p>
								<p className="mt-1 text-faint">{change.why}</p>
								{analysis.worked === 'spiral' && (
									<ChoiceField
										label={`Method after round ${change.round}`}
										hideLabel
										className="mt-1"
										value={piece.changes.at?.find(({ round }) => round === change.round)?.method ?? 'auto'}
										choices={[['auto', `${change.chosen ? 'as for all' : `${change.methodLabel}, chosen for you`}`], ...methods.slice(1)]}
										onChange={(method: Method | 'auto') => choose(change, method)}
									/>
								)}
							</div>
						)}
					</li>
				))}
			</ol>
		</>
	);
}

/** The changes within a round, asked for when it is looked at. */
function ChangesWithin({ round }: { round: number }) {
	const { piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const { data } = useQuery({
		queryKey: ['changes', id, piece, round, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/changes', { params: { path: { id }, query: { piece, round } } })),
	});
	return (
		<section aria-label={`Within round ${round}`} className="mb-3 border-l-4 border-ink bg-sheet p-2">
			<h3 className="font-semibold">Within round {round}</h3>
			<ol className="max-h-64 overflow-auto">
				{data?.changes.map((change) => (
					<li key={change.stitch} className="border-t border-rule py-1">
						<p className="figures">{change.summary}</p>
						<p className="text-faint">{change.toDo}</p>
					</li>
				))}
			</ol>
		</section>
	);
}
