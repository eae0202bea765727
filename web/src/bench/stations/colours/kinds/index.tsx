import type { ReactNode } from 'react';
import type { Layer } from '../../../../api/types';
import { say } from '../../../../ui/say';
import { LayBand } from './band';
import { LayBlend, WhereBlend } from './blend';
import { LayHelix, WhereHelix } from './helix';
import { LayMotif, WhereMotif } from './motif';
import { LayPanel, WherePanel } from './panel';
import type { LayProps } from './parts';
import { LaySpots, WhereSpots } from './spots';
import { LayStripes, WhereStripes } from './stripes';

/** The kinds of layers that can be laid, each with its form. A new kind is a file of its own, and a line here and below. */
export const layable: readonly { kind: Layer['kind']; name: string; Lay: (props: LayProps) => ReactNode }[] = [
	{ kind: 'stripes', name: say('index.stripes'), Lay: LayStripes },
	{ kind: 'helix', name: say('index.spiralStripes'), Lay: LayHelix },
	{ kind: 'band', name: say('index.bandOfRounds'), Lay: LayBand },
	{ kind: 'spots', name: say('index.spots'), Lay: LaySpots },
	{ kind: 'motif', name: say('common.motif'), Lay: LayMotif },
	{ kind: 'panel', name: say('index.ovalPatch'), Lay: LayPanel },
	{ kind: 'blend', name: say('index.fade'), Lay: LayBlend },
];

/** Where a layer lies, in figures; nothing for a kind that has none. */
export function Where({ layer, onChange }: { layer: Layer; onChange: (layer: Layer) => void }): ReactNode {
	switch (layer.kind) {
		case 'stripes':
			return <WhereStripes layer={layer} onChange={onChange} />;
		case 'helix':
			return <WhereHelix layer={layer} onChange={onChange} />;
		case 'spots':
			return <WhereSpots layer={layer} onChange={onChange} />;
		case 'motif':
			return <WhereMotif layer={layer} onChange={onChange} />;
		case 'panel':
			return <WherePanel layer={layer} onChange={onChange} />;
		case 'blend':
			return <WhereBlend layer={layer} onChange={onChange} />;
		default:
			return null;
	}
}
