import { defineConfig } from '@playwright/test';
import { plainOptions } from './e2e/browser.mjs';

/** Drives the real pages over the server that bin/test starts; its address is in ALTERNUM_URL. */
export default defineConfig({
	testDir: 'e2e',
	testMatch: '*.spec.ts',
	outputDir: 'var/e2e',
	workers: 3,
	fullyParallel: true,
	forbidOnly: true,
	// Two cores and software rendering: a busy machine is slow, which is no fault of the page.
	timeout: 90_000,
	expect: { timeout: 15_000 },
	retries: process.env.CI === undefined ? 0 : 1,
	reporter: [['list']],
	use: {
		baseURL: process.env.ALTERNUM_URL ?? 'http://127.0.0.1:8420',
		viewport: { width: 1280, height: 800 },
		launchOptions: plainOptions,
		// Each test has a browser of its own, in which the pages would be kept anew.
		serviceWorkers: 'block',
	},
});
