// Lines on their way in. Each is checked against the log and against the lines before it; then all go in at once, or none.
// The only SQL about staging. Frames go over by SQL alone, since there may be a hundred thousand of them.
import type { Database } from 'better-sqlite3';
import { readRecord, type BookRecord } from '#schema/book.ts';
import { wordsOfFrame } from '../frame-row.ts';
import { knownNames, nameOf, namedBy, recordWriter } from './import-rows.ts';

/** What became of a line. */
export type Staged =
  { readonly as: 'fresh' } | { readonly as: 'here' } | { readonly as: 'refused'; readonly why: string };

const WORDS: Readonly<Record<string, string>> = {
  camera: 'camera',
  film: 'film',
  thing: 'thing',
  load: 'load',
  frame: 'frame',
  judgement: 'judgement of frame',
  bias_change: 'change of bias',
  scan: 'scan'
};

/** What may be there only once, beside the name. */
function onceOf(record: BookRecord): string | null {
  if (record.kind === 'frame' && record.deletedAt === null)
    return `frame ${record.frame.number} of load ${record.frame.loadId}`;
  if (record.kind === 'load' && record.load.finishedAt === null)
    return `open film of camera ${record.load.cameraId}`;
  if (record.kind === 'scan' && record.deletedAt === null)
    return `scan ${record.sha256} of load ${record.scan.loadId}`;
  return null;
}

/** The staging of a database. */
export function staging(db: Database) {
  const known = knownNames(db);
  const insert = db.prepare<[number, string, string, string | null, string, string]>(
    'insert into staged (line, tbl, id, once, words, body) values (?, ?, ?, ?, ?, ?)'
  );
  const isStaged = db.prepare<[string, string]>('select 1 from staged where tbl = ? and id = ?');
  const isOnce = db.prepare<[string]>('select 1 from staged where once = ?');
  const numberTaken = db.prepare<[string, number]>(
    'select 1 from frame where load_id = ? and number = ? and deleted_at is null'
  );
  const openFilm = db.prepare<[string]>('select 1 from load where camera_id = ? and finished_at is null');
  const sameScan = db.prepare<[string, string]>(
    'select 1 from scan where load_id = ? and sha256 = ? and deleted_at is null'
  );
  const others = db.prepare<[], { readonly body: string }>(
    "select body from staged where tbl not in ('frame', 'judgement', 'bias_change', 'scan') order by line"
  );
  const after = db.prepare<[], { readonly body: string }>(
    "select body from staged where tbl in ('judgement', 'bias_change', 'scan') order by line"
  );
  const scans = db.prepare<[], { readonly body: string }>(
    "select body from staged where tbl = 'scan' order by line"
  );
  const clear = db.prepare('delete from staged');
  const frames = db.prepare(
    `insert into frame (id, load_id, number, logged_at, camera_revision, light_lv, light_sd_stops, light_way, contrast,
       guess, conditions, choice, delta_stops, sd_stops, p_usable, note, series, timed_seconds, subject, reason, deleted_at)
     select id, body ->> '$.frame.loadId', body ->> '$.frame.number', body ->> '$.frame.loggedAt',
       body ->> '$.cameraRevision', cast(body ->> '$.frame.light.lv' as real),
       cast(body ->> '$.frame.light.sdStops' as real), body -> '$.frame.light.way', body ->> '$.frame.light.contrast',
       body ->> '$.frame.guess', body -> '$.frame.conditions', body -> '$.frame.choice',
       cast(body ->> '$.frame.deltaStops' as real), cast(body ->> '$.frame.sdStops' as real),
       cast(body ->> '$.frame.pUsable' as real), body ->> '$.frame.note', body ->> '$.frame.series',
       cast(body ->> '$.frame.timedSeconds' as real), body ->> '$.frame.about.subject',
       body ->> '$.frame.about.reason', body ->> '$.deletedAt'
     from staged where tbl = 'frame' order by line`
  );
  const words = db.prepare(
    "insert into frame_words (frame_id, words) select id, words from staged where tbl = 'frame'"
  );
  const tags = db.prepare(
    `insert into frame_tag (frame_id, tag, place) select staged.id, tag.value, tag.key
     from staged, json_each(staged.body, '$.frame.about.tags') as tag where tbl = 'frame'`
  );

  const refuse = (why: string): Staged => ({ as: 'refused', why });
  function faultOf(record: BookRecord): string | null {
    for (const { table, id } of namedBy(record)) {
      if (!known(table, id) && isStaged.get(table, id) === undefined)
        return `names the ${WORDS[table] ?? table} “${id}”, which stands neither before it nor in the log`;
    }
    if (
      record.kind === 'frame' &&
      record.deletedAt === null &&
      numberTaken.get(record.frame.loadId, record.frame.number)
    )
      return `frame ${record.frame.number} of this film is in the log already`;
    if (record.kind === 'load' && record.load.finishedAt === null && openFilm.get(record.load.cameraId))
      return 'its camera holds another film here. Finish that one first';
    if (
      record.kind === 'scan' &&
      record.deletedAt === null &&
      sameScan.get(record.scan.loadId, record.sha256)
    )
      return 'the same file is on this film already';
    const once = onceOf(record);
    return once !== null && isOnce.get(once) !== undefined ? `there is another ${once} in the file` : null;
  }

  const take = db.transaction((): void => {
    const write = recordWriter(db);
    const each = (rows: readonly { readonly body: string }[]): void => {
      for (const { body } of rows) {
        const read = readRecord(body);
        if (!read.ok) throw new Error(read.error);
        write(read.value);
      }
    };
    each(others.all());
    frames.run();
    tags.run();
    words.run();
    each(after.all());
    clear.run();
  });

  return {
    /** Checks a record and keeps it until {@link take}. */
    add: (line: number, record: BookRecord): Staged => {
      const { table, id } = nameOf(record);
      if (known(table, id)) return { as: 'here' };
      if (isStaged.get(table, id))
        return refuse(`the ${WORDS[table] ?? table} “${id}” stands in the file twice`);
      const fault = faultOf(record);
      if (fault !== null) return refuse(fault);
      const searched = record.kind === 'frame' ? wordsOfFrame(record.frame) : '';
      insert.run(line, table, id, onceOf(record), searched, JSON.stringify(record));
      return { as: 'fresh' };
    },
    /** Several additions as one, for speed; what was added stays staged. */
    together: <T>(work: () => T): T => db.transaction(work).immediate(),
    /** Scans that wait. */
    scans: (): readonly (BookRecord & { kind: 'scan' })[] =>
      scans.all().flatMap(({ body }) => {
        const read = readRecord(body);
        return read.ok && read.value.kind === 'scan' ? [read.value] : [];
      }),
    /** Everything goes in, or nothing. @throws {Error} when something does not fit after all */
    take: (): void => {
      take.immediate();
    },
    clear: (): void => {
      clear.run();
    }
  };
}
