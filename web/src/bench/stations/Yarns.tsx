import { useQuery } from '@tanstack/react-query';
import { Plus, Trash2 } from 'lucide-react';
import { useShallow } from 'zustand/react/shallow';
import { api, dataOf } from '../../api/client';
import type { Weight, Yarn, YarnAtHand } from '../../api/types';
import type { Draft } from '../../sync/draftState';
import { Button } from '../../ui/Button';
import { ChoiceField, NumberField, TextField } from '../../ui/Field';
import { RunField } from '../../ui/LengthField';
import { notify } from '../../ui/Notices';
import { say } from '../../ui/say';
import { Tip } from '../../ui/Tip';
import { weightsIn } from '../../ui/weights';
import { YarnMark } from '../../ui/YarnMark';
import { useBench, useDraft } from '../context';
import { inPalette, palettes } from '../palettes';
import { freeLetter, set, withYarn } from '../plans';

/** What each yarn is used for: stitches that are seen, layers that are not, copies. */
function usedYarns({ plan, analysis, layerYarns }: Draft): Record<string, 'stitches' | 'layer' | 'copy'> {
	const used: Record<string, 'stitches' | 'layer' | 'copy'> = {};
	for (const { copies } of plan.pieces) {
		if (typeof copies !== 'number')
			for (const { yarns = {} } of copies) for (const key of [...Object.keys(yarns), ...Object.values(yarns)]) used[key] = 'copy';
	}
	for (const key of layerYarns) used[key] = 'layer';
	for (const { key, stitches } of analysis.yarns) if (stitches > 0) used[key] = 'stitches';
	return used;
}

