import type { Change, Method } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useBench, useDraft, usePiece } from '../../context';
import { withPiece } from '../../plans';
import { EndsFields, type EndsSaid } from './EndsFields';
import { type Said, settled } from './settled';

interface Props {
	jogs: readonly Change[];
	picked: ReadonlySet<number>;
	onPick: (rounds: ReadonlySet<number>) => void;
	onlyShown: boolean;
	onFilter: (onlyShown: boolean) => void;
}

/** Several changes at once: which are listed, which are picked, and what is said of them, in one step of undo. */
export function ChangesPicked({ jogs, picked, onPick, onlyShown, onFilter }: Props) {
	const { draft } = useBench();
	const { piece } = usePiece();
	const methods = useDraft((state) => state.analysis?.constants.methods) ?? [];
	const rounds = [...picked];
	if (piece === undefined) return null;
	const settle = (said: Said | ((before: Said) => Said)) => draft.change((plan) => withPiece(plan, piece.key, (is) => settled(is, rounds, said)));
	const ends = common(rounds.map((round) => piece.changes.at?.find((one) => one.round === round) ?? {}));
	return (
		<section aria-label={say('picked.title')} className="mb-2 border-t border-rule pt-2">
			<div className="flex flex-wrap items-center gap-x-4">
				<label className="flex min-h-8 items-center gap-2">
					<input type="checkbox" checked={onlyShown} onChange={(event) => onFilter(event.target.checked)} />
					{say('picked.onlyShown')}
				</label>
				<Button kind="bare" onClick={() => onPick(new Set(jogs.map(({ treated }) => treated)))}>
					{say('picked.all')}
				</Button>
				{picked.size > 0 && (
					<Button kind="bare" onClick={() => onPick(new Set())}>
						{say('picked.clear')}
					</Button>
				)}
			</div>
			{picked.size > 0 && (
				<div className="mt-1 grid grid-cols-2 gap-2 bg-pick/60 p-2">
					<ChoiceField
						label={say('picked.method', { changes: picked.size })}
						className="col-span-2"
						value=""
						choices={[
							['', say('picked.choose')],
							['auto', say('changes.asForAll')],
							...methods.map(({ method, label }) => [method, label] as const),
						]}
						onChange={(chosen: string) =>
							chosen !== '' && settle({ method: chosen === 'auto' ? undefined : (chosen as Method), by: undefined, begins: undefined })
						}
					/>
					<EndsFields said={ends} open={say('changes.asForAll')} onChange={(said) => settle((before) => onlyWhatChanged(ends, said, before))} />
				</div>
			)}
		</section>
	);
}

/** What is said alike of all; the rest is left open. */
function common(all: readonly EndsSaid[]): EndsSaid {
	const alike = <T,>(of: (said: EndsSaid) => T) => (all.every((one) => of(one) === of(all[0] ?? {})) ? of(all[0] ?? {}) : undefined);
	return {
		oldYarn: alike(({ oldYarn }) => oldYarn),
		tails: tailsOf(
			alike(({ tails }) => tails?.old),
			alike(({ tails }) => tails?.new),
		),
	};
}

type Tail = NonNullable<NonNullable<EndsSaid['tails']>['old']>;

function tailsOf(old: Tail | undefined, new_: Tail | undefined): EndsSaid['tails'] {
	return old === undefined && new_ === undefined ? undefined : { ...(old === undefined ? {} : { old }), ...(new_ === undefined ? {} : { new: new_ }) };
}

/** The one thing that the maker changed, on what each change has of its own: the others stay as they are. */
function onlyWhatChanged(shown: EndsSaid, said: EndsSaid, before: Said): Said {
	if (said.oldYarn !== shown.oldYarn) return { oldYarn: said.oldYarn };
	const tail = (which: 'old' | 'new') => (said.tails?.[which] === shown.tails?.[which] ? before.tails?.[which] : said.tails?.[which]);
	return { tails: tailsOf(tail('old'), tail('new')) };
}
