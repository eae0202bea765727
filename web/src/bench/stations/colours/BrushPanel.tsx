import { Eraser } from 'lucide-react';
import { Button } from '../../../ui/Button';
import { hands } from '../../../ui/hands';
import { say, sayWith } from '../../../ui/say';
import { YarnMark } from '../../../ui/YarnMark';
import { CLEAR, setTools, useTools } from '../../chartTools';
import { useYarns } from '../../context';

/** What the brush paints with. */
export function BrushPanel({ brush }: { brush: string }) {
	const yarns = useYarns();
	const isMirrored = useTools((tools) => tools.isMirrored);
	return (
		<section aria-label={say('brushPanel.brush')} className="mb-5">
			<p className="mb-2 flex items-baseline justify-between">
				<span className="font-semibold">{say('brushPanel.theBrushColoursSingleStitches')}</span>
				<Button kind="bare" onClick={() => setTools({ brush: null })}>
					{say('brushPanel.stopPainting')}
				</Button>
			</p>
			<div className="flex flex-wrap gap-2">
				{yarns.map(({ key, name, hex }) => (
					<Button
						key={key}
						kind={brush === key ? 'strong' : 'plain'}
						aria-pressed={brush === key}
						title={say('common.namePressKey', { name, key })}
						onClick={() => setTools({ brush: key })}
					>
						<YarnMark letter={key} hex={hex} size={22} />
						<span className="max-w-24 truncate">{name}</span>
					</Button>
				))}
				<Button kind={brush === CLEAR ? 'strong' : 'plain'} aria-pressed={brush === CLEAR} onClick={() => setTools({ brush: CLEAR })}>
					<Eraser size={18} />
					{say('brushPanel.clear')}
				</Button>
			</div>
			<label className="mt-2 flex items-center gap-2">
				<input type="checkbox" checked={isMirrored} onChange={(event) => setTools({ isMirrored: event.target.checked })} />
				{sayWith('brushPanel.thePairOppositeTooKeys', { keys: <kbd className="caption">,</kbd> })}
			</label>
			<p className="caption mt-1">{say('brushPanel.dragOverStitchesOrGo', { by: hands() })}</p>
		</section>
	);
}
