import type { Layer } from '../../../api/types';
import { plural } from '../../../ui/units';

/** In words, what a layer covers. */
export function says(layer: Layer): string {
	switch (layer.kind) {
		case 'fill':
			return 'the whole piece';
		case 'run':
			return `round ${layer.round}, stitches ${layer.from}–${layer.to}`;
		case 'stripes':
			return `${layer.from === layer.to ? `round ${layer.from}` : `rounds ${layer.from}–${layer.to}`}${layer.sequence.length > 1 ? ', striped' : ''}`;
		case 'band': {
			const { where } = layer;
			if (where.part === 'first' || where.part === 'last') return `the ${where.part} ${plural(where.rounds, 'round')}`;
			if (where.part === 'widest') return `${plural(where.rounds, 'round')}, ${where.offset} from the widest`;
			if (where.part === 'rounds') return `rounds ${where.from}–${where.to}`;
			return where.part === 'even' ? 'all of the widest rounds' : `all ${where.part} rounds`;
		}
		case 'spots':
			return `spots, ${'count' in layer ? `${layer.count} around` : `every ${layer.every} stitches`}, ${layer.to === undefined || layer.to === layer.from ? `round ${layer.from}` : `rounds ${layer.from}–${layer.to}`}`;
		case 'motif':
			return `motif, ${layer.rows[0]?.length ?? 0} × ${layer.rows.length}, from round ${layer.round}`;
		case 'panel':
			return `panel, rounds ${layer.from}–${layer.to}, ${layer.degrees}° wide`;
		case 'blend':
			return `blend, rounds ${layer.from}–${layer.to}`;
		case 'typed':
			return 'the yarns that your words name';
		case 'hand':
			return `stitches by hand in ${plural(Object.keys(layer.rounds).length, 'round')}`;
	}
}
