import { Trash2 } from 'lucide-react';
import type { Weight, Yarn } from '../../../api/types';
import type { Texture } from '../../../solid/looks';
import { Button } from '../../../ui/Button';
import { ChoiceField, NumberField, TextField } from '../../../ui/Field';
import { RunField } from '../../../ui/LengthField';
import { notify } from '../../../ui/Notices';
import { say } from '../../../ui/say';
import { Tip } from '../../../ui/Tip';
import { weightsIn } from '../../../ui/weights';
import { YarnMark } from '../../../ui/YarnMark';
import { useBench, useDraft } from '../../context';
import { OwnGauge } from '../../GaugeFields';
import { set, withYarn } from '../../plans';
import { ToldAt } from '../../ToldAt';
import { ColourInput } from './ColourInput';
import { HeldFields } from './HeldFields';

interface Props {
	yarn: Yarn;
	/** its place in the plan's list */
	at: number;
	/** what it looks like with all its strands */
	shown: string;
	/** why it cannot be taken out; null: it can */
	kept: string | null;
}

/** One yarn: its name and colour, what its label says, how it is held, its own gauge. */
export function YarnRow({ yarn, at, shown, kept }: Props) {
	const { draft } = useBench();
	const units = useDraft(({ plan }) => plan.units);
	const terms = useDraft(({ plan }) => plan.terms);
	const change = (to: (yarn: Yarn) => Yarn, what: string) => draft.change((plan) => withYarn(plan, yarn.key, to), `yarn ${yarn.key} ${what}`);
	const isHeld = yarn.held !== undefined;
	return (
		<li className="border-t border-rule py-3">
			<div className="mb-2 flex items-center gap-2">
				{isHeld ? (
					<YarnMark letter={yarn.key} hex={shown} size={36} />
				) : (
					<span className="relative shrink-0" title={say('common.colour')}>
						<ColourInput
							label={say('yarns.colourOfYarnKey', { key: yarn.key })}
							className="peer absolute inset-0 cursor-pointer opacity-0"
							hex={yarn.hex}
							onChange={(hex) => change((is) => ({ ...is, hex }), 'colour')}
						/>
						<span className="pointer-events-none block outline-offset-2 peer-focus-visible:outline-2 peer-focus-visible:outline-ink">
							<YarnMark letter={yarn.key} hex={yarn.hex} size={36} />
						</span>
					</span>
				)}
				<TextField
					label={say('yarns.nameOfYarnKey', { key: yarn.key })}
					hideLabel
					placeholder={say('yarns.nameIt')}
					className="flex-1"
					maxLength={120}
					value={yarn.name}
					onChange={(name) => change((is) => ({ ...is, name }), 'name')}
				/>
				<Tip says={kept ?? say('yarns.takeItOut')}>
					<Button
						kind="bare"
						className="min-w-9"
						aria-label={say('yarns.deleteYarnKey', { key: yarn.key })}
						aria-disabled={kept !== null}
						onClick={() => {
							if (kept !== null) notify({ says: say('yarns.yarnKeyStays', { key: yarn.key }), mend: kept });
							else draft.change((plan) => ({ ...plan, yarns: plan.yarns.filter(({ key }) => key !== yarn.key) }));
						}}
					>
						<Trash2 size={17} />
					</Button>
				</Tip>
			</div>
			{isHeld ? (
				<HeldFields yarn={yarn} onChange={change} />
			) : (
				<>
					<div className="grid grid-cols-3 gap-2">
						<ChoiceField<Weight>
							label={say('common.weight')}
							value={yarn.weight}
							choices={weightsIn(terms)}
							onChange={(weight) => change((is) => ({ ...is, weight }), 'weight')}
						/>
						<RunField
							units={units}
							value={yarn.metresPer100g}
							onChange={(metres) => metres !== null && change((is) => ({ ...is, metresPer100g: metres }), 'metres')}
						/>
						<NumberField
							label={say('common.atHand')}
							unit={say('common.g')}
							min={0}
							max={100000}
							step={0.5}
							optional
							value={yarn.onHandGrams ?? null}
							onChange={(n) => change((is) => set(is, 'onHandGrams', n ?? null) as Yarn, 'grams')}
						/>
					</div>
					<div className="mt-2 grid grid-cols-2 items-end gap-2">
						<ChoiceField<Texture>
							label={say('yarns.surface')}
							value={yarn.texture ?? 'smooth'}
							choices={[
								['smooth', say('yarns.smooth')],
								['fuzzy', say('yarns.fuzzy')],
								['plush', say('yarns.plush')],
							]}
							onChange={(texture) => change((is) => set(is, 'texture', texture === 'smooth' ? null : texture) as Yarn, 'surface')}
						/>
						<NumberField
							label={say('yarns.strandsHeldTogether')}
							min={1}
							max={10}
							value={yarn.strands ?? 1}
							onChange={(n) => n !== null && change((is) => ({ ...is, strands: n }), 'strands')}
						/>
						{(yarn.strands ?? 1) > 1 && (
							<label className="flex items-center gap-2">
								<input
									type="checkbox"
									checked={yarn.withHex !== undefined}
									onChange={(event) => change((is) => set(is, 'withHex', event.target.checked ? '#FFFFFF' : null) as Yarn, 'second')}
								/>
								{say('yarns.oneOfAnotherColour')}
							</label>
						)}
						{yarn.withHex !== undefined && (
							<ColourInput
								label={say('yarns.colourOfTheOtherStrand', { key: yarn.key })}
								className="h-8 w-10 border border-rule"
								hex={yarn.withHex}
								onChange={(withHex) => change((is) => ({ ...is, withHex }), 'second')}
							/>
						)}
					</div>
				</>
			)}
			<OwnGauge
				className="mt-2"
				label={say('yarns.gaugeOfKey', { key: yarn.key })}
				says={say('yarns.ownGauge')}
				gauge={yarn.gauge}
				onBegin={() => draft.edit({ do: 'own-gauge', yarn: yarn.key })}
				onChange={(gauge, field) => change((is) => set(is, 'gauge', gauge) as Yarn, field)}
			/>
			<ToldAt path={`yarns[${at}]`} />
		</li>
	);
}
