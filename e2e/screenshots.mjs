// Takes the pictures in docs/screenshots anew, from the demo plans: bin/start, then `node e2e/screenshots.mjs`.
import { chromium } from '@playwright/test';

const address = process.env.ALTERNUM_URL ?? 'http://127.0.0.1:8420';
const browser = await chromium.launch({
	executablePath: '/usr/bin/chromium',
	args: ['--no-sandbox', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

async function picture(name) {
	await page.mouse.move(900, 780);
	await page.waitForTimeout(400);
	await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

async function open(title, station) {
	await page.goto(`${address}/`);
	await page.getByRole('link', { name: title }).click();
	await page.locator('canvas').waitFor();
	await page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name: station }).click();
}

await page.goto(`${address}/`);
await page.getByRole('link', { name: 'Harbour buoy' }).waitFor();
await picture('shelf');
await open('Harbour buoy', 'Yarns');
await picture('bench-yarns');
await open('Spotted mushroom', 'Rounds');
await page.locator('input[data-line="5"]').fill('R6: (4 sc, inc) x5, 4 sc');
await page.getByText('1 left over').first().waitFor();
await picture('bench-rounds');
await page.keyboard.press('Control+z');
await open('Snail with a striped shell', 'Colours');
const round = (n) => page.getByRole('list', { name: 'Rounds' }).getByRole('button', { name: new RegExp(`^Round ${n},`) });
await round(10).click();
await round(12).click({ modifiers: ['Shift'] });
await picture('bench-colours');
await page.setViewportSize({ width: 820, height: 1180 });
await picture('bench-colours-tablet');
await page.setViewportSize({ width: 1280, height: 800 });
await open('Snail with a striped shell', 'Changes');
await page.getByRole('slider', { name: 'Front in degrees' }).focus();
for (let i = 0; i < 7; i++) await page.keyboard.press('PageDown');
await page.getByText('steps show').waitFor();
await picture('bench-changes');
await open('Spotted mushroom', 'Amounts');
await picture('bench-amounts');
await open('Harbour buoy', 'Make');
await picture('bench-make');
await browser.close();
