import type { PlanSummary } from '../api/types';

const WIDTH = 96;
const HEIGHT = 80;

/** A plan's first piece in small: its bands as wide as its rounds. */
export function Silhouette({ summary }: { summary: PlanSummary }) {
	const widest = Math.max(1, ...summary.picture.map(({ makes }) => makes));
	const high = HEIGHT / Math.max(8, summary.picture.length);
	return (
		<svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true" className="shrink-0 [filter:drop-shadow(0_0_0.6px_#20262a)]">
			{summary.picture.map(({ makes, runs }, i) => {
				const stitch = WIDTH / widest;
				const top = i * high;
				let x = (WIDTH - makes * stitch) / 2;
				return runs.map(({ hex, stitches }) => {
					const left = x;
					x += stitches * stitch;
					return <rect key={`${top}-${left}`} x={left} y={top} width={stitches * stitch + 0.3} height={high + 0.3} fill={hex} stroke={hex} />;
				});
			})}
			{summary.picture.length === 0 && <path d={`M8 ${HEIGHT / 2}h80`} stroke="currentColor" strokeDasharray="3 4" opacity=".4" />}
		</svg>
	);
}
