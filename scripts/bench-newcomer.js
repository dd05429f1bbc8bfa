// A newcomer with a phone-sized window, from opening an empty app to a logged frame, at the pace of a hand that does not know
// the program. Times of pointing, typing and thinking: Card, Moran, Newell, The Keystroke-Level Model, CACM 23 (1980), table 1:
// a point 1.1 s, a key of an average non-secretary 0.28 s, a moment of thought before each step 1.35 s. A model of a person, no person.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.js';
import { buildIfStale, ROOT } from './prepare.js';

const PORT = '4176';
const POINT_MS = 1100;
const KEY_MS = 280;
const THINK_MS = 1350;

/** @typedef {import('@playwright/test').Page} Page */

/** The hand: thinks, points, types. */
class Current {
  /** @param {Page} page */
  constructor(page) {
    this.page = page;
  }
  /** @param {import('@playwright/test').Locator} target */
  async tap(target) {
    await this.page.waitForTimeout(THINK_MS + POINT_MS);
    await target.click();
  }
  /**
   * @param {import('@playwright/test').Locator} target
   * @param {string} text
   */
  async type(target, text) {
    await this.tap(target);
    await target.fill('');
    await target.pressSequentially(text, { delay: KEY_MS });
  }
}

/** @type {readonly { name: string; kind: RegExp; numbers: readonly (readonly [label: string, text: string])[] }[]} */
const WALKS = [
  { name: 'an automatic instant camera', kind: /It times itself/, numbers: [['Its shortest time', '1/250']] },
  { name: 'a toy camera', kind: /Nothing to set/, numbers: [['Its opening', '11']] }
];

/** Measures and prints. */
export async function benchNewcomer() {
  buildIfStale();
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: ['--headless', '--no-sandbox', '--disable-gpu']
  });
  /** @type {Record<string, string>} */
  const table = {};
  for (const { name, kind, numbers } of WALKS) {
    const data = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
    const server = spawn('node', ['scripts/start.js'], {
      cwd: ROOT,
      env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
    });
    await new Promise((done) =>
      server.stdout.on('data', (line) => String(line).includes('is at') && done(null))
    );
    const context = await browser.newContext({
      ...{ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }
    });
    const page = await context.newPage();
    const hand = new Current(page);
    const start = Date.now();
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await hand.tap(page.getByRole('radio', { name: kind }));
    for (const [label, text] of numbers) await hand.type(page.getByLabel(label), text);
    await hand.type(page.getByLabel('Film speed, ISO'), '400');
    await hand.tap(page.getByRole('button', { name: /today’s answer/ }));
    await page.getByTestId('verdict').waitFor();
    // looks at the shadow on the ground, chooses it, reads the answer, presses
    await hand.tap(page.getByRole('radio', { name: /Soft edge/ }));
    await hand.tap(page.getByTestId('log'));
    await page
      .getByText(/Frame 1 is logged/)
      .first()
      .waitFor();
    table[`${name}: from opening the app to a logged frame`] =
      `${((Date.now() - start) / 1000).toFixed(1)} s`;
    await context.close();
    server.kill('SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
  await browser.close();
  console.log('A newcomer with a phone, at the pace of the keystroke-level model:');
  console.table(table);
}
