// Builds the measurements as for production and runs them.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { benchNewcomer } from './bench-newcomer.js';
import { benchPocket } from './bench-pocket.js';
import { benchShoot } from './bench-shoot.js';
import { ROOT } from './prepare.js';

const outDir = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
const NAMES = ['engine', 'sky'];
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
  ssr: { noExternal: true }
});
for (const name of NAMES) await import(pathToFileURL(join(outDir, `${name}.mjs`)).href);
rmSync(outDir, { recursive: true, force: true });
if (!process.argv.includes('--engine')) {
  await benchShoot();
  await benchPocket();
  await benchNewcomer();
}
