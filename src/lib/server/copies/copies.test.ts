// Copies are whole, are told apart from what is damaged, say what would be different, and bring back what was.
import { mkdtempSync, readdirSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { afterEach, describe, expect, test } from 'vitest';
import { seeded } from '#core/numeric/seeded.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { archiveLines } from '../files/export-rows.ts';
import { frameRepository } from '../log/frames.ts';
import { copiesOf } from './copies.ts';
import { keptOf, KEPT } from './retention.ts';

const folders: string[] = [];
afterEach(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});
const DAY = 86_400_000;
const NOW = Date.parse('2026-10-01T12:00:00.000Z');

function home() {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-copies-'));
  folders.push(folder);
  const path = join(folder, 'log.sqlite');
  const db = openDatabase(path);
  seedDemo(db);
  let ms = NOW;
  const copies = copiesOf(path, join(folder, 'copies'), () => ms);
  return { folder, path, db, copies, later: (by: number) => (ms += by) };
}
const textOf = (db: Database.Database): string => [...archiveLines(db, 'then')].join('\n');

describe('a copy', () => {
  test('holds everything, also what was written while it was made; nothing half made stays', async () => {
    const { db, copies, folder } = home();
    const making = copies.make('asked');
    db.exec("update frame set note = 'changed meanwhile' where id = 'demo-load-marigold-1'");
    const copy = await making;
    expect(copies.list()).toEqual([copy]);
    expect(readdirSync(join(folder, 'copies'))).toEqual([copy.name]);
    const held = new Database(join(folder, 'copies', copy.name), { readonly: true });
    expect(held.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(held.prepare('select count(*) as n from frame').get()).toEqual(
      db.prepare('select count(*) as n from frame').get()
    );
    held.close();
    db.close();
  });

  test('each day has one of its own, and no second', async () => {
    const { db, copies, later } = home();
    expect((await copies.daily())?.reason).toBe('daily');
    expect(await copies.daily()).toBeNull();
    later(DAY);
    expect((await copies.daily())?.reason).toBe('daily');
    expect(copies.list()).toHaveLength(2);
    db.close();
  });

  test('says what would be different, by name, and changes nothing by it', async () => {
    const { db, copies } = home();
    const copy = await copies.make('asked');
    expect(await copies.against(copy)).toMatchObject({
      gone: { count: 0 },
      back: { count: 0 },
      changed: { count: 0 }
    });
    const frames = frameRepository(db);
    const one = frames.find('demo-load-marigold-1');
    const two = frames.find('demo-load-marigold-2');
    if (!one || !two) throw new Error('no frame');
    frames.change({ ...one, note: 'new words' });
    frames.change({ ...two, deletedAt: 'now' });
    frames.add({ ...one, id: 'later', number: 9, note: 'Late light' });
    const { now, then, gone, back, changed } = await copies.against(copy);
    expect(gone).toEqual({ count: 1, first: ['9 on Tidewater 125, Late light'] });
    expect(back).toEqual({ count: 1, first: ['2 on Tidewater 125, Three rowers carrying the boat'] });
    expect(changed.first).toEqual(['1 on Tidewater 125, Breakwater from the slip, sea mist lifting']);
    expect(now.frames).toBe(then.frames);
    expect(copies.list()).toEqual([copy]);
    db.close();
  });

  test('is brought back: all is as it was', async () => {
    const { db, copies, path } = home();
    const before = textOf(db);
    const copy = await copies.make('asked');
    db.exec('delete from judgement');
    db.close();
    copies.putInPlace(copy, path);
    const again = openDatabase(path);
    expect(textOf(again)).toBe(before);
    again.close();
  });

  test('that is damaged is neither compared nor brought back, and nothing is changed', async () => {
    const { db, copies, path, folder } = home();
    const copy = await copies.make('asked');
    const before = textOf(db);
    truncateSync(join(folder, 'copies', copy.name), 20_000);
    await expect(copies.against(copy)).rejects.toThrow();
    db.close();
    expect(() => copies.putInPlace(copy, path)).toThrow();
    const same = openDatabase(path);
    expect(textOf(same)).toBe(before);
    same.close();
  });

  test('from before an upgrade stands among them, is compared in today’s form and brought back', async () => {
    const { folder } = home();
    const path = join(folder, 'old.sqlite');
    const packed = readFileSync(join(import.meta.dirname, '../database/past/version-14.sqlite.gz'));
    writeFileSync(path, gunzipSync(packed));
    const db = openDatabase(path);
    const before = textOf(db);
    const copies = copiesOf(path, join(folder, 'copies'), () => NOW);
    const [copy] = copies.list();
    if (!copy) throw new Error('no copy');
    expect(copy).toMatchObject({ name: 'old.sqlite.version-14', reason: 'before-upgrade' });
    await copies.make('asked');
    const there = readdirSync(join(folder, 'copies'));
    db.exec('delete from judgement');
    const { now, then } = await copies.against(copy);
    expect(then.frames).toBe(now.frames);
    expect(readdirSync(join(folder, 'copies'))).toEqual(there);
    db.close();
    copies.putInPlace(copy, path);
    const again = openDatabase(path);
    expect(textOf(again)).toBe(before);
    again.close();
  });

  test('what lies in the folder beside them is left alone', async () => {
    const { db, copies, folder } = home();
    await copies.make('daily');
    writeFileSync(join(folder, 'copies', 'notes.txt'), 'mine');
    expect(copies.list()).toHaveLength(1);
    expect(copies.find('../log.sqlite')).toBeNull();
    db.close();
  });
});

describe('what is kept', () => {
  test('after years of copies: seven days, four weeks, twelve months, and all of the last day', () => {
    const random = seeded(9);
    const copies = Array.from({ length: 900 }, (_, i) => ({
      ms: NOW - i * DAY - random.between(0, DAY / 2)
    }));
    const today = [1, 2, 3].map((h) => ({ ms: NOW - h * 1000 }));
    const kept = keptOf([...copies, ...today], NOW);
    expect(kept.slice(0, 3)).toEqual(today);
    expect(kept.length).toBeLessThanOrEqual(KEPT.days + KEPT.weeks + KEPT.months + 4);
    const age = (c: { readonly ms: number }) => (NOW - c.ms) / DAY;
    for (let day = 0; day < 6; day++)
      expect(kept.some((c) => Math.floor(age(c)) === day || Math.ceil(age(c)) === day)).toBe(true);
    expect(kept.some((c) => age(c) > 300)).toBe(true);
    expect(Math.max(...kept.map(age))).toBeLessThan(400);
  });
  test('keeping twice keeps the same; the newest is always among them', () => {
    const random = seeded(4);
    for (let i = 0; i < 50; i++) {
      const copies = Array.from({ length: 40 }, () => ({ ms: NOW - random.between(0, 800 * DAY) }));
      const kept = keptOf(copies, NOW);
      expect(keptOf(kept, NOW)).toEqual(kept);
      expect(kept[0]?.ms).toBe(Math.max(...copies.map((c) => c.ms)));
    }
  });
});
