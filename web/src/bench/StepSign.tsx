/** A small picture of a step: its height is what is left of it; open where it is hidden. */
export function StepSign({ step, shows }: { step: number; shows: boolean }) {
	const rise = Math.max(2, step * 10);
	return (
		<svg width="22" height="16" viewBox="0 0 22 16" aria-hidden="true" className="shrink-0">
			<path d={`M1 ${8 + rise / 2} H11 V${8 - rise / 2} H21`} fill="none" stroke="currentColor" strokeWidth={shows ? 3 : 1.2} />
		</svg>
	);
}
