import type { Analysis, Piece } from '../../../api/types';
import { say } from '../../../ui/say';
import { type Held, setTools, useTools } from '../../chartTools';
import { useDraft } from '../../context';
import { HeldNow } from '../../HeldNow';

type What = Extract<Held, { what: unknown }>['what'];

type Group = Analysis['constants']['tray'][number]['group'];

/** What can be put on the piece: press one, then press the piece where it goes. */
export function TrayOfParts({ piece }: { piece: Piece }) {
	const held = useTools((tools) => tools.held);
	const pieces = useDraft(({ plan }) => plan.pieces);
	const tray = useDraft(({ analysis }) => analysis.constants.tray);
	const left = useDraft(({ analysis }) => analysis.loose);
	const loose = pieces.flatMap((one) => {
		const copies = left[one.key];
		return copies === undefined || one.key === piece.key ? [] : [{ one, left: copies }];
	});
	// In a small window the picture turns up, to be pressed.
	const take = (next: Held) => setTools(held !== null && isSame(held, next) ? { held: null } : { held: next, brush: null, layer: null, leaf: 'picture' });
	const kinds = (of: Group, label: string) => (
		<fieldset className="mb-2">
			<legend className="caption">{label}</legend>
			<div className="flex flex-wrap gap-1">
				{tray.map(({ what, label, group }) =>
					group !== of ? null : (
						<TrayButton
							key={what}
							isHeld={held !== null && 'what' in held && held.what === what}
							onClick={() => take({ what: what as What, name: label })}
						>
							{label}
						</TrayButton>
					),
				)}
			</div>
		</fieldset>
	);
	return (
		<section aria-label={say('parts.tray')} className="mb-4">
			<p className="mb-2 text-faint">{say('parts.pressOneThenThePiece', { name: piece.name })}</p>
			{kinds('face', say('parts.face'))}
			{loose.length > 0 && (
				<fieldset className="mb-2">
					<legend className="caption">{say('parts.madeAndNotPlaced')}</legend>
					<div className="flex flex-wrap gap-1">
						{loose.map(({ one, left }) => (
							<TrayButton
								key={one.key}
								isHeld={held !== null && 'part' in held && held.part === one.key}
								onClick={() => take({ part: one.key, name: one.name })}
							>
								{one.name}
								{left > 1 && <span className="figures text-faint"> ×{left}</span>}
							</TrayButton>
						))}
					</div>
				</fieldset>
			)}
			{kinds('thread', say('parts.thread'))}
			{kinds('things', say('parts.otherThings'))}
			<details>
				<summary className="caption cursor-pointer">{say('parts.marks')}</summary>
				{kinds('marks', say('parts.marksAre'))}
			</details>
			<div className="mt-2 small:hidden">
				<HeldNow />
			</div>
		</section>
	);
}

function TrayButton({ isHeld, onClick, children }: { isHeld: boolean; onClick: () => void; children: React.ReactNode }) {
	return (
		<button
			type="button"
			aria-pressed={isHeld}
			className="border border-rule bg-sheet px-2 py-1 hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
			onClick={onClick}
		>
			{children}
		</button>
	);
}

function isSame(one: Held, other: Held): boolean {
	return 'part' in one ? 'part' in other && one.part === other.part : 'what' in other && one.what === other.what;
}
