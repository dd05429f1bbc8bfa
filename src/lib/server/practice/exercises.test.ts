// Exercises in the database: kept as they were, read by what frames noted, out and in again.
import { describe, expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import type { DayExercise } from '#core/practice/exercise.ts';
import { readRecord } from '#schema/files/archive.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { archiveRecords } from '../files/export-rows.ts';
import { recordWriter } from '../files/import-rows.ts';
import { openDatabase } from '../database/open.ts';
import { DEMO_EXERCISES } from '../demo/practice.ts';
import { exerciseRepository } from './exercises.ts';

const AT = moment('2026-09-12T10:00:00Z', 'Europe/Lisbon');
const reading = (text: string, lv: number) =>
  ({
    lv,
    sdStops: 0.25,
    contrast: 'flat',
    way: { kind: 'reading', text, of: 'incident', elsewhere: false, meter: null }
  }) as const;
const day: DayExercise = {
  ...{
    kind: 'day',
    id: 'mine',
    at: AT,
    day: 2,
    guess: choiceFromShadow('leaf'),
    reason: 'under the plane',
    read: null
  }
};

describe('exercises', () => {
  test('are kept in the order of their days; a sealed guess stays, its first reading is added', () => {
    const kept = exerciseRepository(openDatabase(':memory:'));
    const first = { light: reading('EV 9', 9), at: AT };
    expect(kept.put(day)).toEqual(day);
    expect(kept.put({ ...day, guess: choiceFromShadow('deep'), read: first })).toEqual({
      ...day,
      read: first
    });
    expect(kept.put({ ...day, read: { ...first, light: reading('EV 12', 12) } })).toEqual({
      ...day,
      read: first
    });
    kept.put({ ...day, id: 'before', at: { ...AT, at: '2026-09-11T10:00:00Z' } });
    expect(kept.list().map((e) => e.id)).toEqual(['before', 'mine']);
    expect(kept.find('mine')).toEqual({ ...day, read: first });
    expect(kept.find('none')).toBeNull();
  });

  test('frames that were guessed and read count, others do not, and none from the trash', () => {
    const db = seededDatabase();
    const kept = exerciseRepository(db);
    expect(kept.guesses()).toEqual([]);
    const guess = JSON.stringify(choiceFromShadow('leaf'));
    const [one, two, three] = db
      .prepare<[], { id: string }>('select id from frame where deleted_at is null limit 3')
      .all();
    const put = db.prepare<[string, string, number, string]>(
      'update frame set guess = ?, light_way = ?, light_lv = ?, light_sd_stops = 0.25 where id = ?'
    );
    put.run(guess, JSON.stringify(reading('EV 10', 10).way), 10, one?.id ?? '');
    put.run(guess, JSON.stringify(choiceFromShadow('none').way), 11, two?.id ?? '');
    put.run(guess, JSON.stringify(reading('EV 10', 10).way), 10, three?.id ?? '');
    db.prepare<[string]>("update frame set deleted_at = '2026-09-12T10:00:00Z' where id = ?").run(
      three?.id ?? ''
    );
    expect(kept.guesses().map((g) => g.id)).toEqual([one?.id]);
    expect(kept.guesses()[0]?.errorStops).toBeCloseTo(choiceFromShadow('leaf').lv - 10, 6);
  });

  test('a frame with a guess is found by its index', () => {
    const db = openDatabase(':memory:');
    const plan = db
      .prepare<[], { detail: string }>(
        'explain query plan select id from frame where guess is not null and deleted_at is null order by taken_at desc limit 9'
      )
      .all();
    expect(plan.map((p) => p.detail).join(' ')).toContain('frame_guessed');
  });

  test('go out and come in again as they were', () => {
    const lines = [...archiveRecords(seededDatabase())]
      .filter((r) => r.kind === 'exercise')
      .map((r) => JSON.stringify(r));
    expect(lines).toHaveLength(DEMO_EXERCISES.length);
    const fresh = openDatabase(':memory:');
    const write = recordWriter(fresh);
    for (const line of lines) {
      const read = readRecord(line);
      if (!read.ok) throw new Error(read.error);
      write(read.value);
    }
    expect(exerciseRepository(fresh).listAll()).toEqual(exerciseRepository(seededDatabase()).listAll());
    expect(readRecord(JSON.stringify({ kind: 'exercise', exercise: { ...day, day: 8 } }))).toMatchObject({
      ok: false
    });
  });
});
