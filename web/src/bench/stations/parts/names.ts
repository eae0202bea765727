import type { Piece } from '../../../api/types';
import { useDraft } from '../../context';

type Placement = NonNullable<Piece['placements']>[number];

/** What is placed is called as its maker calls it, else by its kind. */
export function useNames(): (placement: Placement) => string {
	const tray = useDraft(({ analysis }) => analysis.constants.tray);
	return ({ kind, name }) => name ?? tray.find(({ what }) => what === kind)?.label ?? kind;
}
