import type { Browser, Page } from '@playwright/test';
import { expect, openPlan, saved, test } from './bench';
import { make } from './making';

const PASSWORD = 'lantern harbour mitten';
/** Each test's people are its own. */
const named = (name: string) => `${name} ${Math.random().toString(36).slice(2, 10)}`;

async function another(browser: Browser): Promise<Page> {
	return (await browser.newContext({ serviceWorkers: 'block' })).newPage();
}

async function openAccount(page: Page): Promise<void> {
	await page.goto('/');
	await page.getByRole('button', { name: 'Account' }).click();
	await expect(page.getByRole('dialog')).toBeVisible();
}

/** The fields under a folded heading. */
const folded = (page: Page, title: string) => page.getByRole('dialog').locator('details').filter({ hasText: title });

/** Makes an account for what is open there; its recovery codes. */
async function begin(page: Page, name: string): Promise<string[]> {
	await openAccount(page);
	const form = folded(page, 'Make an account');
	await form.getByText('Make an account').click();
	await form.getByLabel('Name').fill(name);
	await form.getByLabel('Password', { exact: true }).fill('mitten');
	await form.getByRole('button', { name: 'Make it' }).click();
	await expect(form.getByRole('alert')).toContainText('it has 6 characters');
	await form.getByLabel('Password', { exact: true }).fill(PASSWORD);
	await form.getByRole('button', { name: 'Make it' }).click();
	const codes = page.getByRole('region', { name: 'Your recovery codes' }).getByRole('listitem');
	await expect(codes).toHaveCount(8);
	const written = await codes.allTextContents();
	await page.getByRole('button', { name: 'I have them' }).click();
	await expect(page.getByText(`Signed in as ${name}`)).toBeVisible();
	return written;
}

async function signIn(page: Page, name: string, password: string): Promise<void> {
	const form = page.getByRole('dialog').locator('form').first();
	await form.getByLabel('Name').fill(name);
	await form.getByLabel('Password', { exact: true }).fill(password);
	await form.getByRole('button', { name: 'Sign in' }).click();
}

/** An invitation, made in the account's dialog. */
async function invitation(page: Page, may: string): Promise<string> {
	await page.getByLabel('They may').selectOption(may);
	await page.getByRole('button', { name: 'Make an invitation' }).click();
	return page.getByLabel('The invitation').inputValue();
}

test('a name and a password open the workshop anywhere, and a code replaces a password that is forgotten', async ({ page, browser }) => {
	await openPlan(page, 'Harbour buoy');
	await page.getByLabel('The plan’s title').fill('Known by its maker');
	await saved(page);
	const name = named('Rosa');
	const codes = await begin(page, name);

	const other = await another(browser);
	await openAccount(other);
	await signIn(other, name, 'thimble orchard gravel');
	await expect(other.getByRole('alert')).toContainText('do not belong together');
	await signIn(other, name, PASSWORD);
	await expect(other.getByRole('link', { name: 'Known by its maker' })).toBeVisible();

	const third = await another(browser);
	await openAccount(third);
	const form = folded(third, 'The password is forgotten');
	await form.getByText('The password is forgotten').click();
	await form.getByLabel('Name').fill(name);
	await form.getByLabel('Recovery code').fill(codes[2]?.toLowerCase().replaceAll('-', ' ') ?? '');
	await form.getByLabel('New password').fill('thimble orchard gravel');
	await form.getByRole('button', { name: 'Take this password' }).click();
	await expect(third.getByRole('link', { name: 'Known by its maker' })).toBeVisible();
	await openAccount(third);
	await expect(third.getByText('7 recovery codes are left.')).toBeVisible();

	// The other one was signed out by that, and says so.
	await other.goto('/');
	await expect(other.getByRole('region', { name: 'This is a new workshop' })).toBeVisible();
	await third.getByRole('button', { name: 'Sign out here' }).click();
	await expect(third.getByRole('link', { name: 'Harbour buoy' })).toBeVisible();
	await expect(third.getByRole('link', { name: 'Known by its maker' })).toHaveCount(0);
});

