import { existsSync } from 'node:fs';

/**
 * How the browser of Debian is started: its headless shell where there is one, letters as wide as people's browsers draw them, and without
 * anything that asks an address by itself.
 */
export const launchOptions = {
    executablePath: process.env.DEW_CHROMIUM ?? ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync),
    args: [
        '--no-sandbox', '--disable-gpu', '--font-render-hinting=none', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync',
    ],
};
