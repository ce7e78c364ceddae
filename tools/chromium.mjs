import { existsSync } from 'node:fs';

/** Without a window's frame round every page it takes a third less of the processor. */
const SHELL = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, with nothing that looks for a network of its own. */
export const chromiumOptions = {
  executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
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
