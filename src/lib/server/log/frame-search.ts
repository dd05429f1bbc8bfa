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

/**
 * Each asks for one value of one frame, on the way through time: a list of all that fit, or an `exists`, for which SQLite goes through
 * the other table first, costs as much as the log is long.
 */
const VERDICT_SQL: Readonly<Record<VerdictFilter, string>> = {
  dark: "(select verdict from judgement where frame_id = frame.id) = 'dark'",
  right: "(select verdict from judgement where frame_id = frame.id) = 'right'",
  light: "(select verdict from judgement where frame_id = frame.id) = 'light'",
  faulty: "(select faults from judgement where frame_id = frame.id) <> '[]'",
  judged: '(select 1 from judgement where frame_id = frame.id) is not null',
  unjudged: '(select 1 from judgement where frame_id = frame.id) is null'
};

/** The words of a search. */
function wordsOf(text: string): readonly string[] {
  return folded(text)
    .split(/\s+/)
    .filter((word) => word !== '');
}
const allWords = (count: number): string =>
  Array.from({ length: count }, () => 'instr(words, ?) > 0').join(' and ');

function wordsCondition(text: string): readonly (readonly [sql: string, ...values: unknown[]])[] {
  const words = wordsOf(text);
  if (words.length === 0) return [];
  return [[`(select ${allWords(words.length)} from frame_words where frame_id = frame.id)`, ...words]];
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
    ...(tag === null
      ? []
      : [['(select 1 from frame_tag where frame_id = frame.id and tag = ?) is not null', tag] as const]),
    ...(few === null ? [] : [['id in (select value from json_each(?))', JSON.stringify(few)] as const]),
    ...(verdict === null ? [] : [[VERDICT_SQL[verdict]] as const]),
    ...wordsCondition(words),
    ...(after === null ? [] : [['(taken_at, id) < (?, ?)', after.takenAt, after.id] as const])
  ];
}

/**
 * The SQL of a search, and the values it is about. What few frames have is looked up first, and the frames taken from there; what many
 * have is looked at on the way through time, which ends with the page.
 * @param limit frames at most @param few the frames that have its words, its tag or its verdict, where these are few
 */
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

/** The SQL that looks for the frames with a tag, a verdict, or all of some words, as far as they are few. */
export function fewSql({
  words,
  tag,
  verdict
}: FrameFilter): readonly { readonly sql: string; readonly values: readonly string[] }[] {
  const all = wordsOf(words);
  const side = verdict === 'dark' || verdict === 'right' || verdict === 'light' ? verdict : null;
  return [
    ...(tag === null ? [] : [{ from: 'frame_tag where tag = ?', values: [tag] }]),
    ...(side === null ? [] : [{ from: 'judgement where verdict = ?', values: [side] }]),
    ...(all.length === 0 ? [] : [{ from: `frame_words where ${allWords(all.length)}`, values: all }])
  ].map(({ from, values }) => ({ sql: `select frame_id from ${from} limit ${FEW}`, values }));
}

/** Searches of a database. */
export function frameSearch(db: Database) {
  function few(search: FrameFilter): readonly string[] | null {
    // the first that is few will do: what is left of it is looked at one by one
    for (const { sql, values } of fewSql(search)) {
      const found = db
        .prepare<unknown[], string>(sql)
        .pluck()
        .all(...values);
      if (found.length < FEW) return found;
    }
    return null;
  }
  return {
    /** The frames that have what is looked for, when they are few; null = they are many, or anything would do. */
    few,
    /** The frames that fit, newest first. @param count frames on a page */
    find: (search: FrameFilter, count: number): FoundFrames => {
      const { sql, values } = searchSql(search, count + 1, few(search));
      const rows = db.prepare<unknown[], FrameRow>(sql).all(...values);
      return { frames: rows.slice(0, count).map(frameFromRow), more: rows.length > count };
    }
  };
}
