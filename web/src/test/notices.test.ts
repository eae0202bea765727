import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';

test('every package that ships has its notice, of the version that ships', () => {
	const notices = readFileSync('THIRD_PARTY_NOTICES.md', 'utf8');
	const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as { dependencies: Record<string, string> };
	const missing = Object.entries(dependencies).filter(([name, version]) => !notices.includes(`- ${name} ${version} (`));
	expect(missing).toEqual([]);
});
