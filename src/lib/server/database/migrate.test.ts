// Databases of every past version, with data, brought to today: what was noted keeps its meaning, what cannot be told is marked.
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { frameMarks } from '#core/log/border-note.ts';
import { isEvidence } from '#core/log/exposed.ts';
import { repositoriesOf } from '../repositories.ts';
import { migrate, orderMigrations, type Migration } from './migrate.ts';
import { MIGRATIONS, openDatabase } from './open.ts';

/** The version whose tables had to be looked at row by row. */
const KEPT_AS_NOTED = 15;
const TOY_CONTROLS = JSON.stringify([
  {
    ...{ kind: 'marked', id: 'aperture', label: 'Lever', acts: 'aperture', shape: 'lever' },
    positions: [
      { mark: 'sun', symbol: 'sun', value: 11 },
      { mark: 'cloud', symbol: 'cloud', value: 8 }
    ]
  },
  {
    kind: 'fixed',
    id: 'time',
    label: 'Shutter',
    acts: 'time',
    position: { mark: 'N', symbol: null, value: 0.01 }
  }
]);
/** A clue as each version kept it. */
const lightOf = (version: number): string =>
  JSON.stringify({
    ...{ kind: 'shadow', clue: 'sharp', bright: false, backlit: false },
    ...(version < 5 ? {} : { shaded: false, lowSun: 'no' })
  });

/** A database of a version with a camera, a film and three frames: one before a change of the camera, one after, one unreadable. */
function databaseOf(version: number): Database.Database {
  const db = new Database(':memory:');
  migrate(db, MIGRATIONS.slice(0, version));
  db.exec(`
    insert into camera (id, name, focal_mm, condition, formats, controls, revision, created_at)
      values ('toy', 'Toy', 75, 'mechanical', '["roll-6x6"]', '${TOY_CONTROLS}', 2, '2025-05-01T08:00:00Z');
    insert into film (id, name, kind, iso, below_stops, above_stops, reciprocity, development_stops, age_stops, sd_stops,
        formats, frames, created_at)
      values ('film', 'Film', 'negative-bw', 125, 3.5, 6.5, '{"kind":"none"}', 0, 0, 0.2, '["roll-6x6"]', 12,
        '2025-05-01T08:00:00Z');
    insert into load (id, camera_id, film_id, frames_total, loaded_at) values ('load', 'toy', 'film', 12, '2025-05-01T09:00:00Z');
    insert into in_hand (only_row, load_id) values (1, 'load');
  `);
  const frame =
    db.prepare(`insert into frame (id, load_id, number, logged_at, camera_revision, light_lv, light_sd_stops, light_way,
    contrast, choice, delta_stops, sd_stops, p_usable, note) values (?, 'load', ?, ?, ?, 14.6, 0.35, ?, 'hard', ?, 0.5, 0.6, 0.9, ?)`);
  const light = lightOf(version);
  if (version >= 6) db.exec("update camera set traits = json_set(traits, '$.checks', json('[]'))");
  const cloud = JSON.stringify({ aperture: 1, time: 0 });
  frame.run('frame-before', 1, '2025-05-01T10:00:00Z', 1, light, cloud, 'Quay');
  frame.run('frame-after', 2, '2025-05-01T11:00:00.000Z', 2, light, cloud, '');
  frame.run('frame-odd', 3, '2026-01-99T99:99:99Z', 2, light, '{}', '');
  return db;
}

describe('databases of every past version', () => {
  test.each(Array.from({ length: KEPT_AS_NOTED - 1 }, (_, i) => i + 1))('version %i', (version) => {
    const db = databaseOf(version);
    const told = migrate(db, MIGRATIONS);
    expect(told.join(' ')).toMatch(/1 frame was logged before.*1 time was unreadable/);
    const { frames, cameras, loads, revisions } = repositoriesOf(db);
    const [before, after, odd] = frames.listByLoad('load');
    // the change between them was not kept: the mark is told as the camera is now, in doubt
    expect(before).toMatchObject({ note: 'Quay', number: 1, doubts: ['setting', 'zone'] });
    expect(before && [frameMarks(before), isEvidence(before)]).toEqual(['cloud?', false]);
    expect(after && [frameMarks(after), isEvidence(after)]).toEqual(['cloud', true]);
    expect(after?.set[0]).toMatchObject({ mark: 'cloud', value: 8, chosen: true });
    expect(after?.takenAt.at).toBe('2025-05-01T11:00:00.000Z');
    expect(odd).toMatchObject({ doubts: ['zone', 'time'], takenAt: { at: '2025-05-01T11:00:00.000Z' } });
    expect(cameras.find('toy')).toMatchObject({ revision: 2, value: { name: 'Toy' } });
    expect(revisions.camera('toy', 1)).toBeNull();
    expect(loads.inUse()?.id).toBe('load');
    expect(db.pragma('foreign_key_check')).toEqual([]);
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
  });

  test('where every change since was one of the bias, the marks are sure, and the camera of then is kept', () => {
    const db = databaseOf(14);
    db.exec(`insert into bias_change (camera_id, changed_at, from_stops, from_sd, to_stops, to_sd, frames)
      values ('toy', '2025-05-01T10:30:00Z', 0.4, null, 0.9, 0.2, 3)`);
    migrate(db, MIGRATIONS);
    const { frames, revisions } = repositoriesOf(db);
    const [before] = frames.listByLoad('load');
    expect(before).toMatchObject({ cameraRevision: 1, doubts: ['zone'] });
    expect(revisions.camera('toy', 1)?.value.biasStops).toBe(0.4);
  });
});

