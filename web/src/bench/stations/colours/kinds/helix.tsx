import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../../../api/client';
import type { Layer, Stripe } from '../../../../api/types';
import { Button } from '../../../../ui/Button';
import { say } from '../../../../ui/say';
import { yarnLength } from '../../../../ui/units';
import { useRested } from '../../../../ui/useRested';
import { useBench, useDraft, useYarns } from '../../../context';
import { SequenceEditor } from '../SequenceEditor';
import { Form, type LayProps, type Range, RoundsFields, useLay, useRange, type WhereProps } from './parts';

type HelixLayer = Extract<Layer, { kind: 'helix' }>;

export function LayHelix({ from, to }: LayProps) {
	const lay = useLay();
	const yarns = useYarns();
	const [range, setRange] = useRange({ from, to });
	const [strands, setStrands] = useState(() => yarns.slice(0, 2).map(({ key }) => key));
	return (
		<Form does={say('helix.add')} onLay={() => lay({ kind: 'helix', yarns: strands, ...range })}>
			<p className="caption col-span-2">{say('helix.about')}</p>
			<Strands strands={strands} onChange={setStrands} />
			<RoundsFields range={range} onChange={setRange} />
			<Costs range={range} strands={strands} onEnd={(to) => setRange({ ...range, to })} />
		</Form>
	);
}

export function WhereHelix({ layer, onChange }: WhereProps<HelixLayer>) {
	return (
		<>
			<Strands strands={layer.yarns} onChange={(yarns) => onChange({ ...layer, yarns })} />
			<RoundsFields range={layer} onChange={({ from, to }) => onChange({ ...layer, from, to })} />
			<Costs range={layer} strands={layer.yarns} onEnd={(to) => onChange({ ...layer, to })} />
		</>
	);
}

function Strands({ strands, onChange }: { strands: readonly string[]; onChange: (strands: string[]) => void }) {
	const yarns = useYarns();
	const sequence: Stripe[] = strands.map((yarn) => ({ yarn, rounds: 1 }));
	return (
		<div className="col-span-2">
			<SequenceEditor sequence={sequence} yarns={yarns} hasRounds={false} onChange={(stripes) => onChange(stripes.map(({ yarn }) => yarn))} />
		</div>
	);
}

/** What it costs, against the same yarns as stripes of one round. */
function Costs({ range, strands, onEnd }: { range: Range; strands: readonly string[]; onEnd: (to: number) => void }) {
	const { piece } = useBench();
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const units = useDraft(({ plan }) => plan.units);
	const asked = useRested(`${range.from} ${range.to} ${strands.join('')}`, 300);
	const { data } = useQuery({
		queryKey: ['helix', id, piece, asked, revision],
		queryFn: async () => {
			const [from, to, yarns] = (asked ?? '').split(' ');
			const query = { piece, from: Number(from), to: Number(to), yarns: yarns ?? '' };
			return dataOf(await api.GET('/api/plans/{id}/helix', { params: { path: { id }, query } }));
		},
		enabled: asked !== undefined && range.from <= range.to && strands.length > 1,
		placeholderData: (before) => before,
	});
	if (data === undefined) return null;
	const rows = [
		[say('helix.oneSpiral'), data.helix],
		[say('helix.stripesCarried'), data.carried],
		[say('helix.stripesCut'), data.cut],
	] as const;
	return (
		<>
			{data.straight !== null && (
				<Button className="col-span-2" onClick={() => data.straight !== null && onEnd(data.straight)}>
					{say('helix.endStraight', { round: data.straight })}
				</Button>
			)}
			<table className="col-span-2 w-full text-left text-sm">
				<caption className="caption text-left">{say('helix.compared')}</caption>
				<thead>
					<tr className="caption">
						<td />
						{[say('helix.ends'), say('helix.yarn'), say('helix.jogs')].map((head) => (
							<th key={head} scope="col" className="pl-3 text-right font-normal">
								{head}
							</th>
						))}
					</tr>
				</thead>
				<tbody>
					{rows.map(([name, { ends, mm, jogs }]) => (
						<tr key={name} className="border-t border-rule">
							<th scope="row" className="py-1 font-normal">
								{name}
							</th>
							<td className="figures text-right">{ends}</td>
							<td className="figures text-right">{yarnLength(mm / 1000, units)}</td>
							<td className="figures text-right">{jogs}</td>
						</tr>
					))}
				</tbody>
			</table>
		</>
	);
}
