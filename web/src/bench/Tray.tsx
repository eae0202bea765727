import { Plus } from 'lucide-react';
import { inkOn } from '../ui/contrast';
import { Tip } from '../ui/Tip';
import { useBench, useDraft, useYarns } from './context';

/** The yarns, along the edge. A click gives the picked rounds that yarn; where none is picked, it opens the yarn. */
export function Tray() {
	const { picked, paint, goTo } = useBench();
	const yarns = useYarns();
	const amounts = useDraft(({ analysis }) => analysis.yarns);
	return (
		<div role="toolbar" aria-label="Yarns" aria-orientation="vertical" className="flex flex-col overflow-y-auto border-r border-rule bg-paper">
			{yarns.map(({ key, name, hex }) => {
				const isShort = amounts.find((amount) => amount.key === key)?.enough === false;
				return (
					<Tip key={key} says={`${name === '' ? `Yarn ${key}` : name}${isShort ? ': short of it' : ''}${picked.size > 0 ? '. Give it to the picked rounds' : ''}`} hotkey={key}>
						<button
							type="button"
							aria-label={picked.size > 0 ? `Give the picked rounds yarn ${key}, ${name}` : `Yarn ${key}, ${name}`}
							className="relative flex min-h-16 w-full flex-col items-center justify-center border-b border-ink/30 text-2xl font-semibold hover:brightness-95"
							style={{ background: hex, color: inkOn(hex) }}
							onClick={() => (picked.size > 0 ? paint(key) : goTo('yarns'))}
						>
							{key}
							<span className="max-w-full truncate px-1 text-[11px] leading-tight font-normal">{name}</span>
							{isShort && <span className="absolute top-1 right-1 text-[11px] leading-none font-normal underline">short</span>}
						</button>
					</Tip>
				);
			})}
			<Tip says="Yarns of this plan">
				<button type="button" aria-label="Add or change yarns" className="flex min-h-12 items-center justify-center text-faint hover:bg-shade" onClick={() => goTo('yarns')}>
					<Plus size={20} />
				</button>
			</Tip>
		</div>
	);
}
