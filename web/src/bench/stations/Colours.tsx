import { Minus, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Layer, Stripe, Yarn } from '../../api/types';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/Field';
import { plural } from '../../ui/units';
import { YarnMark } from '../../ui/YarnMark';
import { useBench, usePiece, useYarns } from '../context';
import { withLayer, withPiece } from '../plans';

/** Which rounds take which yarn: what is picked, stripes to repeat, and the layers as they lie. */
export function Colours() {
	const { picked, pickNone, paint } = useBench();
	const { analysis } = usePiece();
	const yarns = useYarns();
	const rounds = [...picked].sort((a, b) => a - b);
	const first = rounds[0];
	const last = rounds.at(-1);
	const isWhole = first !== undefined && last !== undefined && last - first + 1 === rounds.length;
	return (
		<>
			<h2 className="mb-2 text-lg font-semibold">Colours</h2>
			{first === undefined || last === undefined ? (
				<p className="mb-4">Pick rounds: click one, shift-click or drag for more, or use the arrow keys. Then click a yarn, or press its letter.</p>
			) : (
				<section aria-label="Picked rounds" className="mb-5">
					<p className="figures mb-2 flex items-baseline justify-between">
						<span className="font-semibold">{rounds.length === 1 ? `Round ${first}` : isWhole ? `Rounds ${first} to ${last}` : `${plural(rounds.length, 'round')}`} picked</span>
						<Button kind="bare" onClick={pickNone}>
							Pick none
						</Button>
					</p>
					<div className="flex flex-wrap gap-2">
						{yarns.map(({ key, name, hex }) => (
							<Button key={key} title={`${name} (press ${key})`} onClick={() => paint(key)}>
								<YarnMark letter={key} hex={hex} size={22} />
								<span className="max-w-24 truncate">{name}</span>
							</Button>
						))}
					</div>
				</section>
			)}
			<RepeatStripes key={`${first}-${last}`} from={first ?? 1} to={rounds.length > 1 ? (last ?? 1) : (analysis?.rounds.length ?? 1)} count={analysis?.rounds.length ?? 0} yarns={yarns} />
			<Layers yarns={yarns} />
		</>
	);
}

function RepeatStripes({ from: firstFrom, to: firstTo, count, yarns }: { from: number; to: number; count: number; yarns: readonly Yarn[] }) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const [from, setFrom] = useState(firstFrom);
	const [to, setTo] = useState(firstTo);
	const [sequence, setSequence] = useState<Stripe[]>(() => [
		{ yarn: yarns[1]?.key ?? yarns[0]?.key ?? 'A', rounds: 2 },
		{ yarn: yarns[0]?.key ?? 'A', rounds: 2 },
	]);
	if (piece === undefined || count === 0) return null;
	return (
		<section className="mb-6 border-t border-rule pt-3" aria-label="Repeat stripes">
			<h3 className="mb-2 font-semibold">Repeat stripes</h3>
			<SequenceEditor sequence={sequence} yarns={yarns} onChange={setSequence} />
			<div className="mt-3 flex items-end gap-2">
				<NumberField label="From round" min={1} max={400} value={from} onChange={(n) => n !== null && setFrom(n)} className="w-20" />
				<NumberField label="to round" min={1} max={400} value={to} onChange={(n) => n !== null && setTo(n)} className="w-20" />
				<Button kind="strong" className="flex-1" onClick={() => draft.edit({ do: 'stripes', piece: piece.key, from, to, sequence })}>
					Lay stripes
				</Button>
			</div>
		</section>
	);
}

function SequenceEditor({ sequence, yarns, onChange }: { sequence: readonly Stripe[]; yarns: readonly Yarn[]; onChange: (sequence: Stripe[]) => void }) {
	const change = (at: number, to: Partial<Stripe>) => onChange(sequence.map((stripe, i) => (i === at ? { ...stripe, ...to } : stripe)));
	return (
		<ol className="flex flex-col gap-1">
			{numbered(sequence).map(({ at, one: stripe }) => (
				<li key={at} className="flex items-center gap-2">
					<YarnMark letter={stripe.yarn} hex={yarns.find(({ key }) => key === stripe.yarn)?.hex ?? '#888888'} size={30} />
					<select className="field min-w-0 flex-1" aria-label={`Yarn of stripe ${at + 1}`} value={stripe.yarn} onChange={(event) => change(at, { yarn: event.target.value })}>
						{yarns.map(({ key, name }) => (
							<option key={key} value={key}>
								{key} {name}
							</option>
						))}
					</select>
					<Stepper label={`Height of stripe ${at + 1}`} value={stripe.rounds} onChange={(rounds) => change(at, { rounds })} />
					<Button kind="bare" aria-label={`Take out stripe ${at + 1}`} disabled={sequence.length === 1} onClick={() => onChange(sequence.filter((_, i) => i !== at))}>
						<Trash2 size={16} />
					</Button>
				</li>
			))}
			<li>
				<Button kind="bare" onClick={() => onChange([...sequence, { yarn: yarns[sequence.length % yarns.length]?.key ?? 'A', rounds: 2 }])}>
					+ another stripe
				</Button>
			</li>
		</ol>
	);
}

