// Starts the app: installs and builds what is missing, then serves. `--demo` uses the demonstration kit, `--scans` draws its scans.
// Honours PORT (4170), HOST (127.0.0.1) and JUST_ENOUGH_DATA (folder of the database, `data`).
import { resolve } from 'node:path';
import { setFlagsFromString } from 'node:v8';
import { readPort, requireFree, requireWritable } from './listen.js';
import { buildIfStale, buildStamp, fail, installIfMissing, refuseOldNode, ROOT } from './prepare.js';
import { serve } from './serve.js';

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
  // scans and exports are large; every route that takes less says so itself
  BODY_SIZE_LIMIT: 'Infinity'
});
try {
  await serve({ host, port });
} catch (error) {
  fail(error instanceof Error ? error.message : String(error));
}
const address = `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}/`;
// the first page takes longest: it is asked for here, so that no person waits for it
await fetch(`${address}shoot`)
  .then((page) => page.text())
  .catch(() => null);
console.log(`Just Enough is at ${address}`);
