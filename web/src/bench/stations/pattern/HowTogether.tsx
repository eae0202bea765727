import { say } from '../../../ui/say';
import { useDraft } from '../../context';
import { useNeeded } from './useNeeded';

/** How the pieces come together, step by step. */
export function HowTogether() {
	const isAny = useDraft(({ plan }) => (plan.assembly ?? []).length > 0);
	const steps = useNeeded(isAny)?.assembly ?? [];
	if (!isAny) return null;
	return (
		<section aria-label={say('parts.together')} className="mb-3 border border-rule bg-sheet px-3 py-2">
			<h3 className="font-semibold">{say('parts.together')}</h3>
			<ol className="mt-1 list-decimal pl-5">
				{steps.map(({ key, text, needs }) => (
					<li key={key} className="mt-1">
						{text}.{needs.length > 0 && <span className="caption"> {say('pattern.with', { needs: needs.join(', ') })}</span>}
					</li>
				))}
			</ol>
		</section>
	);
}
