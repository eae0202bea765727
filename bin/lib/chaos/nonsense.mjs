// Edits, lines, values and queries by chance: right ones, nearly right ones and nonsense.
import { piece, plan } from './client.mjs';

/** @param any numbers by chance: client.mjs, chance() */
export function nonsense(any) {
	const NASTY = [
		null,
		true,
		false,
		'',
		' ',
		'0',
		-1,
		0,
		1,
		2.5,
		1e308,
		-1e308,
		400,
		401,
		2001,
		99999999,
		[],
		{},
		[null],
		[[]],
		{ key: 'A' },
		'A',
		'ZZ',
		'\u0000',
		'\u0007bell',
		'\u2028',
		'\u202etide',
		'🧶'.repeat(50),
		'x'.repeat(5000),
		'NaN',
		'../../etc/passwd',
		"' OR 1=1 --",
		'<script>',
		'%s%n',
		'{{7*7}}',
		'\ud800',
		'R2:',
		'(sc, inc) x 99999',
		'((((((((((',
		'sc around',
		'constructor',
		'__proto__',
	];
	const LINES = [
		'6 sc in MR',
		'inc x6',
		'(sc, inc) x6',
		'sc around',
		'(sc, inc) x 1500, fasten off',
		'rep R2 x 400',
		'R2-400: sc around',
		'[(sc, inc) x 300] x 300',
		'ch 2000',
		'ch 7, sc in 2nd ch from hook',
		'with B, BLO: sc around',
		'stuff',
		'*sc, inc; rep from * until 2000 sts',
		'close',
		'join B',
		'(12)',
		'# remark',
		'Ears (make 2)',
		'… … …',
		'6 sc in mr',
		'R1:',
		'R400: sc',
		'dec around',
		'Round 4: 10 sc, 3 dc in next st',
		'2 sc in every second st',
		'turn',
		'🧶 5 sc',
		'sc2tog x 99',
		''.padEnd(2100, 'sc, '),
	];
	const line = () =>
		(any.next() < 0.7
			? any.of(LINES)
			: Array.from({ length: any.whole(1, 8) }, () => any.of([any.of(LINES), String(any.of(NASTY)), String(any.whole(0, 3000))])).join(
					any.of([' ', ', ', '; ']),
				)
		).replace(/[\r\n]/g, ' ');
	const lines = () => Array.from({ length: any.whole(0, 12) }, line);
	const n = () => any.of([0, 1, 2, 3, 5, 12, 40, 100, 400, -1, -400, 1000, 2.5]);
	const yarn = () => any.of(['A', 'B', 'C', 'Z', 'a', '']);
	const key = () => any.of(['float', 'float', 'float', 'ear', 'nose', '']);

	const EDITS = [
		() => ({ do: 'retype', piece: key(), rounds: lines(), ...(any.next() < 0.2 ? { saw: lines() } : {}) }),
		() => ({ do: 'paste', piece: key(), text: Array.from({ length: any.whole(1, 60) }, line).join('\n'), begin: any.next() < 0.5 }),
		() => ({ do: 'paint', piece: key(), rounds: [n(), n()], yarn: yarn() }),
		() => ({
			do: 'stripes',
			piece: key(),
			from: n(),
			to: n(),
			sequence: [
				{ yarn: yarn(), rounds: n() },
				{ yarn: yarn(), rounds: 1 },
			],
			growth: n(),
			mirrored: true,
		}),
		() => ({ do: 'stitches', piece: key(), cells: [{ round: n(), from: n(), to: n() }], yarn: yarn() }),
		() => ({ do: 'motif', piece: key(), shape: any.of(['heart', 'star', 'nonsense']), yarn: yarn(), round: n(), fromFront: n() }),
		() => ({ do: 'motif', piece: key(), rows: ['AB.', '...', 'B'], round: n() }),
		() => ({ do: 'resize', piece: key(), wider: n(), longer: n() }),
		() => ({ do: 'size', piece: key(), widthMm: Math.abs(n()) * 10, heightMm: Math.abs(n()) * 10 }),
		() => ({ do: 'shape', piece: key(), shape: any.of(['ball', 'egg', 'tube', 'cone', 'disc', 'nonsense']), widthMm: 80, heightMm: Math.abs(n()) }),
		() => ({ do: 'shift', piece: key(), layer: n(), rounds: n(), degrees: n() }),
		() => ({ do: 'front', piece: key(), degrees: n() }),
		() => ({ do: 'face', piece: key(), from: n(), to: n(), degrees: n() }),
		() => ({ do: 'crisp', piece: key(), round: n() }),
		() => ({ do: 'as-spiral', piece: key(), from: n() }),
		() => ({
			do: 'as-made',
			piece: key(),
			slips: [
				{ round: n(), has: n() },
				{ round: n(), has: any.whole(1, 40) },
			],
		}),
		() => ({ do: 'best', piece: key(), minds: any.of(['ends', 'yarn', 'front', 'none']) }),
		() => ({ do: 'best', piece: key(), weights: { ends: n(), metres: n(), shown: n() } }),
		() => ({
			do: 'part',
			part: any.of(['leg', 'arm', 'tail', 'ear', 'head', 'wing']),
			key: any.of(['ear', 'float', 'UPPER', `c${any.whole(1, 80)}`]),
			name: String(any.of(NASTY)),
		}),
		() => ({ do: 'copy', piece: key(), key: any.of(['ear', 'float', 'UPPER', `c${any.whole(1, 80)}`]), name: String(any.of(NASTY)) }),
		() => ({ do: 'words', terms: any.of(['us', 'uk', 'de']) }),
		() => ({ do: 'swatch', stitches: n(), widthMm: n(), rounds: n(), heightMm: n() }),
		() => ({ do: 'yarn', name: String(any.of(NASTY)) }),
		() => ({ do: 'lean', piece: key(), rounds: n(), stitches: n() }),
		() => ({ do: 'renumber', piece: key() }),
		() => ({ do: 'heed', piece: key(), line: n(), text: line() }),
		() => ({ do: 'spread', piece: key(), round: n(), count: n() }),
		() => ({ do: 'bobbles', piece: key(), layer: n() }),
		() => ({ do: 'cover', piece: key(), fit: any.of(['snug', 'loose', 'slip']), key: 'hat', name: 'Hat' }),
		() => ({
			do: 'set',
			values: [
				{
					at: any.of([
						['title'],
						['yarns', 'A', 'name'],
						['pieces', 'float', 'name'],
						['pieces', 'float', 'copies'],
						['gauge'],
						['yarnUse', 'basis'],
						['pieces', 'float', 'finish'],
						['pieces', 'float', 'changes', 'method'],
						['pieces', 'float', 'colours'],
						['pieces'],
						['format'],
						[],
						['a', 'b', 'c'],
					]),
					value: any.of(NASTY),
				},
			],
		}),
		() => ({
			do: 'set',
			values: [
				{
					at: ['pieces', 'float', 'colours'],
					value: Array.from({ length: any.whole(1, 5) }, () =>
						any.of([
							{ kind: 'fill', yarn: yarn() },
							{ kind: 'spots', yarn: yarn(), from: n(), to: n(), step: n(), count: n(), wide: n(), tall: n() },
							{ kind: 'helix', from: n(), to: n(), yarns: ['A', 'B'] },
							{ kind: 'blend', yarn: 'B', from: n(), to: n() },
							{ kind: 'hand', rounds: { [String(n())]: 'AB.' } },
						]),
					),
				},
			],
		}),
		() => ({ do: 'take', plan: damaged(plan('Taken', [piece('float', lines())])) }),
		() => ({ do: any.of(NASTY) }),
	];

	/** The same values with some of them changed by chance. */
	function damaged(value, share = 0.08) {
		if (any.next() < share) return any.of(NASTY);
		if (Array.isArray(value)) return value.flatMap((one) => (any.next() < share / 2 ? [] : [damaged(one, share)]));
		if (value !== null && typeof value === 'object') {
			const entries = Object.entries(value).filter(() => any.next() > share / 4);
			return Object.fromEntries([
				...entries.map(([name, one]) => [name, damaged(one, share)]),
				...(any.next() < share ? [[String(any.of(NASTY)).slice(0, 20), any.of(NASTY)]] : []),
			]);
		}
		return value;
	}

	const QUESTIONS = [
		'',
		'steps',
		'needed',
		'changes',
		'pattern',
		'best',
		'fits',
		'looks',
		'helix',
		'stitch',
		'meanings',
		'pattern',
		'file',
		'revision',
		'versions',
		'versions/1',
		'pieces/float',
		'pieces/%00',
		'nonsense',
	];
	const value = () =>
		encodeURIComponent(
			String(
				any.of([
					'float',
					'ear',
					'A',
					'AB',
					'A2B2',
					'1',
					'3',
					...NASTY.map((one) =>
						String(one)
							.slice(0, 200)
							.replace(/[\ud800-\udfff]/g, ''),
					),
				]),
			),
		);
	const query = () =>
		Array.from(
			{ length: any.whole(0, 4) },
			() =>
				`${any.of(['piece', 'round', 'from', 'to', 'sequence', 'yarns', 'stitch', 'line', 'weights', 'terms', 'group', 'copies', 'piece[]'])}=${value()}`,
		).join('&');

	return { NASTY, EDITS, QUESTIONS, lines, n, yarn, value, query, damaged };
}
