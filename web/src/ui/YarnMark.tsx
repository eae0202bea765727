import { inkOn } from './contrast';

/** A yarn's colour with its letter on it, so that nothing depends on seeing the colour. */
export function YarnMark({ letter, hex, size = 24 }: { letter: string; hex: string; size?: number }) {
	return (
		<span
			className="yarn inline-flex shrink-0 items-center justify-center border border-ink/25 font-semibold"
			style={{ background: hex, color: inkOn(hex), width: size, height: size, fontSize: size * 0.55 }}
		>
			{letter}
		</span>
	);
}
