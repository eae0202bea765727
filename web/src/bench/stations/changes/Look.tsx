import { inkOn } from '../../../ui/contrast';
import { useDraft, useYarns } from '../../context';

/** A stitch: its yarn, and four corners in mm, along the work and up, from the lower corner that is worked first. */
type Cell = readonly (string | number)[];

/** The fabric from near, as the chart has it: later rounds below, worked to the right, and mirrored for left hands. */
export function Look({ cells, label }: { cells: readonly Cell[]; label: string }) {
	const yarns = useYarns();
	const isLeftHanded = useDraft(({ plan }) => plan.hand === 'left');
	const stitches = cells.map(([yarn, ...at]) => ({ yarn: String(yarn), at: at.map(Number) }));
	const xs = stitches.flatMap(({ at }) => at.filter((_, i) => i % 2 === 0));
	const ys = stitches.flatMap(({ at }) => at.filter((_, i) => i % 2 === 1));
	const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	return (
		<svg
			role="img"
			aria-label={label}
			viewBox={`${left} ${low} ${right - left} ${high - low}`}
			className="block w-full"
			style={isLeftHanded ? { transform: 'scaleX(-1)' } : undefined}
		>
			{stitches.map(({ yarn, at }) => {
				const hex = yarns.find(({ key }) => key === yarn)?.hex ?? '#808080';
				const key = at.join(' ');
				return (
					<g key={key}>
						<path d={outline(at)} fill={hex} stroke={hex} strokeWidth={0.5} />
						<path d={strokes(at)} fill="none" stroke={inkOn(hex)} strokeWidth={0.3} strokeLinecap="round" opacity={0.4} />
					</g>
				);
			})}
		</svg>
	);
}

function outline([x0 = 0, y0 = 0, x1 = 0, y1 = 0, x2 = 0, y2 = 0, x3 = 0, y3 = 0]: number[]): string {
	return `M${x0} ${y0}L${x1} ${y1}L${x2} ${y2}L${x3} ${y3}Z`;
}

/** The two legs of a stitch, which part upwards from where it is worked into. */
function strokes([x0 = 0, y0 = 0, x1 = 0, y1 = 0, x2 = 0, y2 = 0, x3 = 0, y3 = 0]: number[]): string {
	const at = (u: number, v: number) => {
		const x = (1 - v) * (x0 + u * (x1 - x0)) + v * (x3 + u * (x2 - x3));
		const y = (1 - v) * (y0 + u * (y1 - y0)) + v * (y3 + u * (y2 - y3));
		return `${x.toFixed(2)} ${y.toFixed(2)}`;
	};
	const leg = (side: number) =>
		`M${at(0.5, 0.12)}C${at(0.5 + side * 0.3, 0.25)} ${at(0.5 + side * 0.44, 0.6)} ${at(0.5 + side * 0.34, 0.94)}` +
		`C${at(0.5 + side * 0.12, 0.8)} ${at(0.5 + side * 0.04, 0.45)} ${at(0.5, 0.12)}`;
	return leg(-1) + leg(1);
}
