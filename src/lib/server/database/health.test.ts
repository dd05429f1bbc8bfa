// A damaged file is known before anything is written into it, and what SQLite refuses is said in words.
import { existsSync, mkdtempSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, describe, expect, test } from 'vitest';
import { seedDemo } from '../demo/seed.ts';
import { damageTable } from './damage.test.fixtures.ts';
import { damageOf, isDamage, openForLooking } from './health.ts';
import { openBeside, openDatabase } from './open.ts';
import { presenceOf } from './presence.ts';
import { explainSqlite } from './sqlite-words.ts';

const folders: string[] = [];
afterEach(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});

function seeded(): string {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-health-'));
  folders.push(folder);
  const path = join(folder, 'log.sqlite');
  const db = openDatabase(path);
  seedDemo(db);
  db.close();
  return path;
}
describe('a file', () => {
  test('that is sound, or not there yet, is', () => {
    const path = seeded();
    expect(damageOf(path)).toBeNull();
    expect(damageOf(`${path}.none`)).toBeNull();
    expect(existsSync(`${path}.none`)).toBe(false);
  });

  test('damaged in one table is found out, and the rest of it is shown without a write', () => {
    const path = seeded();
    damageTable(path, 'exercise');
    const before = readFileSync(path);
    const damage = damageOf(path);
    expect(damage).toMatchObject({ path, readable: true });
    expect(damage?.why).toMatch(/^Tree \d+ page \d+/);
    if (!damage) return;
    const db = openForLooking(damage);
    expect(db.prepare('select count(*) as n from frame').get()).toMatchObject({ n: 28 });
    expect(() => db.exec("update frame set note = ''")).toThrow(/readonly/);
    db.close();
    expect(readFileSync(path).equals(before)).toBe(true);
  });

  test('that is none of SQLite’s, or is cut off, cannot be read', () => {
    const path = seeded();
    const size = statSync(path).size;
    for (const damaged of [
      Buffer.from('a letter of mine'.repeat(300)),
      readFileSync(path).subarray(0, size / 3)
    ]) {
      writeFileSync(path, damaged);
      const damage = damageOf(path);
      expect(damage).not.toBeNull();
      if (!damage) continue;
      // an empty one stands in: nothing that is shown may be taken for the log
      const db = openForLooking(damage);
      if (!damage.readable)
        expect(db.prepare('select count(*) as n from frame').get()).toMatchObject({ n: 0 });
      db.close();
    }
  });
});

test('a file that was moved away or replaced is missed, and all that it held is put beside it', () => {
  for (const replaced of [false, true]) {
    const path = seeded();
    const db = openDatabase(path);
    const missing = presenceOf(db);
    db.exec("update frame set note = 'just written' where id = 'demo-load-marigold-1'");
    expect(missing()).toBeNull();
    renameSync(path, `${path}.moved`);
    if (replaced) writeFileSync(path, '');
    const said = missing();
    expect(said).toContain(replaced ? 'was replaced' : 'was moved or removed');
    const beside = /held is in (\S+) now/.exec(said ?? '')?.[1] ?? '';
    const rescued = new Database(beside, { readonly: true });
    expect(rescued.prepare("select note from frame where id = 'demo-load-marigold-1'").get()).toEqual({
      note: 'just written'
    });
    rescued.close();
    // said again as it was, not rescued again
    expect(missing()).toBe(said);
    db.close();
  }
});

test('work beside the server puts no empty database where one was moved away', () => {
  const path = seeded();
  renameSync(path, `${path}.moved`);
  expect(() => openBeside(path)).toThrow();
  expect(existsSync(path)).toBe(false);
  renameSync(`${path}.moved`, path);
  const db = openBeside(path);
  expect(db.prepare('select count(*) as n from frame').get()).not.toEqual({ n: 0 });
  db.close();
});

test('every refusal is said with its file and what to do', () => {
  const error = (code: string): unknown => new Database.SqliteError('it says so', code);
  for (const [code, words] of [
    ['SQLITE_FULL', 'is full'],
    ['SQLITE_READONLY_DBMOVED', 'cannot be written'],
    ['SQLITE_CORRUPT_VTAB', 'is damaged'],
    ['SQLITE_NOTADB', 'is damaged'],
    ['SQLITE_CANTOPEN', 'cannot be read or written'],
    ['SQLITE_IOERR_WRITE', 'cannot be read or written'],
    ['SQLITE_BUSY', 'held by another program']
  ] as const) {
    const said = explainSqlite(error(code), '/somewhere/log.sqlite');
    expect(said).toContain(words);
    expect(said).toContain('/somewhere/log.sqlite');
    expect(said).toContain('Nothing was stored.');
  }
  expect(explainSqlite(error('SQLITE_CONSTRAINT_UNIQUE'), 'x')).toBeNull();
  expect(explainSqlite(new Error('other'), 'x')).toBeNull();
  expect([isDamage(error('SQLITE_CORRUPT')), isDamage(error('SQLITE_FULL')), isDamage(null)]).toEqual([
    true,
    false,
    false
  ]);
});
