// Builds the measurements as for production and runs them.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { ROOT } from './prepare.js';

const outDir = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
await build({
  root: ROOT,
  configFile: false,
  logLevel: 'error',
  build: {
    ssr: 'bench/engine.ts',
    outDir,
    emptyOutDir: true,
    rollupOptions: { output: { entryFileNames: 'engine.mjs' } }
  }
});
await import(pathToFileURL(join(outDir, 'engine.mjs')).href);
rmSync(outDir, { recursive: true, force: true });
