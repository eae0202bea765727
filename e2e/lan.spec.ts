import { X509Certificate } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { get } from 'node:https';
import { expect, saved, test } from './bench';

/** Another loopback address that stands for one in the maker's network: address, port with TLS, port of the page of trust, and where its files are. */
const [address = '', tls = '', trust = '', place = ''] = (process.env.ALTERNUM_LAN ?? '').split(' ');
test.skip(address === '', 'bin/test alone serves it in a network, too.');

const statusWith = (ca: Buffer | undefined): Promise<number | string> =>
	new Promise((done) => {
		get(`https://${address}:${tls}/api/ping`, ca === undefined ? {} : { ca }, (answer) => done(answer.statusCode ?? 0)).on('error', ({ message }) =>
			done(message),
		);
	});

test('who trusts the machine’s authority reaches it with TLS, and nobody else does', async () => {
	const authority = await readFile(`${place}/tls/authority.crt`);
	expect(await statusWith(authority)).toBe(200);
	expect(await statusWith(undefined)).toMatch(/self-signed|unable to verify|issuer/);
	const certificate = new X509Certificate(authority);
	expect(certificate.ca).toBe(true);
	// Phones take no certificate of a server that lasts longer than 398 days: Apple's and Chrome's published limit.
	const server = new X509Certificate(await readFile(`${place}/tls/server.crt`));
	expect((Date.parse(server.validTo) - Date.parse(server.validFrom)) / 86_400_000).toBeLessThanOrEqual(398);
	expect(server.subjectAltName).toBe(`IP Address:${address}`);
});

test('without TLS there is only how to trust it', async ({ page, request }) => {
	await page.goto(`http://${address}:${trust}/`);
	await expect(page.getByRole('heading', { name: 'Alternum in your network' })).toBeVisible();
	const fetched = await request.get(`http://${address}:${trust}/alternum-authority.crt`);
	expect(fetched.headers()['content-type']).toBe('application/x-x509-ca-cert');
	const { fingerprint256 } = new X509Certificate(await fetched.body());
	await expect(page.getByText(fingerprint256)).toBeVisible();
	await expect(page.getByRole('link', { name: 'Open Alternum' })).toHaveAttribute('href', `https://${address}:${tls}/`);
	for (const path of ['api/ping', 'plan/x', 'authority.key', '../server.key']) {
		expect((await request.get(`http://${address}:${trust}/${path}`)).status()).toBe(404);
	}
});

test('a plan is opened, changed and saved there', async ({ browser }) => {
	const context = await browser.newContext({ ignoreHTTPSErrors: true });
	const page = await context.newPage();
	await page.goto(`https://${address}:${tls}/`);
	await page.getByRole('link', { name: 'Harbour buoy' }).click();
	await page.getByLabel('The plan’s title').fill('Made on the phone');
	await saved(page);
	// What says which browser it is goes nowhere without TLS.
	expect((await context.cookies()).map(({ name, secure, httpOnly }) => [name, secure, httpOnly])).toEqual([['alternum_workshop', true, true]]);
	await page.goto(`https://${address}:${tls}/`);
	await expect(page.getByRole('link', { name: 'Made on the phone' })).toBeVisible();
	await context.close();
});
