// Writes docs/answers.md: what the app says for every film of the demonstration kit in seven lights, read off the real page at
// both sizes. To be read by a photographer after the engine changed: npm run answers.
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.js';
import { ROOT } from './prepare.js';

const PORT = process.env.PORT || '4178';
const AT = `http://127.0.0.1:${PORT}`;
const SIZES = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 }
];
const LIGHTS = [
  ['Full sun', 'shadow=sharp'],
  ['Haze', 'shadow=soft'],
  ['Overcast', 'shadow=none'],
  ['Open shade', 'shadow=leaf'],
  ['Room in the evening', 'scene=room-evening'],
  ['Street at night', 'scene=street'],
  ['Studio lamp at LV 10', `reading=${encodeURIComponent('1/60 f/8 ISO 400')}`]
];

const data = mkdtempSync(join(tmpdir(), 'just-enough-answers-'));
const server = spawn('node', ['scripts/start.js', '--demo'], {
  cwd: ROOT,
  env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
});
await new Promise((done) => server.stdout.on('data', (line) => String(line).includes('is at') && done(null)));
const listed = async (/** @type {string} */ kind) => (await fetch(`${AT}/api/v1/${kind}`)).json();
const [loads, cameras, films] = await Promise.all(['loads', 'cameras', 'films'].map(listed));
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking']
});
const nameOf = (/** @type {{id: string, name: string}[]} */ all, /** @type {string} */ id) =>
  all.find((x) => x.id === id)?.name ?? id;

/** What one page says, when its advice is there. */
async function answer(
  /** @type {string} */ load,
  /** @type {string} */ light,
  /** @type {object} */ viewport
) {
  const context = await browser.newContext({ viewport, serviceWorkers: 'block' });
  await context.addCookies([{ name: 'just-enough-in-use', value: load, url: AT }]);
  const page = await context.newPage();
  await page.goto(`${AT}/shoot?${light}&load=${load}`);
  await page.locator('[data-testid=first-help][aria-busy=false]').waitFor();
  const told = async (/** @type {string} */ id) =>
    (await page.getByTestId(id).allInnerTexts()).map((t) => t.replace(/\s+/g, ' ').trim())[0] ?? '';
  const [set, chance, reason, factors, help] = await Promise.all(
    ['instruction', 'chance', 'reason', 'factors', 'remedy'].map(told)
  );
  await context.close();
  return `${chance?.replace(' in 100', '')} | ${set} | ${[reason, factors].filter(Boolean).join(' ')} | ${help}`;
}

const lines = [
  '# Answers',
  '',
  'What the app says for each loaded camera of the demonstration kit in seven lights, in the hand, with nothing else told.',
  'Read off the page at 390×844 and at 1280×800, where it is the same; written by `npm run answers`.'
];
for (const { id, cameraId, filmId, finishedAt } of loads) {
  if (finishedAt) continue;
  lines.push('', `## ${nameOf(cameras, cameraId)} with ${nameOf(films, filmId)}`, '');
  lines.push('| Light | In 100 | Set | Why | What helps first |', '|---|---|---|---|---|');
  for (const [name, light] of LIGHTS) {
    const [phone, desk] = await Promise.all(SIZES.map((size) => answer(id, light, size)));
    if (phone !== desk) console.log(`${id}, ${name}: the sizes differ\n  ${phone}\n  ${desk}`);
    lines.push(`| ${name} | ${phone} |`);
  }
}
const path = join(ROOT, 'docs', 'answers.md');
writeFileSync(path, `${lines.join('\n')}\n`);
spawnSync('npx', ['prettier', '--write', path], { cwd: ROOT });
await browser.close();
server.kill('SIGKILL');
rmSync(data, { recursive: true, force: true });
