import babel from '@rolldown/plugin-babel';
import tailwindcss from '@tailwindcss/vite';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
	// What a component shows is made anew only where what it shows is another: by the compiler, not by hand.
	plugins: [react(), babel({ presets: [reactCompilerPreset()] }), tailwindcss()],
	base: '/build/',
	publicDir: false,
	build: {
		outDir: 'public/build',
		emptyOutDir: true,
		manifest: true,
		assetsInlineLimit: 0,
		modulePreload: { polyfill: false },
		rolldownOptions: { input: 'web/src/main.tsx' },
	},
});
