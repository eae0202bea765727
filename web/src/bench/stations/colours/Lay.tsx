import { type ReactNode, useRef, useState } from 'react';
import type { Edit, Layer, Stripe } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { ChoiceField, NumberField, TextField } from '../../../ui/Field';
import { notify } from '../../../ui/Notices';
import { numbered } from '../../../ui/numbered';
import { useBench, useDraft, usePiece, useYarns } from '../../context';
import { withPiece } from '../../plans';
import { CLEAR } from '../../tools';
import { PictureIn } from './PictureIn';
import { SequenceEditor } from './SequenceEditor';

const kinds = [
	['stripes', 'Stripes'],
	['band', 'Cap, band'],
	['spots', 'Spots'],
	['motif', 'Motif'],
	['panel', 'Panel'],
	['blend', 'Blend'],
] as const;
type Kind = (typeof kinds)[number][0];

interface Range {
	from: number;
	to: number;
}

/** What can be laid over the piece. */
export function Lay({ from, to, isPicked }: Range & { isPicked: boolean }) {
	const [kind, setKind] = useState<Kind>('stripes');
	const { analysis } = usePiece();
	if (analysis === undefined || analysis.rounds.length === 0) return null;
	const middle = isPicked ? Math.round((from + to) / 2) : null;
	return (
		<section className="mb-5 border-t border-rule pt-3" aria-label="Lay something">
			<div role="tablist" aria-label="What to lay" className="mb-3 flex flex-wrap gap-x-3">
				{kinds.map(([name, says]) => (
					<button
						key={name}
						type="button"
						role="tab"
						aria-selected={kind === name}
						className="border-b-2 border-transparent py-0.5 text-faint hover:text-ink aria-selected:border-ink aria-selected:font-semibold aria-selected:text-ink"
						onClick={() => setKind(name)}
					>
						{says}
					</button>
				))}
			</div>
			{kind === 'stripes' && <Stripes from={from} to={to} />}
			{kind === 'band' && <Bands />}
			{kind === 'spots' && <Spots from={isPicked ? from : Math.ceil(analysis.rounds.length / 2)} to={isPicked ? to : Math.ceil(analysis.rounds.length / 2)} />}
			{kind === 'motif' && <Motifs round={middle} />}
			{kind === 'panel' && <Panels from={from} to={to} />}
			{kind === 'blend' && <Blends from={from} to={isPicked ? to : Math.min(to, from + 3)} />}
		</section>
	);
}

/** Adds a layer above the others. */
function useLay(): (layer: Layer) => void {
	const { draft } = useBench();
	const { piece } = usePiece();
	return (layer) => piece !== undefined && draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, colours: [...is.colours, layer] })));
}

function useSecondYarn(): [string, (yarn: string) => void, readonly (readonly [string, string])[]] {
	const yarns = useYarns();
	const [yarn, setYarn] = useState(yarns[1]?.key ?? yarns[0]?.key ?? 'A');
	return [yarn, setYarn, yarns.map(({ key, name }) => [key, `${key} ${name}`] as const)];
}

function Form({ children, does, onLay }: { children: ReactNode; does: string; onLay: () => void }) {
	return (
		<form
			className="grid grid-cols-2 gap-2"
			onSubmit={(event) => {
				event.preventDefault();
				onLay();
			}}
		>
			{children}
			<Button kind="strong" type="submit" className="col-span-2">
				{does}
			</Button>
		</form>
	);
}

const count = (set: (n: number) => void) => (n: number | null) => n !== null && set(n);

function Rounds({ from, to, onFrom, onTo }: Range & { onFrom: (n: number) => void; onTo: (n: number) => void }) {
	return (
		<>
			<NumberField label="From round" min={1} max={400} value={from} onChange={count(onFrom)} />
			<NumberField label="to round" min={1} max={400} value={to} onChange={count(onTo)} />
		</>
	);
}

interface TallStripe extends Stripe {
	/** the height that was typed, for as long as the stripe keeps its rounds */
	tall?: { high: number; rounds: number };
}

