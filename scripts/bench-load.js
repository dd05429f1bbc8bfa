// Fifty clients at once, each a request a second, two reads to one write, with a hundred thousand frames in the log: how long they
// wait, for how long the server answers nobody, and whether its memory grows.
import { join } from 'node:path';
import { pause, startServer } from './bench-server.js';

const [CLIENTS, SECONDS, EVERY_MS] = [50, Number(process.env.BENCH_SECONDS ?? '60'), 1000];
/** How often it is asked for the least there is, ms. */
const TICK_MS = 20;
const READS = [
  '/shoot',
  '/plan',
  '/kit',
  '/log',
  '/log?load=bench-20',
  '/log?tag=tag+12',
  '/log?words=note+976+harbour',
  '/log?verdict=dark',
  '/log/numbers',
  '/log/judge?film=bench-2771',
  '/log/judge?film=demo-load-pebble',
  '/api/v1/frames?words=harbour',
  '/api/v1/frames?from_lv=12&to_lv=12.2',
  '/api/v1/carried'
];

/** @param {readonly number[]} sorted @param {number} share */
const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;

/** @typedef {{ path: string; method?: string; body?: unknown }} Sent */
/** @typedef {{ loadId: string; choice: Record<string, number> }} NewFrame */

/**
 * New frames for every film that is in a camera, and a number that none of its frames has.
 * @param {string} address
 * @returns {Promise<{ examples: readonly NewFrame[], first: number }>}
 */
async function examplesOf(address) {
  const { loads, cameras, frames } = await (await fetch(`${address}/api/v1/carried`)).json();
  const examples = loads.map((/** @type {{ id: string; cameraId: string }} */ { id, cameraId }) => {
    const { camera } = cameras.find((/** @type {any} */ c) => c.camera.id === cameraId);
    const choice = Object.fromEntries(camera.controls.map((/** @type {any} */ c) => [c.id, 0]));
    return { loadId: id, choice };
  });
  const numbers = frames.map((/** @type {{ number: number }} */ f) => f.number);
  return { examples, first: Math.max(999, ...numbers) + 1 };
}

/** New frames that are still there. @type {string[]} */
const taken = [];

/**
 * A write: a new frame, how one came out, a note, or a new frame taken back: films stay as long as films are.
 * @param {number} n
 * @param {readonly NewFrame[]} examples a frame of each open film
 * @param {number} first number of the frames of this run
 * @returns {Sent}
 */
function write(n, examples, first) {
  const old = `/api/v1/frames/bench-frame-${(n * 7919) % 100_000}`;
  const back = n % 4 === 3 ? taken.shift() : undefined;
  if (back !== undefined) return { path: `/api/v1/frames/${back}`, method: 'DELETE', body: {} };
  if (n % 4 === 0) {
    const { loadId, choice } = examples[n % examples.length] ?? { loadId: '', choice: {} };
    const id = crypto.randomUUID();
    const body = {
      ...{ id, loadId, number: first + n, light: null, choice, note: `load ${n}` },
      ...{ takenAt: { at: new Date().toISOString(), zone: 'UTC' }, cameraRevision: 0, filmRevision: 0 }
    };
    return { path: '/api/v1/frames', method: 'POST', body };
  }
  if (n % 4 === 1) {
    const body = { on: 'print', outcome: { kind: 'tone', stops: (n % 5) - 2 }, faults: [] };
    return { path: `${old}/judgement`, method: 'PUT', body };
  }
  return { path: old, method: 'PATCH', body: { note: `changed under load ${n}` } };
}

/**
 * What the program asks for when somebody goes from page to page: the data of the page and of what frames it in the log, without
 * what all pages share, which it has.
 * @param {string} path
 */
function dataOf(path) {
  if (path.startsWith('/api/')) return path;
  const [page = '', query] = path.split('?');
  const asked = page.startsWith('/log') ? '011' : '01';
  const search = [...(query === undefined ? [] : [query]), `x-sveltekit-invalidated=${asked}`].join('&');
  return `${page}/__data.json?${search}`;
}

