// Starts the app: installs and builds what is missing, then serves. `--demo` uses the demonstration kit, `--scans` draws its scans.
// Honours PORT (4170), HOST (127.0.0.1) and JUST_ENOUGH_DATA (folder of the database, `data`).
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { readPort, requireFree, requireWritable } from './listen.js';
import { buildIfStale, buildStamp, fail, installIfMissing, refuseOldNode, ROOT } from './prepare.js';

refuseOldNode();
// memory is cleared sooner than Node.js would by itself: this runs on the small machine at home, beside other things
setFlagsFromString('--heap-growing-percent=40');
const demo = process.argv.includes('--demo') ? (process.argv.includes('--scans') ? 'scans' : '1') : '0';
const host = process.env.HOST || '127.0.0.1';
const port = readPort(process.env.PORT || '4170');
const data = resolve(ROOT, process.env.JUST_ENOUGH_DATA || 'data');

requireWritable(data);
await requireFree(host, port);
installIfMissing();
buildIfStale();

Object.assign(process.env, {
  HOST: host,
  PORT: String(port),
  JUST_ENOUGH_DATA: data,
  JUST_ENOUGH_DEMO: demo,
  JUST_ENOUGH_BUILD: buildStamp(),
  NODE_ENV: 'production',
  // a page that is looked at goes on on the connection it has: one that is just being closed fails the request sent on it
  KEEP_ALIVE_TIMEOUT: '120',
  // scans and exports are large; every route that takes less says so itself
  BODY_SIZE_LIMIT: 'Infinity'
});
const log = console.log;
// the server tells when it listens, in words of its own that may name 0.0.0.0: ours say what to open, and when
console.log = (...words) => {
  if (!String(words[0]).startsWith('Listening on')) {
    log(...words);
    return;
  }
  const address = `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}/`;
  // the first page takes longest: it is asked for here, so that no person waits for it
  void fetch(`${address}shoot`)
    .then((page) => page.text())
    .catch(() => null)
    .finally(() => log(`Just Enough is at ${address}`));
};
try {
  await import(pathToFileURL(resolve(ROOT, 'build/index.js')).href);
} catch (error) {
  fail(error instanceof Error ? error.message : String(error));
}
