import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [react()],
	test: {
		environment: 'node',
		setupFiles: ['web/src/ui/shelfWords.ts', 'web/src/ui/benchWords.ts', 'web/src/making/makeWords.ts'],
		include: ['web/src/**/*.test.{ts,tsx}'],
		restoreMocks: true,
	},
});
