// Writes THIRD_PARTY_NOTICES.md: what ships to the browser, with the licences in full, and what the server uses. Run it when a package changes.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

const root = new URL('../', import.meta.url);
const json = (path) => JSON.parse(readFileSync(new URL(path, root), 'utf8'));

/** The packages that the page's own ones need, and those. */
const shipped = new Map();
const queue = Object.keys(json('package.json').dependencies);
for (let name = queue.shift(); name !== undefined; name = queue.shift()) {
	if (shipped.has(name) || !existsSync(new URL(`node_modules/${name}/package.json`, root))) continue;
	const { version, license, dependencies = {} } = json(`node_modules/${name}/package.json`);
	const folder = new URL(`node_modules/${name}/`, root);
	const file = readdirSync(folder).find((entry) => /^licen[cs]e/i.test(entry));
	shipped.set(name, { version, license, text: file === undefined ? '' : readFileSync(new URL(file, folder), 'utf8').trim() });
	// Types are no part of what ships.
	queue.push(...Object.keys(dependencies).filter((one) => !one.startsWith('@types/')));
}
const byText = new Map();
for (const [name, { version, license, text }] of [...shipped].sort(([a], [b]) => (a < b ? -1 : 1))) {
	const key = text === '' ? `Licence: ${license}` : text;
	byText.set(key, [...(byText.get(key) ?? []), `${name} ${version} (${license})`]);
}
const server = json('vendor/composer/installed.json')
	.packages.filter(({ name, type }) => !name.startsWith('alternum/') && type !== 'metapackage')
	.filter(({ name }) => !json('vendor/composer/installed.json')['dev-package-names'].includes(name))
	.map(({ name, license }) => `- ${name} (${license.join(', ')})`)
	.sort();
const lines = [
	'# Third-party notices',
	'',
	'Written by `node web/notices.mjs`.',
	'',
	'## In the page',
	'',
	...[...byText].flatMap(([text, names]) => [...names.map((name) => `- ${name}`), '', '```', ...text.split('\n').map((line) => line.trimEnd()), '```', '']),
	'## On the server',
	'',
	'Installed beside Alternum, each with its own licence file in `vendor/`.',
	'',
	...server,
	'',
];
writeFileSync(new URL('THIRD_PARTY_NOTICES.md', root), lines.join('\n'));
