// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { PlanProblem } from '../api/types';
import { openDraft } from '../sync/draft';
import { Server, settle, typed } from '../test/planServer';
import { mend } from './Mends';

const fix = { label: 'Make it 7', column: 1, length: 1, text: '7' };
const trouble: PlanProblem = { message: 'One too few.', severity: 'error', mend: 'Make it 7.', piece: 'body', line: 1, fixes: [fix] };

describe('a mend', () => {
	let server: Server;
	beforeEach(() => {
		server = Server.begun();
		server.plan = { ...server.plan, pieces: server.plan.pieces.map((piece) => ({ ...piece, rounds: ['6 sc in MR (7)'] })) };
	});
	afterEach(Server.end);

	it('is made where the line is as it was read', async () => {
		const opened = server.opened();
		const draft = openDraft({ ...opened, analysis: { ...opened.analysis, problems: [trouble] } });
		mend(draft, trouble, fix);
		expect(draft.lines('body')).toEqual(['7 sc in MR (7)']);
	});

	it('is none where other words stand there now, or it is no trouble any more', async () => {
		const opened = server.opened();
		const draft = openDraft({ ...opened, analysis: { ...opened.analysis, problems: [trouble] } });
		draft.edit(typed('other words'), 'type body 0');
		mend(draft, trouble, fix);
		expect(draft.lines('body')).toEqual(['other words']);
		await settle();
		mend(draft, trouble, fix);
		expect(draft.lines('body')).toEqual(['other words']);
	});
});
