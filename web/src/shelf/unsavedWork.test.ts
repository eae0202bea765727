import { afterEach, beforeEach, expect, it } from 'vitest';
import { keepUnsaved } from '../bench/unsaved';
import { Server } from '../test/planServer';
import { saveLeft } from './unsavedWork';

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
