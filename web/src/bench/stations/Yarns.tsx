import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useShallow } from 'zustand/react/shallow';
import { api, dataOf } from '../../api/client';
import type { Yarn, YarnAtHand } from '../../api/types';
import type { Draft } from '../../sync/draftState';
import { Button } from '../../ui/Button';
import { say } from '../../ui/say';
import { useBench, useDraft } from '../context';
import { inPalette, palettes } from '../palettes';
import { freeLetter } from '../plans';
import { StationHead } from '../StationHead';
import { AnotherYarn } from './yarns/AnotherYarn';
import { YarnRow } from './yarns/YarnRow';

/** What each yarn is used for: stitches that are seen, layers that are not, copies. */
function usedYarns({ plan, analysis, layerYarns }: Draft): Record<string, 'stitches' | 'layer' | 'copy' | 'held'> {
	const used: Record<string, 'stitches' | 'layer' | 'copy' | 'held'> = {};
	for (const { copies } of plan.pieces) {
		if (typeof copies !== 'number')
			for (const { yarns = {} } of copies) for (const key of [...Object.keys(yarns), ...Object.values(yarns)]) used[key] = 'copy';
	}
	for (const { held = [] } of plan.yarns) for (const { yarn } of held) used[yarn] = 'held';
	for (const key of layerYarns) used[key] = 'layer';
	for (const { key, stitches } of analysis.yarns) if (stitches > 0) used[key] = 'stitches';
	return used;
}

/** The plan's yarns: name, colour, weight, length of 100 g, grams on hand. */
export function Yarns() {
	const { draft } = useBench();
	const yarns = useDraft(({ plan }) => plan.yarns);
	const amounts = useDraft(({ analysis }) => analysis.yarns);
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
		if (how === 'held') return say('yarns.isHeld');
		return how === 'copy' ? say('yarns.aCopyTakesIt') : null;
	}

	const plain = yarns.filter(({ held }) => held === undefined);

	/** The first two yarns as one; which two is chosen then. */
	function hold() {
		const [one, other] = plain;
		if (one === undefined || other === undefined) return;
		draft.change((plan) => {
			const key = freeLetter(plan);
			const { hex, weight, metresPer100g } = one;
			const held: Yarn = { key: key ?? '', name: '', hex, weight, metresPer100g, held: [{ yarn: one.key }, { yarn: other.key }] };
			return key === undefined ? plan : { ...plan, yarns: [...plan.yarns, held] };
		});
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
			<StationHead next={say('yarns.next')}>
				<p>{say('yarns.manual')}</p>
			</StationHead>
			<ul className="flex flex-col">
				{yarns.map((yarn, at) => (
					<YarnRow key={yarn.key} yarn={yarn} at={at} shown={amounts.find(({ key }) => key === yarn.key)?.hex ?? yarn.hex} kept={kept(yarn.key)} />
				))}
			</ul>
			<div className="flex flex-wrap gap-2 border-t border-rule pt-3">
				<Button disabled={isFull} onClick={() => add()}>
					<Plus size={16} /> {say('common.addAYarn')}
				</Button>
				<Button disabled={isFull || plain.length < 2} title={plain.length < 2 ? say('yarns.holdTwoNeeds') : undefined} onClick={hold}>
					<Plus size={16} /> {say('yarns.holdTwoTogether')}
				</Button>
			</div>
			<AnotherYarn />
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
