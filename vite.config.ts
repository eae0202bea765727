import { parse } from '@formatjs/icu-messageformat-parser';
import babel from '@rolldown/plugin-babel';
import tailwindcss from '@tailwindcss/vite';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** The words of the screens as they are once read, so that the page needs no reader of messages. */
const messages = (): Plugin => ({
	name: 'messages',
	enforce: 'pre',
	transform(code, id) {
		if (!/words(\.bench|\.make|\.workshop|\.guest)?\.en\.json$/.test(id)) return null;
		const words = Object.entries(JSON.parse(code) as Record<string, string>);
		return JSON.stringify(Object.fromEntries(words.map(([word, text]) => [word, /['{]/.test(text) ? parse(text, { captureLocation: false }) : text])));
	},
});

export default defineConfig({
	// What a component shows is made anew only where what it shows is another: by the compiler, not by hand.
	plugins: [messages(), react(), babel({ presets: [reactCompilerPreset()] }), tailwindcss()],
	resolve: { alias: { '@formatjs/icu-messageformat-parser': '@formatjs/icu-messageformat-parser/no-parser.js' } },
	base: '/build/',
	publicDir: false,
	build: {
		outDir: 'public/build',
		emptyOutDir: true,
		manifest: true,
		assetsInlineLimit: 0,
		modulePreload: { polyfill: false },
		rolldownOptions: { input: ['web/src/main.tsx', 'web/src/making/main.tsx'] },
	},
});
