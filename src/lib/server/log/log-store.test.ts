import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { STARTING_LIGHT } from '#core/ways/choice.ts';
import type { NewFrame } from '#core/log/frame.ts';
import { newFrameWith } from '#core/log/frames.test.fixtures.ts';
import { moment } from '#core/sky/moment.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { readConfig } from '../config.ts';
import { openDatabase } from '../database/open.ts';
import { DEMO_FILMS } from '../demo/films.ts';
import { DEMO_CAMERAS, seedDemo } from '../demo/seed.ts';
import { filmRepository } from '../kit/films.ts';
import { frameRepository } from './frames.ts';
import { loadRepository } from '../kit/loads.ts';
import { logbook } from './logbook.ts';
import { isOwnHost, isOwnOrigin } from '../access/same-origin.ts';

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'just-enough-store-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});
const path = () => join(folder, 'deep', 'test.sqlite');
const NOW = () => moment('2026-09-13T10:00:00Z', 'Europe/Lisbon');

function demo() {
  const db = openDatabase(path());
  seedDemo(db);
  return { db, log: logbook(db, NOW), frames: frameRepository(db), loads: loadRepository(db) };
}

const frame = (number: number, more: Partial<NewFrame> = {}): NewFrame =>
  newFrameWith({
    ...{ id: `new-frame-${number}`, loadId: 'demo-load-marigold', number },
    ...{ takenAt: NOW(), choice: { aperture: 0, focus: 1 } },
    ...more
  });

describe('opening', () => {
  test('foreign keys, write-ahead log, busy timeout, strict tables', () => {
    const db = openDatabase(path());
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
    expect(db.pragma('journal_mode', { simple: true })).toBe('wal');
    expect(db.pragma('busy_timeout', { simple: true })).toBe(5000);
    const strict = db.prepare<[], { name: string; strict: number }>(
      "select name, strict from pragma_table_list where type = 'table' and name not like 'sqlite_%'"
    );
    expect(strict.all().filter((t) => t.strict !== 1)).toEqual([]);
    db.close();
  });
  test('a database from a newer version is refused in words and left alone', () => {
    const db = openDatabase(path());
    db.pragma('user_version = 999');
    db.close();
    expect(() => openDatabase(path())).toThrow(
      /is of version 999, this program knows versions up to \d+\. Start a newer version/
    );
    const again = new Database(path());
    expect(again.pragma('user_version', { simple: true })).toBe(999);
    again.close();
  });
  test('the configuration refuses what it does not know', () => {
    expect(readConfig({ JUST_ENOUGH_DATA: '/x', JUST_ENOUGH_DEMO: '1' }).databasePath).toBe('/x/demo.sqlite');
    expect(readConfig({}).databasePath).toBe(join('data', 'just-enough.sqlite'));
    expect(() => readConfig({ JUST_ENOUGH_DATE: '/x' })).toThrow('JUST_ENOUGH_DATE is not known');
    expect(() => readConfig({ JUST_ENOUGH_DEMO: 'yes' })).toThrow('must be 0, 1 or scans, got “yes”');
    expect(readConfig({ JUST_ENOUGH_DATA: '/x', JUST_ENOUGH_DEMO: 'scans' })).toMatchObject({
      ...{ demo: true, demoScans: true, copiesPath: '/x/demo-copies' }
    });
    expect(readConfig({ JUST_ENOUGH_DATA: '/x' }).copiesPath).toBe('/x/copies');
    expect(readConfig({ JUST_ENOUGH_BACKUPS: '/far' }).copiesPath).toBe('/far');
  });
});

describe('the kit', () => {
  test('cameras and films come back as they went in, infinity included', () => {
    const { db } = demo();
    expect(cameraRepository(db).list()).toEqual(DEMO_CAMERAS.map((value) => ({ value, revision: 1 })));
    expect(filmRepository(db).list()).toEqual(DEMO_FILMS.map((value) => ({ value, revision: 1 })));
  });
  test('seeding twice changes nothing', () => {
    const { db, frames } = demo();
    seedDemo(db);
    expect(frames.listByLoad('demo-load-marigold')).toHaveLength(5);
  });
  test('a retired camera leaves the kit and is not in use, keeps its frames, and can come back', () => {
    const { db, frames, loads } = demo();
    const cameras = cameraRepository(db);
    expect(loads.inUse()?.cameraId).toBe('demo-marigold');
    expect(cameras.retire('demo-marigold', NOW().at)).toBe(true);
    expect(cameras.retire('demo-marigold', NOW().at)).toBe(false);
    expect(cameras.list().map((c) => c.value.id)).not.toContain('demo-marigold');
    expect(loads.inUse()).toBeNull();
    expect(frames.listByLoad('demo-load-marigold')).toHaveLength(5);
    expect(cameras.bringBack('demo-marigold')).toBe(true);
    expect(loads.inUse()?.cameraId).toBe('demo-marigold');
  });
  test('a camera holds one film at a time; a finished one can be taken back only while it is empty', () => {
    const { loads } = demo();
    const load = loads.find('demo-load-pebble');
    if (!load) throw new Error('no load');
    expect(() => loads.add({ ...load, id: 'second' })).toThrow('UNIQUE');
    expect(loads.finish(load.id, NOW())).toBe(true);
    expect(loads.finish(load.id, NOW())).toBe(false);
    loads.add({ ...load, id: 'second' });
    expect(loads.reopen(load.id)).toBe(false);
    loads.finish('second', NOW());
    expect(loads.reopen(load.id)).toBe(true);
  });
});

