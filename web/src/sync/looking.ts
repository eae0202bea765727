import { replaceEqualDeep } from '@tanstack/react-query';
import type { StoreApi } from 'zustand/vanilla';
import { api, dataOf } from '../api/client';
import type { Analysis, OpenedPlan, Plan } from '../api/types';
import { unpacked, unpackedPiece } from '../api/unpack';
import type { Draft } from './draftState';
import type { KeptPlan } from './kept';

/** So long after no answer it is asked again. */
const AGAIN_MS = 3000;

/** What the core made of a plan, as a draft shows it. */
const workedOut = ({ analysis, errors, layerYarns }: Pick<OpenedPlan, 'analysis' | 'errors' | 'layerYarns'>, before?: Analysis) => ({
	analysis: unpacked(analysis, before),
	errors,
	layerYarns,
});

/** A plan as it begins to be shown: what the server answered, or what this browser kept. */
export function asOpened(opened: OpenedPlan | KeptPlan): Pick<Draft, 'analysis' | 'errors' | 'layerYarns' | 'keptAt'> {
	if (!('keptAt' in opened)) return { ...workedOut(opened), keptAt: null };
	const { analysis, errors, layerYarns, keptAt } = opened;
	return { analysis, errors, layerYarns, keptAt };
}

/**
 * The piece that is looked at. An answer about a plan holds it, and others as far as it bears them; a piece that is not there is asked for
 * when it is looked at.
 *
 * @param saved the plan as last saved: of a piece that is newer the core knows nothing yet
 */
export function looking(id: string, store: StoreApi<Draft>, saved: () => Plan) {
	let inHand: string | undefined;
	let isAsking = false;
	let timer: ReturnType<typeof setTimeout> | undefined;

	const isMissing = () =>
		inHand !== undefined && saved().pieces.some(({ key }) => key === inHand) && !store.getState().analysis.pieces.some(({ key }) => key === inHand);

	async function ask(): Promise<void> {
		clearTimeout(timer);
		if (isAsking || inHand === undefined || !isMissing()) return;
		isAsking = true;
		const key = inHand;
		try {
			const { revision, piece, problems } = dataOf(await api.GET('/api/plans/{id}/pieces/{key}', { params: { path: { id, key } } }));
			if (revision === store.getState().revision)
				store.setState(({ analysis }) => ({
					analysis: {
						...analysis,
						pieces: [...analysis.pieces.filter((one) => one.key !== key), unpackedPiece(piece, analysis.constants)],
						problems: replaceEqualDeep(analysis.problems, problems),
					},
				}));
		} catch {
			// It is asked again while it is looked at.
		}
		isAsking = false;
		// The maker may look at another one by now, and the plan may have gone on.
		if (isMissing()) timer = setTimeout(() => void ask(), key === inHand ? AGAIN_MS : 0);
	}

	const known = () => {
		const { terms, units } = store.getState().analysis.constants;
		return `${terms}-${units}` as const;
	};

	return {
		look: (key: string) => {
			inHand = key;
			void ask();
		},
		/** What opening asks with. */
		inHand: () => (inHand === undefined ? {} : { piece: inHand }),
		/** What saving asks with: what never changes is not told again. */
		query: () => ({ ...(inHand === undefined ? {} : { piece: inHand }), known: known() }),
		/** What the core made of a revision; what is as it was stays the same thing, so that it is not drawn again. */
		answered: (answer: OpenedPlan) => {
			if (answer.revision !== store.getState().revision) return;
			store.setState(({ analysis, errors, layerYarns }) => replaceEqualDeep({ analysis, errors, layerYarns }, workedOut(answer, analysis)));
			void ask();
		},
		end: () => {
			inHand = undefined;
			clearTimeout(timer);
		},
	};
}
