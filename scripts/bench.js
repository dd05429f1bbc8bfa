// Builds the measurements as for production and runs them.
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { benchNewcomer } from './bench-newcomer.js';
import { benchPocket } from './bench-pocket.js';
import { benchShoot } from './bench-shoot.js';
import { ROOT } from './prepare.js';

// where packages with native parts are found
const outDir = mkdtempSync(join(ROOT, 'node_modules', '.bench-'));
const NAMES = process.argv.includes('--log') ? ['log'] : ['engine', 'sky', 'log'];
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
if (!process.argv.includes('--engine') && !process.argv.includes('--log')) {
  await benchShoot();
  await benchPocket();
  await benchNewcomer();
}
