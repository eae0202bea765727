import '../ui/benchWords';
import { useMemo, useRef, useState } from 'react';
import type { PieceAnalysis } from '../api/types';
import { Still } from '../ui/Still';
import { say } from '../ui/say';
import { RoundButtons } from './RoundButtons';
import type { RoundScene } from './scene';
import { type Posed, pieceAlone, type ShowHow, wholeToy } from './shown';
import { firstTurn, isSeenFrom, TurnedPicture } from './TurnedPicture';

export interface ToyView {
	isShown: boolean;
	/** pieces where they are on the toy; null: they are not known yet */
	posed: readonly Posed[] | null;
	/** nothing of it is left out */
	isWhole: boolean;
	/** it could not be fetched */
	isAway: boolean;
}

interface Props extends ShowHow {
	plan: { id: string; revision: number };
	piece: PieceAnalysis;
	picked: ReadonlySet<number>;
	/** null: the plan has one piece */
	toy: ToyView | null;
	onToy: (isShown: boolean) => void;
	onPick: (cell: { round: number; stitch: number }) => void;
	/** looks at what could be otherwise */
	onCompare: () => void;
}

const KEYS = say('inTheRound.arrowKeysTurnItF');

/** The piece, or the whole toy, in the round. */
export default function InTheRound({ plan, piece, yarns, looks, isLeftHanded, picked, toy, onToy, onPick, onCompare }: Props) {
	const box = useRef<HTMLDivElement>(null);
	const scene = useRef<RoundScene | null>(null);
	const [hasWebGl, setHasWebGl] = useState(true);
	const [isStuffed, setIsStuffed] = useState(true);
	const [hasMarker, setHasMarker] = useState(true);
	const [isTurnedOver, setIsTurnedOver] = useState(false);
	const [turned, setTurned] = useState(() => firstTurn(piece.lies));

	const posed = toy?.isShown === true ? toy.posed : null;
	const shown = useMemo(() => {
		const how = { yarns, looks, isLeftHanded };
		return posed === null ? pieceAlone(piece, how, isStuffed, hasMarker, picked) : wholeToy(posed, how);
	}, [posed, piece, yarns, looks, isLeftHanded, isStuffed, hasMarker, picked]);

	const fill = () => void (document.fullscreenElement === null ? box.current?.requestFullscreen() : document.exitFullscreen());

	function onOtherKey(key: string): boolean {
		if (key === 'm') setHasMarker((is) => !is);
		else if (key === 's') setIsStuffed((is) => !is);
		else if (key === 'o') setIsTurnedOver((is) => !is);
		else if (key === 't' && toy !== null) onToy(!toy.isShown);
		else if (key === 'w') fill();
		else if (key === 'c') onCompare();
		else return false;
		return true;
	}

	return (
		<div ref={box} className="flex h-full w-full flex-col bg-sheet">
			<div className="relative mt-8 min-h-0 flex-1">
				{hasWebGl ? (
					<TurnedPicture
						shown={shown}
						standing={{ isTurnedOver, lies: piece.lies }}
						turned={turned}
						onTurn={setTurned}
						label={
							posed === null ? say('inTheRound.thePieceNameInThe', { name: piece.name, keys: KEYS }) : say('inTheRound.toyInThe', { keys: KEYS })
						}
						scene={scene}
						onPick={posed === null ? onPick : undefined}
						onOtherKey={onOtherKey}
						onNoWebGl={() => setHasWebGl(false)}
					/>
				) : (
					<Still
						plan={plan.id}
						revision={plan.revision}
						piece={posed === null ? piece.key : undefined}
						turned={inDegrees(turned.about)}
						tipped={inDegrees(turned.over)}
						alt={say('sidePicture.thePieceNameFromOne', { name: posed === null ? piece.name : say('inTheRound.wholeToy') })}
						className="h-full w-full p-12"
					/>
				)}
				{toy?.isShown === true && (toy.posed === null || !toy.isWhole) && (
					<p role="status" className="absolute top-2 right-2 left-2 text-center text-faint">
						{toy.posed !== null ? say('inTheRound.notAllOfIt') : toy.isAway ? say('inTheRound.noToy') : say('inTheRound.puttingItTogether')}
					</p>
				)}
			</div>
			<RoundButtons
				isSeen={(side) => isSeenFrom(side, turned)}
				onSide={([, about, , over]) => setTurned({ about, over })}
				toy={toy}
				onToy={onToy}
				ofPiece={[
					[say('inTheRound.stuffed'), isStuffed, (piece.size?.unstuffed.length ?? 0) === 0, () => setIsStuffed(!isStuffed)],
					[say('inTheRound.marker'), hasMarker, false, () => setHasMarker(!hasMarker)],
					[say('inTheRound.flip'), isTurnedOver, false, () => setIsTurnedOver(!isTurnedOver)],
				]}
				onCompare={hasWebGl ? onCompare : undefined}
				onFill={fill}
				onSave={hasWebGl ? async () => saveAs(await scene.current?.picture(), `${piece.name}.png`) : undefined}
			/>
		</div>
	);
}

const inDegrees = (radians: number): number => Math.round((radians * 180) / Math.PI) % 360;

function saveAs(picture: Blob | null | undefined, name: string): void {
	if (picture == null) return;
	const link = document.createElement('a');
	link.href = URL.createObjectURL(picture);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
