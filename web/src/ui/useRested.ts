import { useEffect, useState } from 'react';

/** A value once it has stayed the same for a while; undefined while it changes. */
export function useRested<T>(value: T, ms: number): T | undefined {
	const [rested, setRested] = useState<{ value: T } | null>(null);
	useEffect(() => {
		const timer = setTimeout(() => setRested({ value }), ms);
		return () => clearTimeout(timer);
	}, [value, ms]);
	return rested?.value === value ? value : undefined;
}
