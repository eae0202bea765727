import { limits } from '../api/generated/limits';
import type { Piece } from '../api/types';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField, TextField } from '../ui/Field';
import { numbered } from '../ui/numbered';
import { say } from '../ui/say';
import { useBench, useDraft, useYarns } from './context';
import { withPiece } from './plans';

type Named = Exclude<Piece['copies'], number>;

/** How many times a piece is made: all alike, or each with its own yarns. */
export function CopiesField({ piece }: { piece: Piece }) {
	const { draft } = useBench();
	const yarns = useYarns();
	const laid = useDraft(
		({ analysis }) =>
			analysis.pieces
				.find(({ key }) => key === piece.key)
				?.layers.flatMap((layer) => layer.yarns)
				.join('') ?? '',
	);
	const { copies } = piece;
	const change = (to: Piece['copies']) => draft.change((plan) => withPiece(plan, piece.key, (is) => ({ ...is, copies: to })), `copies ${piece.key}`);
	if (typeof copies === 'number') {
		return (
			<>
				<NumberField label={say('copiesField.madeHowManyTimes')} min={1} max={limits.copies} value={copies} onChange={(n) => n !== null && change(n)} />
				<Button
					className="self-end"
					onClick={() => change(Array.from({ length: Math.max(2, copies) }, (_, i) => ({ name: `${piece.name} ${i + 1}`.slice(0, limits.name) })))}
				>
					{say('copiesField.eachWithItsOwnYarns')}
				</Button>
			</>
		);
	}
	const used = yarns.filter(({ key }) => laid.includes(key));
	const withCopy = (at: number, to: Named[number]) => change(copies.map((copy, i) => (i === at ? to : copy)));
	const choices = yarns.map(({ key, name }) => [key, `${key} ${name}`] as const);
	return (
		<fieldset className="col-span-2">
			<legend className="caption">{say('copiesField.copiesEachWithItsOwn')}</legend>
			{numbered(copies).map(({ at, one: copy }) => (
				<div key={at} className="grid grid-cols-[1fr_auto] items-end gap-2 border-t border-rule py-2 first-of-type:border-t-0">
					<TextField
						label={say('copiesField.copyAt', { at: at + 1 })}
						maxLength={120}
						value={copy.name}
						onChange={(name) => withCopy(at, { ...copy, name })}
					/>
					<Button disabled={copies.length === 1} onClick={() => change(copies.filter((_, i) => i !== at))}>
						{say('copiesField.delete')}
					</Button>
					<div className="col-span-2 grid grid-cols-2 gap-2">
						{used.map(({ key, name }) => (
							<ChoiceField
								key={key}
								label={say('copiesField.inPlaceOfKeyName', { key, name })}
								value={copy.yarns?.[key] ?? key}
								choices={choices}
								onChange={(to) => {
									const { [key]: _, ...rest } = copy.yarns ?? {};
									withCopy(at, { ...copy, yarns: to === key ? rest : { ...rest, [key]: to } });
								}}
							/>
						))}
					</div>
				</div>
			))}
			<div className="flex gap-2">
				<Button disabled={copies.length > 98} onClick={() => change([...copies, { name: `${piece.name} ${copies.length + 1}`.slice(0, limits.name) }])}>
					{say('copiesField.oneMore')}
				</Button>
				<Button onClick={() => change(copies.length)}>{say('copiesField.allAlike')}</Button>
			</div>
		</fieldset>
	);
}
