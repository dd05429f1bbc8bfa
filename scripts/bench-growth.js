// How long the server takes for each page and each list with a thousand, ten thousand and a hundred thousand frames.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { startServer } from './bench-server.js';

const TIMES = 9;
/** Pages and lists that are about the whole log, beside every place. */
const MORE = [
  ['Log, one film', '/log?load=bench-20'],
  ['Log, every film', '/log?films=1'],
  ['Log, a tag', '/log?tag=tag+12'],
  ['Log, a rare word', '/log?words=note+976+harbour'],
  ['Log, a common word', '/log?words=harbour'],
  ['Log, words that are nowhere', '/log?words=lighthouse+keeper'],
  ['Log, light', '/log?from_lv=12&to_lv=12.2'],
  ['Log, too dark', '/log?verdict=dark'],
  ['Log, not judged', '/log?verdict=unjudged'],
  ['Write up a film', '/log/roll?load=bench-20'],
  ['Scans of a film', '/log/scans?film=bench-20'],
  ['A camera', '/kit/camera/demo-pebble'],
  ['A film', '/kit/film/demo-saltmarsh'],
  ['frames, API', '/api/v1/frames'],
  ['loads, API', '/api/v1/loads'],
  ['carried, API', '/api/v1/carried']
];

/** Prints the medians. @param {string} folder with a folder for each number of frames */
export async function benchGrowth(folder) {
  /** @type {Record<string, Record<string, number | string>>} */
  const table = {};
  /** @type {[string, string][]} */
  const places = JSON.parse(readFileSync(join(folder, 'places.json'), 'utf8'));
  for (const frames of ['1000', '10000', '100000']) {
    const from = performance.now();
    const server = await startServer(join(folder, frames));
    (table['start'] ??= {})[frames] = Math.round(server.listening - from);
    (table['start and first page'] ??= {})[frames] = Math.round(performance.now() - from);
    await server.rested();
    for (const [name, path] of [...places, ...MORE]) {
      /** @type {number[]} */
      const times = [];
      for (let i = 0; i < TIMES; i++) {
        const begun = performance.now();
        const answer = await fetch(server.address + path);
        await answer.arrayBuffer();
        if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
        times.push(performance.now() - begun);
      }
      times.sort((a, b) => a - b);
      (table[`${name} ${path}`] ??= {})[frames] = Math.round(times[TIMES >> 1] * 10) / 10;
    }
    await server.stop();
  }
  console.log('Server time by frames in the log, ms (median of nine):');
  console.table(table);
}
