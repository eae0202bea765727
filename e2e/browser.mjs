import { existsSync } from 'node:fs';

const plain = ['--no-sandbox', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];

const headless = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, without its windows where it is there so, with nothing that calls out. */
export const plainOptions = { executablePath: existsSync(headless) ? headless : '/usr/bin/chromium', args: plain };

/** The same with WebGL in software, which slows all its drawing down: for the piece in the round. */
export const launchOptions = { ...plainOptions, args: [...plain, '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--ignore-gpu-blocklist'] };
