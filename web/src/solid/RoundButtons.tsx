import { Download, Maximize } from 'lucide-react';
import type { ReactNode } from 'react';
import { say } from '../ui/say';
import type { ToyView } from './InTheRound';
import { sides } from './sides';

type Side = (typeof sides)[number];

/** In a low window they take one row, which goes on at its side. */
const IN_A_ROW = '[@media(max-height:760px)]:flex-nowrap [@media(max-height:760px)]:justify-start [@media(max-height:760px)]:overflow-x-auto';

interface Props {
	isSeen: (side: Side) => boolean;
	onSide: (side: Side) => void;
	toy: ToyView | null;
	onToy: (isShown: boolean) => void;
	/** what holds of a piece that is looked at by itself: its name, whether it is so, whether it cannot be changed, and what changes it */
	ofPiece: readonly (readonly [string, boolean, boolean, () => void])[];
	/** undefined: there is nothing to be looked at side by side */
	onCompare: (() => void) | undefined;
	onFill: () => void;
	/** undefined: there is no picture to save */
	onSave: (() => void) | undefined;
}

/** From where it is looked at, and what of it. */
export function RoundButtons({ isSeen, onSide, toy, onToy, ofPiece, onCompare, onFill, onSave }: Props) {
	return (
		<div className={`flex shrink-0 flex-wrap justify-center gap-1 p-2 ${IN_A_ROW}`}>
			{sides.map((side) => (
				<RoundButton key={side[0]} isOn={isSeen(side)} onClick={() => onSide(side)}>
					{side[0]}
				</RoundButton>
			))}
			{toy !== null && (
				<RoundButton isOn={toy.isShown} onClick={() => onToy(!toy.isShown)}>
					{say('inTheRound.wholeToy')}
				</RoundButton>
			)}
			{toy?.isShown !== true &&
				ofPiece.map(([name, isOn, isDisabled, onClick]) => (
					<RoundButton key={name} isOn={isOn} isDisabled={isDisabled} onClick={onClick}>
						{name}
					</RoundButton>
				))}
			{onCompare !== undefined && <RoundButton onClick={onCompare}>{say('inTheRound.compare')}</RoundButton>}
			<RoundButton label={say('inTheRound.wholeWindow')} onClick={onFill}>
				<Maximize size={16} />
			</RoundButton>
			{onSave !== undefined && (
				<RoundButton label={say('inTheRound.savePicture')} onClick={onSave}>
					<Download size={16} />
				</RoundButton>
			)}
		</div>
	);
}

interface ButtonProps {
	isOn?: boolean;
	isDisabled?: boolean;
	/** where a picture stands for its name */
	label?: string;
	onClick: () => void;
	children: ReactNode;
}

function RoundButton({ isOn, isDisabled = false, label, onClick, children }: ButtonProps) {
	return (
		<button
			type="button"
			className="border border-rule bg-sheet px-2 py-1 text-sm whitespace-nowrap hover:border-ink aria-pressed:border-ink aria-pressed:font-semibold"
			aria-pressed={isOn}
			aria-label={label}
			title={label}
			disabled={isDisabled}
			onClick={onClick}
		>
			{children}
		</button>
	);
}
