// @vitest-environment node
import { readdirSync, readFileSync } from 'node:fs';
import { IntlMessageFormat } from 'intl-messageformat';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import bench from '../words.bench.en.json';
import shelf from '../words.en.json';
import guest from '../words.guest.en.json';
import make from '../words.make.en.json';
import workshop from '../words.workshop.en.json';
import { inRow, listed, say } from './say';

const words = { ...shelf, ...bench, ...make, ...workshop, ...guest };
const ROOT = new URL('..', import.meta.url);
const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name) && !/\.test\.|generated|^test/.test(name));

const sources = files.map((name) => ({
	name,
	tree: ts.createSourceFile(
		name,
		readFileSync(new URL(name, ROOT), 'utf8'),
		ts.ScriptTarget.Latest,
		true,
		name.endsWith('x') ? ts.ScriptKind.TSX : undefined,
	),
}));

function walk(node: ts.Node, visit: (node: ts.Node) => void): void {
	visit(node);
	ts.forEachChild(node, (child) => walk(child, visit));
}

/** The words that are said by a call, one or the other. */
function wordsIn(node: ts.Expression | undefined): string[] {
	if (node === undefined) return [];
	if (ts.isParenthesizedExpression(node)) return wordsIn(node.expression);
	if (ts.isConditionalExpression(node)) return [...wordsIn(node.whenTrue), ...wordsIn(node.whenFalse)];
	return ts.isStringLiteral(node) ? [node.text] : [];
}

/** What a message wants to be given, whatever it chooses. */
function wanted(message: string): string[] {
	const names = new Set<string>();
	const look = (value: unknown): void => {
		if (Array.isArray(value)) value.forEach(look);
		else if (typeof value === 'object' && value !== null) {
			// Literals (0) and the sign for a plural's own figure (7) name nothing.
			if ('type' in value && 'value' in value && typeof value.value === 'string' && value.type !== 0 && value.type !== 7) names.add(value.value);
			Object.values(value).forEach(look);
		}
	};
	look(new IntlMessageFormat(message, 'en-GB').getAst());
	return [...names].sort();
}

describe('the words of the screens', () => {
	it('are said with all that they want, and none is left over', () => {
		const used = new Set<string>();
		const wrong: string[] = [];
		for (const { name, tree } of sources)
			walk(tree, (node) => {
				if (!ts.isCallExpression(node) || !/^say(With)?$/.test(node.expression.getText())) return;
				const [word, values] = node.arguments;
				const given =
					values !== undefined && ts.isObjectLiteralExpression(values) ? values.properties.map((property) => property.name?.getText() ?? '') : [];
				for (const said of wordsIn(word)) {
					used.add(said);
					const wants = wanted(words[said as keyof typeof words]);
					if (JSON.stringify(given.sort()) !== JSON.stringify(wants)) wrong.push(`${name}: ${said} wants ${wants}, and is given ${given}`);
				}
			});
		expect(wrong).toEqual([]);
		expect(Object.keys(words).filter((word) => !used.has(word))).toEqual([]);
	});

	it('are known wherever they are said: what is there from the beginning says those of the shelf, what is fetched later may bring its own', () => {
		const path = (from: string, to: string) => {
			const name = new URL(to, new URL(from, ROOT)).pathname.slice(ROOT.pathname.length);
			return [`${name}.ts`, `${name}.tsx`, name].find((file) => sources.some((source) => source.name === file));
		};
		const modules = new Map(
			sources.map(({ name, tree }) => {
				const is = { now: [] as string[], later: [] as string[], says: [] as string[] };
				walk(tree, (node) => {
					if ((ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) && node.moduleSpecifier !== undefined) {
						const isType = ts.isImportDeclaration(node) ? node.importClause?.isTypeOnly === true : node.isTypeOnly;
						const to = isType ? undefined : path(name, (node.moduleSpecifier as ts.StringLiteral).text);
						if (to !== undefined) is.now.push(to);
					}
					if (ts.isCallExpression(node) && node.expression.kind === ts.SyntaxKind.ImportKeyword) {
						const to = path(name, (node.arguments[0] as ts.StringLiteral).text);
						if (to !== undefined) is.later.push(to);
					}
					if (ts.isStringLiteral(node) && node.text in words && !ts.isImportDeclaration(node.parent)) is.says.push(node.text);
				});
				return [name, is] as const;
			}),
		);
		const reached = (from: string, all = new Set<string>()): Set<string> => {
			if (!all.has(from)) {
				all.add(from);
				for (const to of modules.get(from)?.now ?? []) reached(to, all);
			}
			return all;
		};
		/** What a module brings along when it is loaded. */
		const brought: Record<string, object> = {
			'ui/shelfWords.ts': shelf,
			'ui/benchWords.ts': bench,
			'making/makeWords.ts': make,
			'ui/workshopWords.ts': workshop,
			'ui/guestWords.ts': guest,
		};
		const seen = new Set<string>();
		const unknown: string[] = [];
		/** Looks at a module and all that is loaded with it, then at what these fetch later, which knows what they know. */
		const look = (from: string, before: ReadonlySet<string>): void => {
			if (seen.has(from)) return;
			seen.add(from);
			const loaded = [...reached(from)];
			const known = new Set([...before, ...loaded.flatMap((name) => Object.keys(brought[name] ?? {}))]);
			for (const name of loaded) {
				unknown.push(...(modules.get(name)?.says ?? []).filter((word) => !known.has(word)).map((word) => `${name}: ${word}`));
			}
			for (const name of loaded) for (const later of modules.get(name)?.later ?? []) look(later, known);
		};
		for (const page of ['main.tsx', 'making/main.tsx']) look(page, new Set());
		expect(seen.has('bench/BenchPage.tsx') && seen.has('making/panels/More.tsx')).toBe(true);
		expect(unknown).toEqual([]);
	});

	it('stand in their file alone', () => {
		const SAID = /^(label|aria-label|title|says|placeholder|unit|more|does|alt|aria-valuetext)$/;
		// Rounds as they are typed are the notation's, and the product's name is its own.
		const isWord = (text: string) => /\p{L}{2}/u.test(text) && !/^(R\d: .*|Alternum)$/.test(text.trim());
		const found: string[] = [];
		for (const { name, tree } of sources)
			walk(tree, (node) => {
				const isSaid = ts.isJsxText(node) || (ts.isStringLiteral(node) && ts.isJsxAttribute(node.parent) && SAID.test(node.parent.name.getText()));
				if (isSaid && isWord(node.text)) found.push(`${name}: ${node.text.trim()}`);
			});
		expect(found).toEqual([]);
	});

	it('follow numbers, choices and lists', () => {
		expect(say('common.countedRounds', { rounds: 1 })).toBe('1 round');
		expect(say('common.countedRounds', { rounds: 1200 })).toBe('1,200 rounds');
		expect(say('changes.summary', { changes: 4, within: 0, showing: 1, lies: 'no' })).toBe('4 changes; 1 jog shows at the front');
		expect(say('changes.summary', { changes: 4, within: 2, showing: 0, lies: 'no' })).toBe('4 changes, 2 of them within rounds; no jog shows at the front');
		expect(listed(['A', 'B', 'C'])).toBe('A, B and C');
		expect(inRow(['A 3', 'B 4'])).toMatch(/^A 3,? B 4$/);
	});
});