function Stripes({ from: firstFrom, to: firstTo }: Range) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const yarns = useYarns();
	const gauge = useDraft(({ analysis }) => analysis.gauge);
	const units = useDraft(({ plan }) => plan.units);
	const [from, setFrom] = useState(firstFrom);
	const [to, setTo] = useState(firstTo);
	const [how, setHow] = useState<'again' | 'mirrored' | 'grow' | 'shrink'>('again');
	const [isByHeight, setIsByHeight] = useState(false);
	const [sequence, setSequence] = useState<TallStripe[]>(() => [
		{ yarn: yarns[1]?.key ?? yarns[0]?.key ?? 'A', rounds: 2 },
		{ yarn: yarns[0]?.key ?? 'A', rounds: 2 },
	]);
	const rounds = sequence.reduce((sum, stripe) => sum + stripe.rounds, 0);
	const [unit, inMm] = units === 'metric' ? (['cm', 10] as const) : (['in', 25.4] as const);
	const heightOf = ({ tall, rounds }: TallStripe) => (tall?.rounds === rounds ? tall.high : Math.round((rounds * gauge.roundHeightMm * 10) / inMm) / 10);
	const high = isByHeight ? sequence.reduce((sum, stripe) => sum + heightOf(stripe), 0) : (rounds * gauge.roundHeightMm) / inMm;
	return (
		<Form
			does="Lay stripes"
			onLay={() =>
				piece !== undefined &&
				draft.edit({
					do: 'stripes',
					piece: piece.key,
					from,
					to,
					sequence: sequence.map(({ yarn, rounds }) => ({ yarn, rounds })),
					...(isByHeight ? { heightsMm: sequence.map((stripe) => heightOf(stripe) * inMm) } : {}),
					...(how === 'mirrored' ? { mirrored: true } : {}),
					...(how === 'grow' ? { growth: 1 } : how === 'shrink' ? { growth: -1 } : {}),
				})
			}
		>
			<div className="col-span-2">
				<SequenceEditor sequence={sequence} yarns={yarns} onChange={setSequence} />
				<label className="flex items-center gap-2">
					<input type="checkbox" checked={isByHeight} onChange={(event) => setIsByHeight(event.target.checked)} />
					heights in {unit}
				</label>
				{isByHeight && (
					<div className="grid grid-cols-3 gap-2">
						{numbered(sequence).map(({ at, one }) => (
							<NumberField
								key={at}
								label={`${at + 1}: ${one.yarn}`}
								unit={unit}
								min={0.1}
								max={100}
								step={0.1}
								value={heightOf(one)}
								onChange={(n) => n !== null && setSequence(sequence.map((stripe, i) => (i === at ? { ...stripe, tall: { high: n, rounds: stripe.rounds } } : stripe)))}
							/>
						))}
					</div>
				)}
				<p className="caption figures">
					once through: {isByHeight ? '' : `${rounds} rounds, `}
					{high.toFixed(1)} {unit}
				</p>
			</div>
			<ChoiceField
				label="Repeated"
				className="col-span-2"
				value={how}
				choices={[
					['again', 'from the beginning again'],
					['mirrored', 'forth and back'],
					['grow', 'each time a round higher'],
					['shrink', 'each time a round lower'],
				]}
				onChange={setHow}
			/>
			<Rounds from={from} to={to} onFrom={setFrom} onTo={setTo} />
		</Form>
	);
}

type Where = Extract<Layer, { kind: 'band' }>['where'];

function Bands() {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [part, setPart] = useState<Where['part']>('first');
	const [rounds, setRounds] = useState(3);
	const [offset, setOffset] = useState(1);
	const where = (): Where => (part === 'first' || part === 'last' ? { part, rounds } : part === 'widest' ? { part, offset, rounds } : part === 'rounds' ? { part, from: 1, to: rounds } : { part });
	return (
		<Form does="Lay it" onLay={() => lay({ kind: 'band', yarn, where: where() })}>
			<ChoiceField
				label="Which rounds"
				className="col-span-2"
				value={part}
				choices={[
					['first', 'the first …: a cap'],
					['last', 'the last …: a hem, a hoof'],
					['growing', 'all that grow'],
					['even', 'all of the widest'],
					['shrinking', 'all that shrink'],
					['widest', 'some, counted from the widest'],
				]}
				onChange={setPart}
			/>
			{part === 'widest' && <NumberField label="Rounds on from the widest" min={-400} max={400} value={offset} onChange={count(setOffset)} />}
			{(part === 'first' || part === 'last' || part === 'widest') && <NumberField label="How many" min={1} max={400} value={rounds} onChange={count(setRounds)} />}
			<ChoiceField label="Yarn" className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">It stays what it is when the piece is resized.</p>
		</Form>
	);
}

