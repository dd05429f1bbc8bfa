// Builds the measurements as for production and runs them.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { benchLog } from './bench-log.js';
import { benchNewcomer } from './bench-newcomer.js';
import { benchPicture } from './bench-picture.js';
import { benchGrowth } from './bench-growth.js';
import { benchLoad } from './bench-load.js';
import { benchOffline } from './bench-offline.js';
import { benchShoot } from './bench-shoot.js';
import { ROOT, run } from './prepare.js';

run('npx', ['svelte-kit', 'sync']);
const [all, engine, log, load, fuzz, kills, histories, situations, shoot, picture] = [
  process.argv.length === 2,
  ...[
    '--engine',
    '--log',
    '--load',
    '--fuzz',
    '--kills',
    '--histories',
    '--situations',
    '--shoot',
    '--picture'
  ].map((name) => process.argv.includes(name))
];
/** So many random histories of a log, and what was noted is still true after each of their steps. */
const HISTORIES = '10000';
if (all || histories)
  run('npx', ['vitest', 'run', 'tests/histories.test.ts'], { JUST_ENOUGH_HISTORIES: HISTORIES });
/** So many requests made from the description of the API and at random: none fails the server, none hangs. */
const REQUESTS = '10000';
if (all || fuzz)
  run('npx', ['playwright', 'test', '--project=desktop', 'trust.spec.ts', '-g', 'at random'], {
    BENCH_REQUESTS: REQUESTS
  });
/** The server is killed so often, in the middle of frames, imports and copies: nothing that was acknowledged is lost. */
const KILLS = '200';
if (all || kills)
  run('npx', ['playwright', 'test', '--project=desktop', 'kills.spec.ts'], { BENCH_KILLS: KILLS });
/** So many random situations: what holds of every chance and every remedy. */
const SITUATIONS = '10000';
if (all || situations)
  run('npx', ['vitest', 'run', 'src/core/chance/whole-frame.test.ts', 'src/core/advice/remedies.test.ts'], {
    JUST_ENOUGH_SITUATIONS: SITUATIONS
  });
// where packages with native parts are found
const outDir = mkdtempSync(join(ROOT, 'node_modules', '.bench-'));
// where the log leaves what the server is measured with
const folder = mkdtempSync(join(tmpdir(), 'just-enough-bench-log-'));
process.env.BENCH_FOLDER = folder;
const NAMES = [
  ...(all || engine ? ['engine', 'sky', 'plan', 'workbench', 'scene'] : []),
  ...(all || log ? ['judge', 'log'] : []),
  ...(all || load ? ['years'] : [])
];
if (NAMES.length > 0)
  await build({
    root: ROOT,
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: true,
      outDir,
      emptyOutDir: true,
      rollupOptions: {
        input: Object.fromEntries(NAMES.map((name) => [name, join(ROOT, 'bench', `${name}.ts`)])),
        output: { entryFileNames: '[name].mjs' }
      }
    },
    ssr: { noExternal: true, external: ['better-sqlite3', 'sharp'] }
  });
for (const name of NAMES) await import(pathToFileURL(join(outDir, `${name}.mjs`)).href);
rmSync(outDir, { recursive: true, force: true });
if (NAMES.includes('log')) await benchLog(folder);
if (NAMES.includes('years')) {
  await benchGrowth(folder);
  await benchLoad(folder);
}
rmSync(folder, { recursive: true, force: true });
if (all || shoot) await benchShoot();
if (all || picture) await benchPicture();
if (all) {
  await benchOffline();
  await benchNewcomer();
}
