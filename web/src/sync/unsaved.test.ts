// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepUnsaved, takeUnsaved } from './unsaved';

const renumber = (id: string) => ({ id, group: 'group-1', edit: { do: 'renumber' as const, piece: 'body' } });
const leave = (owner: string, at: number, title: string) =>
	localStorage.setItem(`alternum.unsaved.P.${owner}`, JSON.stringify({ revision: 3, operations: [renumber(title)], at }));

describe('unsaved work', () => {
	beforeEach(() => {
		localStorage.clear();
		vi.unstubAllGlobals();
	});

	it('is kept, taken over and forgotten', async () => {
		keepUnsaved('P', { revision: 2, operations: [renumber('one')] });
		expect(await takeUnsaved('Q')).toBeNull();
		expect(await takeUnsaved('P')).toMatchObject({ revision: 2, operations: [renumber('one')] });
		keepUnsaved('P', null);
		expect(localStorage).toHaveLength(0);
		expect(await takeUnsaved('P')).toBeNull();
	});

	it('takes the newest of several windows that are gone', async () => {
		leave('one', 10, 'older');
		leave('two', 20, 'newer');
		expect((await takeUnsaved('P'))?.operations[0]?.id).toBe('newer');
		expect(Object.keys(localStorage).filter((key) => key.endsWith('.two'))).toEqual([]);
	});

	it('takes over another window’s without losing its own', async () => {
		keepUnsaved('P', { revision: 1, operations: [renumber('own')] });
		leave('gone', Date.now() + 1000, 'other');
		expect((await takeUnsaved('P'))?.operations[0]?.id).toBe('other');
		keepUnsaved('P', null);
		expect((await takeUnsaved('P'))?.operations[0]?.id).toBe('own');
	});

	it('leaves alone what a living window keeps', async () => {
		leave('alive', 30, 'theirs');
		leave('gone', 10, 'left');
		const request = async (name: string, _options: unknown, run: (lock: unknown) => Promise<boolean>) => run(name.endsWith('alive') ? null : {});
		vi.stubGlobal('navigator', { locks: { request } });
		expect((await takeUnsaved('P'))?.operations[0]?.id).toBe('left');
		expect(localStorage.getItem('alternum.unsaved.P.alive')).not.toBeNull();
	});

	it('is not stopped by what it cannot read', async () => {
		localStorage.setItem('alternum.unsaved.P.broken', '{');
		expect(await takeUnsaved('P')).toBeNull();
	});

	it('says when the browser keeps nothing', () => {
		const full = {
			...localStorage,
			setItem: () => {
				throw new DOMException('full', 'QuotaExceededError');
			},
			removeItem: () => undefined,
		};
		vi.stubGlobal('localStorage', full);
		expect(keepUnsaved('P', { revision: 2, operations: [renumber('one')] })).toBe(false);
		expect(keepUnsaved('P', null)).toBe(true);
	});
});