function Spots({ from: firstFrom, to: firstTo }: Range) {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [from, setFrom] = useState(firstFrom);
	const [to, setTo] = useState(firstTo);
	const [step, setStep] = useState(4);
	const [by, setBy] = useState<'count' | 'every'>('count');
	const [number, setNumber] = useState(6);
	const [wide, setWide] = useState(1);
	const [tall, setTall] = useState(1);
	const [isStaggered, setIsStaggered] = useState(true);
	return (
		<Form
			does="Lay spots"
			onLay={() => lay({ kind: 'spots', yarn, from, to: Math.max(from, to), step, wide, tall, staggered: isStaggered, ...(by === 'count' ? { count: number } : { every: number }) })}
		>
			<Rounds from={from} to={to} onFrom={setFrom} onTo={setTo} />
			<ChoiceField
				label="Spread"
				value={by}
				choices={[
					['count', 'so many around'],
					['every', 'every … stitches'],
				]}
				onChange={setBy}
			/>
			<NumberField label={by === 'count' ? 'Spots around' : 'Stitches apart'} min={1} max={2000} value={number} onChange={count(setNumber)} />
			<NumberField label="Stitches wide" min={1} max={100} value={wide} onChange={count(setWide)} />
			<NumberField label="Rounds high" min={1} max={100} value={tall} onChange={count(setTall)} />
			{to > from && <NumberField label="A row every … rounds" min={1} max={400} value={step} onChange={count(setStep)} />}
			{to > from && (
				<label className="flex items-end gap-2 pb-1.5">
					<input type="checkbox" checked={isStaggered} onChange={(event) => setIsStaggered(event.target.checked)} />
					between those before
				</label>
			)}
			<ChoiceField label="Yarn" className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
		</Form>
	);
}

type ShapeName = NonNullable<Extract<Edit, { do: 'motif' }>['shape']>;

function Motifs({ round }: { round: number | null }) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const shapes = useDraft(({ analysis }) => analysis.shapes);
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [text, setText] = useState('');
	const [isPicture, setIsPicture] = useState(false);
	const [isDrawing, setIsDrawing] = useState(false);
	if (piece === undefined) return null;
	const at = round === null ? {} : { round };
	return (
		<div className="grid gap-2">
			<ChoiceField label="Yarn" value={yarn} choices={yarns} onChange={setYarn} />
			<fieldset className="flex flex-wrap gap-1" aria-label="Shapes">
				{shapes.map((shape) => (
					<Button key={shape} onClick={() => draft.edit({ do: 'motif', piece: piece.key, shape: shape as ShapeName, yarn, ...at })}>
						{shape}
					</Button>
				))}
			</fieldset>
			<form
				className="flex items-end gap-2"
				onSubmit={(event) => {
					event.preventDefault();
					if (text.trim() === '') notify({ says: 'Type the letters first.' });
					else draft.edit({ do: 'motif', piece: piece.key, text, yarn, ...at });
				}}
			>
				<TextField label="Letters" className="min-w-0 flex-1" maxLength={16} value={text} onChange={setText} />
				<Button type="submit">Set them</Button>
			</form>
			<div className="flex flex-wrap gap-2">
				<Button aria-expanded={isDrawing} onClick={() => setIsDrawing(!isDrawing)}>
					Draw one …
				</Button>
				<Button onClick={() => setIsPicture(true)}>From a picture …</Button>
			</div>
			{isDrawing && <Grid yarn={yarn} onTake={(rows) => draft.edit({ do: 'motif', piece: piece.key, rows, name: 'Drawn', ...at })} />}
			<p className="caption">It is set at the front{round === null ? ', half way up' : `, about round ${round}`}, upright on the finished piece. Pick it below to drag it on the chart.</p>
			<PictureIn open={isPicture} round={round} onClose={() => setIsPicture(false)} />
		</div>
	);
}

