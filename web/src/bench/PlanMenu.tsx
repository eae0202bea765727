import { Menu as MenuIcon } from 'lucide-react';
import { useState } from 'react';
import { limits } from '../api/generated/limits';
import type { ChangeDefaults } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { ChoiceField, NumberField } from '../ui/Field';
import { Menu, MenuItem, MenuRule } from '../ui/Menu';
import { say } from '../ui/say';
import { keepUnits } from '../ui/unitsKept';
import { useBench, useDraft } from './context';
import { Exports } from './Exports';
import { GaugeFields } from './GaugeFields';
import { set } from './plans';
import { SwatchForm } from './SwatchForm';
import { EndsFields, withEnds } from './stations/changes/EndsFields';
import { VersionsDialog } from './VersionsDialog';

/** Files to take away, and what holds for the whole plan. */
export function PlanMenu() {
	const { draft, showKeys } = useBench();
	const id = useDraft((state) => state.id);
	const plan = useDraft((state) => state.plan);
	const gauge = useDraft(({ analysis }) => analysis.gauge);
	const methods = useDraft(({ analysis }) => analysis.constants.methods);
	const floats = useDraft(({ plan, analysis }) => plan.floatStitches ?? analysis.floatStitches);
	const isTranslating = useDraft((state) => state.isTranslating);
	const [isOpen, setIsOpen] = useState(false);
	const [hasVersions, setHasVersions] = useState(false);
	return (
		<>
			<Menu
				align="end"
				button={
					<Button aria-label={say('planMenu.plan')}>
						<MenuIcon size={18} />
					</Button>
				}
			>
				<MenuItem onSelect={() => setIsOpen(true)}>{say('planMenu.wholePlan', { terms: plan.terms })}</MenuItem>
				<MenuItem onSelect={() => setHasVersions(true)}>{say('planMenu.earlierVersions')}</MenuItem>
				<MenuItem onSelect={showKeys}>{say('planMenu.keys')}</MenuItem>
				<MenuRule />
				<Exports plan={id} />
			</Menu>
			<DialogSheet title={say('planMenu.theWholePlan')} open={isOpen} onClose={() => setIsOpen(false)} isDone>
				<div className="grid grid-cols-2 gap-4">
					<GaugeFields
						gauge={plan.gauge}
						hookUs={gauge.hookUs}
						onChange={(to, field) => draft.change((is) => ({ ...is, gauge: to(is.gauge) }), field)}
					/>
					<p className="caption self-end">{gauge.remark}</p>
					<ChoiceField
						label={say('planMenu.roundsAreTypedIn')}
						value={plan.terms}
						choices={[
							['us', say('planMenu.usTermsSc')],
							['uk', say('planMenu.ukTermsDc')],
						]}
						disabled={isTranslating}
						onChange={(terms) => draft.change((is) => ({ ...is, terms }))}
					/>
					<div className="flex items-end">
						<Button
							className="w-full py-1 leading-tight whitespace-normal!"
							aria-disabled={isTranslating}
							onClick={() => !isTranslating && draft.edit({ do: 'words', terms: plan.terms === 'us' ? 'uk' : 'us' })}
						>
							{isTranslating ? say('planMenu.translating') : say('planMenu.translateThem', { terms: plan.terms })}
						</Button>
					</div>
					<ChoiceField
						label={say('planMenu.units')}
						value={plan.units}
						choices={[
							['metric', say('planMenu.centimetresMetres')],
							['imperial', say('planMenu.inchesYards')],
						]}
						onChange={(units) => {
							keepUnits(units);
							draft.change((is) => ({ ...is, units }));
						}}
					/>
					<ChoiceField
						label={say('planMenu.handThatHoldsTheHook')}
						value={plan.hand}
						choices={[
							['right', say('planMenu.right')],
							['left', say('planMenu.leftTheChartIsMirrored')],
						]}
						onChange={(hand) => draft.change((is) => ({ ...is, hand }))}
					/>
					<ChoiceField
						label={say('planMenu.theMarkerGoesIn')}
						value={plan.marker ?? 'first'}
						choices={[
							['first', say('planMenu.theFirstStitchOfA')],
							['last', say('planMenu.theLastStitchOfA')],
						]}
						onChange={(marker) => draft.change((is) => ({ ...is, marker }))}
					/>
					<NumberField
						label={say('planMenu.stitchesThatAYarnPasses')}
						min={1}
						max={limits.floatStitches}
						value={floats}
						onChange={(n) => n !== null && draft.change((is) => ({ ...is, floatStitches: n }), 'floats')}
					/>
					<p className="caption -mt-2">{say('planMenu.inTheFirstItShows')}</p>
					<p className="caption -mt-2">{say('planMenu.overMoreOfThemThe')}</p>
				</div>
				<section aria-label={say('planMenu.changes')} className="mt-4 grid grid-cols-2 gap-4 border-t border-rule pt-3">
					<ChoiceField
						label={say('planMenu.changes')}
						value={plan.changes?.method ?? 'auto'}
						choices={[['auto', say('changes.chooseForMe')], ...methods.map(({ method, label }) => [method, label] as const)]}
						onChange={(method: NonNullable<ChangeDefaults['method']>) =>
							draft.change((is) => ({
								...is,
								changes: set<ChangeDefaults, 'method'>(is.changes ?? {}, 'method', method === 'auto' ? null : method),
							}))
						}
					/>
					<EndsFields
						said={plan.changes ?? {}}
						open={say('changes.chooseForMe')}
						onChange={(said) => draft.change((is) => ({ ...is, changes: withEnds(is.changes ?? {}, said) }))}
					/>
				</section>
				<SwatchForm />
			</DialogSheet>
			<VersionsDialog open={hasVersions} onClose={() => setHasVersions(false)} />
		</>
	);
}
