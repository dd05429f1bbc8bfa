// What every page and every write asks of the database is found by an index: no query reads a table that grows with the log from end
// to end, but for those listed here.
import type { Database } from 'better-sqlite3';
import { expect, test } from 'vitest';
import { NO_FILTER, type FrameFilter } from '#schema/log/frame-filter.ts';
import { searchSql } from '../log/frame-search.ts';
import { moment, type Moment } from '#core/sky/moment.ts';
import { loadChanges } from '../kit/change-load.ts';
import { filmLoading } from '../kit/load-film.ts';
import { logbook } from '../log/logbook.ts';
import { manyFrames } from '../log/many-frames.ts';
import { repositoriesOf } from '../repositories.ts';
import { phoneChanges } from '../sync/sync.ts';
import { openDatabase } from './open.ts';

/** Tables with a row or more for each frame, judgement, scan or film. */
const GROWING =
  /^SCAN (frame|judgement|scan|load|frame_tag|frame_words|frame_picture|judged_observation|film_sum)\b/;
/** Read from end to end, and why that is right. */
const WHOLE: readonly (readonly [begins: string, why: string])[] = [
  [
    'select * from load order by loaded_at desc, rowid desc',
    'every film, in their order: asked in pages, whole by the API alone'
  ],
  ['select count(*) from load', 'films are few beside frames'],
  ['select id from load where not exists', 'films not summed yet: a look-up for each'],
  ['select * from load where finished_at is null', 'by the index of films in cameras: one for each camera'],
  ['select camera_id as cameraId', 'the sums of the films: some rows for each'],
  ['select what', 'the same'],
  ['select * from scan order by added_at', 'for an archive'],
  ['select sha256 from scan', 'for an archive']
];

function prepared(): readonly { readonly sql: string; readonly plan: readonly string[] }[] {
  const db = openDatabase(':memory:');
  const prepare = db.prepare.bind(db);
  const all = new Set<string>();
  db.prepare = (sql: string) => {
    all.add(sql);
    return prepare(sql);
  };
  repositoriesOf(db);
  const now = (): Moment => moment('2027-01-01T00:00:00Z', 'UTC');
  for (const rules of [logbook, loadChanges, manyFrames, phoneChanges, filmLoading]) rules(db, now);
  return [...all].map((sql) => ({ sql: sql.replace(/\s+/g, ' ').trim(), plan: planOf(prepare, sql) }));
}

function planOf(prepare: Database['prepare'], sql: string): readonly string[] {
  return (
    prepare(`explain query plan ${sql.replace(/:\w+|\?/g, 'null')}`).all() as { readonly detail: string }[]
  ).map((p) => p.detail);
}

test('no query but those listed reads a growing table from end to end', () => {
  const scanning = prepared().filter(
    ({ plan }) =>
      plan.some((line) => GROWING.test(line)) &&
      // in the order of an index, and ended by a limit
      !plan.some((line) =>
        /^SCAN \w+ USING (?:COVERING )?INDEX (frame_by_time|frame_guessed|frame_in_trash|judgement_by_time)/.test(
          line
        )
      )
  );
  const unlisted = scanning.filter(({ sql }) => !WHOLE.some(([begins]) => sql.startsWith(begins)));
  expect(unlisted.map(({ sql, plan }) => `${sql}: ${plan.join(' | ')}`)).toEqual([]);
});

const LOOKED_FOR: readonly (readonly [string, FrameFilter])[] = [
  ['everything', NO_FILTER],
  ['a camera', { ...NO_FILTER, cameraId: 'demo-heron' }],
  ['a film', { ...NO_FILTER, filmId: 'demo-lantern' }],
  ['light', { ...NO_FILTER, fromLv: 12, toLv: 13 }],
  ['a month', { ...NO_FILTER, fromDay: '2026-03-01', toDay: '2026-03-31' }],
  ['how it came out', { ...NO_FILTER, verdict: 'dark' }],
  ['not judged', { ...NO_FILTER, verdict: 'unjudged' }],
  ['a tag', { ...NO_FILTER, tag: 'quay' }],
  ['words', { ...NO_FILTER, words: 'harbour' }]
];
test.each(LOOKED_FOR)(
  'frames by %s are found in the order of the page, which ends the search',
  (_, filter) => {
    const db = openDatabase(':memory:');
    const { sql, values } = searchSql(filter, 61);
    const filled = values.reduce<string>((text, value) => text.replace('?', `'${String(value)}'`), sql);
    const plan = planOf(db.prepare.bind(db), filled);
    expect(plan.filter((line) => /frame_by_time/.test(line))).toHaveLength(1);
    // the hits of a page alone are sorted
    expect(plan.findIndex((line) => /TEMP B-TREE/.test(line))).not.toBe(
      plan.findIndex((l) => /MATERIALIZE/.test(l)) + 2
    );
  }
);
