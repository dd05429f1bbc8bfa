// Takes the pictures in docs/screenshots from the demonstration kit, on a database of its own.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ROOT } from './prepare.js';

const PORT = process.env.PORT || '4179';
const DESKTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const SUN = {
  kind: 'sun',
  place: { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' },
  ...{ ms: Date.UTC(2026, 8, 12, 19), sky: 'clear', facing: 'side', ground: 'ground' }
};
/** @type {{ name: string; path: string; viewport: { width: number; height: number }; look?: string }[]} */
const SHOTS = [
  { name: 'shoot', path: '/shoot?shadow=soft', viewport: DESKTOP },
  { name: 'shoot-phone', path: '/shoot?shadow=soft', viewport: PHONE },
  { name: 'shoot-scales', path: '/shoot?shadow=none&load=demo-load-corvane', viewport: DESKTOP },
  { name: 'kit', path: '/kit?shadow=soft', viewport: DESKTOP },
  { name: 'kit-phone', path: '/kit?shadow=soft', viewport: PHONE },
  { name: 'shoot-itself', path: '/shoot?shadow=sharp&load=demo-load-pelican', viewport: DESKTOP },
  { name: 'shoot-itself-phone', path: '/shoot?shadow=none&load=demo-load-heron', viewport: PHONE },
  { name: 'pairs', path: '/kit/pairs?shadow=none', viewport: DESKTOP },
  { name: 'film', path: '/kit/film?shadow=none', viewport: DESKTOP },
  { name: 'log', path: '/log?shadow=soft', viewport: DESKTOP },
  { name: 'log-phone', path: '/log?shadow=soft', viewport: PHONE },
  { name: 'start', path: '/start', viewport: DESKTOP },
  { name: 'camera', path: '/kit/camera?shadow=soft', viewport: DESKTOP },
  { name: 'sun', path: `/shoot?sun=${encodeURIComponent(JSON.stringify(SUN))}`, viewport: DESKTOP },
  { name: 'dark-phone', path: '/shoot?lv=3&sd=0.5', viewport: PHONE, look: 'dark' }
];

const only = process.argv.slice(2);
const data = mkdtempSync(join(tmpdir(), 'just-enough-shots-'));
const server = spawn('node', ['scripts/start.js', '--demo'], {
  cwd: ROOT,
  env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
});
await new Promise((done) => server.stdout.on('data', (line) => String(line).includes('is at') && done(null)));
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking']
});
for (const { name, path, viewport, look } of SHOTS.filter(
  (s) => only.length === 0 || only.includes(s.name)
)) {
  const page = await browser.newPage({ viewport });
  await page.goto(`http://127.0.0.1:${PORT}${path}`, { waitUntil: 'networkidle' });
  if (look) await page.evaluate((to) => (document.documentElement.dataset.scheme = to), look);
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', `${name}.png`) });
  await page.close();
}
await browser.close();
server.kill('SIGKILL');
rmSync(data, { recursive: true, force: true });
