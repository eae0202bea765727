import { ArrowDown, ArrowUp } from 'lucide-react';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useBench, useDraft } from '../../context';
import { set } from '../../plans';
import { MayGoWrong } from './MayGoWrong';
import { useNeeded } from './useNeeded';

const orders = [
	['pieces', say('pattern.piecesFirst')],
	['parts', say('pattern.partByPart')],
	['twins', say('pattern.sideBySide')],
] as const;

/** The order in which it is made, and how the pieces come together, step by step; each may be moved as far as nothing stands in the way. */
export function HowTogether() {
	const { draft } = useBench();
	const isAny = useDraft(({ plan }) => (plan.assembly ?? []).length > 0);
	const isKept = useDraft(({ plan }) => plan.keepOrder === true);
	const order = useDraft(({ plan }) => plan.workOrder ?? 'pieces');
	const steps = useNeeded(isAny)?.order ?? [];
	const joints = steps.flatMap(({ joint }) => (joint === null ? [] : [joint]));
	if (!isAny) return null;
	return (
		<section aria-label={say('parts.together')} className="mb-3 border border-rule bg-sheet px-3 py-2">
			<h3 className="font-semibold">{say('parts.together')}</h3>
			<ChoiceField
				label={say('pattern.inWhichOrder')}
				value={order}
				choices={orders}
				onChange={(to) => draft.change((plan) => set(plan, 'workOrder', to === 'pieces' ? null : to))}
			/>
			<ol className="mt-1 list-decimal pl-5">
				{steps.map(({ key, joint, text, needs, mayGoWrong }, i) => (
					<li key={key} className="mt-1">
						{text}.{needs.length > 0 && <span className="caption"> {say('pattern.with', { needs: needs.join(', ') })}</span>}
						{joint !== null && joints.length > 1 && (
							<span className="ml-1 inline-flex">
								<Button
									kind="bare"
									aria-label={say('pattern.earlier', { step: i + 1 })}
									disabled={joint === joints[0]}
									onClick={() => draft.edit({ do: 'order', key: joint, by: -1 })}
								>
									<ArrowUp size={14} />
								</Button>
								<Button
									kind="bare"
									aria-label={say('pattern.later', { step: i + 1 })}
									disabled={joint === joints.at(-1)}
									onClick={() => draft.edit({ do: 'order', key: joint, by: 1 })}
								>
									<ArrowDown size={14} />
								</Button>
							</span>
						)}
						<MayGoWrong all={mayGoWrong} />
					</li>
				))}
			</ol>
			{isKept && (
				<Button className="mt-2" onClick={() => draft.change((plan) => set(plan, 'keepOrder', null))}>
					{say('pattern.chooseTheOrder')}
				</Button>
			)}
		</section>
	);
}
