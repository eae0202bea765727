import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [react()],
	test: { environment: 'node', setupFiles: 'web/src/ui/benchWords.ts', include: ['web/src/**/*.test.{ts,tsx}'], restoreMocks: true },
});
