import { type ReactNode, useState } from 'react';
import { limits } from '../../../../api/generated/limits';
import type { Layer } from '../../../../api/types';
import { Button } from '../../../../ui/Button';
import { NumberField } from '../../../../ui/Field';
import { say } from '../../../../ui/say';
import { useBench, usePiece, useYarns } from '../../../context';
import { withPiece } from '../../../plans';

export interface Range {
	from: number;
	to: number;
}

/** What a form to lay something gets: the rounds that are picked, or the whole piece. */
export interface LayProps extends Range {
	isPicked: boolean;
	last: number;
}

/** What a layer's own figures are changed with. */
export interface WhereProps<L> {
	layer: L;
	onChange: (layer: Layer) => void;
}

/** Adds a layer above the others. */
export function useLay(): (layer: Layer) => void {
	const { draft } = useBench();
	const { piece } = usePiece();
	return (layer) => piece !== undefined && draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, colours: [...is.colours, layer] })));
}

/** The yarn to lay: the second one to begin with. */
export function useSecondYarn(): [string, (yarn: string) => void, readonly (readonly [string, string])[]] {
	const yarns = useYarns();
	const [yarn, setYarn] = useState(yarns[1]?.key ?? yarns[0]?.key ?? 'A');
	return [yarn, setYarn, yarns.map(({ key, name }) => [key, `${key} ${name}`] as const)];
}

/** Rounds that follow what is picked, until the maker says them themselves. */
export function useRange(picked: Range): [Range, (own: Range) => void] {
	const [own, setOwn] = useState<Range | null>(null);
	return [own ?? picked, setOwn];
}

export const count = (set: (n: number) => void) => (n: number | null) => n !== null && set(n);

export function RoundsFields({ range, onChange }: { range: Range; onChange: (range: Range) => void }) {
	return (
		<>
			<NumberField
				label={say('common.fromRound')}
				min={1}
				max={limits.rounds}
				value={range.from}
				onChange={count((from) => onChange({ ...range, from }))}
			/>
			<NumberField label={say('common.toRound')} min={1} max={limits.rounds} value={range.to} onChange={count((to) => onChange({ ...range, to }))} />
		</>
	);
}

/** A figure of a layer that lies already. */
export function Figure({
	label,
	value,
	min,
	max,
	step = 1,
	onChange,
}: {
	label: string;
	value: number;
	min: number;
	max: number;
	step?: number;
	onChange: (n: number) => void;
}) {
	return <NumberField label={label} min={min} max={max} step={step} value={value} onChange={count(onChange)} />;
}

/** How far its middle is from the front, in the working direction. */
export function FromFront({ degrees = 0, onChange }: { degrees: number | undefined; onChange: (degrees: number) => void }) {
	const { lies } = usePiece();
	return <Figure label={say('common.degreesFromTheFront', { lies })} value={degrees} min={-180} max={180} step={0.5} onChange={onChange} />;
}

export function Form({ children, does, onLay }: { children: ReactNode; does: string; onLay: () => void }) {
	return (
		<form
			className="grid grid-cols-2 gap-2"
			onSubmit={(event) => {
				event.preventDefault();
				onLay();
			}}
		>
			{children}
			<Button kind="strong" type="submit" className="col-span-2">
				{does}
			</Button>
		</form>
	);
}
