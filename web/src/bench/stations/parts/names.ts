import type { Piece } from '../../../api/types';
import { useDraft } from '../../context';

type Placement = NonNullable<Piece['placements']>[number];

/** What is placed or embroidered is called as its maker calls it, else by its kind. */
export function useNames(): (placed: Pick<Placement, 'name'> & { kind: string }) => string {
	const tray = useDraft(({ analysis }) => analysis.constants.tray);
	return ({ kind, name }) => name ?? tray.find(({ what }) => what === kind)?.label ?? kind;
}