describe('the log', () => {
  test('a frame sent twice is stored once', () => {
    const { log, frames } = demo();
    expect(log.log(frame(6))).toMatchObject({ ok: true, repeated: false });
    expect(log.log(frame(6))).toMatchObject({ ok: true, repeated: true });
    expect(frames.listByLoad('demo-load-marigold')).toHaveLength(6);
  });
  test('the same number from elsewhere is refused with the next free one', () => {
    const { log } = demo();
    log.log(frame(6));
    expect(log.log(frame(6, { id: 'other-tab' }))).toEqual({
      ok: false,
      refusal: { reason: 'taken', number: 6, next: 7 }
    });
  });
  test.each([
    ['a finished film', frame(6, { loadId: 'demo-load-pebble' }), 'finished'],
    ['a film that is not there', frame(6, { loadId: 'nowhere' }), 'no-load'],
    ['a revision that is not kept', frame(6, { cameraRevision: 9 }), 'no-such-revision'],
    ['a time that has not come', frame(6, { takenAt: moment('2026-09-14T10:00Z', 'UTC') }), 'in-future'],
    ['a time before its film', frame(6, { takenAt: moment('2026-09-12T06:00Z', 'UTC') }), 'before-load'],
    ['a position that the camera has not', frame(6, { choice: { aperture: 7 } }), 'no-such-position']
  ])('%s is refused', (_why, asked, reason) => {
    const { log, loads } = demo();
    loads.finish('demo-load-pebble', NOW());
    const outcome = log.log(asked);
    expect(outcome.ok ? null : outcome.refusal.reason).toBe(reason);
  });
  test('the last frame of a camera is the latest over all its films that is not deleted', () => {
    const { db, log, frames } = demo();
    const cameras = db.prepare<[], { id: string }>('select id from camera').all();
    const latest = db.prepare<[string], { id: string }>(
      `select frame.id from frame join load on load.id = load_id where camera_id = ? and deleted_at is null
       order by taken_at desc, frame.rowid desc limit 1`
    );
    const same = (): void => {
      for (const { id } of cameras) expect(frames.lastOfCamera(id)?.id, id).toBe(latest.get(id)?.id);
    };
    same();
    log.log(frame(6));
    log.log(frame(7));
    expect(frames.lastOfCamera('demo-marigold')?.id).toBe('new-frame-7');
    log.remove('new-frame-7');
    expect(frames.lastOfCamera('demo-marigold')?.id).toBe('new-frame-6');
    same();
  });
  test('two connections on the last frame: one wins', () => {
    const { log } = demo();
    for (let n = 6; n <= 11; n++) log.log(frame(n));
    const other = openDatabase(path());
    expect(log.log(frame(12, { id: 'tab-one-12' })).ok).toBe(true);
    expect(logbook(other, NOW).log(frame(12, { id: 'tab-two-12' }))).toEqual({
      ok: false,
      refusal: { reason: 'taken', number: 12, next: 13 }
    });
    other.close();
  });
  test('a roll of twelve may hold thirteen, and a number may be the person’s own', () => {
    const { log, frames } = demo();
    expect(log.log(frame(13)).ok).toBe(true);
    expect(log.log(frame(84)).ok).toBe(true);
    expect(frames.listByLoad('demo-load-marigold').map((f) => f.number)).toEqual([1, 2, 3, 4, 5, 13, 84]);
  });
  test('deleting can be undone, under the next free number when its own was given away', () => {
    const { log, frames } = demo();
    log.log(frame(6));
    log.remove('new-frame-6');
    expect(frames.listByLoad('demo-load-marigold')).toHaveLength(5);
    log.log(frame(6, { id: 'another-one' }));
    expect(log.restore('new-frame-6')).toMatchObject({ ok: true, frame: { number: 7 } });
  });
  test('what was expected is computed here, and survives reopening', () => {
    const { db, log } = demo();
    log.log(frame(6));
    db.close();
    const again = openDatabase(path());
    const stored = frameRepository(again).find('new-frame-6');
    // LV 14.64 + log2(1.25) − log2(12.3²·85) and a little for the lens moved out to 2.5 m
    expect(stored?.expected?.deltaStops).toBeCloseTo(14.64 + 0.32 - 13.65 - 0.07, 1);
    expect(stored?.light).toEqual(STARTING_LIGHT);
    again.close();
  });
});

describe('who may talk to the server', () => {
  test.each([
    ['localhost:4170', true],
    ['127.0.0.1:1', true],
    ['[::1]:80', true],
    ['evil.example', false],
    ['', false],
    ['192.168.1.5:4170', true],
    ['192.168.1.6:4170', false]
  ])('host %s: %s', (host, own) => expect(isOwnHost(host, ['192.168.1.5'])).toBe(own));
  test.each([
    [null, true],
    ['http://localhost:4170', true],
    ['http://localhost:4171', false],
    ['null', false],
    ['http://evil.example', false]
  ])('origin %s: %s', (origin, own) => expect(isOwnOrigin(origin, 'localhost:4170')).toBe(own));
});
