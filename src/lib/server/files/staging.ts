// Lines on their way in. Each is checked against the log and against the lines before it; then all go in at once, or none.
// The only SQL about staging. Lines wait in a file of their own, attached to the log: it is not locked meanwhile, and nothing of it is
// left when they are not taken. Frames and judgements go over by SQL alone, since there may be a hundred thousand of them.
import { writeFileSync } from 'node:fs';
import type { Database } from 'better-sqlite3';
import { readRecord, type ArchiveRecord } from '#schema/files/archive.ts';
import { FRAME_NAMES, FRAME_VALUE_NAMES, frameValues, wordsOfFrame } from '../log/frame-row.ts';
import { knownNames, nameOf, namedBy, recordWriter } from './import-rows.ts';

/** What became of a line. */
export type Staged =
  { readonly as: 'fresh' } | { readonly as: 'here' } | { readonly as: 'refused'; readonly why: string };

const WORDS: Readonly<Record<string, string>> = {
  camera: 'camera',
  film: 'film',
  thing: 'thing',
  outing: 'outing',
  exercise: 'exercise',
  load: 'load',
  frame: 'frame',
  judgement: 'judgement of frame',
  frame_picture: 'picture of frame',
  bias_change: 'change of bias',
  scan: 'scan'
};

/** So many reasons are told why what was staged cannot go in. */
const MOST_AGAINST = 20;

/** What may be there only once, beside the name; of frames the table itself says so. */
function onceOf(record: ArchiveRecord): string | null {
  if (record.kind === 'load' && record.load.finishedAt === null)
    return `open film of camera ${record.load.cameraId}`;
  if (record.kind === 'scan' && record.deletedAt === null)
    return `scan ${record.sha256} of load ${record.scan.loadId}`;
  return null;
}

const JUDGEMENT_NAMES = 'frame_id, judged_on, outcome, faults, grade, judged_at, judged_zone, revision';

/** Attaches the file where lines wait, instead of another one, and makes its tables. */
function attach(db: Database, file: string): void {
  const attached = db
    .prepare<[], { readonly name: string }>('select name from pragma_database_list')
    .all()
    .some(({ name }) => name === 'incoming');
  if (attached) db.exec('detach database incoming');
  // a connection that makes no database where none is, makes none here either: an empty file is one
  writeFileSync(file, '', { flag: 'a' });
  db.prepare('attach database ? as incoming').run(file);
  // what waits is sent again when the power fails
  db.pragma('incoming.synchronous = OFF');
  db.pragma('incoming.journal_mode = MEMORY');
  db.pragma('incoming.cache_size = -4000');
  db.exec(`
    create table if not exists incoming.staged (line integer primary key, tbl text not null, body text not null);
    create table if not exists incoming.staged_frame as select ${FRAME_NAMES}, note as words, note as tags from frame limit 0;
    create unique index if not exists incoming.staged_frame_id on staged_frame (id);
    create unique index if not exists incoming.staged_frame_number on staged_frame (load_id, number) where deleted_at is null;
    create table if not exists incoming.staged_judgement as select ${JUDGEMENT_NAMES} from judgement limit 0;
    create unique index if not exists incoming.staged_judgement_frame on staged_judgement (frame_id);
  `);
}

/** @see staging */
export type Staging = ReturnType<typeof staging>;