test('somebody is let in to look, then to change, and out again; what they may not do is said and not done', async ({ page, browser }) => {
	await page.goto('/');
	const [rosa, uwe] = [named('Rosa'), named('Uwe')];
	await begin(page, rosa);
	const link = await invitation(page, 'read');
	const guest = await another(browser);
	await guest.goto('/');
	await begin(guest, uwe);
	await guest.goto(link);
	await guest.getByRole('button', { name: 'Open it in this browser' }).click();
	await expect(guest.getByText('You may look at this workshop, and change nothing in it.')).toBeVisible();
	await expect(guest.getByRole('link', { name: 'Harbour buoy' })).toBeVisible();
	for (const name of ['Begin a plan', 'Open a plan file', 'Add a yarn']) await expect(guest.getByRole('button', { name })).toHaveCount(0);

	await openPlan(guest, 'Harbour buoy', 'rounds');
	await expect(guest.getByRole('region', { name: 'You may look at this workshop, and change nothing in it' })).toBeVisible();
	const lines = guest.locator('.cm-line');
	const before = await lines.allTextContents();
	await lines.nth(3).click();
	await guest.keyboard.press('End');
	await guest.keyboard.type(' x');
	await expect(guest.getByText('This workshop’s plans are yours to look at, not to change.').first()).toBeVisible();
	await expect(lines).toHaveText(before);
	await guest.goto(guest.url().replace(/\/rounds.*/, '/make'));
	await expect(guest.getByRole('heading', { name: 'Nothing is being made of this plan' })).toBeVisible();

	await openAccount(page);
	const people = page.getByRole('region', { name: 'People in this workshop' });
	await people.getByLabel(`What ${uwe} may do`).selectOption('edit');
	await expect(people.getByLabel(`What ${uwe} may do`)).toHaveValue('edit');
	await openPlan(guest, 'Harbour buoy');
	await guest.getByLabel('The plan’s title').fill('By two');
	await saved(guest);

	await people.getByRole('button', { name: `Take ${uwe} out` }).click();
	await expect(people.getByText(uwe)).toHaveCount(0);
	await expect(people.getByText(rosa, { exact: true })).toBeVisible();
	await people.getByRole('button', { name: 'Leave this workshop' }).click();
	await expect(people.getByRole('alert')).toContainText('Nobody else of this workshop’s people holds it.');
	await guest.getByLabel('The plan’s title').fill('By one again');
	await expect(guest.getByRole('region', { name: 'This browser was signed out of its workshop' })).toBeVisible();
	await openAccount(guest);
	await signIn(guest, uwe, PASSWORD);
	await expect(guest.getByRole('link', { name: 'Harbour buoy' })).toBeVisible();
});

test('somebody who makes another’s toy counts, and whoever looks on counts nothing', async ({ page, browser }) => {
	await begin(page, named('Rosa'));
	const [maker, reader] = [await another(browser), await another(browser)];
	for (const [guest, may] of [
		[maker, 'make'],
		[reader, 'read'],
	] as const) {
		await guest.goto(await invitation(page, may));
		await guest.getByRole('button', { name: 'Open it in this browser' }).click();
		await expect(guest.getByRole('link', { name: 'Harbour buoy' })).toBeVisible();
	}
	const target = (one: Page) => one.locator('.make-target');
	await make(maker, /Harbour buoy/);
	const begun = (await target(maker).textContent()) ?? '';
	await target(maker).click();
	await expect(target(maker)).not.toHaveText(begun);
	await expect(maker.getByRole('status')).toHaveText('saved');
	const counted = (await target(maker).textContent()) ?? '';

	await make(reader, /Harbour buoy/);
	await expect(reader.getByText('You may look at this; nothing is counted.')).toBeVisible();
	await expect(target(reader)).toHaveText(counted);
	await target(reader).click();
	await target(maker).click();
	await expect(target(maker)).not.toHaveText(counted);
	// What is counted beside it comes; what was tapped here does not.
	await expect(target(reader)).toHaveText((await target(maker).textContent()) ?? '');
});
