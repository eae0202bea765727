import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { defineConfig } from 'vite';

interface Part {
	file: string;
	css?: string[];
	assets?: string[];
	imports?: string[];
	dynamicImports?: string[];
}

const manifest = JSON.parse(readFileSync('public/build/.vite/manifest.json', 'utf8')) as Record<string, Part>;

/** The files of a part and of all that it may fetch. */
function filesOf(name: string, seen = new Set<string>()): string[] {
	const part = manifest[name];
	if (part === undefined || seen.has(name)) return [];
	seen.add(name);
	const more = [...(part.imports ?? []), ...(part.dynamicImports ?? [])];
	return [part.file, ...(part.css ?? []), ...(part.assets ?? []), ...more.flatMap((one) => filesOf(one, seen))];
}

const printOf = (...of: (string | Buffer)[]) =>
	of
		.reduce((hash, one) => hash.update(one), createHash('sha256'))
		.digest('hex')
		.slice(0, 12);

/** A page and all that it may fetch. The names of the files change with what is in them; the page changes with their names. */
function pageOf(shell: string, ...names: string[]) {
	const files = [...new Set(names.flatMap((name) => filesOf(name)))].map((file) => `/build/${file}`);
	const print = printOf(files.join(), readFileSync('templates/page.html.twig'));
	const mark = { url: '/mark.svg', revision: printOf(readFileSync('public/mark.svg')) };
	return { print, files: [...files.map((url) => ({ url, revision: null })), { url: shell, revision: print }, mark] };
}

const kept = { make: pageOf('/make', 'web/src/making/main.tsx'), bench: pageOf('/bench', 'web/src/main.tsx') };

/** The service worker, as one file beside what it keeps: after `vite build`, of which it reads the names. */
export default defineConfig({
	publicDir: false,
	define: { KEPT: JSON.stringify(kept), 'process.env.NODE_ENV': '"production"' },
	build: {
		outDir: 'public/build',
		emptyOutDir: false,
		lib: { entry: 'web/src/offline/worker.ts', formats: ['iife'], name: 'worker', fileName: () => 'worker.js' },
	},
});