/** The plan's yarns: name, colour, weight, length of 100 g, grams on hand. */
export function Yarns() {
	const { draft } = useBench();
	const yarns = useDraft(({ plan }) => plan.yarns);
	const amounts = useDraft(({ analysis }) => analysis.yarns);
	const units = useDraft(({ plan }) => plan.units);
	const terms = useDraft(({ plan }) => plan.terms);
	const used = useDraft(useShallow(usedYarns));
	const shelf = useQuery({ queryKey: ['shelf'], queryFn: async () => dataOf(await api.GET('/api/shelf')) });
	const letter = useDraft(({ plan }) => freeLetter(plan));
	const isFull = letter === undefined || yarns.length >= 24;

	/** why a yarn cannot be taken out; null: it can */
	function kept(key: string): string | null {
		if (yarns.length === 1) return say('yarns.aPlanHasAYarn');
		const how = used[key];
		if (how === 'stitches') return say('yarns.itIsUsedGiveIts');
		if (how === 'layer') return say('yarns.aLayerThatIsHidden');
		return how === 'copy' ? say('yarns.aCopyTakesIt') : null;
	}

	function add(from?: YarnAtHand) {
		draft.change((plan) => {
			const key = freeLetter(plan);
			if (key === undefined) return plan;
			const yarn: Yarn =
				from === undefined
					? { key, name: '', hex: '#8A8F86', weight: plan.yarns[0]?.weight ?? 'dk', metresPer100g: plan.yarns[0]?.metresPer100g ?? 250 }
					: { key, name: from.name, hex: from.hex, weight: from.weight, metresPer100g: from.metresPer100g, onHandGrams: from.grams };
			return { ...plan, yarns: [...plan.yarns, yarn] };
		});
	}

	return (
		<>
			<h2 className="mb-3 text-lg font-semibold">{say('common.yarns')}</h2>
			<ul className="flex flex-col">
				{yarns.map((yarn) => {
					const change = (to: (yarn: Yarn) => Yarn, what: string) => draft.change((plan) => withYarn(plan, yarn.key, to), `yarn ${yarn.key} ${what}`);
					return (
						<li key={yarn.key} className="border-t border-rule py-3">
							<div className="mb-2 flex items-center gap-2">
								<label className="relative shrink-0" title={say('common.colour')}>
									<input
										type="color"
										aria-label={say('yarns.colourOfYarnKey', { key: yarn.key })}
										className="peer absolute inset-0 cursor-pointer opacity-0"
										value={yarn.hex}
										onChange={(event) => {
											const hex = event.target.value.toUpperCase();
											change((is) => ({ ...is, hex }), 'colour');
										}}
									/>
									<span className="pointer-events-none block outline-offset-2 peer-focus-visible:outline-2 peer-focus-visible:outline-ink">
										<YarnMark letter={yarn.key} hex={yarn.hex} size={36} />
									</span>
								</label>
								<TextField
									label={say('yarns.nameOfYarnKey', { key: yarn.key })}
									hideLabel
									placeholder={say('yarns.nameIt')}
									className="flex-1"
									maxLength={120}
									value={yarn.name}
									onChange={(name) => change((is) => ({ ...is, name }), 'name')}
								/>
								<Tip says={kept(yarn.key) ?? say('yarns.takeItOut')}>
									<Button
										kind="bare"
										className="min-w-9"
										aria-label={say('yarns.deleteYarnKey', { key: yarn.key })}
										aria-disabled={kept(yarn.key) !== null}
										onClick={() => {
											const why = kept(yarn.key);
											if (why !== null) notify({ says: say('yarns.yarnKeyStays', { key: yarn.key }), mend: why });
											else draft.change((plan) => ({ ...plan, yarns: plan.yarns.filter(({ key }) => key !== yarn.key) }));
										}}
									>
										<Trash2 size={17} />
									</Button>
								</Tip>
							</div>
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
									onChange={(metres) => change((is) => ({ ...is, metresPer100g: metres }), 'metres')}
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
							<div className="mt-2 flex items-end gap-2">
								<NumberField
									label={say('yarns.strandsHeldTogether')}
									className="w-36"
									min={1}
									max={10}
									value={yarn.strands ?? 1}
									onChange={(n) => n !== null && change((is) => ({ ...is, strands: n }), 'strands')}
								/>
								{(yarn.strands ?? 1) > 1 && (
									<label className="flex items-center gap-2 pb-1.5">
										<input
											type="checkbox"
											checked={yarn.withHex !== undefined}
											onChange={(event) => change((is) => set(is, 'withHex', event.target.checked ? '#FFFFFF' : null) as Yarn, 'second')}
										/>
										{say('yarns.oneOfAnotherColour')}
									</label>
								)}
								{yarn.withHex !== undefined && (
									<input
										type="color"
										aria-label={say('yarns.colourOfTheOtherStrand', { key: yarn.key })}
										className="h-8 w-10 border border-rule"
										value={yarn.withHex}
										onChange={(event) => {
											const hex = event.target.value.toUpperCase();
											change((is) => ({ ...is, withHex: hex }), 'second');
										}}
									/>
								)}
							</div>
						</li>
					);
				})}
			</ul>
			<div className="flex flex-wrap gap-2 border-t border-rule pt-3">
				<Button disabled={isFull} onClick={() => add()}>
					<Plus size={16} /> {say('common.addAYarn')}
				</Button>
			</div>
			<h3 className="mt-6 mb-1 font-semibold">{say('yarns.otherColours')}</h3>
			<p className="caption mb-2">{say('yarns.overTheWholePlanThe')}</p>
			<div className="flex flex-col gap-1">
				{palettes.map(({ name, hexes }) => (
					<button
						key={name}
						type="button"
						className="flex items-center gap-3 py-0.5 text-left hover:bg-shade"
						onClick={() => draft.change((plan) => inPalette(plan, amounts, hexes))}
					>
						<span className="flex border border-ink/25">
							{hexes.map((hex) => (
								<span key={hex} className="yarn size-6" style={{ background: hex }} />
							))}
						</span>
						{name}
					</button>
				))}
			</div>
			{shelf.data !== undefined && shelf.data.yarns.length > 0 && (
				<>
					<h3 className="mt-6 mb-1 font-semibold">{say('yarns.fromTheShelf')}</h3>
					<ul>
						{shelf.data.yarns.map((yarn) => (
							<li key={yarn.id}>
								<button
									type="button"
									disabled={isFull}
									className="figures flex w-full items-center gap-2 py-1 text-left hover:bg-shade"
									onClick={() => add(yarn)}
								>
									<span className="yarn size-6 border border-ink/25" style={{ background: yarn.hex }} />
									<span className="min-w-0 flex-1 truncate">{yarn.name}</span>
									<span className="caption">{say('common.gramsG', { grams: yarn.grams })}</span>
								</button>
							</li>
						))}
					</ul>
				</>
			)}
		</>
	);
}
