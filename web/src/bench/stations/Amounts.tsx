import type { Amount } from '../../api/types';
import { NumberField } from '../../ui/Field';
import { LengthField } from '../../ui/LengthField';
import { say } from '../../ui/say';
import { grams, type Units, yarnLength } from '../../ui/units';
import { YarnMark } from '../../ui/YarnMark';
import { useBench, useDraft } from '../context';
import { set, withYarn } from '../plans';
import { StationHead } from '../StationHead';

const partNames: Record<keyof Amount['parts'], string> = {
	stitches: 'stitches',
	joins: 'chains and joins',
	tails: 'tails',
	carries: 'carried up inside',
	floats: 'floats',
	sewing: 'sewing on',
	thread: 'embroidery',
	spare: 'extra',
};

/** How much of each yarn the plan takes, whether it is enough, and what it is made of. */
export function Amounts() {
	const { draft } = useBench();
	const amounts = useDraft(({ analysis }) => analysis.yarns);
	const yarns = useDraft(({ plan }) => plan.yarns);
	const units = useDraft(({ plan }) => plan.units);
	const use = useDraft(({ plan }) => plan.yarnUse);
	return (
		<>
			<StationHead next={say('amounts.allPiecesAndCopiesTogether')}>
				<p>{say('amounts.manual')}</p>
			</StationHead>
			<ul className="flex flex-col">
				{amounts.map((amount) => {
					const yarn = yarns.find(({ key }) => key === amount.key);
					return yarn === undefined ? null : (
						<li key={amount.key} className="border-t border-rule py-3">
							<div className="flex items-center gap-2">
								<YarnMark letter={yarn.key} hex={amount.hex} size={30} />
								<span className="min-w-0 flex-1 truncate font-semibold" title={yarn.name}>
									<bdi>{yarn.name}</bdi>
								</span>
								<span className="figures caption">{say('common.countedStitches', { stitches: amount.stitches })}</span>
							</div>
							{amount.metres.likely > 0 && <Figures amount={amount} units={units} />}
							<p className={`mt-1 ${amount.enough === false ? 'border-l-4 border-ink pl-2 font-semibold' : ''}`}>{amount.verdict}</p>
							{yarn.held === undefined && (
								<NumberField
									label={say('amounts.gramsOfKeyOnHand', { key: yarn.key })}
									unit={
										amount.shareOfHand === null || amount.metres.likely === 0
											? say('common.g')
											: say('amounts.gShareofhandOfItIs', { shareOfHand: Math.round(amount.shareOfHand * 100) })
									}
									className="mt-1 max-w-72"
									min={0}
									max={100000}
									step={0.5}
									optional
									value={yarn.onHandGrams ?? null}
									onChange={(n) =>
										draft.change(
											(plan) => withYarn(plan, yarn.key, (is) => set(is, 'onHandGrams', n ?? null) as typeof is),
											`yarn ${yarn.key} grams`,
										)
									}
								/>
							)}
						</li>
					);
				})}
			</ul>
			<section aria-label={say('amounts.reckonedWith')} className="border-t border-rule pt-3">
				<h3 className="mb-2 font-semibold">{say('amounts.reckonedWith')}</h3>
				<div className="grid grid-cols-3 gap-2">
					<NumberField
						label={say('amounts.toSpare')}
						unit="%"
						min={0}
						max={100}
						value={use.sparePercent}
						onChange={(n) => n !== null && draft.change((plan) => ({ ...plan, yarnUse: { ...plan.yarnUse, sparePercent: n } }), 'spare')}
					/>
					<LengthField
						label={say('amounts.aTail')}
						units={units}
						min={0}
						max={2000}
						value={use.tailCm * 10}
						onChange={(mm) => draft.change((plan) => ({ ...plan, yarnUse: { ...plan.yarnUse, tailCm: mm / 10 } }), 'tail')}
					/>
					<LengthField
						label={say('amounts.toSewWith')}
						units={units}
						min={0}
						max={5000}
						value={use.sewingTailCm * 10}
						onChange={(mm) => draft.change((plan) => ({ ...plan, yarnUse: { ...plan.yarnUse, sewingTailCm: mm / 10 } }), 'sewing')}
					/>
				</div>
			</section>
		</>
	);
}

function Figures({ amount, units }: { amount: Amount; units: Units }) {
	const { metres, parts } = amount;
	const entries = (Object.keys(partNames) as (keyof Amount['parts'])[]).filter((part) => parts[part] > 0);
	const reach = Math.max(metres.high * amount.grams.likely, (amount.atHandGrams ?? 0) * metres.likely) / Math.max(1e-9, amount.grams.likely);
	const at = (length: number) => `${(100 * Math.min(1, length / reach)).toFixed(2)}%`;
	const atHand = amount.atHandGrams === null ? null : (amount.atHandGrams / amount.grams.likely) * metres.likely;
	return (
		<>
			<p className="figures mt-1 flex items-baseline gap-3">
				<span className="text-3xl leading-tight font-semibold">{yarnLength(metres.likely, units)}</span>
				<span className="text-xl">{grams(amount.grams.likely)}</span>
			</p>
			<p className="figures caption">
				{say('amounts.atLeastUpTo', { low: yarnLength(metres.low, units), low2: grams(amount.grams.low), upTo: amount.upTo })}
			</p>
			<p className="caption">{amount.basisInWords}</p>
			<svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true" className="my-1.5 block h-3 w-full overflow-visible">
				<line x1="0" y1="5" x2="100" y2="5" stroke="#d3d1c8" strokeWidth="1" vectorEffect="non-scaling-stroke" />
				<rect
					x={at(metres.low)}
					y="1"
					width={`${(100 * (metres.high - metres.low)) / reach}%`}
					height="8"
					fill="none"
					stroke="#20262a"
					vectorEffect="non-scaling-stroke"
				/>
				<line x1={at(metres.likely)} y1="0" x2={at(metres.likely)} y2="10" stroke="#20262a" strokeWidth="3" vectorEffect="non-scaling-stroke" />
				{atHand !== null && (
					<line
						x1={at(atHand)}
						y1="-3"
						x2={at(atHand)}
						y2="13"
						stroke="#20262a"
						strokeWidth="1.5"
						strokeDasharray="2 2"
						vectorEffect="non-scaling-stroke"
					/>
				)}
			</svg>
			<table className="figures w-full text-sm">
				<caption className="sr-only">{say('amounts.whatTheLikelyLengthIs')}</caption>
				<tbody>
					{entries.map((part) => (
						<tr key={part}>
							<th scope="row" className="text-left font-normal text-faint">
								{partNames[part]}
							</th>
							<td className="text-right">{yarnLength(parts[part], units)}</td>
						</tr>
					))}
				</tbody>
			</table>
		</>
	);
}
