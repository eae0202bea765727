import { useCallback, useEffect, useMemo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { setTools, useTools, type View, views } from './chartTools';
import { type Station, stations } from './context';
import { keepPlace, placeOf } from './place';

/** Where on a bench one is: its station and the piece in view stand in the address, the view in the browser's history. */
export interface Address {
	station: Station;
	/** key of the piece; null: none is named */
	piece: string | null;
	goTo: (to: { station?: Station; piece?: string }, how?: 'instead') => void;
}

export const pieceOf = (search: string) => new URLSearchParams(search).get('piece');

interface Kept {
	view?: View;
}

/** So that the browser's way back leads to the station, the piece and the view before, and a link to a piece opens there. */
export function useAddress(id: string, named: string | undefined): Address {
	const navigate = useNavigate();
	const { search, state, pathname } = useLocation();
	const station = stations.find((one) => one === (named ?? placeOf(id).station)) ?? 'colours';
	const piece = pieceOf(search);
	const { view } = (state ?? {}) as Kept;

	const goTo = useCallback<Address['goTo']>(
		(to, how) => {
			const key = to.piece ?? pieceOf(location.search);
			const at = location.pathname.split('/')[3] ?? station;
			const address = `/plan/${id}/${to.station ?? at}${key === null ? '' : `?piece=${key}`}`;
			const isSame = address === location.pathname + location.search;
			navigate(address, { replace: how === 'instead' || isSame, state: { view: useTools.getState().view } satisfies Kept });
		},
		[id, navigate, station],
	);

	// A plan is opened where it was left.
	useEffect(() => {
		if (named === undefined) goTo({ station, ...(placeOf(id).piece === undefined ? {} : { piece: placeOf(id).piece ?? '' }) }, 'instead');
		else keepPlace(id, { station });
	}, [named, station, id, goTo]);

	// Another view is a step of the history; back again, it is the one before.
	useEffect(() => {
		const shown = useTools.getState().view;
		if (view !== undefined && views.includes(view) && view !== shown) setTools({ view });
		return useTools.subscribe((now, before) => {
			if (now.view !== before.view && now.view !== view)
				navigate(pathname + search, { replace: view === undefined, state: { view: now.view } satisfies Kept });
		});
	}, [view, pathname, search, navigate]);

	return useMemo(() => ({ station, piece, goTo }), [station, piece, goTo]);
}
