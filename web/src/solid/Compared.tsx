import '../ui/benchWords';
import { type ReactNode, useMemo, useState } from 'react';
import type { PieceAnalysis } from '../api/types';
import { say } from '../ui/say';
import { type Posed, pieceAlone, type ShowHow, wholeToy } from './shown';
import { firstTurn, TurnedPicture } from './TurnedPicture';

/** What is looked at: a piece, or a toy. */
export type Looked = { piece: PieceAnalysis } | { posed: readonly Posed[] };

export interface Sight extends Omit<ShowHow, 'looks' | 'isLeftHanded'> {
	key: string;
	label: string;
	/** null: it is not known yet, or could not be made */
	looked: Looked | null;
	/** why it is not there */
	says?: string | undefined;
}

interface Props extends Omit<ShowHow, 'yarns'> {
	sights: readonly Sight[];
	lies: boolean;
	/** degrees to the right that they are turned at first */
	turned: number;
	/** under each picture */
	below: (key: string) => ReactNode;
}

const NONE: ReadonlySet<number> = new Set();
const KEYS = say('inTheRound.arrowKeysTurnItF');

/** Two or three of a kind side by side, turned together. */
export default function Compared({ sights, lies, turned: first, looks, isLeftHanded, below }: Props) {
	const [turned, setTurned] = useState(() => {
		const begins = firstTurn(lies);
		return { ...begins, about: begins.about + (first * Math.PI) / 180 };
	});
	const [hasWebGl, setHasWebGl] = useState(true);
	return (
		<ul className="grid min-h-0 flex-1 auto-cols-fr grid-flow-col gap-2 max-[559px]:grid-flow-row">
			{sights.map((sight) => (
				<li key={sight.key} className="flex min-h-56 min-w-0 flex-col border border-rule bg-sheet">
					<h3 className="px-2 pt-2 font-semibold">{sight.label}</h3>
					<div className="relative min-h-0 flex-1">
						{sight.looked === null || !hasWebGl ? (
							<p className="p-2 text-faint">{hasWebGl ? (sight.says ?? say('compare.working')) : say('compare.noWebGl')}</p>
						) : (
							<One
								sight={sight}
								looked={sight.looked}
								how={{ looks, isLeftHanded }}
								lies={lies}
								turned={turned}
								onTurn={setTurned}
								onNoWebGl={() => setHasWebGl(false)}
							/>
						)}
					</div>
					<div className="p-2">{below(sight.key)}</div>
				</li>
			))}
		</ul>
	);
}

interface OneProps {
	sight: Sight;
	looked: Looked;
	how: Omit<ShowHow, 'yarns'>;
	lies: boolean;
	turned: Parameters<typeof TurnedPicture>[0]['turned'];
	onTurn: Parameters<typeof TurnedPicture>[0]['onTurn'];
	onNoWebGl: () => void;
}

function One({ sight: { label, yarns }, looked, how: { looks, isLeftHanded }, lies, turned, onTurn, onNoWebGl }: OneProps) {
	const shown = useMemo(() => {
		const how = { yarns, looks, isLeftHanded };
		return 'piece' in looked ? pieceAlone(looked.piece, how, true, false, NONE) : wholeToy(looked.posed, how);
	}, [looked, yarns, looks, isLeftHanded]);
	return (
		<div className="absolute inset-0">
			<TurnedPicture
				shown={shown}
				standing={{ isTurnedOver: false, lies: lies && 'piece' in looked }}
				turned={turned}
				onTurn={onTurn}
				label={say('compare.turned', { label, keys: KEYS })}
				onNoWebGl={onNoWebGl}
			/>
		</div>
	);
}
