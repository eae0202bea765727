import type { components } from '../api/generated/contract';

export type Drawing = components['schemas']['Drawing'];

interface FrameProps {
	strokes: Drawing['frames'][number]['strokes'];
	hexes: { old: string; new: string };
	isMirrored: boolean;
	label: string;
}

/** Yarn is drawn in its colour between two dark edges, so that it shows on any ground; tools are plain lines. */
export function DrawnFrame({ strokes, hexes, isMirrored, label }: FrameProps) {
	return (
		<svg role="img" aria-label={label} viewBox="0 0 168 96" className="block w-full bg-sheet" style={isMirrored ? { transform: 'scaleX(-1)' } : undefined}>
			<g fill="none" strokeLinecap="round" strokeLinejoin="round">
				{strokes.map(({ ink, path }) => (
					<StrokeOf key={`${ink} ${path}`} ink={ink} path={path} hexes={hexes} />
				))}
			</g>
		</svg>
	);
}

function StrokeOf({ ink, path, hexes }: FrameProps['strokes'][number] & { hexes: FrameProps['hexes'] }) {
	if (ink === 'old' || ink === 'new')
		return (
			<>
				<path d={path} className="stroke-ink" strokeWidth={4.4} />
				<path d={path} stroke={hexes[ink]} strokeWidth={2.8} />
			</>
		);
	if (ink === 'hook') return <path d={path} className="stroke-faint" strokeWidth={4} />;
	return <path d={path} className="stroke-ink" strokeWidth={ink === 'way' ? 1.6 : 2} strokeDasharray={ink === 'way' ? '4 3' : undefined} />;
}