/** The staging of a database. @param file where lines wait; made when it is not there */
export function staging(db: Database, file: string) {
  attach(db, file);
  const known = knownNames(db);
  const insert = db.prepare<[number, string, string]>(
    'insert into staged (line, tbl, body) values (?, ?, ?)'
  );
  // by place, not by name: there may be a hundred thousand, and that takes half the time
  const insertFrame = db.prepare<(string | number | null)[]>(
    `insert or ignore into staged_frame (${FRAME_NAMES}, words, tags)
     values (${FRAME_VALUE_NAMES.map(() => '?').join(', ')}, ?, ?)`
  );
  const insertJudgement = db.prepare<[Record<string, unknown>]>(
    `insert or ignore into staged_judgement (${JUDGEMENT_NAMES})
     values (:frameId, :on, :outcome, :faults, :grade, :at, :zone, :revision)`
  );
  const stagedFrame = db.prepare<[string]>('select 1 from staged_frame where id = ?');
  const numberTaken = db.prepare<[string, number]>(
    'select 1 from frame where load_id = ? and number = ? and deleted_at is null'
  );
  const openFilm = db.prepare<[string]>('select 1 from load where camera_id = ? and finished_at is null');
  const sameScan = db.prepare<[string, string]>(
    'select 1 from scan where load_id = ? and sha256 = ? and deleted_at is null'
  );
  /** Records that wait, in the order of their lines, some at a time. */
  const bodies = (where: string) => {
    const some = db.prepare<[number], { readonly line: number; readonly body: string }>(
      `select line, body from staged where line > ? and ${where} order by line limit 100`
    );
    return function* (): Generator<ArchiveRecord> {
      for (let rows = some.all(0); rows.length > 0; rows = some.all(rows.at(-1)?.line ?? 0)) {
        for (const { body } of rows) {
          const read = readRecord(body);
          if (!read.ok) throw new Error(read.error);
          yield read.value;
        }
      }
    };
  };
  const before = bodies("tbl not in ('frame_picture', 'bias_change', 'scan')");
  const after = bodies("tbl in ('frame_picture', 'bias_change', 'scan')");
  const scans = bodies("tbl = 'scan'");
  const over = [
    `insert into frame (${FRAME_NAMES}) select ${FRAME_NAMES} from staged_frame order by rowid`,
    `insert into frame_tag (frame_id, tag, place) select staged_frame.id, tag.value, tag.key
     from staged_frame, json_each(staged_frame.tags) as tag`,
    'insert into frame_words (frame_id, words) select id, words from staged_frame order by id',
    `insert into judgement (${JUDGEMENT_NAMES}) select ${JUDGEMENT_NAMES} from staged_judgement order by rowid`
  ].map((sql) => db.prepare(sql));
  const empty = ['staged', 'staged_frame', 'staged_judgement'].map((t) => db.prepare(`delete from ${t}`));
  /** Names that are staged, but for frames and judgements, and what may be there once only. */
  const names = new Set<string>();
  const onces = new Set<string>();
  const clear = (): void => {
    for (const statement of empty) statement.run();
    names.clear();
    onces.clear();
  };

  const refuse = (why: string): Staged => ({ as: 'refused', why });
  const isStaged = (table: string, id: string): boolean =>
    table === 'frame' ? stagedFrame.get(id) !== undefined : names.has(`${table} ${id}`);
  function faultOf(record: ArchiveRecord): string | null {
    for (const { table, id } of namedBy(record)) {
      if (!isStaged(table, id) && !known(table, id))
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
    return null;
  }

  /** Keeps a record. @returns what is in its way, or null */
  function keep(line: number, table: string, id: string, record: ArchiveRecord): string | null {
    const twice = `the ${WORDS[table] ?? table} “${id}” stands in the file twice`;
    if (record.kind === 'frame') {
      const { frame, deletedAt } = record;
      const values = frameValues(frame, deletedAt);
      const { changes } = insertFrame.run(
        ...FRAME_VALUE_NAMES.map((name) => values[name] ?? null),
        wordsOfFrame(frame),
        JSON.stringify(frame.about.tags)
      );
      if (changes > 0) return null;
      return isStaged('frame', id)
        ? twice
        : `there is another frame ${frame.number} of load ${frame.loadId} in the file`;
    }
    if (record.kind === 'judgement') {
      const { on, outcome, faults, grade } = record.judgement;
      const { frameId, judgedAt, revision } = record;
      const texts = { outcome: JSON.stringify(outcome), faults: JSON.stringify(faults) };
      const { changes } = insertJudgement.run({
        ...{ frameId, on, ...texts, grade: grade ?? null },
        ...{ ...judgedAt, revision }
      });
      return changes > 0 ? null : twice;
    }
    const name = `${table} ${id}`;
    if (names.has(name)) return twice;
    const once = onceOf(record);
    if (once !== null && onces.has(once)) return `there is another ${once} in the file`;
    names.add(name);
    if (once !== null) onces.add(once);
    insert.run(line, table, JSON.stringify(record));
    return null;
  }

  const take = db.transaction((fresh: number): readonly string[] => {
    for (const record of everyRecord()) {
      const { table, id } = nameOf(record);
      names.add(`${table} ${id}`);
    }
    const faults = against(fresh);
    if (faults.length > 0) return faults;
    const write = recordWriter(db);
    for (const record of before()) write(record);
    for (const statement of over) statement.run();
    for (const record of after()) write(record);
    return [];
  });

  /** Rows of a table that are staged. */
  const counted = ['staged', 'staged_frame', 'staged_judgement'].map((t) =>
    db.prepare<[], { readonly n: number }>(`select count(*) as n from ${t}`)
  );
  const everyRecord = bodies('true');
  const takenMeanwhile = db.prepare<[], { readonly number: number }>(
    `select staged_frame.number from staged_frame
     join frame on frame.load_id = staged_frame.load_id and frame.number = staged_frame.number
     where frame.deleted_at is null and staged_frame.deleted_at is null limit ${MOST_AGAINST}`
  );
  const judgedMeanwhile = db.prepare<[], { readonly number: number }>(
    `select frame.number from staged_judgement
     join judgement on judgement.frame_id = staged_judgement.frame_id
     join frame on frame.id = judgement.frame_id limit ${MOST_AGAINST}`
  );
  const cameMeanwhile = db.prepare<[], { readonly number: number }>(
    'select frame.number from staged_frame join frame on frame.id = staged_frame.id limit 20'
  );

  /** What stands against what is staged by now. @param fresh how many lines were staged */
  function against(fresh: number): readonly string[] {
    const staged = counted.reduce((sum, count) => sum + (count.get()?.n ?? 0), 0);
    if (staged !== fresh)
      return [
        'What was read of the file is not all there any more: another program cleared it away. Send the file again.'
      ];
    const frames = [
      ...takenMeanwhile.all().map(({ number }) => `Frame ${number} of its film was logged here meanwhile.`),
      ...cameMeanwhile.all().map(({ number }) => `Frame ${number} came in another way meanwhile.`),
      ...judgedMeanwhile.all().map(({ number }) => `Frame ${number} was judged here meanwhile.`)
    ];
    const others: string[] = [];
    for (const record of everyRecord()) {
      const { table, id } = nameOf(record);
      const why = known(table, id) ? 'came in another way meanwhile' : faultOf(record);
      if (why === null) continue;
      others.push(`The ${WORDS[table] ?? table} “${id}”${known(table, id) ? ' ' : ': '}${why}.`);
      if (others.length === MOST_AGAINST) break;
    }
    return [...frames, ...others].slice(0, MOST_AGAINST);
  }

  return {
    /** Checks a record and keeps it until {@link take}. */
    add: (line: number, record: ArchiveRecord): Staged => {
      const { table, id } = nameOf(record);
      if (known(table, id)) return { as: 'here' };
      const why = faultOf(record) ?? keep(line, table, id, record);
      if (why !== null) return refuse(why);
      return { as: 'fresh' };
    },
    /** Several additions as one, for speed; what was added stays staged. */
    together: <T>(work: () => T): T => db.transaction(work).deferred(),
    /** Scans that wait. */
    scans: (): readonly (ArchiveRecord & { kind: 'scan' })[] =>
      [...scans()].flatMap((record) => (record.kind === 'scan' ? [record] : [])),
    /**
     * Everything goes in, or nothing. It may have been staged over another connection.
     * @param fresh how many lines were staged @returns what stands against it by now; nothing = it is in
     * @throws {Error} when something does not fit after all
     */
    take: (fresh: number): readonly string[] => take.immediate(fresh),
    /** Forgets what was staged. */
    clear
  };
}
