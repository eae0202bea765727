import { limits } from '../../api/generated/limits';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/Field';
import { say } from '../../ui/say';
import { useBench, usePiece } from '../context';
import { set, withPiece } from '../plans';

/** The part about the front that is to stay plain, and what comes into it. */
export function FaceForm() {
	const { draft, picked } = useBench();
	const { piece, analysis } = usePiece();
	if (piece === undefined || analysis === undefined || analysis.rounds.length === 0 || analysis.worked === 'rows') return null;
	const { face } = piece;
	const change = (to: typeof face | null) => draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'face', to ?? null)), `face ${piece.key}`);
	if (face === undefined) {
		const rounds = [...picked].sort((a, b) => a - b);
		const [from, to] = [rounds[0], rounds.at(-1)];
		return (
			<Button
				className="mb-4"
				onClick={() => draft.edit({ do: 'face', piece: piece.key, ...(from === undefined || to === undefined ? {} : { from, to }) })}
			>
				{say('faceForm.keepTheFaceOneColour')}
			</Button>
		);
	}
	return (
		<section aria-label={say('faceForm.face')} className="mb-4">
			<h3 className="mb-1 font-semibold">{say('faceForm.theFaceInOneColour')}</h3>
			<div className="grid grid-cols-3 items-end gap-2">
				<NumberField
					label={say('common.fromRound')}
					min={1}
					max={limits.rounds}
					value={face.from}
					onChange={(from) => from !== null && change({ ...face, from })}
				/>
				<NumberField
					label={say('common.toRound')}
					min={1}
					max={limits.rounds}
					value={face.to}
					onChange={(to) => to !== null && change({ ...face, to })}
				/>
				<NumberField
					label={say('common.wideDegrees')}
					min={1}
					max={360}
					step={5}
					value={face.degrees}
					onChange={(degrees) => degrees !== null && change({ ...face, degrees })}
				/>
			</div>
			{analysis.faceRemarks.length === 0 ? (
				<p className="mt-1">{say('faceForm.nothingComesIntoIt')}</p>
			) : (
				analysis.faceRemarks.map((remark) => (
					<p key={remark} className="mt-1 border-l-4 border-ink pl-2">
						{remark}
					</p>
				))
			)}
			<Button kind="bare" onClick={() => change(null)}>
				{say('faceForm.noFace')}
			</Button>
		</section>
	);
}
