// The log in the running server: an archive of a hundred thousand frames out and in, forty scans at once; how much memory the
// server takes, and how long a page is waited for meanwhile.
import { createReadStream, createWriteStream, mkdirSync, openAsBlob, statSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { pause, PORT, startServer } from './bench-server.js';
import { buildIfStale } from './prepare.js';

const ADDRESS = `http://127.0.0.1:${PORT}`;
const API = `${ADDRESS}/api/v1`;
/** @param {number} from */
const since = (from) => `${((performance.now() - from) / 1000).toFixed(1)} s`;

/** The most memory a server took so far. @param {Awaited<ReturnType<typeof startServer>>} server */
const memory = (server) => `${server.mostMemory().toFixed(0)} MB`;

/** Asks for a page again and again while something is done. @template T @param {() => Promise<T>} work */
async function meanwhile(work) {
  /** @type {number[]} */
  const times = [];
  let going = true;
  const asking = (async () => {
    while (going) {
      const from = performance.now();
      await (await fetch(`${ADDRESS}/log`)).text();
      times.push(performance.now() - from);
      await pause(250);
    }
  })();
  const from = performance.now();
  const result = await work();
  const seconds = since(from);
  going = false;
  await asking;
  times.sort((a, b) => a - b);
  const p95 = times[Math.min(times.length - 1, Math.floor(times.length * 0.95))] ?? NaN;
  const page = `p95 ${p95.toFixed(0)} ms, longest ${(times.at(-1) ?? NaN).toFixed(0)} ms`;
  return { result, seconds, page };
}

/** @param {string} path @param {string} method @param {RequestInit} more */
async function send(path, method, more = {}) {
  const headers = { 'content-type': 'application/octet-stream' };
  const answer = await fetch(`${API}${path}`, { method, headers, ...more });
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
  return answer;
}

/** Measures and prints. @param {string} folder with the database and the pictures that bench/log.ts made */
export async function benchLog(folder) {
  buildIfStale();
  /** @type {Record<string, Record<string, string>>} */
  const table = {};
  const archive = join(folder, 'archive.jsonl');
  let server = await startServer(folder);
  const out = await meanwhile(async () => {
    const { body } = await send('/archive/lines', 'GET');
    if (body) await pipeline(Readable.fromWeb(/** @type {any} */ (body)), createWriteStream(archive));
  });
  const size = (statSync(archive).size / 1e6).toFixed(0);
  table[`archive of 100,000 frames out, ${size} MB`] = {
    ...{ time: out.seconds, 'a page meanwhile': out.page, 'most memory of the server': memory(server) }
  };
  const copied = await meanwhile(() => send('/copies', 'POST', { headers: {} }));
  table['a copy of it all, checked'] = {
    ...{ time: copied.seconds, 'a page meanwhile': copied.page, 'most memory of the server': memory(server) }
  };
  await server.stop('SIGKILL');

  const fresh = join(folder, 'fresh');
  mkdirSync(fresh);
  server = await startServer(fresh);
  const before = memory(server);
  /** @type {{ id: string; state: string; counts: { frame?: { fresh: number } } }} */
  let view = { id: '', state: 'reading', counts: {} };
  const read = await meanwhile(async () => {
    const body = /** @type {any} */ (Readable.toWeb(createReadStream(archive)));
    view = await (
      await send('/imports?name=archive.jsonl', 'POST', /** @type {any} */ ({ body, duplex: 'half' }))
    ).json();
    while (view.state === 'reading') {
      await pause(100);
      view = await (await send(`/imports/${view.id}`, 'GET')).json();
    }
  });
  const named = `archive in: ${view.counts.frame?.fresh} frames`;
  table[`server started, nothing done`] = { 'most memory of the server': before };
  table[`${named} read and checked`] = {
    ...{ time: read.seconds, 'a page meanwhile': read.page, 'most memory of the server': memory(server) }
  };
  const taken = await meanwhile(() => send(`/imports/${view.id}/take`, 'POST'));
  table[`${named} taken`] = {
    ...{ time: taken.seconds, 'a page meanwhile': taken.page, 'most memory of the server': memory(server) }
  };
  await server.stop('SIGKILL');

  for (const type of ['jpeg', 'tiff', 'png']) {
    server = await startServer(fresh);
    const scans = await meanwhile(async () => {
      const kept = await Promise.all(
        Array.from({ length: 40 }, async (_, i) => {
          const body = await openAsBlob(join(folder, `${i}.${type}`));
          return (await send(`/loads/demo-load-marigold/scans?name=${i}.${type}`, 'POST', { body })).status;
        })
      );
      return kept.length;
    });
    table[`${scans.result} ${type} of 12 megapixels, as scans`] = {
      ...{ time: scans.seconds, 'a page meanwhile': scans.page, 'most memory of the server': memory(server) }
    };
    await server.stop('SIGKILL');
  }
  console.log('The log in the running server:');
  console.table(table);
}
