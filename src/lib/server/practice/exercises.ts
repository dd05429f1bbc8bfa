// Exercises in the database, and the guesses of frames that were read. The only SQL about them.
import type { Database } from 'better-sqlite3';
import { guessRead, type GuessRead } from '#core/learn/eye.ts';
import { mergedExercise, type Exercise } from '#core/practice/exercise.ts';
import { moment } from '#core/sky/moment.ts';
import { exerciseFromJson } from '#schema/practice/exercise.ts';
import { lightFromJson, wayFromJson } from '#schema/light/light.ts';
import { remembered } from '#schema/reading/remembered.ts';

/** Guesses that count: an eye is what it is now. */
const LATEST_GUESSES = 400;
/** Answers of drills that are carried and counted: what was asked longer ago has been asked again. */
const LATEST_ANSWERS = 1000;

interface GuessRow {
  readonly id: string;
  readonly taken_at: string;
  readonly taken_zone: string;
  readonly guess: string;
  readonly light_lv: number;
  readonly light_sd_stops: number;
  readonly light_way: string;
}

const lightOf = remembered(lightFromJson);
const exerciseOf = remembered(exerciseFromJson);
const wayOf = remembered(wayFromJson);

/** The exercises of a database. */
export function exerciseRepository(db: Database) {
  const one = db.prepare<[string], { readonly data: string }>('select data from exercise where id = ?');
  const every = db.prepare<[], { readonly data: string }>('select data from exercise order by done_at, id');
  const latest = db.prepare<[string, number], { readonly data: string }>(
    'select data from exercise where kind = ? order by done_at desc, id limit ?'
  );
  const put = db.prepare<[Record<string, unknown>]>(
    `insert into exercise (id, kind, data, done_at) values (:id, :kind, :data, :doneAt)
     on conflict (id) do update set data = excluded.data, revision = exercise.revision + 1`
  );
  const guessed = db.prepare<[number], GuessRow>(
    `select id, taken_at, taken_zone, guess, light_lv, light_sd_stops, light_way from frame
     where guess is not null and deleted_at is null and light_way is not null order by taken_at desc limit ?`
  );
  const read = (rows: readonly { readonly data: string }[]): readonly Exercise[] =>
    rows.map((row) => exerciseOf(row.data));
  const find = (id: string): Exercise | null => {
    const row = one.get(id);
    return row ? exerciseOf(row.data) : null;
  };
  return {
    find,
    /** Every exercise, the oldest first. */
    listAll: (): readonly Exercise[] => read(every.all()),
    /** Those that still count, the oldest first. */
    list: (): readonly Exercise[] =>
      [...read(latest.all('drill', LATEST_ANSWERS)), ...read(latest.all('day', LATEST_GUESSES))].sort(
        (a, b) => (a.at.at < b.at.at ? -1 : 1)
      ),
    /** Keeps an exercise. What was answered or sealed before stays as it was. @returns as it is kept */
    put: (sent: Exercise): Exercise => {
      const stored = find(sent.id);
      const kept = stored ? mergedExercise(stored, sent) : sent;
      put.run({ id: kept.id, kind: kept.kind, data: JSON.stringify(kept), doneAt: kept.at.at });
      return kept;
    },
    /** What guesses noted with frames say, the latest first. */
    guesses: (): readonly GuessRead[] =>
      guessed.all(LATEST_GUESSES).flatMap((row) => {
        const at = moment(row.taken_at, row.taken_zone);
        const light = { lv: row.light_lv, sdStops: row.light_sd_stops, way: wayOf(row.light_way) };
        return guessRead({ id: row.id, at }, lightOf(row.guess), light) ?? [];
      })
  };
}
