import { Menu as MenuIcon } from 'lucide-react';
import { useState } from 'react';
import { limits } from '../api/generated/limits';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField } from '../ui/Field';
import { Menu, MenuItem, MenuRule } from '../ui/Menu';
import { keepUnits } from '../ui/unitsKept';
import { useBench, useDraft } from './context';
import { set } from './plans';
import { SwatchForm } from './SwatchForm';
import { VersionsDialog } from './VersionsDialog';

/** Files to take away, and what holds for the whole plan. */
export function PlanMenu() {
	const { draft, showKeys } = useBench();
	const id = useDraft((state) => state.id);
	const plan = useDraft((state) => state.plan);
	const gauge = useDraft(({ analysis }) => analysis.gauge);
	const floats = useDraft(({ plan, analysis }) => plan.floatStitches ?? analysis.floatStitches);
	const [isOpen, setIsOpen] = useState(false);
	const [hasVersions, setHasVersions] = useState(false);
	const file = `/api/plans/${id}`;
	return (
		<>
			<Menu
				align="end"
				button={
					<Button aria-label="Plan">
						<MenuIcon size={18} />
					</Button>
				}
			>
				<MenuItem onSelect={() => setIsOpen(true)}>{plan.terms === 'us' ? 'Gauge' : 'Tension'}, terms, units, hand …</MenuItem>
				<MenuItem onSelect={() => setHasVersions(true)}>Earlier versions …</MenuItem>
				<MenuItem onSelect={showKeys}>Keys …</MenuItem>
				<MenuRule />
				<MenuItem asChild>
					<a href={`${file}/pattern?terms=us`}>Download the pattern, US terms</a>
				</MenuItem>
				<MenuItem asChild>
					<a href={`${file}/pattern?terms=uk`}>Download the pattern, UK terms</a>
				</MenuItem>
				<MenuItem asChild>
					<a href={`${file}/file`}>Download the plan as a file</a>
				</MenuItem>
			</Menu>
			<DialogSheet title="The whole plan" open={isOpen} onClose={() => setIsOpen(false)} isDone>
				<div className="grid grid-cols-2 gap-4">
					<NumberField
						label={`Stitches in ${plan.units === 'metric' ? '10 cm' : '4 in'}`}
						min={2}
						max={100}
						step={0.5}
						value={plan.gauge.stitchesPer10cm}
						onChange={(n) => n !== null && draft.change((is) => ({ ...is, gauge: { ...is.gauge, stitchesPer10cm: n } }), 'gauge')}
					/>
					<NumberField
						label={`Rounds in ${plan.units === 'metric' ? '10 cm' : '4 in'}`}
						min={2}
						max={100}
						step={0.5}
						value={plan.gauge.roundsPer10cm}
						onChange={(n) => n !== null && draft.change((is) => ({ ...is, gauge: { ...is.gauge, roundsPer10cm: n } }), 'gauge')}
					/>
					<NumberField
						label="Hook"
						unit={gauge.hookUs === null ? 'mm' : `mm, US ${gauge.hookUs}`}
						min={0.4}
						max={30}
						step={0.25}
						optional
						value={plan.gauge.hookMm ?? null}
						onChange={(n) => draft.change((is) => ({ ...is, gauge: set(is.gauge, 'hookMm', n ?? null) as typeof is.gauge }), 'hook')}
					/>
					<p className="caption self-end">{gauge.remark}</p>
					<ChoiceField
						label="Rounds are typed in"
						value={plan.terms}
						choices={[
							['us', 'US terms (sc)'],
							['uk', 'UK terms (dc)'],
						]}
						onChange={(terms) => draft.change((is) => ({ ...is, terms }))}
					/>
					<div className="flex items-end">
						<Button className="w-full" onClick={() => draft.edit({ do: 'words', terms: plan.terms === 'us' ? 'uk' : 'us' })}>
							Translate them into {plan.terms === 'us' ? 'UK' : 'US'} terms
						</Button>
					</div>
					<ChoiceField
						label="Units"
						value={plan.units}
						choices={[
							['metric', 'centimetres, metres'],
							['imperial', 'inches, yards'],
						]}
						onChange={(units) => {
							keepUnits(units);
							draft.change((is) => ({ ...is, units }));
						}}
					/>
					<ChoiceField
						label="Hand that holds the hook"
						value={plan.hand}
						choices={[
							['right', 'right'],
							['left', 'left: the chart is mirrored'],
						]}
						onChange={(hand) => draft.change((is) => ({ ...is, hand }))}
					/>
					<ChoiceField
						label="The marker goes in"
						value={plan.marker ?? 'first'}
						choices={[
							['first', 'the first stitch of a round'],
							['last', 'the last stitch of a round'],
						]}
						onChange={(marker) => draft.change((is) => ({ ...is, marker }))}
					/>
					<NumberField
						label="Stitches that a yarn passes behind"
						min={1}
						max={limits.floatStitches}
						value={floats}
						onChange={(n) => n !== null && draft.change((is) => ({ ...is, floatStitches: n }), 'floats')}
					/>
					<p className="caption self-end">Over more of them the steps say where it is caught.</p>
					<p className="caption self-end">In the first it shows where to begin; in the last, where to stop. The chart’s dotted path follows it.</p>
				</div>
				<SwatchForm />
			</DialogSheet>
			<VersionsDialog open={hasVersions} onClose={() => setHasVersions(false)} />
		</>
	);
}
