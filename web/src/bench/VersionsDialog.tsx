import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import type { Plan } from '../api/types';
import { type PieceAnalysis, unpacked } from '../api/unpack';
import { Chart } from '../chart/Chart';
import { layOut } from '../chart/layout';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField } from '../ui/Field';
import { notify } from '../ui/Notices';
import { momentOf, say, timeOf } from '../ui/say';
import { useBench, useDraft } from './context';

const ROW = 20;
const HEIGHT = 420;
/** Room for the first band, which begins above its line. */
const MARGIN = 24;

/** What the plan was: when, what was done, how it looked; taken back, or begun anew from. */
export function VersionsDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
	const id = useDraft((state) => state.id);
	// A revision that nobody looks at is not even asked about.
	const revision = useDraft((state) => (open ? state.revision : null));
	const [chosen, setChosen] = useState<number | null>(null);
	const { data, isError } = useQuery({
		queryKey: ['versions', id, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/versions', { params: { path: { id } } })),
		enabled: open,
	});
	const versions = data?.versions ?? [];
	return (
		<DialogSheet
			title={say('versionsDialog.earlierVersions')}
			says={say('versionsDialog.oneForEverythingThatWas')}
			open={open}
			onClose={() => {
				setChosen(null);
				onClose();
			}}
			isWide
		>
			<div className="grid gap-4 min-[700px]:grid-cols-[18rem_minmax(0,1fr)]">
				<ol aria-label={say('versionsDialog.versions')} className="max-h-[28rem] overflow-auto border-t border-rule">
					{isError && <li className="py-2">{say('versionsDialog.theyCouldNotBeFetched')}</li>}
					{versions.map(({ number, savedAt, says }, i) => (
						<li key={number} className="border-b border-rule">
							<button
								type="button"
								aria-pressed={chosen === number}
								className="figures w-full px-2 py-1.5 text-left hover:bg-shade aria-pressed:bg-pick"
								onClick={() => setChosen(number)}
							>
								<span className="font-semibold">{says === '' ? say('versionsDialog.begun') : says}</span>
								{i === 0 && say('versionsDialog.asItIsNow')}
								<br />
								<span className="caption">{when(savedAt)}</span>
							</button>
						</li>
					))}
				</ol>
				{chosen === null ? (
					<p className="text-faint">{say('versionsDialog.pickOneToLookAt')}</p>
				) : (
					<Version number={chosen} isNow={versions[0]?.number === chosen} onClose={onClose} />
				)}
			</div>
		</DialogSheet>
	);
}

function when(savedAt: string): string {
	const at = new Date(savedAt);
	return at.toDateString() === new Date().toDateString() ? say('versionsDialog.today', { time: timeOf(savedAt) }) : momentOf(savedAt);
}

function Version({ number, isNow, onClose }: { number: number; isNow: boolean; onClose: () => void }) {
	const { draft, piece: inView } = useBench();
	const navigate = useNavigate();
	const id = useDraft((state) => state.id);
	const [key, setKey] = useState(inView);
	const { data } = useQuery({
		queryKey: ['version', id, number, key],
		queryFn: async () => {
			const opened = dataOf(await api.GET('/api/plans/{id}/versions/{number}', { params: { path: { id, number }, query: { piece: key } } }));
			return { plan: opened.plan, analysis: unpacked(opened.analysis) };
		},
		placeholderData: (before, query) => (query?.queryKey[2] === number ? before : undefined),
	});
	if (data === undefined) return <p className="text-faint">{say('versionsDialog.lookingItUp')}</p>;
	const { plan, analysis } = data;
	const piece = analysis.pieces.find((one) => one.key === key) ?? analysis.pieces[0];

	async function beginFrom() {
		try {
			const added = dataOf(await api.POST('/api/plans', { body: plan }));
			navigate(`/plan/${added.id}`);
		} catch (error) {
			notify(toldOf(error));
		}
	}

	return (
		<div className="min-w-0">
			<div className="mb-2 flex flex-wrap items-end gap-2">
				{plan.pieces.length > 1 && (
					<ChoiceField
						label={say('common.piece')}
						value={piece?.key ?? ''}
						choices={plan.pieces.map((one) => [one.key, one.name] as const)}
						onChange={setKey}
						className="w-40"
					/>
				)}
				<Button
					kind="strong"
					disabled={isNow}
					onClick={() => {
						draft.edit({ do: 'take', plan, says: say('versionsDialog.anEarlierVersionTakenBack') });
						onClose();
					}}
				>
					{say('versionsDialog.takeItBack')}
				</Button>
				<Button onClick={() => void beginFrom()}>{say('versionsDialog.beginANewPlanFrom')}</Button>
			</div>
			{piece === undefined || piece.rounds.length === 0 ? (
				<p className="text-faint">{say('versionsDialog.itHasNoRoundsYet')}</p>
			) : (
				<Look piece={piece} plan={plan} stitches={analysis.constants.stitches} />
			)}
		</div>
	);
}

/** The piece as it was, to be looked at only. */
function Look({ piece, plan, stitches }: { piece: PieceAnalysis; plan: Plan; stitches: Readonly<Record<string, string>> }) {
	const [top, setTop] = useState(0);
	const lines = plan.pieces.find(({ key }) => key === piece.key)?.rounds ?? [];
	const layout = layOut(piece, lines.length, [], ROW);
	return (
		<section
			aria-label={say('versionsDialog.nameAsItWas', { name: piece.name })}
			className="relative overflow-y-auto border border-rule bg-sheet"
			style={{ height: HEIGHT }}
			onScroll={(event) => setTop(event.currentTarget.scrollTop)}
		>
			<div style={{ height: Math.max(layout.height + 2 * MARGIN, HEIGHT) }}>
				<div className="sticky top-0" style={{ height: HEIGHT }}>
					<Chart
						piece={piece}
						yarns={plan.yarns}
						stitches={stitches}
						layout={layout}
						view="opened"
						isLeftHanded={plan.hand === 'left'}
						top={top - MARGIN}
						height={HEIGHT}
					/>
				</div>
			</div>
		</section>
	);
}
