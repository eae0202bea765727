import './print.css';
import { flushSync } from 'react-dom';
import { createRoot, type Root } from 'react-dom/client';
import { say } from '../../ui/say';
import { type Pattern, Printed } from './Printed';

/**
 * Whatever way a page is printed, by key, button or the browser's menu: what comes out is the written pattern, and nothing of the bench. A browser waits
 * for nobody then, so what is not there yet is asked for at once.
 *
 * @param revision of the plan, that what is printed is to be of; where it is not, or edits are on their way, the paper says so
 * @param isSaved  whether all edits are in that revision
 *
 * @returns ends it
 */
export function printing(plan: string, revision: () => number, isSaved: () => boolean): () => void {
	let known: { revision: number; pattern: Pattern } | undefined;
	let root: Root | undefined;
	const at = `/api/plans/${plan}/pattern`;

	async function prepare() {
		const of = revision();
		if (known?.revision === of) return;
		const answer = await fetch(at).catch(() => undefined);
		if (answer?.ok) known = { revision: of, pattern: (await answer.json()) as Pattern };
	}
	/** What is known of it then: the newest that could be had. */
	function now(): typeof known {
		const of = revision();
		if (known?.revision === of) return known;
		const request = new XMLHttpRequest();
		request.open('GET', at, false);
		try {
			request.send();
		} catch {
			return known;
		}
		if (request.status === 200) known = { revision: of, pattern: JSON.parse(request.responseText) as Pattern };
		return known;
	}
	function begin() {
		const printed = now();
		const paper = document.createElement('div');
		paper.id = 'print';
		document.body.append(paper);
		root = createRoot(paper);
		const isNewest = printed?.revision === revision() && isSaved();
		flushSync(() => root?.render(printed === undefined ? <p>{say('print.notThere')}</p> : <Printed pattern={printed.pattern} isNewest={isNewest} />));
	}
	function end() {
		root?.unmount();
		root = undefined;
		document.getElementById('print')?.remove();
	}
	// Ctrl or ⌘ is pressed before the P.
	const press = ({ key }: KeyboardEvent) => {
		if (key === 'Control' || key === 'Meta') void prepare();
	};
	addEventListener('beforeprint', begin);
	addEventListener('afterprint', end);
	addEventListener('keydown', press);
	return () => {
		end();
		removeEventListener('beforeprint', begin);
		removeEventListener('afterprint', end);
		removeEventListener('keydown', press);
	};
}
