import { useState } from 'react';
import type { Edit, Piece } from '../api/types';
import { Button } from '../ui/Button';
import { DialogSheet } from '../ui/DialogSheet';
import { say } from '../ui/say';
import { useBench, useUsual } from './context';

type Fit = Extract<Edit, { do: 'cover' }>['fit'];

const fits: readonly (readonly [Fit, string, string])[] = [
	['snug', say('coverDialog.fitsSnugly'), say('coverDialog.oneStitchLargerInEvery')],
	['slips-off', say('coverDialog.slipsOffByItself'), say('coverDialog.itLiesAFabricS')],
];

/** Asks how a cover is to sit; the core writes its rounds as a piece of its own. */
export function CoverDialog({ piece, open, onClose }: { piece: Piece; open: boolean; onClose: () => void }) {
	const { draft } = useBench();
	const [fit, setFit] = useState<Fit>(useUsual('cover').fit);
	return (
		<DialogSheet title={say('coverDialog.aCover')} says={say('coverDialog.aHoodAHatOr')} open={open} onClose={onClose}>
			<form
				onSubmit={(event) => {
					event.preventDefault();
					draft.edit({ do: 'cover', piece: piece.key, fit });
					onClose();
				}}
			>
				<fieldset>
					<legend className="caption">{say('coverDialog.howItIsToSit')}</legend>
					{fits.map(([key, name, why]) => (
						<label key={key} className="flex gap-3 border-t border-rule py-2">
							<input type="radio" name="fit" className="mt-1.5 self-start" checked={fit === key} onChange={() => setFit(key)} />
							<span>
								<span className="font-semibold">{name}</span>
								<span className="block text-faint">{why}</span>
							</span>
						</label>
					))}
				</fieldset>
				<div className="mt-3 flex justify-end gap-2">
					<Button onClick={onClose}>{say('common.cancel')}</Button>
					<Button kind="strong" type="submit">
						{say('coverDialog.writeTheCover')}
					</Button>
				</div>
			</form>
		</DialogSheet>
	);
}
