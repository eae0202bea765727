import { ChoiceField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { YarnMark } from '../../../ui/YarnMark';
import { type ColourVision, setTools, useShownYarns, useTools } from '../../chartTools';
import { usePiece } from '../../context';

const sights: readonly (readonly [ColourVision | 'own', string])[] = [
	['own', say('yarnPairs.yourOwnEyes')],
	['deutan', say('yarnPairs.redGreenDeutan')],
	['protan', say('yarnPairs.redGreenProtan')],
	['tritan', say('yarnPairs.blueYellowTritan')],
	['grey', say('yarnPairs.lightAndDarkOnly')],
];

/** How well the yarns that touch are told apart. */
export function YarnPairs() {
	const { analysis } = usePiece();
	const yarns = useShownYarns();
	const sight = useTools((tools) => tools.sight);
	if (analysis === undefined || analysis.pairs.length === 0) return null;
	const hexOf = (key: string) => yarns.find((yarn) => yarn.key === key)?.hex ?? '#888888';
	const told = analysis.pairs.filter(({ remark }) => remark !== null);
	return (
		<section aria-label={say('yarnPairs.yarnsTogether')} className="mt-5 border-t border-rule pt-3">
			<h3 className="mb-1 font-semibold">{say('yarnPairs.yarnsSideBySide')}</h3>
			{told.length === 0 && <p className="mb-2">{say('yarnPairs.goodContrastEachIsTold')}</p>}
			<ul>
				{analysis.pairs.slice(0, 8).map(({ one, other, difference, remark }) => (
					<li key={one + other} className={`figures flex items-center gap-2 py-1 ${remark === null ? 'text-faint' : ''}`}>
						<span className="flex shrink-0">
							<YarnMark letter={one} hex={hexOf(one)} size={26} />
							<YarnMark letter={other} hex={hexOf(other)} size={26} />
						</span>
						<span className="w-7 text-right" title={say('yarnPairs.howUnlikeTheyLookCiede2000')}>
							{Math.round(difference)}
						</span>
						<span>{remark ?? say('yarnPairs.goodContrast')}</span>
					</li>
				))}
			</ul>
			{analysis.shine.map((remark) => (
				<p key={remark} className="my-1 border-l-4 border-ink pl-2">
					{remark}
				</p>
			))}
			<ChoiceField
				label={say('yarnPairs.seenWith')}
				className="mt-2"
				value={sight ?? 'own'}
				choices={sights}
				onChange={(to) => setTools({ sight: to === 'own' ? null : to })}
			/>
		</section>
	);
}
