import { useState } from 'react';
import type { Change, Method } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/Field';
import { say } from '../../../ui/say';
import { useBench, useDraft, usePiece } from '../../context';
import { withPiece } from '../../plans';
import { EndsFields, type EndsSaid } from './EndsFields';
import { settled } from './settled';

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
	const methods = useDraft((state) => state.analysis?.methods) ?? [];
	const [ends, setEnds] = useState<EndsSaid>({});
	const rounds = [...picked];
	if (piece === undefined) return null;
	const settle = (said: Parameters<typeof settled>[2]) => draft.change((plan) => withPiece(plan, piece.key, (is) => settled(is, rounds, said)));
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
					<EndsFields
						said={ends}
						open={say('changes.asForAll')}
						onChange={(said) => {
							setEnds(said);
							settle(said);
						}}
					/>
				</div>
			)}
		</section>
	);
}
