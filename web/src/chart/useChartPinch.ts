import { type RefObject, useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import type { Pinch } from '../ui/gestures/usePinch';
import { asZoom } from './zoom';

interface Props {
	box: RefObject<HTMLElement | null>;
	canvas: RefObject<HTMLElement | null>;
	scroller: RefObject<HTMLElement | null> | undefined;
	zoom: number;
	rowHeight: number;
	onZoom: (zoom: number) => void;
}

/**
 * Two fingers on the chart. While they move, the drawing as it is is only stretched and shifted, which costs nothing; it is drawn anew when
 * they are lifted, with what was between them still there.
 */
export function useChartPinch(props: Props) {
	const latest = useRef(props);
	latest.current = props;
	/** where the sheet is to be once it is laid out in the new size */
	const place = useRef<{ zoom: number; left: number; top: number; y: number; rowHeight: number } | null>(null);

	const { rowHeight, zoom, box, scroller } = props;
	useLayoutEffect(() => {
		const to = place.current;
		if (to === null || to.zoom !== zoom) return;
		if (box.current !== null) box.current.scrollLeft = to.left;
		if (scroller?.current != null) scroller.current.scrollTop = ((to.top + to.y) * rowHeight) / to.rowHeight - to.y;
	}, [rowHeight, zoom, box, scroller]);

	// What is moved or laid out anew after that is moved by the maker.
	useEffect(() => {
		if (place.current?.zoom === zoom) place.current = null;
	}, [zoom]);

	return useMemo(
		() => ({
			/** whether it is known where the chart is to be at a size */
			hasPlace: (at: number) => place.current?.zoom === at,
			by: ({ factor, x, y, dx, dy }: Pinch, isOver: boolean) => {
				const { box: across, canvas, scroller: down, zoom: now, rowHeight: row, onZoom } = latest.current;
				const [element, drawn] = [across.current, canvas.current];
				if (element === null || drawn === null) return;
				const rect = element.getBoundingClientRect();
				const [left, top] = [x - rect.left, y - rect.top];
				if (!isOver) {
					drawn.style.transformOrigin = `${left}px ${top}px`;
					drawn.style.transform = `translate(${dx}px, ${dy}px) scale(${factor})`;
					return;
				}
				drawn.style.transform = '';
				const zoom_ = asZoom(now * factor);
				const scrollTop = (down?.current?.scrollTop ?? 0) - dy;
				if (down?.current != null) down.current.scrollTop = scrollTop;
				place.current = { zoom: zoom_, left: ((element.scrollLeft + left) * zoom_) / now - left - dx, top: scrollTop, y: top, rowHeight: row };
				element.scrollLeft = place.current.left;
				onZoom(zoom_);
			},
		}),
		[],
	);
}
