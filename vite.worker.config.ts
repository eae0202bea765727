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

const files = [...new Set(filesOf('web/src/making/main.tsx'))].map((file) => `/build/${file}`);
// The names of the files change with what is in them; the page changes with their names.
const kept = [
	...files.map((url) => ({ url, revision: null })),
	{ url: '/make', revision: createHash('sha256').update(files.join()).update(readFileSync('templates/page.html.twig')).digest('hex').slice(0, 12) },
	{ url: '/mark.svg', revision: createHash('sha256').update(readFileSync('public/mark.svg')).digest('hex').slice(0, 12) },
];

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
