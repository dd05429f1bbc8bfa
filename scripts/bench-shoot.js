// Shoot in Chromium at a quarter of this machine's speed: dragging the light, remedies after it rests, a cold load, its code.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.js';
import { buildIfStale, ROOT } from './prepare.js';

const PORT = '4178';
const SLOWDOWN = 4;

/** @param {number[]} times @param {number} share */
export const quantile = (times, share) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))] ?? NaN;

/**
 * Drags the light to and fro.
 * @param {import('@playwright/test').Page} page
 * @returns {Promise<number[]>} milliseconds from each move to the next paint
 */
export function drag(page) {
  return page.evaluate(async () => {
    const track = document.querySelector('[role=slider][aria-label="Light now"]');
    if (!(track instanceof HTMLElement)) throw new Error('no rule');
    const box = track.getBoundingClientRect();
    /** @type {number[]} */
    const times = [];
    /** @param {string} type @param {number} x */
    const send = (type, x) =>
      track.dispatchEvent(
        new PointerEvent(type, { clientX: x, clientY: box.top + 20, bubbles: true, pointerId: 1 })
      );
    track.setPointerCapture = () => undefined;
    send('pointerdown', box.left + box.width * 0.5);
    for (let i = 0; i < 120; i++) {
      const start = performance.now();
      send('pointermove', box.left + box.width * (0.3 + 0.4 * Math.abs(Math.sin(i / 9))));
      await new Promise((done) =>
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => done(null);
          channel.port2.postMessage(null);
        })
      );
      times.push(performance.now() - start);
    }
    send('pointerup', box.left);
    return times;
  });
}

/**
 * The same while the shutter is listened for.
 * @param {import('@playwright/test').BrowserContext} context
 * @returns {Promise<[before: number, listening: number]>} p95 of both
 */
async function dragListening(context) {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  await page.goto(`http://127.0.0.1:${PORT}/shoot?scene=room-evening&load=demo-load-heron`);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  const listen = page.getByRole('button', { name: 'Listen for it' });
  await listen.waitFor();
  await drag(page);
  const before = quantile(await drag(page), 0.95);
  await page.goto(`http://127.0.0.1:${PORT}/shoot?scene=room-evening&load=demo-load-heron`);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await listen.click();
  await page.getByText(/^Listening, /).waitFor();
  await drag(page);
  const listening = quantile(await drag(page), 0.95);
  await page.close();
  return [before, listening];
}

/** Measures and prints. */
export async function benchShoot() {
  buildIfStale();
  const data = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
  const server = spawn('node', ['scripts/start.js', '--demo'], {
    cwd: ROOT,
    env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
  });
  await new Promise((done) =>
    server.stdout.on('data', (line) => String(line).includes('is at') && done(null))
  );
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: [
      ...['--headless', '--no-sandbox', '--disable-gpu'],
      ...['--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream']
    ]
  });
  /** @type {Record<string, string>} */
  const table = {};
  for (const load of ['demo-load-marigold', 'demo-load-heron']) {
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      permissions: ['microphone']
    });
    const page = await context.newPage();
    const client = await context.newCDPSession(page);
    await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
    await page.goto(`http://127.0.0.1:${PORT}/shoot?shadow=soft&load=${load}`);
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
    // from the press of the address until the page answers, on the page's own clock
    const [seen, usable] = await page.evaluate(() =>
      ['first-contentful-paint', 'usable'].map(
        (name) => performance.getEntriesByName(name)[0]?.startTime ?? NaN
      )
    );
    await page.waitForTimeout(1500);
    // the server sends its scripts compressed: what came over the line is what counts
    const bytes = await page.evaluate(() =>
      performance
        .getEntriesByType('resource')
        .filter((r) => /\.js$/.test(new URL(r.name).pathname))
        .reduce((sum, r) => sum + (r instanceof PerformanceResourceTiming ? r.encodedBodySize : 0), 0)
    );
    // a fixed piece of work, to compare one run with another by
    const loop = await page.evaluate(() => {
      const start = performance.now();
      let sum = 0;
      for (let i = 0; i < 5e6; i++) sum += Math.sqrt(i);
      return sum > 0 ? performance.now() - start : NaN;
    });
    const paints = await drag(page);
    // a light in which something would help, then the time until the list is another one
    const remedies = await page.evaluate(async () => {
      const speeds = () => document.querySelector('[data-testid=speeds]')?.textContent ?? '';
      await new Promise((done) => setTimeout(done, 1500));
      const before = speeds();
      const start = performance.now();
      document
        .querySelector('[role=slider][aria-label="Light now"]')
        ?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', shiftKey: true, bubbles: true }));
      while (speeds() === before && performance.now() - start < 5000)
        await new Promise((done) => setTimeout(done, 5));
      return performance.now() - start;
    });
    const name = load.replace('demo-load-', '');
    table[`${name}: cold load until the answer is seen and a press on it is kept`] = `${seen?.toFixed(0)} ms`;
    table[`${name}: cold load until everything answers`] = `${usable?.toFixed(0)} ms`;
    table[`${name}: a fixed loop of 5 million roots, for comparison`] = `${loop.toFixed(0)} ms`;
    table[`${name}: drag to next paint, p50 and p95`] =
      `${quantile(paints, 0.5).toFixed(0)} and ${quantile(paints, 0.95).toFixed(0)} ms`;
    table[`${name}: remedies after the light rests`] = `${remedies.toFixed(0)} ms`;
    table[`${name}: JavaScript loaded, gzip`] = `${(bytes / 1024).toFixed(0)} kB`;
    if (load === 'demo-load-heron') {
      const [before, listening] = await dragListening(context);
      table['heron in a room: drag to next paint, p95, and the same while listening'] =
        `${before.toFixed(0)} and ${listening.toFixed(0)} ms`;
    }
    await context.close();
  }
  await browser.close();
  server.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
  console.log(`Shoot in Chromium, ${SLOWDOWN} times slowed down:`);
  console.table(table);
}
