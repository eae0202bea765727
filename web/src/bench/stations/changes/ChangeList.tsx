import { useVirtualizer } from '@tanstack/react-virtual';
import { type ReactNode, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Change } from '../../../api/types';
import { ChangeRow } from './ChangeRow';

/** Fewer are simply there. */
const MANY = 40;
/** What a closed one is high, in pixels, until it is measured. */
const HIGH = 41;

interface Props {
	changes: readonly Change[];
	/** the round picked on the sheet: the change before it is open */
	picked: number | undefined;
	check: (change: Change) => ReactNode;
}

const keyOf = ({ round, stitch }: Change) => `${round}-${stitch}`;
const isOpen = ({ jog, treated }: Change, picked: number | undefined) => jog && picked === treated + 1;

/** Every change, a line each; of hundreds those in sight are in the page. */
export function ChangeList(props: Props) {
	return props.changes.length > MANY ? <Many {...props} /> : <Few {...props} />;
}

function Few({ changes, picked, check }: Props) {
	const list = useRef<HTMLOListElement>(null);
	useEffect(() => {
		if (picked !== undefined) list.current?.querySelector(`[data-round="${picked - 1}"]`)?.scrollIntoView({ block: 'nearest' });
	}, [picked]);
	return (
		<ol ref={list}>
			{changes.map((change) => (
				<li key={keyOf(change)} data-round={change.treated}>
					<ChangeRow change={change} isOpen={isOpen(change, picked)} check={check(change)} />
				</li>
			))}
		</ol>
	);
}

function Many({ changes, picked, check }: Props) {
	// What the library hands out changes under the same name.
	'use no memo';
	const list = useRef<HTMLOListElement>(null);
	// How far down the panel the list begins: what stands above it grows and shrinks.
	const [above, setAbove] = useState(0);
	useLayoutEffect(() => {
		const panel = list.current?.closest('#panel');
		const measure = () => {
			if (list.current === null || panel == null) return;
			setAbove(Math.round(list.current.getBoundingClientRect().top - panel.getBoundingClientRect().top + panel.scrollTop));
		};
		measure();
		const observer = new ResizeObserver(measure);
		for (const sibling of list.current?.parentElement?.children ?? []) if (sibling !== list.current) observer.observe(sibling);
		return () => observer.disconnect();
	}, []);
	const rows = useVirtualizer({
		count: changes.length,
		getScrollElement: () => list.current?.closest('#panel') ?? null,
		estimateSize: () => HIGH,
		overscan: 8,
		scrollMargin: above,
		getItemKey: (i) => keyOf(changes[i] as Change),
	});
	const at = changes.findIndex((change) => isOpen(change, picked));
	useEffect(() => {
		if (at >= 0) rows.scrollToIndex(at, { align: 'auto' });
	}, [at, rows]);
	return (
		<ol ref={list} className="relative" style={{ height: rows.getTotalSize() }}>
			{rows.getVirtualItems().map(({ key, index, start }) => {
				const change = changes[index];
				return change === undefined ? null : (
					<li
						key={key}
						ref={rows.measureElement}
						data-index={index}
						data-round={change.treated}
						aria-setsize={changes.length}
						aria-posinset={index + 1}
						className="absolute inset-x-0 top-0"
						style={{ transform: `translateY(${start - above}px)` }}
					>
						<ChangeRow change={change} isOpen={index === at} check={check(change)} />
					</li>
				);
			})}
		</ol>
	);
}
