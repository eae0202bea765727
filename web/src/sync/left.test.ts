// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Server } from '../test/planServer';
import { saveLeft } from './left';
import { hold, keepUnsaved } from './unsaved';

let server: Server;
beforeEach(() => {
	server = Server.begun();
});
afterEach(Server.end);

const title = (id: string, value: string) => ({ id, group: id, edit: { do: 'set' as const, values: [{ at: ['title'], value }] } });

it('saves what a closed window left, and tells what of it could not be done', async () => {
	keepUnsaved('P', { revision: 1, operations: [title('one', 'Kept'), title('two', 'refuse me')] });
	const refused = await saveLeft('P');
	expect(server.plan.title).toBe('Kept');
	expect(refused).toMatchObject([{ id: 'two', detail: 'no', mend: 'other' }]);
	expect(localStorage).toHaveLength(0);
	expect(await saveLeft('P')).toEqual([]);
});

it('leaves it where it is when the plan has changed since', async () => {
	server.revision = 5;
	keepUnsaved('P', { revision: 1, operations: [title('one', 'Late')] });
	await expect(saveLeft('P')).rejects.toThrow('no');
	expect(localStorage).toHaveLength(1);
});

it('keeps what was done on the opened plan while what was left is still on its way', async () => {
	keepUnsaved('P', { revision: 1, operations: [title('one', 'Left')] });
	let times = 0;
	let close = () => undefined as unknown;
	vi.stubGlobal('fetch', (request: Request) => {
		times += 1;
		// The plan is opened meanwhile: it takes over what was left, and goes on.
		close = hold('P');
		keepUnsaved('P', { revision: 1, operations: [title('one', 'Left'), title('two', 'Since')] });
		return server.answer(request);
	});
	await saveLeft('P');
	close();
	// What is still being done there is sent from there, and from nowhere else.
	expect([times, server.plan.title]).toEqual([1, 'Left']);
	const [kept] = Object.values({ ...localStorage }).map((text) => JSON.parse(String(text)));
	expect(kept).toMatchObject({ revision: 2, operations: [{ id: 'two' }] });
});
