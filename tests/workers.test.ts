// What the server does beside itself, built as for production and run on a database of its own.
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import Database from 'better-sqlite3';
import { build } from 'vite';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDatabase } from '../src/lib/server/database/open.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';

const ROOT = join(import.meta.dirname, '..');
let folder = '';
let built = '';
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'just-enough-workers-'));
  // where packages with native parts are found
  built = mkdtempSync(join(ROOT, 'node_modules', '.workers-'));
  const configFile = join(ROOT, 'vite.workers.config.ts');
  await build({ root: ROOT, configFile, logLevel: 'error', build: { outDir: built } });
});
afterAll(() => {
  for (const made of [folder, built]) rmSync(made, { recursive: true, force: true });
});

test('what judged frames say is worked out beside the server, before a page asks', async () => {
  const path = join(folder, 'demo.sqlite');
  const db = openDatabase(path);
  seedDemo(db);
  db.close();
  const [code] = (await once(new Worker(join(built, 'learn.js'), { workerData: path }), 'exit')) as [number];
  expect(code).toBe(0);
  const file = new Database(path, { readonly: true });
  const count = (table: string): unknown => file.prepare(`select count(*) from ${table}`).pluck().get();
  expect(count('judgement')).toBeGreaterThan(8);
  expect(count('judged_observation')).toBe(count('judgement'));
  expect(count('judged_observation where line is not null')).not.toBe(0);
  file.close();
});
