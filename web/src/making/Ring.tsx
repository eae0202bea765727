import { say } from '../ui/say';
import type { Guide } from './types';

interface Props {
	guide: Guide;
	round: number;
	/** stitches of it that are made, and that will be after the next tap */
	made: number;
	next: number;
	hexOf: (letter: string) => string;
	isLeftHanded: boolean;
}

const MIDDLE = 110;
const OUTER = 96;
const INNER = 66;

/** The round from above, the front at the bottom: it fills as it is made. */
export function Ring({ guide, round, made, next, hexOf, isLeftHanded }: Props) {
	const now = guide.rounds[round - 1];
	if (now === undefined) return null;
	const isFlat = guide.worked === 'rows';
	const sign = isLeftHanded ? -1 : 1;
	/** where so many stitches of the round are made; a row lies open at the top */
	const angle = (stitches: number) =>
		Math.PI / 2 + sign * (isFlat ? ((stitches / now.makes) * 300 - 150) * (Math.PI / 180) : ((now.begins + (360 * stitches) / now.makes) * Math.PI) / 180);
	const at = (stitches: number, radius: number) => [MIDDLE + Math.cos(angle(stitches)) * radius, MIDDLE + Math.sin(angle(stitches)) * radius];
	const point = (stitches: number, radius: number) =>
		at(stitches, radius)
			.map((value) => value.toFixed(1))
			.join(' ');
	const arc = (from: number, to: number, inner: number, outer: number) => {
		// A whole turn has no arc of its own: it is drawn as two.
		const half = (from + to) / 2;
		const sweep = sign > 0 ? 1 : 0;
		const along = (radius: number, sweeps: number, ...stops: number[]) =>
			stops.map((stop) => `A${radius} ${radius} 0 0 ${sweeps} ${point(stop, radius)}`).join('');
		return `M${point(from, outer)}${along(outer, sweep, half, to)}L${point(to, inner)}${along(inner, 1 - sweep, half, from)}Z`;
	};
	const groups = now.groups.map((group, i) => ({ ...group, from: now.groups[i - 1]?.to ?? 0 }));
	const ticks = now.makes <= 90 ? Array.from({ length: now.makes }, (_, i) => i) : [];
	const marks = isFlat ? [] : guide.marks.filter((mark) => mark.round === round || mark.round === round - 1);
	const front = ([x, y]: [number, number]) => `${x},${y}`;
	return (
		<svg role="img" viewBox="0 0 220 220" className="make-ring" aria-label={say('make.ring', { once: guide.once, round, made, makes: now.makes })}>
			{groups.map((group) => (
				<path key={group.to} d={arc(group.from, group.to, INNER, OUTER)} fill={hexOf(group.yarn[0] ?? '')} fillOpacity={0.22} className="stroke-rule" />
			))}
			{groups.map((group) =>
				group.from < made ? (
					<path key={group.to} d={arc(group.from, Math.min(group.to, made), INNER, OUTER)} fill={hexOf(group.yarn[0] ?? '')} className="stroke-ink" />
				) : null,
			)}
			{made < next && <path d={arc(made, next, INNER - 5, INNER - 1)} className="fill-ink" />}
			{ticks.map((i) => (
				<path key={i} d={`M${point(i, INNER)}L${point(i, OUTER)}`} className="stroke-ink" strokeOpacity={0.25} />
			))}
			{/* The marker, where the round begins. */}
			<path d={`M${point(0, INNER - 6)}L${point(0, OUTER + 8)}`} className="stroke-ink" strokeWidth={3} />
			{marks.flatMap(({ degrees, is }) =>
				degrees.map((one) => {
					const turn = Math.PI / 2 + (sign * one * Math.PI) / 180;
					return (
						<circle
							key={`${is} ${one}`}
							cx={MIDDLE + Math.cos(turn) * (OUTER + 7)}
							cy={MIDDLE + Math.sin(turn) * (OUTER + 7)}
							r={4.5}
							className="fill-ink"
						>
							<title>{is}</title>
						</circle>
					);
				}),
			)}
			{!isFlat && (
				<polygon points={[front([MIDDLE - 6, 219]), front([MIDDLE + 6, 219]), front([MIDDLE, 210])].join(' ')} className="fill-ink">
					<title>{say('make.front')}</title>
				</polygon>
			)}
			<text x={MIDDLE} y={MIDDLE - 4} textAnchor="middle" className="figures fill-ink" fontSize="44" fontWeight="600">
				{made}
			</text>
			<text x={MIDDLE} y={MIDDLE + 24} textAnchor="middle" className="figures fill-faint" fontSize="20">
				{say('make.of', { makes: now.makes })}
			</text>
		</svg>
	);
}
