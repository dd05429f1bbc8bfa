import { build } from 'vite';
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
const ROOT = '/work/main';
const outDir = mkdtempSync(join(ROOT, 'node_modules', '.bench-'));
const NAMES = process.argv.slice(2);
await build({
  root: ROOT,
  configFile: false,
  logLevel: 'error',
  build: {
    ssr: true,
    outDir,
    emptyOutDir: true,
    rollupOptions: {
      input: Object.fromEntries(NAMES.map((n) => [n, join(ROOT, 'bench', `${n}.ts`)])),
      output: { entryFileNames: '[name].mjs' }
    }
  },
  ssr: { noExternal: true, external: ['better-sqlite3', 'sharp'] }
});
for (const n of NAMES) await import(pathToFileURL(join(outDir, `${n}.mjs`)).href);
rmSync(outDir, { recursive: true, force: true });
