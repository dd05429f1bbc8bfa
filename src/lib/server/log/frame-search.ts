// Looking for frames: any filters together, a page at a time, newest first. The only SQL about searching.
// Light, load and time are read off one index; only the frames of the page itself are fetched.
import type { Database } from 'better-sqlite3';
import type { Frame } from '#core/log/frame.ts';
import type { FrameFilter, VerdictFilter } from '#schema/log/frame-filter.ts';
import { FRAME_COLUMNS, folded, frameFromRow, type FrameRow } from './frame-row.ts';

/** A page of what was found. */
export interface FoundFrames {
  readonly frames: readonly Frame[];
  /** Whether there are more. */
  readonly more: boolean;
}

const VERDICT_SQL: Readonly<Record<VerdictFilter, string>> = {
  dark: "id in (select frame_id from judgement where verdict = 'dark')",
  right: "id in (select frame_id from judgement where verdict = 'right')",
  light: "id in (select frame_id from judgement where verdict = 'light')",
  faulty: "id in (select frame_id from judgement where faults <> '[]')",
  judged: 'exists (select 1 from judgement where frame_id = frame.id)',
  unjudged: 'not exists (select 1 from judgement where frame_id = frame.id)'
};

/** The words of a search. */
function wordsOf(text: string): readonly string[] {
  return folded(text)
    .split(/\s+/)
    .filter((word) => word !== '');
}
const allWords = (count: number): string =>
  Array.from({ length: count }, () => 'instr(words, ?) > 0').join(' and ');

/**
 * Words that few frames have are looked up first, and the frames taken from there; words that many have are looked at on the
 * way through time, which ends with the page.
 * @param few names of the frames that have the words, when they are few
 */
function wordsCondition(
  text: string,
  few: readonly string[] | null
): readonly (readonly [sql: string, ...values: unknown[]])[] {
  const words = wordsOf(text);
  if (words.length === 0) return [];
  if (few) return [['id in (select value from json_each(?))', JSON.stringify(few)]];
  return [
    [`exists (select 1 from frame_words where frame_id = frame.id and ${allWords(words.length)})`, ...words]
  ];
}

/** Frames that count as few. */
const FEW = 1500;

/** No clock is further from UTC than so many hours. */
const CLOCKS_HOURS = 14;
const hoursFrom = (day: string, hours: number): string =>
  new Date(Date.parse(`${day}T00:00:00.000Z`) + hours * 3_600_000).toISOString();

/** A frame's day is the one its own clocks showed; the instants around it keep the search to a stretch of the index. */
function dayConditions(
  fromDay: string | null,
  toDay: string | null
): readonly (readonly [sql: string, ...values: unknown[]])[] {
  return [
    ...(fromDay === null
      ? []
      : [['taken_at >= ? and taken_day >= ?', hoursFrom(fromDay, -CLOCKS_HOURS), fromDay] as const]),
    ...(toDay === null
      ? []
      : [['taken_at < ? and taken_day <= ?', hoursFrom(toDay, 24 + CLOCKS_HOURS), toDay] as const])
  ];
}

/** Conditions of SQL with the values they are about. */
function conditionsFor(
  search: FrameFilter,
  few: readonly string[] | null
): readonly (readonly [sql: string, ...values: unknown[]])[] {
  const { words, cameraId, filmId, loadId, fromLv, toLv, fromDay, toDay, verdict, tag, after } = search;
  return [
    ...(loadId === null ? [] : [['load_id = ?', loadId] as const]),
    ...(cameraId === null
      ? []
      : [['load_id in (select id from load where camera_id = ?)', cameraId] as const]),
    ...(filmId === null ? [] : [['load_id in (select id from load where film_id = ?)', filmId] as const]),
    ...(fromLv === null ? [] : [['light_lv >= ?', fromLv] as const]),
    ...(toLv === null ? [] : [['light_lv <= ?', toLv] as const]),
    ...dayConditions(fromDay, toDay),
    ...(tag === null ? [] : [['id in (select frame_id from frame_tag where tag = ?)', tag] as const]),
    ...(verdict === null ? [] : [[VERDICT_SQL[verdict]] as const]),
    ...wordsCondition(words, few),
    ...(after === null ? [] : [['(taken_at, id) < (?, ?)', after.takenAt, after.id] as const])
  ];
}

/** The SQL of a search, and the values it is about. `limit` frames at most. @param few frames that have its words, when they are few */
export function searchSql(
  search: FrameFilter,
  limit: number,
  few: readonly string[] | null = null
): { readonly sql: string; readonly values: readonly unknown[] } {
  const conditions = conditionsFor(search, few);
  const inTrash = search.trash ? 'deleted_at is not null' : 'deleted_at is null';
  const where = [inTrash, ...conditions.map(([sql]) => sql)].join(' and ');
  const index = search.trash || few ? '' : 'indexed by frame_by_time';
  return {
    sql: `with hit as materialized
        (select id from frame ${index} where ${where} order by taken_at desc, id desc limit ?)
      select ${FRAME_COLUMNS} from hit join frame on frame.id = hit.id
      order by frame.taken_at desc, frame.id desc`,
    values: [...conditions.flatMap(([, ...values]) => values), limit]
  };
}

/** The SQL that looks for the frames with all of some words, as far as they are few. */
export function fewSql(text: string): { readonly sql: string; readonly values: readonly string[] } {
  const values = wordsOf(text);
  return {
    sql: `select frame_id from frame_words where ${values.length === 0 ? 'false' : allWords(values.length)} limit ${FEW}`,
    values
  };
}

/** Searches of a database. */
export function frameSearch(db: Database) {
  function few(text: string): readonly string[] | null {
    const { sql, values } = fewSql(text);
    if (values.length === 0) return null;
    const found = db
      .prepare<unknown[], string>(sql)
      .pluck()
      .all(...values);
    return found.length < FEW ? found : null;
  }
  return {
    /** The frames that have all of some words, when they are few; else null. */
    few,
    /** The frames that fit, newest first. @param count frames on a page */
    find: (search: FrameFilter, count: number): FoundFrames => {
      const { sql, values } = searchSql(search, count + 1, few(search.words));
      const rows = db.prepare<unknown[], FrameRow>(sql).all(...values);
      return { frames: rows.slice(0, count).map(frameFromRow), more: rows.length > count };
    }
  };
}
