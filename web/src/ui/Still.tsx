import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { api } from '../api/client';

/** A server works on one picture of a workshop at a time. */
let last: Promise<unknown> = Promise.resolve();

function inTurn<T>(ask: () => Promise<T>): Promise<T> {
	const next = last.then(ask, ask);
	last = next;
	return next;
}

interface Props {
	plan: string;
	/** of which the picture is; it is asked for anew at another */
	revision: number;
	/** looked at alone; else the whole toy */
	piece?: string | undefined;
	/** degrees to the right */
	turned?: number;
	/** degrees towards the viewer; as the core tips a toy */
	tipped?: number;
	/** '' where what is beside it says all */
	alt: string;
	className?: string;
	/** until it is there, and where it cannot be had */
	children?: ReactNode;
}

/** The toy from one side, as the core draws it. */
export function Still({ plan, revision, piece, turned = 0, tipped, alt, className = '', children }: Props) {
	const place = useRef<HTMLSpanElement>(null);
	const [isNear, setIsNear] = useState(false);
	useEffect(() => {
		if (place.current === null) return;
		const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting === true && setIsNear(true), { rootMargin: '200px' });
		observer.observe(place.current);
		return () => observer.disconnect();
	}, []);
	const { data } = useQuery({
		// Of a long shelf only what is looked at is asked for.
		enabled: isNear,
		queryKey: ['still', plan, revision, piece, turned, tipped],
		queryFn: () =>
			inTurn(async () => {
				const query = { turned, ...(tipped === undefined ? {} : { tipped }), ...(piece === undefined ? {} : { piece }) };
				const answer = await api.GET('/api/plans/{id}/still', { params: { path: { id: plan }, query }, parseAs: 'blob' });
				return answer.data instanceof Blob ? answer.data : null;
			}),
		staleTime: Number.POSITIVE_INFINITY,
		retry: false,
	});
	const [address, setAddress] = useState<string | null>(null);
	useEffect(() => {
		if (data == null) return;
		const made = URL.createObjectURL(data);
		setAddress(made);
		return () => URL.revokeObjectURL(made);
	}, [data]);
	return (
		<span ref={place} className={`block shrink-0 ${className}`}>
			{address === null ? children : <img src={address} alt={alt} className="h-full w-full object-contain" />}
		</span>
	);
}