/** A list's parts with their places, by which alone they are known. */
function numbered<T>(list: readonly T[]): { at: number; one: T }[] {
	return list.map((one, at) => ({ at, one }));
}

/** A stripe's height in rounds, one up or down. */
function Stepper({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
	return (
		<fieldset className="flex items-center" aria-label={label}>
			<Button className="!min-h-8 !px-1.5" aria-label={`${label}: one round less`} disabled={value <= 1} onClick={() => onChange(value - 1)}>
				<Minus size={14} />
			</Button>
			<span className="figures w-7 text-center font-semibold">{value}</span>
			<Button className="!min-h-8 !px-1.5" aria-label={`${label}: one round more`} disabled={value >= 400} onClick={() => onChange(value + 1)}>
				<Plus size={14} />
			</Button>
		</fieldset>
	);
}

/** The layers as they lie, the uppermost first. */
function Layers({ yarns }: { yarns: readonly Yarn[] }) {
	const { draft, pick } = useBench();
	const { piece } = usePiece();
	if (piece === undefined || piece.colours.length === 0) return null;
	const layers = piece.colours.map((layer, at) => ({ layer, at })).reverse();
	const hexOf = (key: string) => yarns.find((yarn) => yarn.key === key)?.hex ?? '#888888';
	const change = (at: number, to: (layer: Layer) => Layer | null, group?: string) => draft.change((plan) => withLayer(plan, piece.key, at, to), group);
	const runs = layers.filter(({ layer }) => layer.kind === 'run');
	return (
		<section aria-label="Layers" className="border-t border-rule pt-3">
			<h3 className="mb-1 font-semibold">As it lies</h3>
			<p className="caption mb-2">What is higher covers what is below it.</p>
			<ol className="flex flex-col">
				{runs.length > 3 && (
					<li className="flex items-center gap-2 border-t border-rule py-2">
						<span className="flex-1">{runs.length} runs of stitches</span>
						<Button kind="bare" onClick={() => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, colours: is.colours.filter(({ kind }) => kind !== 'run') })))}>
							Take them out
						</Button>
					</li>
				)}
				{layers
					.filter(({ layer }) => layer.kind !== 'run' || runs.length <= 3)
					.map(({ layer, at }) => (
						<li key={at} className="flex flex-wrap items-center gap-2 border-t border-rule py-2">
							{layer.kind === 'fill' && (
								<>
									<YarnMark letter={layer.yarn} hex={hexOf(layer.yarn)} />
									<span className="flex-1">the whole piece</span>
								</>
							)}
							{layer.kind === 'run' && (
								<>
									<YarnMark letter={layer.yarn} hex={hexOf(layer.yarn)} />
									<span className="figures flex-1">
										round {layer.round}, stitches {layer.from}–{layer.to}
									</span>
								</>
							)}
							{layer.kind === 'stripes' && (
								<button
									type="button"
									className="figures flex-1 text-left underline decoration-rule underline-offset-4"
									onClick={() => {
										pick(layer.from, 'new');
										pick(layer.to, 'extend');
									}}
								>
									{layer.from === layer.to ? `round ${layer.from}` : `rounds ${layer.from}–${layer.to}`}
									{layer.sequence.length > 1 && ', repeated'}
								</button>
							)}
							<Button kind="bare" aria-label="Take out this layer" onClick={() => change(at, () => null)}>
								<Trash2 size={16} />
							</Button>
							{layer.kind === 'stripes' && (
								<div className="flex w-full flex-wrap gap-x-4 gap-y-1">
									{numbered(layer.sequence).map(({ at: i, one: stripe }) => (
										<span key={i} className="flex items-center gap-1.5">
											<YarnMark letter={stripe.yarn} hex={hexOf(stripe.yarn)} />
											{layer.sequence.length > 1 && (
												<Stepper
													label={`Height of stripe ${i + 1} of rounds ${layer.from} to ${layer.to}`}
													value={stripe.rounds}
													onChange={(rounds) =>
														change(at, (is) => (is.kind === 'stripes' ? { ...is, sequence: is.sequence.map((old, j) => (j === i ? { ...old, rounds } : old)) } : is), `height ${piece.key} ${at} ${i}`)
													}
												/>
											)}
										</span>
									))}
								</div>
							)}
						</li>
					))}
			</ol>
		</section>
	);
}
