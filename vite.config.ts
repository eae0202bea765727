import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [react(), tailwindcss()],
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
