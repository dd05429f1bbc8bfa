import { chromiumPath } from '../../scripts/chromium.js';

/** How Debian's Chromium is started for the tests. */
export const LAUNCH = {
  executablePath: chromiumPath(),
  args: [
    ...['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
    ...['--disable-background-networking', '--disable-component-update', '--disable-sync']
  ]
};
