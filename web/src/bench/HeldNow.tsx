import { Button } from '../ui/Button';
import { say } from '../ui/say';
import { setTools, useTools } from './chartTools';
import { useBench, usePiece } from './context';

/** What was taken from the tray: where to press for it, where it usually goes, and how to lay it back. */
export function HeldNow() {
	const { draft } = useBench();
	const { piece } = usePiece();
	const held = useTools((tools) => tools.held);
	if (held === null || piece === undefined) return null;
	const lay = () => setTools({ held: null, leaf: 'panel' });
	return (
		<div role="status" className="border-l-4 border-ink bg-paper py-1 pl-2">
			<p>{say('parts.pressWhereItGoes', { what: held.name, name: piece.name })}</p>
			<div className="mt-1 flex flex-wrap gap-2">
				<Button
					kind="strong"
					onClick={() => {
						draft.edit({ do: 'put', piece: piece.key, ...('part' in held ? { part: held.part } : { what: held.what }) });
						lay();
					}}
				>
					{say('parts.whereItUsuallyGoes')}
				</Button>
				<Button onClick={lay}>{say('common.cancel')}</Button>
			</div>
		</div>
	);
}
