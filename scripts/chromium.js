// Debian's Chromium for whatever looks at pages without a screen: the headless shell, which opens a page in a third of the time, else
// the whole browser.
import { existsSync } from 'node:fs';

/** Where they are, the quicker one first, with their packages. */
export const CHROMIUMS = /** @type {const} */ ([
  ['/usr/bin/chromium-headless-shell', 'chromium-headless-shell'],
  ['/usr/bin/chromium', 'chromium']
]);

/** The one that is there; the first one where none is, so that what fails names it. */
export function chromiumPath() {
  return (CHROMIUMS.find(([path]) => existsSync(path)) ?? CHROMIUMS[0])[0];
}
