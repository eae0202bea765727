/** The browser that pages are driven in: Debian's, with its software drawing, and nothing that calls out. */
export const launchOptions = {
	executablePath: '/usr/bin/chromium',
	args: [
		'--no-sandbox',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync',
		'--use-angle=swiftshader',
		'--enable-unsafe-swiftshader',
		'--ignore-gpu-blocklist',
	],
};
