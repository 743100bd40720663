import { existsSync } from 'node:fs';

/** Debian's Chromium without its windows: the whole one draws an address bar for every page that is opened, a fifth of a second of work each. */
const SHELL = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, or the one named in CHROMIUM, quiet and offline. */
export const CHROMIUM = {
  executablePath: process.env['CHROMIUM'] ?? (existsSync(SHELL) ? SHELL : '/usr/bin/chromium'),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
