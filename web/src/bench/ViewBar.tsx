import { Brush, Scan, ZoomIn, ZoomOut } from 'lucide-react';
import type { ReactNode } from 'react';
import { isWithinZooms } from '../chart/zoom';
import { say } from '../ui/say';
import { Tip } from '../ui/Tip';
import { fit, setTools, useTools, viewNames, views, zoomBy } from './chartTools';

const ALONG_THE_TOP = 'absolute top-0 right-0 left-0 z-20 border-b border-rule bg-sheet';

/** How the piece is looked at, and what the pointer does on it. */
export function ViewBar({ firstYarn }: { firstYarn: string }) {
	const view = useTools((tools) => tools.view);
	const zoom = useTools((tools) => tools.zoom);
	const brush = useTools((tools) => tools.brush);
	const isFit = useTools((tools) => tools.isFit);
	const isChart = view === 'opened' || view === 'grid';
	return (
		<div
			role="toolbar"
			aria-label={say('viewBar.viewOfThePiece')}
			className={`${ALONG_THE_TOP} flex items-center gap-x-2 overflow-x-auto px-1 text-sm whitespace-nowrap max-[900px]:gap-0 max-[900px]:px-0`}
		>
			<div className="flex">
				{views.map((name) => (
					<button
						key={name}
						type="button"
						aria-pressed={view === name}
						title={say('viewBar.viewnamesGoesThroughTheViews', { viewNames: viewNames[name] })}
						className="border-b-2 border-transparent px-1.5 py-1 text-faint hover:text-ink aria-pressed:border-ink aria-pressed:text-ink max-[900px]:px-1"
						onClick={() => setTools({ view: name })}
					>
						{viewNames[name]}
					</button>
				))}
			</div>
			{isChart && (
				<div className="ml-auto flex items-center">
					<BarButton label={say('viewBar.wholePiece')} hotkey="0" isOn={isFit} onClick={fit}>
						<Scan size={16} />
					</BarButton>
					<BarButton label={say('viewBar.zoomOut')} hotkey="−" disabled={!isWithinZooms(zoom, -1)} onClick={() => zoomBy(-1)}>
						<ZoomOut size={16} />
					</BarButton>
					{zoom > 1 && (
						<button
							type="button"
							title={say('viewBar.fit0')}
							className="figures py-1 text-center hover:bg-shade"
							onClick={() => setTools({ zoom: 1 })}
						>
							{Math.round(zoom * 100)} %
						</button>
					)}
					<BarButton label={say('viewBar.zoomIn')} hotkey="+" disabled={!isWithinZooms(zoom, 1)} onClick={() => zoomBy(1)}>
						<ZoomIn size={16} />
					</BarButton>
					<BarButton
						label={say('viewBar.brushColourSingleStitches')}
						hotkey="."
						isOn={brush !== null}
						onClick={() => setTools({ brush: brush === null ? firstYarn : null, layer: null })}
					>
						<Brush size={16} />
					</BarButton>
				</div>
			)}
		</div>
	);
}

interface BarButtonProps {
	label: string;
	hotkey: string;
	disabled?: boolean;
	isOn?: boolean;
	onClick: () => void;
	children: ReactNode;
}

function BarButton({ label, hotkey, disabled = false, isOn = false, onClick, children }: BarButtonProps) {
	return (
		<Tip says={label} hotkey={hotkey}>
			<button
				type="button"
				aria-label={label}
				aria-pressed={isOn}
				disabled={disabled}
				className="p-1.5 hover:bg-shade max-[900px]:p-1 disabled:opacity-35 aria-pressed:bg-ink aria-pressed:text-paper"
				onClick={onClick}
			>
				{children}
			</button>
		</Tip>
	);
}
