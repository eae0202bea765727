import { Plus } from 'lucide-react';
import { alongByArrows } from '../ui/alongByArrows';
import { inkOn } from '../ui/contrast';
import { say } from '../ui/say';
import { Tip } from '../ui/Tip';
import { useShownYarns, useTools } from './chartTools';
import { useBench, useDraft } from './context';

/** The yarns, along the edge. A click gives the picked rounds that yarn; where none is picked, it opens the yarn. */
export function Tray() {
	const { picked, paint, goTo } = useBench();
	const yarns = useShownYarns();
	const brush = useTools((tools) => tools.brush);
	const shown = useTools((tools) => (tools.held === null ? 'flex' : 'flex small:hidden'));
	const amounts = useDraft(({ analysis }) => analysis.yarns);
	return (
		<section
			aria-label={say('tray.yarns')}
			data-area="tray"
			className={`off-leaf-panel flex-col overflow-auto border-r border-rule bg-paper small:flex-row small:border-r-0 small:border-b ${shown}`}
		>
			<div role="toolbar" aria-label={say('common.yarns')} aria-orientation="vertical" className="contents" onKeyDown={alongByArrows}>
				{yarns.map(({ key, name, hex }, i) => {
					const isShort = amounts.find((amount) => amount.key === key)?.enough === false;
					return (
						<Tip
							key={key}
							says={say('tray.says', {
								name: name === '' ? say('tray.yarnKey', { key }) : name,
								stock: isShort ? 'short' : 'enough',
								rounds: picked.size > 0 ? 'picked' : 'none',
							})}
							hotkey={key}
						>
							<button
								type="button"
								tabIndex={i === 0 ? 0 : -1}
								className="relative flex w-full shrink-0 flex-col items-stretch border-b border-rule -outline-offset-2 hover:bg-shade small:w-16"
								aria-pressed={brush === null ? undefined : brush === key}
								onClick={() => (picked.size > 0 || brush !== null ? paint(key) : goTo('yarns'))}
							>
								{brush === key && <span className="absolute top-0 bottom-0 left-0 w-1.5 bg-ink" />}
								<span
									className="yarn flex h-14 items-center small:h-9 justify-center text-2xl font-semibold"
									style={{ background: hex, color: inkOn(hex) }}
								>
									{key}
								</span>
								<span className="truncate px-1 py-1 text-center text-[12px] leading-tight">{name === '' ? '\u00a0' : name}</span>
								{isShort && <span className="bg-ink text-[12px] leading-tight text-paper">{say('tray.short')}</span>}
								<span className="sr-only">{picked.size > 0 ? say('tray.give') : say('tray.openIt')}</span>
							</button>
						</Tip>
					);
				})}
				<Tip says={say('tray.yarnsOfThisPlan')}>
					<button
						type="button"
						aria-label={say('tray.addOrChangeYarns')}
						tabIndex={-1}
						className="flex min-h-12 small:min-w-12 items-center justify-center text-faint hover:bg-shade"
						onClick={() => goTo('yarns')}
					>
						<Plus size={20} />
					</button>
				</Tip>
			</div>
		</section>
	);
}
