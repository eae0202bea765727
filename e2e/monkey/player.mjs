// Plays acts on the pages, keeps the model beside, and holds page, server and model against one another.
import { STATIONS } from '../stations.mjs';
import { Model } from './model.mjs';

const WAIT = 20_000;
const late = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const MOST_COPIES = 3;

export class Player {
	constructor(browser, url) {
		this.browser = browser;
		this.url = url;
		this.errors = [];
		this.delay = 0;
		this.loses = 0;
		this.isTranslating = false;
	}

	async begin() {
		this.context = await this.browser.newContext({ viewport: { width: 1280, height: 800 } });
		await this.open();
		await this.page.goto(this.url);
		await this.page.getByRole('link', { name: 'Harbour buoy' }).click();
		await this.seen();
		this.id = this.page.url().split('/plan/')[1].split('/')[0];
		this.model = new Model(planOf(await this.server()));
	}

	end() {
		return this.context.close();
	}

	async open() {
		this.page = await this.context.newPage();
		this.page.on('console', (message) => {
			if (message.type() === 'error' && !/Failed to load resource|net::ERR/.test(message.text())) this.errors.push(message.text());
		});
		this.page.on('pageerror', (error) => this.errors.push(error.message));
		// Every request is late, and every answer: what was worked out first may come last.
		await this.page.route('**/api/**', async (route) => {
			const isSave = route.request().method() === 'POST' && route.request().url().includes('/operations');
			try {
				await late(this.delay * Math.random());
				if (this.loses > 0 && isSave) {
					this.loses--;
					// It is saved, and nobody hears of it.
					await route.fetch();
					await route.abort();
				} else if (this.delay > 0) {
					const response = await route.fetch();
					await late(this.delay * Math.random());
					await route.fulfill({ response });
				} else await route.continue();
			} catch {
				// The window was closed, or the connection taken away: nobody answers.
				await route.abort().catch(() => undefined);
			}
		});
	}

	seen = () => this.page.locator('button[data-round="1"]').waitFor({ state: 'attached', timeout: WAIT });
	round = (n) => this.page.locator(`button[data-round="${n}"]`);
	leaveField = () => this.page.evaluate(() => document.activeElement instanceof HTMLElement && document.activeElement.blur());
	line = (n) => this.page.locator('[aria-label="Rounds, a line each"] .cm-line').nth(n - 1);
	server = async () => (await this.context.request.get(`${this.url}/api/plans/${this.id}`)).json();

	async station(name) {
		await this.page
			.getByRole('navigation', { name: 'Stations' })
			.getByRole('button', { name: new RegExp(`^${STATIONS[name]}`) })
			.click();
	}

	async play(act) {
		const { page, model } = this;
		if (this[`do_${act.does}`] !== undefined) await this[`do_${act.does}`](act);
		else if (act.does === 'station') await this.station(act.name);
		else if (act.does === 'view') await page.getByRole('toolbar', { name: 'View of the piece' }).getByRole('button', { name: act.name }).click();
		else if (act.does === 'slow') this.delay = act.ms;
		else if (act.does === 'lose') this.loses = 1;
		else throw new Error(`There is no act “${act.does}”.`);
		return model;
	}

	async do_title({ to }) {
		await this.page.getByLabel('The plan’s title').fill(to);
		this.model.do((plan) => {
			plan.title = to;
		});
	}

	async do_yarn({ key, to }) {
		await this.station('yarns');
		await this.page.getByLabel(`Name of yarn ${key}`).fill(to);
		this.model.do((plan) => {
			plan.yarns[key] = to;
		});
	}

	/** A remark after a line's words, which changes nothing of its stitches. */
	async do_line({ line, to }) {
		// It is typed in the terms that are seen, and which those are is settled before.
		if (this.isTranslating) await this.saved();
		const words = `${this.model.plan.lines[line - 1].replace(/ #.*$/, '')} ${to}`;
		// As a hand does it: what is written into the page past its keys may meet an answer half way.
		await this.line(line).click();
		await this.page.keyboard.press('End');
		await this.page.keyboard.press('Shift+Home');
		await this.page.keyboard.insertText(words);
		this.typed(line, words);
	}

	async do_letters({ line, to }) {
		await this.line(line).click();
		await this.page.keyboard.press('End');
		const before = this.model.plan.lines[line - 1];
		const added = `${before.includes('#') ? ' ' : ' # '}${to}`;
		await this.page.keyboard.type(added);
		this.typed(line, before + added);
	}

	typed(line, words) {
		this.model.do((plan) => {
			plan.lines[line - 1] = words;
		});
	}

	async do_paint({ from, over, yarn }) {
		await this.round(from).click();
		if (over > 0) await this.round(from + over).click({ modifiers: ['Shift'] });
		await this.page.keyboard.press(yarn.toLowerCase());
		this.model.do((plan) => {
			for (let n = from; n <= from + over; n++) plan.rounds[n - 1] = yarn;
		});
	}

	/** All lines into the other terms, as typing and copying may go on at once. A second time is not offered before the first is made. */
	async do_translate() {
		if (this.isTranslating) await this.saved();
		await this.page.getByRole('button', { name: 'Plan', exact: true }).click();
		await this.page.getByRole('menuitem', { name: /, terms, units/ }).click();
		const dialog = this.page.getByRole('dialog', { name: 'The whole plan' });
		await dialog.getByRole('button', { name: /^Translate/ }).click();
		await dialog.getByRole('button', { name: 'Done' }).click();
		this.isTranslating = true;
		const other = { sc: 'dc', dc: 'sc' };
		this.model.do((plan) => {
			const said = (lines) => lines.map((line) => line.replace(/\b[sd]c\b/g, (stitch) => other[stitch]));
			plan.lines = said(plan.lines);
			plan.copies = plan.copies.map(said);
		});
	}