describe('the demonstration of version 14, with 300 frames and edited cameras', () => {
  let folder = '';
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'just-enough-past-'));
    const packed = readFileSync(join(import.meta.dirname, 'past/version-14.sqlite.gz'));
    writeFileSync(join(folder, 'log.sqlite'), gunzipSync(packed));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  test('comes over whole, a copy beside it, and what could not be told is said once', () => {
    const path = join(folder, 'log.sqlite');
    const was = new Database(path, { readonly: true });
    const old = was.prepare('select id, number, note, light_lv, logged_at from frame order by id').all() as {
      id: string;
      number: number;
      note: string;
      light_lv: number;
      logged_at: string;
    }[];
    was.close();
    const db = openDatabase(path);
    const { frames, notices, judgements, settings } = repositoriesOf(db);
    for (const row of old) {
      const frame = frames.find(row.id);
      expect(frame).toMatchObject({ number: row.number, note: row.note, light: { lv: row.light_lv } });
      if (!row.logged_at.includes('-99T'))
        expect(Date.parse(frame?.takenAt.at ?? '')).toBe(Date.parse(row.logged_at));
      expect(frame?.takenAt.zone).toBe('Europe/Oslo');
    }
    expect(old).toHaveLength(300);
    // a mark was put in front of the toy camera's lever: none of its frames moved to another
    const marigold = db
      .prepare("select id from frame where load_id like '%marigold%'")
      .pluck()
      .all() as string[];
    expect(marigold.length).toBeGreaterThan(20);
    for (const id of marigold) expect(frames.find(id)?.doubts).toContain('setting');
    // the box camera's bias was all that changed: its frames are sure
    const pebble = frames.find('demo-load-pebble-1');
    expect(pebble).toMatchObject({ cameraRevision: 1, doubts: ['zone'] });
    expect(judgements.statesOf('demo-pebble').length).toBeGreaterThan(8);
    expect(settings.read().place?.zone).toBe('Europe/Oslo');
    const [notice] = notices.waiting();
    expect(notice?.words).toContain('question mark');
    expect(notice?.words).toContain('log.sqlite.version-14');
    expect(notices.read(notice?.id ?? 0)).toBe(true);
    expect(notices.waiting()).toEqual([]);
    const copy = new Database(`${path}.version-14`, { readonly: true });
    expect(copy.pragma('user_version', { simple: true })).toBe(14);
    copy.close();
    db.close();
    // opened again, nothing is told again
    const again = openDatabase(path);
    expect(repositoriesOf(again).notices.waiting()).toEqual([]);
    again.close();
  });
});

describe('migrations', () => {
  const one: Migration = {
    ...{ version: 1, name: '0001_one.sql' },
    up: (db) => {
      db.exec(
        'create table a (id integer primary key) strict; create table b (a integer references a (id)) strict;'
      );
      return [];
    }
  };
  const rebuild = (sql: string): Migration => ({
    ...{ version: 2, name: '0002_two.sql' },
    up: (db) => {
      db.exec(sql);
      return [];
    }
  });

  test('a table that others name can be rebuilt', () => {
    const db = new Database(':memory:');
    migrate(db, [one]);
    db.exec('insert into a values (1); insert into b values (1)');
    const sql = `alter table a rename to old; create table a (id integer primary key, c text) strict;
      insert into a (id) select id from old; drop table old;`;
    migrate(db, [one, rebuild(sql)]);
    expect(db.pragma('foreign_key_check')).toEqual([]);
    expect(() => db.exec('delete from a')).toThrow('FOREIGN KEY');
  });

  test('one that would leave a row naming nothing changes nothing', () => {
    const db = new Database(':memory:');
    migrate(db, [one]);
    db.exec('insert into a values (1); insert into b values (1)');
    expect(() => migrate(db, [one, rebuild('delete from a')])).toThrow('name what is not there');
    expect(db.pragma('user_version', { simple: true })).toBe(1);
    expect(db.prepare('select count(*) from a').pluck().get()).toBe(1);
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
  });

  test('a newer database is left alone; files count from 1 without gaps', () => {
    const db = new Database(':memory:');
    db.pragma('user_version = 99');
    expect(() => migrate(db, [one])).toThrow('newer version');
    expect(() => orderMigrations({ './0002_b.sql': '' })).toThrow('must start with 0001_');
    expect(() => orderMigrations({ './first.sql': '' })).toThrow('name a migration like');
    expect(existsSync(join(import.meta.dirname, 'migrations', '0001_kit_and_log.sql'))).toBe(true);
  });
});
