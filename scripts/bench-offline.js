// The phone away and home again: a cold start without the server at a quarter of this machine's speed, a queue of 500 frames
// going home, and what the phone keeps for a large kit.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.js';
import { buildIfStale, ROOT } from './prepare.js';

const PORT = '4177';
const URL_ = `http://127.0.0.1:${PORT}`;
const SLOWDOWN = 4;
const QUEUE = 500;
const KIT = { cameras: 30, films: 60, framesEach: 36 };
const LOAD = 'demo-load-corvane';

/** @param {string} data */
async function start(data) {
  const server = spawn('node', ['scripts/start.js', '--demo'], {
    cwd: ROOT,
    env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
  });
  await new Promise((done) =>
    server.stdout.on('data', (line) => String(line).includes('is at') && done(null))
  );
  return server;
}

/**
 * @param {string} method
 * @param {string} path
 * @param {unknown} body
 */
async function send(method, path, body) {
  const answer = await fetch(`${URL_}/api/v1${path}`, {
    method,
    headers: { 'content-type': 'application/json', 'if-match': '*' },
    body: JSON.stringify(body)
  });
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
}

/** @param {string} path */
const get = async (path) => (await fetch(`${URL_}/api/v1${path}`)).json();

/**
 * @param {string} loadId
 * @param {number} number
 */
const frame = (loadId, number) => ({
  ...{ id: crypto.randomUUID(), loadId, number, note: '', guess: null, conditions: {}, choice: {} },
  light: { lv: 13, sdStops: 0.5, contrast: 'normal', way: { kind: 'hand' } },
  ...{ series: null, timedSeconds: null, heardSeconds: null, about: { subject: '', reason: '', tags: [] } },
  ...{ takenAt: now(), place: '', cameraRevision: 0, filmRevision: 0 }
});
const now = () => ({ at: new Date().toISOString(), zone: 'UTC' });
/** @param {unknown} action */
const change = (action) => ({ key: crypto.randomUUID(), madeAt: now(), action });

/** Fills the kit up. */
async function fillKit() {
  const cameras = await get('/cameras');
  const films = await get('/films');
  for (let i = cameras.length; i < KIT.cameras; i++)
    await send('POST', '/cameras', { ...cameras[i % cameras.length], id: `bench-${i}`, name: `Camera ${i}` });
  for (let i = films.length; i < KIT.films; i++)
    await send('POST', '/films', { ...films[i % films.length], id: `bench-${i}`, name: `Film ${i}` });
  const loads = await get('/loads');
  const held = new Map(
    loads.map((/** @type {{ cameraId: string; filmId: string }} */ l) => [l.cameraId, l.filmId])
  );
  for (let i = cameras.length; i < KIT.cameras; i++) {
    const filmId = held.get(cameras[i % cameras.length].id);
    await send('POST', '/loads', {
      ...{ id: `bench-load-${i}`, cameraId: `bench-${i}`, filmId, framesTotal: KIT.framesEach, anyway: true }
    });
    const changes = Array.from({ length: KIT.framesEach }, (_, n) => ({
      ...{ change: change({ kind: 'log', frame: frame(`bench-load-${i}`, n + 1) }), settled: [] }
    }));
    await send('POST', '/sync', { form: 2, changes });
  }
}

/** Measures and prints. */
export async function benchOffline() {
  buildIfStale();
  const data = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
  let server = await start(data);
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: ['--headless', '--no-sandbox', '--disable-gpu']
  });
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  /** @type {Record<string, string>} */
  const table = {};

  const first = await context.newPage();
  await first.goto(`${URL_}/shoot?shadow=soft&load=demo-load-marigold`);
  await first.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await first.goto(`${URL_}/offline`);
  await first.getByText(/cameras,/).waitFor();
  await first.close();
  server.kill('SIGKILL');
  for (const load of ['demo-load-marigold', 'demo-load-heron']) {
    /** @type {number[]} */
    const times = [];
    for (let i = 0; i < 5; i++) {
      const page = await context.newPage();
      const client = await context.newCDPSession(page);
      await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
      await page.goto(`${URL_}/shoot?shadow=soft&load=${load}`);
      await page.getByTestId('verdict').waitFor();
      times.push(await page.evaluate(() => performance.getEntriesByName('usable')[0]?.startTime ?? NaN));
      await page.close();
    }
    times.sort((a, b) => a - b);
    table[
      `${load.replace('demo-load-', '')}: cold start without the server until Shoot answers, median of 5`
    ] = `${times[2]?.toFixed(0)} ms`;
  }

  // a queue of 500 frames, written as the app writes it
  const away = await context.newPage();
  await away.goto(`${URL_}/shoot?shadow=soft&load=${LOAD}`);
  await away.getByTestId('verdict').waitFor();
  const items = Array.from({ length: QUEUE }, (_, n) => ({
    ...{ state: 'waiting', settled: [], change: change({ kind: 'log', frame: frame(LOAD, n + 1) }) }
  }));
  await away.evaluate(
    (queue) =>
      new Promise((done) => {
        const opening = indexedDB.open('just-enough');
        opening.onsuccess = () => {
          const work = opening.result.transaction('queue', 'readwrite');
          work.objectStore('queue').put(queue, 'queue');
          work.oncomplete = () => done(opening.result.close());
        };
      }),
    items
  );
  await away.close();
  server = await start(data);
  await send('PATCH', `/loads/${LOAD}`, { finished: true });
  await send('PATCH', `/loads/${LOAD}`, { finished: false });
  const home = await context.newPage();
  /** @type {number[]} */
  const span = [];
  home.on('request', (r) => void (r.url().endsWith('/sync') && span.push(Date.now())));
  home.on('response', (r) => void (r.url().endsWith('/sync') && span.push(Date.now())));
  const begun = home.waitForResponse((r) => r.url().endsWith('/sync'));
  await home.goto(`${URL_}/offline?load=${LOAD}`);
  await begun;
  await home.waitForFunction(
    () => !/waiting|Sending/.test(document.querySelector('[data-testid=offline]')?.textContent ?? 'waiting')
  );
  await home.waitForTimeout(1000);
  table[`${QUEUE} queued frames answered at home`] = `${Math.max(...span) - Math.min(...span)} ms`;
  await home.close();

  await fillKit();
  const body = await (await fetch(`${URL_}/api/v1/carried`)).text();
  table[
    `carried: ${KIT.cameras} cameras with a film and ${KIT.framesEach} frames each, ${KIT.films} films, as JSON`
  ] = `${(body.length / 1e6).toFixed(2)} MB`;
  const large = await context.newPage();
  await large.goto(`${URL_}/offline`);
  await large.getByText(/30 cameras/).waitFor();
  const used = await large.evaluate(async () => (await navigator.storage.estimate()).usage ?? NaN);
  table['everything the phone keeps, with the program itself'] = `${(used / 1e6).toFixed(1)} MB`;
  await browser.close();
  server.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
  console.log(`The phone, ${SLOWDOWN} times slowed down where it starts:`);
  console.table(table);
}