/** Measures and prints. @param {string} folder with the database of a hundred thousand frames */
export async function benchLoad(folder) {
  await measured(folder, 'whole pages', (path) => path);
  await measured(folder, 'the data of pages', dataOf);
}

/** @param {string} folder @param {string} name @param {(path: string) => string} asFor */
async function measured(folder, name, asFor) {
  const server = await startServer(join(folder, '100000'));
  const working = await server.rested();
  const { examples, first } = await examplesOf(server.address);
  const before = server.memory();
  /** @type {Map<string, number[]>} */
  const times = new Map();
  /** @type {string[]} */
  const failed = [];
  /** @param {Sent} sent */
  const send = async ({ path, method = 'GET', body }) => {
    const kind = method === 'GET' ? path : `${method} ${path.replace(/frames\/[\w-]+/, 'frames/…')}`;
    const from = performance.now();
    try {
      const headers = {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        // whoever was last wins: what is measured is not who
        ...(method === 'PUT' || method === 'PATCH' || method === 'DELETE' ? { 'if-match': '*' } : {})
      };
      const text = body === undefined ? undefined : JSON.stringify(body);
      const answer = await fetch(server.address + path, { method, headers, body: text });
      await answer.arrayBuffer();
      if (!answer.ok) failed.push(`${kind}: ${answer.status}`);
      else if (method === 'POST') taken.push(/** @type {{ id: string }} */ (body).id);
    } catch (error) {
      failed.push(`${kind}: ${error}`);
    }
    times.set(kind, [...(times.get(kind) ?? []), performance.now() - from]);
  };

  let going = true;
  /** @type {number[]} */
  const ticks = [];
  const ticking = (async () => {
    while (going) {
      const from = performance.now();
      await (await fetch(`${server.address}/icon.svg`)).arrayBuffer();
      ticks.push(performance.now() - from);
      await pause(TICK_MS);
    }
  })();
  let asked = 0;
  /** @type {number[]} */
  const memory = [];
  const began = performance.now();
  const client = async (/** @type {number} */ number) => {
    await pause((number / CLIENTS) * EVERY_MS);
    for (let second = 0; second < SECONDS; second++) {
      const due = began + (number / CLIENTS + second) * EVERY_MS;
      await pause(Math.max(0, due - performance.now()));
      const n = asked++;
      const reading = n % 3 !== 2;
      await send(
        reading ? { path: asFor(READS[(n * 31) % READS.length] ?? '') } : write((n - 2) / 3, examples, first)
      );
      if (number === 0 && second % 10 === 9) memory.push(server.memory());
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, i) => client(i)));
  going = false;
  await ticking;
  const after = server.memory();
  await server.stop();

  console.log(
    `${CLIENTS} clients for ${SECONDS} s, ${asked} requests, reads are ${name} (before: ${working.toFixed(0)} s of work of its own):`
  );
  const row = (/** @type {number[]} */ all) => {
    const sorted = [...all].sort((a, b) => a - b);
    const say = (/** @type {number} */ ms) => Math.round(ms);
    const [p50, p95, p99, longest] = [0.5, 0.95, 0.99, 1].map((share) => say(at(sorted, share)));
    return { requests: all.length, 'p50, ms': p50, 'p95, ms': p95, 'p99, ms': p99, 'longest, ms': longest };
  };
  console.table({
    everything: row([...times.values()].flat()),
    ...Object.fromEntries([...times].map(([kind, all]) => [kind, row(all)])),
    'the least there is': row(ticks)
  });
  console.log(
    `${failed.length} failed${failed.length > 0 ? `: ${failed.slice(0, 5).join('; ')}` : ''}; memory ` +
      `${[before, ...memory, after].map((mb) => mb.toFixed(0)).join(' → ')} MB`
  );
}
