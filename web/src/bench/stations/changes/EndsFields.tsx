import type { ChangeAt } from '../../../api/types';
import { ChoiceField } from '../../../ui/Field';
import { say } from '../../../ui/say';

type OldYarn = NonNullable<ChangeAt['oldYarn']>;
type Tails = NonNullable<ChangeAt['tails']>;
type Tail = NonNullable<Tails['old']>;

/** What is said of the old yarn and of the ends; what is undefined is left to whoever stands above. */
export interface EndsSaid {
	oldYarn?: OldYarn | undefined;
	tails?: Tails | undefined;
}

const KEPT = [
	['cut', say('ends.cut')],
	['carry', say('ends.carry')],
	['over', say('ends.over')],
] as const satisfies readonly (readonly [OldYarn, string])[];

const TAILS = [
	['weave', say('ends.weave')],
	['knot', say('ends.knot')],
	['inside', say('ends.inside')],
	['over', say('ends.overSome')],
	['sew', say('ends.sew')],
	['keep', say('ends.keep')],
] as const satisfies readonly (readonly [Tail, string])[];

interface Props {
	said: EndsSaid;
	/** what stands first in each list: what is done where nothing is said */
	open: string;
	/** what becomes of the old yarn where nothing is said: it is told beside that */
	now?: OldYarn | undefined;
	has?: { oldYarn: boolean; oldTail: boolean; newTail: boolean };
	onChange: (said: EndsSaid) => void;
}

/** What becomes of the yarn that is not in hand, and of each end. */
export function EndsFields({ said, open, now, has = { oldYarn: true, oldTail: true, newTail: true }, onChange }: Props) {
	const oldYarn = said.oldYarn === 'float' ? 'carry' : (said.oldYarn ?? 'auto');
	function settle(which: 'old' | 'new', tail: Tail | 'auto') {
		const { [which]: _, ...rest } = said.tails ?? {};
		const tails = tail === 'auto' ? rest : { ...rest, [which]: tail };
		onChange({ ...said, tails: Object.keys(tails).length === 0 ? undefined : tails });
	}
	return (
		<>
			{has.oldYarn && (
				<ChoiceField
					label={say('ends.oldYarn')}
					value={oldYarn}
					choices={[['auto', said.oldYarn === undefined && now !== undefined ? say('ends.openIs', { open, now }) : open], ...KEPT]}
					onChange={(to: OldYarn) => onChange({ ...said, oldYarn: to === 'auto' ? undefined : to })}
				/>
			)}
			{has.oldTail && (
				<ChoiceField
					label={say('ends.oldTail')}
					value={said.tails?.old ?? 'auto'}
					choices={[['auto', open], ...TAILS]}
					onChange={(tail: Tail | 'auto') => settle('old', tail)}
				/>
			)}
			{has.newTail && (
				<ChoiceField
					label={say('ends.newTail')}
					value={said.tails?.new ?? 'auto'}
					choices={[['auto', open], ...TAILS]}
					onChange={(tail: Tail | 'auto') => settle('new', tail)}
				/>
			)}
		</>
	);
}

/** The same said on something that holds it among other things, without what is undefined. */
export function withEnds<T extends EndsSaid>(holder: T, said: EndsSaid): T {
	const { oldYarn: _, tails: __, ...rest } = holder;
	return {
		...rest,
		...(said.oldYarn === undefined ? {} : { oldYarn: said.oldYarn }),
		...(said.tails === undefined ? {} : { tails: said.tails }),
	} as T;
}
