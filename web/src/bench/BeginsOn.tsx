import type { Piece } from '../api/types';
import { ChoiceField, NumberField } from '../ui/Field';
import { useBench, useDraft } from './context';
import { set, withPiece } from './plans';

type Start = NonNullable<Piece['start']>;

const joins: readonly (readonly [Start['join'] | 'own', string])[] = [
	['own', 'in a ring or chains of its own'],
	['opening', 'on the opening of another piece'],
	['bridge', 'on two pieces joined by chains'],
	['seam', 'around two worked together over some stitches'],
	['layers', 'through two flat layers'],
];

/** Where a piece begins: on its own, or on pieces made before it. */
export function BeginsOn({ piece }: { piece: Piece }) {
	const { draft } = useBench();
	const pieces = useDraft(({ plan }) => plan.pieces);
	const beginsOn = useDraft(({ analysis }) => analysis.pieces.find(({ key }) => key === piece.key)?.beginsOn ?? 0);
	const before = pieces.slice(
		0,
		pieces.findIndex(({ key }) => key === piece.key),
	);
	const first = before.at(-1)?.key;
	const { start } = piece;
	if (first === undefined && start === undefined) return <p className="caption col-span-2">It begins in a ring or in chains. A piece that is made after another can begin on it.</p>;

	const change = (to: Start | null) => draft.change((plan) => withPiece(plan, piece.key, (is) => set(is, 'start', to) as Piece), `start ${piece.key}`);
	function join(how: Start['join'] | 'own') {
		const one = start?.pieces[0] ?? first ?? '';
		const other = start?.pieces[1] ?? one;
		if (how === 'own') change(null);
		else if (how === 'opening') change({ join: how, pieces: [one] });
		else if (how === 'layers') change({ join: how, pieces: [one, other] });
		else change({ join: how, pieces: [one, other], across: how === 'bridge' ? 3 : 4 });
	}
	const choices = before.map(({ key, name }) => [key, name] as const);
	return (
		<>
			<ChoiceField label="It begins" className="col-span-2" value={start?.join ?? 'own'} choices={joins} onChange={join} />
			{start?.pieces.map((key, at) => (
				<ChoiceField
					key={`${key} ${start.pieces.indexOf(key) === at ? 'first' : 'second'}`}
					label={at === 0 ? 'Piece' : 'and'}
					value={key}
					choices={choices.some(([known]) => known === key) ? choices : [[key, key], ...choices]}
					onChange={(to) => change({ ...start, pieces: start.pieces.map((old, i) => (i === at ? to : old)) } as Start)}
				/>
			))}
			{start !== undefined && 'across' in start && (
				<NumberField
					label={start.join === 'bridge' ? 'Chains between them' : 'Stitches worked together'}
					min={0}
					max={2000}
					value={start.across}
					onChange={(across) => across !== null && change({ ...start, across })}
				/>
			)}
			{start !== undefined && <p className="figures self-end">Round 1 finds {beginsOn} stitches.</p>}
		</>
	);
}
