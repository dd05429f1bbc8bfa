// What the server does beside itself, built as for production and run on a database of its own.
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import Database from 'better-sqlite3';
import { build } from 'vite';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDatabase } from '../src/lib/server/database/open.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';
import { reader } from '../src/lib/server/beside/reader.ts';
import { answerTo } from '../src/lib/server/beside/questions.ts';
import { tasksBeside } from '../src/lib/server/beside/tasks.ts';
import { archiveLines } from '../src/lib/server/files/export-rows.ts';
import { repositoriesOf } from '../src/lib/server/repositories.ts';
import { NO_FILTER } from '../src/lib/schema/log/frame-filter.ts';

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

test('what takes long to read is read beside the server, and says the same', async () => {
  const path = join(folder, 'read.sqlite');
  const db = openDatabase(path);
  seedDemo(db);
  const store = repositoriesOf(db);
  const beside = reader({ databasePath: path, workersPath: built }, store, false);
  const filter = { ...NO_FILTER, words: 'harbour' };
  const judge = { loadId: 'demo-load-thimble-summer', nowMs: Date.parse('2027-01-01T00:00:00Z') };
  const turns: number[] = [];
  const turning = setInterval(() => turns.push(performance.now()), 1);
  try {
    const [numbers, found, judged] = await Promise.all([
      beside.ask('numbers', null),
      beside.ask('found', filter),
      beside.ask('judge', judge)
    ]);
    // others had their turn meanwhile
    expect(turns.length).toBeGreaterThan(10);
    expect(numbers).toEqual(answerTo(store, 'numbers', null));
    expect(numbers.pairs.length).toBeGreaterThan(1);
    expect(found).toEqual(answerTo(store, 'found', filter));
    expect(judged).toEqual(answerTo(store, 'judge', judge));
    // what was written is read at once
    const [any] = found.frames;
    if (!any) throw new Error('nothing was found');
    store.frames.change({ ...any, note: 'never written before', deletedAt: null });
    const { frames } = await beside.ask('found', { ...NO_FILTER, words: 'never written before' });
    expect(frames.map((f) => f.id)).toEqual([any.id]);
    await expect(beside.ask('judge', { loadId: 'no such film', nowMs: 0 })).resolves.toBeNull();
  } finally {
    clearInterval(turning);
    beside.stop();
    db.close();
  }
});

test('a reader that is stopped, or fails, leaves nobody waiting', async () => {
  const path = join(folder, 'stopped.sqlite');
  const db = openDatabase(path);
  const beside = reader({ databasePath: path, workersPath: built }, repositoriesOf(db), false);
  const asked = beside.ask('numbers', null);
  beside.stop();
  await expect(asked).rejects.toThrow('stopping');
  // and begins anew when it is asked again
  await expect(beside.ask('numbers', null)).resolves.toMatchObject({ pairs: [] });
  beside.stop();
  db.close();
  const nowhere = reader(
    { databasePath: folder, workersPath: built },
    repositoriesOf(openDatabase(':memory:')),
    false
  );
  await expect(nowhere.ask('numbers', null)).rejects.toThrow();
});

test('an import goes in beside the server, as a whole or not at all, and a copy is made and compared there', async () => {
  const home = join(folder, 'home');
  const [from, into] = [openDatabase(join(home, 'from.sqlite')), openDatabase(join(home, 'into.sqlite'))];
  seedDemo(from);
  const tasks = tasksBeside({ workersPath: built });
  const hands = tasks.imports(join(home, 'into.sqlite'));
  const unbroken = new AbortController().signal;
  const waiting = join(home, 'waiting');
  mkdirSync(waiting);
  writeFileSync(join(waiting, 'file'), [...archiveLines(from, '2026-06-01T00:00:00Z')].join('\n'));
  const told: number[] = [];
  const found = await hands.read(waiting, (lines) => told.push(lines) > 0, unbroken);
  expect(found.faults).toEqual([]);
  expect(told.at(-1)).toBe(found.lines);
  // nothing of the log is locked or changed while a file waits
  expect([...archiveLines(into, 'then')]).toHaveLength(1);
  const fresh = Object.values(found.counts).reduce((sum, count) => sum + count.fresh, 0);
  const said = await hands.take(waiting, fresh + 1);
  expect(said.join()).toContain('Send the file again');
  expect([...archiveLines(into, 'then')]).toHaveLength(1);
  expect(await hands.take(waiting, fresh)).toEqual([]);
  expect([...archiveLines(into, 'then')]).toEqual([...archiveLines(from, 'then')]);
  // what nobody waits for any more is broken off
  const broken = new AbortController();
  const read = hands.read(waiting, () => true, broken.signal);
  broken.abort();
  await expect(read).rejects.toThrow('broken off');

  const copy = join(home, 'copy.sqlite');
  await tasks.copy({ does: 'make', from: join(home, 'into.sqlite'), to: copy });
  into.exec("update frame set note = 'another', revision = revision + 1 where id = 'demo-load-marigold-1'");
  const work = {
    does: 'compare',
    from: join(home, 'into.sqlite'),
    copy,
    aside: join(home, 'aside.sqlite')
  } as const;
  expect((await tasks.copy(work))?.changed.count).toBe(1);
  await expect(tasks.copy({ ...work, copy: join(home, 'nowhere.sqlite') })).rejects.toThrow();
  from.close();
  into.close();
});