/** A small grid to draw a motif on. */
function Grid({ yarn, onTake }: { yarn: string; onTake: (rows: string[]) => void }) {
	const yarns = useYarns();
	const [wide, setWide] = useState(7);
	const [high, setHigh] = useState(6);
	const [cells, setCells] = useState<Record<string, string>>({});
	const drawing = useRef<string | null>(null);
	const hexOf = (key: string | undefined) => yarns.find((is) => is.key === key)?.hex;
	const rows = Array.from({ length: high }, (_, y) => Array.from({ length: wide }, (__, x) => cells[`${x},${y}`] ?? CLEAR).join(''));
	const set = (x: number, y: number, to: string) => setCells((now) => ({ ...now, [`${x},${y}`]: to }));
	return (
		<div className="grid gap-2">
			<div className="grid grid-cols-2 gap-2">
				<NumberField label="Wide" min={1} max={24} value={wide} onChange={count(setWide)} />
				<NumberField label="High" min={1} max={24} value={high} onChange={count(setHigh)} />
			</div>
			<table
				aria-label="Motif"
				className="w-fit touch-none border-collapse border border-ink select-none"
				onPointerUp={() => {
					drawing.current = null;
				}}
			>
				<tbody>
					{numbered(rows).map(({ at: y, one: row }) => (
						<tr key={y}>
							{numbered([...row]).map(({ at: x, one: cell }) => (
								<td key={x} className="border border-rule p-0">
									<button
										type="button"
										aria-label={`row ${y + 1}, column ${x + 1}: ${cell === CLEAR ? 'clear' : cell}`}
										className="block h-5 w-[22px]"
										style={{ background: hexOf(cell) ?? '#fff' }}
										onPointerDown={(event) => {
											event.currentTarget.releasePointerCapture(event.pointerId);
											drawing.current = cell === yarn ? CLEAR : yarn;
											set(x, y, drawing.current);
										}}
										onPointerEnter={() => drawing.current !== null && set(x, y, drawing.current)}
										onKeyDown={(event) => {
											if (event.key === ' ' || event.key === 'Enter') {
												event.preventDefault();
												set(x, y, cell === yarn ? CLEAR : yarn);
											}
										}}
									/>
								</td>
							))}
						</tr>
					))}
				</tbody>
			</table>
			<Button onClick={() => (rows.every((row) => [...row].every((cell) => cell === CLEAR)) ? notify({ says: 'Nothing is drawn yet.', mend: 'Click or drag over cells.' }) : onTake(rows))}>
				Set it
			</Button>
		</div>
	);
}

function Panels({ from: firstFrom, to: firstTo }: Range) {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [from, setFrom] = useState(firstFrom);
	const [to, setTo] = useState(firstTo);
	const [degrees, setDegrees] = useState(90);
	return (
		<Form does="Lay the panel" onLay={() => lay({ kind: 'panel', yarn, from, to, degrees })}>
			<Rounds from={from} to={to} onFrom={setFrom} onTo={setTo} />
			<NumberField label="Wide" unit="° around" min={1} max={360} step={5} value={degrees} onChange={count(setDegrees)} />
			<ChoiceField label="Yarn" value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">An oval at the front: a belly, a face.</p>
		</Form>
	);
}

function Blends({ from: firstFrom, to: firstTo }: Range) {
	const lay = useLay();
	const [yarn, setYarn, yarns] = useSecondYarn();
	const [from, setFrom] = useState(firstFrom);
	const [to, setTo] = useState(firstTo);
	return (
		<Form does="Lay the blend" onLay={() => lay({ kind: 'blend', yarn, from, to })}>
			<Rounds from={from} to={to} onFrom={setFrom} onTo={setTo} />
			<ChoiceField label="Into" className="col-span-2" value={yarn} choices={yarns} onChange={setYarn} />
			<p className="caption col-span-2">Single stitches, spread evenly, from few to nearly all.</p>
		</Form>
	);
}