	/** The piece once more, with what was typed just now; a few of them. */
	async do_copy() {
		if (this.model.plan.copies.length >= MOST_COPIES) return;
		await this.page.getByRole('button', { name: 'More about pieces' }).click();
		await this.page.getByRole('menuitem', { name: /^Duplicate/ }).click();
		await this.page.getByRole('tab', { name: 'Float', exact: true }).click();
		this.model.do((plan) => {
			plan.copies.push([...plan.lines]);
		});
	}

	async do_pick({ round }) {
		await this.round(round).click();
	}

	async do_undo() {
		await this.leaveField();
		await this.page.keyboard.press('Control+z');
		this.model.undo();
	}

	async do_redo() {
		await this.leaveField();
		await this.page.keyboard.press('Control+Shift+Z');
		this.model.redo();
	}

	async do_offline({ ms }) {
		await this.context.setOffline(true);
		setTimeout(() => void this.context.setOffline(false).catch(() => undefined), ms);
	}

	/** The window goes without a word, in the middle of whatever it does. */
	async do_kill() {
		const { page } = this;
		await this.context.setOffline(false);
		await page.close();
		await this.open();
		await this.page.goto(`${this.url}/plan/${this.id}/colours`);
		await this.seen();
		this.model.forget();
	}

	async do_reload() {
		await this.context.setOffline(false);
		await this.page.reload();
		await this.seen();
		this.model.forget();
	}

	async do_shelf() {
		await this.context.setOffline(false);
		await this.page.getByRole('link', { name: 'Back to the shelf' }).click();
		await this.page.locator(`a[href^="/plan/${this.id}"]`).click();
		await this.seen();
		this.model.forget();
	}

	/** Another window changes the title while this one rests. */
	async do_other({ to }) {
		await this.saved();
		const other = await this.context.newPage();
		await other.goto(`${this.url}/plan/${this.id}/colours`);
		await other.getByLabel('The plan’s title').fill(to);
		await other.getByText('Saved', { exact: true }).waitFor({ timeout: WAIT });
		await other.close();
		await this.page.getByRole('button', { name: 'Show it as it is now' }).click({ timeout: WAIT });
		this.model.takeOver((plan) => {
			plan.title = to;
		});
		await this.saved();
	}

	async do_rest() {
		await this.saved();
		await this.compare();
	}

	async saved() {
		await this.context.setOffline(false);
		[this.delay, this.loses] = [0, 0];
		await this.page.getByText('Saved', { exact: true }).waitFor({ timeout: WAIT });
		this.isTranslating = false;
	}

	/** What the page shows, what waits in the browser, and what the server has: told where something differs. */
	async described() {
		const safely = async (what, ask) => {
			try {
				return `${what}: ${JSON.stringify(await ask())}`;
			} catch (error) {
				return `${what}: ${error.message}`;
			}
		};
		const { page } = this;
		return [
			await safely('the page is at', async () => page.url()),
			await safely('it says', () => page.locator('output').allTextContents()),
			await safely('its bars', () => page.locator('header section[aria-label]').allTextContents()),
			await safely('its title', () => page.getByLabel('The plan’s title').inputValue({ timeout: 500 })),
			await safely('what waits', () => page.evaluate(() => Object.entries(localStorage).filter(([key]) => key.startsWith('alternum.unsaved')))),
			await safely('the server has', async () => {
				const { revision, ...opened } = await this.server();
				return { revision, ...planOf(opened) };
			}),
			await safely('the model', async () => this.model?.plan),
		].join('\n');
	}

	/** @throws where page, server and model differ */
	async compare() {
		const want = JSON.stringify(this.model.plan);
		const server = JSON.stringify(planOf(await this.server()));
		if (server !== want) throw new Error(`The server has\n${server}\nand should have\n${want}`);
		const onPage = async () =>
			JSON.stringify({
				title: await this.page.getByLabel('The plan’s title').inputValue(),
				lines: await this.page.locator('[aria-label="Rounds, a line each"] .cm-line').allTextContents(),
				rounds: (await this.page.locator('button[data-round] .heard').allTextContents()).map((says) => /yarn (.)$/.exec(says)?.[1] ?? says),
			});
		const { title, lines, rounds } = this.model.plan;
		const shown = JSON.stringify({ title, lines, rounds });
		let seen = '';
		for (let tries = 0; tries < 40 && seen !== shown; tries++) {
			if (tries > 0) await new Promise((resolve) => setTimeout(resolve, 50));
			seen = await onPage();
		}
		if (seen !== shown) throw new Error(`The page shows\n${seen}\nand should show\n${shown}`);
		if (this.errors.length > 0) throw new Error(`The page logged: ${this.errors.join(' | ')}`);
	}
}

/** The part of a plan that the model reckons with. */
function planOf({ plan, analysis }) {
	return {
		title: plan.title,
		lines: plan.pieces[0].rounds,
		copies: plan.pieces.slice(2).map(({ rounds }) => rounds),
		yarns: Object.fromEntries(plan.yarns.map(({ key, name }) => [key, name])),
		rounds: analysis.pieces[0].rounds.map(({ runs }) => (/^.\d+$/.test(runs) ? runs[0] : runs)),
	};
}
