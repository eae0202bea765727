import { useState } from 'react';
import { Button } from '../../ui/Button';
import { say, sayWith } from '../../ui/say';
import { useBench, useDraft } from '../context';
import { HowItIsDone } from '../HowItIsDone';
import { StationHead } from '../StationHead';
import { BeginMaking } from './pattern/BeginMaking';
import { HowTogether } from './pattern/HowTogether';
import { PieceSteps } from './pattern/PieceSteps';
import { WhatIsNeeded } from './pattern/WhatIsNeeded';

/** The whole plan written out to work from, piece by piece. */
export function Pattern() {
	const { piece: shown } = useBench();
	const id = useDraft((state) => state.id);
	const pieces = useDraft(({ plan }) => plan.pieces);
	const cautions = useDraft((state) => state.analysis?.cautions) ?? [];
	const [isEach, setIsEach] = useState(false);
	// Copies that differ in their yarns can be written once, with the differences.
	const differ = useDraft(({ plan }) => plan.pieces.some(({ copies }) => Array.isArray(copies) && copies.some(({ yarns }) => yarns !== undefined)));
	const link = (terms: 'us' | 'uk') => (
		<a className="underline" href={`/api/plans/${id}/as/text?terms=${terms}${isEach && differ ? '&copies=each' : ''}`}>
			{terms === 'us' ? say('pattern.usTerms') : say('pattern.ukTerms')}
		</a>
	);
	return (
		<>
			<StationHead next={sayWith('pattern.about', { us: link('us'), uk: link('uk') })}>
				<p>{say('pattern.manual')}</p>
			</StationHead>
			<p className="mb-3">
				<Button onClick={() => window.print()}>{say('pattern.print')}</Button>
			</p>
			{differ && (
				<label className="mb-3 flex items-center gap-2">
					<input type="checkbox" checked={isEach} onChange={(event) => setIsEach(event.target.checked)} />
					{say('pattern.copiesEach')}
				</label>
			)}
			<BeginMaking />
			<WhatIsNeeded />
			{pieces.map(({ key, name, copies }) => (
				<PieceSteps key={key} piece={key} name={name} copies={typeof copies === 'number' ? copies : copies.length} isShown={key === shown} />
			))}
			<HowTogether />
			<HowItIsDone has={(name) => name.startsWith('technique ')} summary={say('howItIsDone.techniques')} />
			<div className="caption mt-4 border-t border-rule pt-3">
				{cautions.map((caution) => (
					<p key={caution} className="mt-1">
						{caution}
					</p>
				))}
			</div>
		</>
	);
}
