// Saves go on while the server's PHP is killed at random. Run by bin/test, before the browser tests, on their server.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { manyMakers, saveWhileKilled } from '../bin/lib/makers.mjs';

const { ALTERNUM_URL: url, ALTERNUM_FPM_PID: pidFile } = process.env;

test('no save that was acknowledged is lost while PHP is killed, and none is made twice', async () => {
	const { kills, wrong, rounds, expected } = await saveWhileKilled(url, pidFile, 50);
	assert.ok(kills > 5, `PHP was killed ${kills} times`);
	assert.equal(wrong, 0);
	assert.equal(rounds, expected);
});

test('no connection of 200 makers is broken', async () => {
	const { broken, repeated, saves } = await manyMakers(url, { makers: 200, seconds: 6 });
	assert.ok(saves > 200, `${saves} saves`);
	assert.deepEqual({ broken, repeated }, { broken: 0, repeated: 0 });
});
