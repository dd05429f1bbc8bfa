// Takes the pictures in docs/screenshots from the demonstration kit, on a database of its own.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.js';
import { ROOT } from './prepare.js';

const PORT = process.env.PORT || '4179';
const DESKTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
/** @type {{ name: string; path: string; viewport: { width: number; height: number }; look?: string; act?: (page: import('@playwright/test').Page) => Promise<void> }[]} */
const SHOTS = [
  { name: 'untold-phone', path: '/shoot', viewport: PHONE },
  { name: 'shoot', path: '/shoot?shadow=soft', viewport: DESKTOP },
  { name: 'shoot-phone', path: '/shoot?shadow=soft', viewport: PHONE },
  { name: 'shoot-scales', path: '/shoot?shadow=none&load=demo-load-corvane', viewport: DESKTOP },
  { name: 'kit', path: '/kit?shadow=soft', viewport: DESKTOP },
  { name: 'bench', path: '/bench/shutter?load=demo-load-corvane', viewport: DESKTOP, act: testShutter },
  { name: 'shoot-itself-phone', path: '/shoot?shadow=none&load=demo-load-heron', viewport: PHONE },
  { name: 'pairs', path: '/kit/pairs?shadow=none', viewport: DESKTOP },
  { name: 'film', path: '/kit/film?shadow=none', viewport: DESKTOP },
  { name: 'log', path: '/log?shadow=soft', viewport: DESKTOP },
  { name: 'learn', path: '/learn?idea=slow-film&shadow=soft', viewport: DESKTOP },
  { name: 'start', path: '/start', viewport: DESKTOP },
  { name: 'camera', path: '/kit/camera?shadow=soft', viewport: DESKTOP },
  { name: 'plan', path: '/plan?load=demo-load-pelican', viewport: DESKTOP, act: planTrains },
  { name: 'judge', path: '/log/judge?film=demo-load-pebble-summer', viewport: DESKTOP },
  { name: 'numbers', path: '/log/numbers', viewport: DESKTOP },
  { name: 'files', path: '/log/files', viewport: DESKTOP },
  { name: 'dark-phone', path: '/shoot?lv=3&sd=0.5', viewport: PHONE, look: 'dark' }
];

const only = process.argv.slice(2);
const data = mkdtempSync(join(tmpdir(), 'just-enough-shots-'));
const server = spawn('node', ['scripts/start.js', '--demo', '--scans'], {
  cwd: ROOT,
  env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
});
await new Promise((done) => server.stdout.on('data', (line) => String(line).includes('is at') && done(null)));
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking']
});
if (only.length === 0 || only.includes('offline-phone')) await offlineShot();
for (const { name, path, viewport, look, act } of SHOTS.filter(
  (s) => only.length === 0 || only.includes(s.name)
)) {
  const page = await browser.newPage({ viewport });
  const address = new URL(path, `http://127.0.0.1:${PORT}`);
  // the film of the picture is in use already: nothing has to be said about it
  const value = address.searchParams.get('load');
  if (value) await page.context().addCookies([{ name: 'just-enough-in-use', value, url: address.origin }]);
  await page.goto(address.href, { waitUntil: 'networkidle' });
  if (look) await page.evaluate((to) => (document.documentElement.dataset.scheme = to), look);
  if (act) await act(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', `${name}.png`) });
  await page.close();
}
/** Trains in the dusk, out at sea as far as any town: a place by its coordinates. */
async function planTrains(/** @type {import('@playwright/test').Page} */ page) {
  await page.getByLabel('Where is it?').fill('47.5 -28');
  await page.getByLabel('Day', { exact: true }).fill('2027-03-12');
  await page.getByLabel('Purpose').selectOption('light-trails');
  await page.locator('[data-testid=plan][aria-busy=false] [data-testid=window]').first().waitFor();
}
/** A simulated shutter, heard at 1/15. */
async function testShutter(/** @type {import('@playwright/test').Page} */ page) {
  await page.getByRole('button', { name: '15', exact: true }).click();
  await page.getByRole('button', { name: 'Try a simulated shutter' }).click();
  await page.getByRole('button', { name: /^Take/ }).click();
}
/** A phone away from home: frames wait, and one collides with what another phone logged. */
async function offlineShot() {
  const at = `http://127.0.0.1:${PORT}`;
  const page = await browser.newPage({ viewport: PHONE });
  await page.route('**/api/v1/sync', (route) => route.abort());
  await page.goto(`${at}/shoot?shadow=soft&load=demo-load-heron`, { waitUntil: 'networkidle' });
  await page.goto(`${at}/offline?shadow=soft&load=demo-load-heron`);
  await page.getByText(/12 cameras/).waitFor();
  const log = async () => {
    await page.goto(`${at}/shoot?shadow=soft&load=demo-load-heron`, { waitUntil: 'networkidle' });
    await page.getByTestId('log').click();
    await page.getByText(/is kept on this device/).waitFor();
  };
  await log();
  const light = { lv: 12, sdStops: 0.5, contrast: 'normal', way: { kind: 'hand' } };
  await page.request.post(`${at}/api/v1/frames`, {
    data: {
      ...{ id: 'another-phone-1', loadId: 'demo-load-heron', number: 1, light, note: 'Gulls on the slip' },
      choice: { dial: 2, scene: 0, compensation: 2, focus: 0 },
      ...{ takenAt: { at: new Date().toISOString(), zone: 'UTC' }, cameraRevision: 0, filmRevision: 0 }
    }
  });
  await page.unroute('**/api/v1/sync');
  await page.goto(`${at}/offline?shadow=soft&load=demo-load-heron`);
  await page.getByRole('article', { name: /^Needs you/ }).waitFor();
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', 'offline-phone.png') });
  await page.close();
}

await browser.close();
server.kill('SIGKILL');
rmSync(data, { recursive: true, force: true });
