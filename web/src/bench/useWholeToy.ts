import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api, dataOf } from '../api/client';
import type { components } from '../api/generated/contract';
import type { Analysis, Plan } from '../api/types';
import { unpackedPiece } from '../api/unpack';
import type { Posed } from '../solid/shown';
import { asCopy } from './chartTools';
import { useDraft } from './context';

/** All pieces where they are on the toy; asked for when the maker looks at it. While it is worked out anew, as it was before. */
export function useWholeToy(isLooked: boolean): { posed: readonly Posed[] | null; isWhole: boolean; isAway: boolean } {
	const id = useDraft((state) => state.id);
	const revision = useDraft((state) => state.revision);
	const constants = useDraft(({ analysis }) => analysis.constants);
	const planned = useDraft(({ plan }) => plan.pieces);
	const { data, isError } = useQuery({
		queryKey: ['toy', id, revision],
		queryFn: async () => dataOf(await api.GET('/api/plans/{id}/toy', { params: { path: { id } } })),
		enabled: isLooked,
		placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
	});
	return useMemo(() => {
		if (data === undefined) return { posed: null, isWhole: true, isAway: isError };
		return { isWhole: data.isWhole, isAway: false, posed: posedOf(data, constants, planned) };
	}, [data, isError, constants, planned]);
}

type WholeToy = components['schemas']['WholeToy'];

/** The pieces of an answer where they are, each copy in its own yarns. */
export function posedOf(toy: WholeToy, constants: Analysis['constants'], planned: Plan['pieces']): Posed[] {
	const pieces = new Map(toy.pieces.map((piece) => [piece.key, unpackedPiece(piece, constants)]));
	const copies = new Map(planned.map(({ key, copies }) => [key, copies]));
	return toy.poses.flatMap(({ piece: key, copy, axes, at }) => {
		const piece = asCopy(pieces.get(key), copies.get(key), copy - 1);
		return piece === undefined ? [] : [{ key: `${key} ${copy}`, piece, pose: { axes, at } }];
	});
}
