// Everything that is kept, line by line, in an order in which each stands after what it names. The only SQL about leaving.
import SqliteDatabase, { type Database } from 'better-sqlite3';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, type ArchiveRecord } from '#schema/files/archive.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { revisionRepository } from '../kit/revisions.ts';
import { FRAME_COLUMNS, frameFromRow, type FrameRow } from '../log/frame-row.ts';
import { framePictures } from '../log/frame-pictures.ts';
import { judgementRepository } from '../learn/judgements.ts';
import { loadRepository } from '../kit/loads.ts';
import { outingRepository } from '../plan/outings.ts';
import { exerciseRepository } from '../practice/exercises.ts';
import { scanRepository } from '../scans/repository.ts';
import { thingDataFromJson } from '#schema/kit/thing.ts';

interface Kept {
  readonly id: string;
  readonly created_at: string;
  readonly deleted_at: string | null;
}

/** The lines of an archive, without their line ends. */
export function* archiveLines(db: Database, writtenAt: string): Generator<string> {
  yield JSON.stringify({ kind: 'archive', format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, writtenAt });
  for (const record of archiveRecords(db)) yield JSON.stringify(record);
}

/**
 * The lines of an archive as everything is now, whatever is written while they are read: over a connection of its own, in one
 * transaction (SQLite, WAL: readers see the state at their first read).
 */
export function* snapshotLines(db: Database, writtenAt: string): Generator<string> {
  if (db.memory) {
    yield* archiveLines(db, writtenAt);
    return;
  }
  const own = new SqliteDatabase(db.name, { readonly: true, timeout: 5000 });
  try {
    own.exec('begin');
    own.prepare('select count(*) from sqlite_schema').get();
    yield* archiveLines(own, writtenAt);
  } finally {
    own.close();
  }
}

/** The records of a database. */
export function* archiveRecords(db: Database): Generator<ArchiveRecord> {
  yield* kitRecords(db);
  for (const outing of outingRepository(db).listAll()) yield { kind: 'outing', ...outing };
  for (const exercise of exerciseRepository(db).listAll()) yield { kind: 'exercise', exercise };
  for (const load of [...loadRepository(db).list()].reverse()) yield { kind: 'load', load };
  yield* frameRecords(db);
  yield* pictureRecords(db);
  const history = db.prepare<[], { readonly camera_id: string }>(
    'select distinct camera_id from bias_change order by camera_id'
  );
  for (const { camera_id: cameraId } of history.all()) {
    for (const change of [...judgementRepository(db).history(cameraId)].reverse()) {
      const { changedAt, fromStops, fromSd, toStops, toSd, frames } = change;
      yield { kind: 'bias', cameraId, changedAt, fromStops, fromSd, toStops, toSd, frames };
    }
  }
  for (const { sha256, deletedAt, ...scan } of scanRepository(db).list())
    yield { kind: 'scan', scan, sha256, deletedAt };
}

/** Cameras, films and things with their revisions. */
export function* kitRecords(db: Database): Generator<ArchiveRecord> {
  const [cameras, revisions] = [cameraRepository(db), revisionRepository(db)];
  const kept = (table: 'film' | 'thing'): readonly Kept[] =>
    db.prepare<[], Kept>(`select id, created_at, deleted_at from ${table} order by created_at, id`).all();
  const all = db.prepare<
    [],
    { readonly id: string; readonly created_at: string; readonly retired_at: string | null }
  >('select id, created_at, retired_at from camera order by created_at, id');
  for (const { id, created_at: addedAt, retired_at: retiredAt } of all.all()) {
    const own = revisions.ofCamera(id).map(({ value: camera, revision, what, note, since }) => ({
      ...{ camera, revision, what, note, since }
    }));
    yield { kind: 'camera', id, revisions: own, addedAt, retiredAt, stands: cameras.standsAt(id) ?? {} };
  }
  for (const { id, created_at: addedAt, deleted_at: deletedAt } of kept('film')) {
    const own = revisions.ofFilm(id).map(({ value: film, revision, since }) => ({ film, revision, since }));
    yield { kind: 'film', id, revisions: own, addedAt, deletedAt };
  }
  const thing = db.prepare<[string], { readonly name: string; readonly data: string }>(
    'select name, data from thing where id = ?'
  );
  for (const { id, created_at: addedAt, deleted_at: deletedAt } of kept('thing')) {
    const row = thing.get(id);
    if (row)
      yield {
        kind: 'thing',
        thing: { id, name: row.name, data: thingDataFromJson(row.data) },
        addedAt,
        deletedAt
      };
  }
}

/** Rows read at a time: between them others may write. */
const PAGE = 1000;

/** Frames with their judgements, page by page, so that the database is never held. */
function* frameRecords(db: Database): Generator<ArchiveRecord> {
  const page = db.prepare<[string, number], FrameRow>(
    `select ${FRAME_COLUMNS} from frame where id > ? order by id limit ?`
  );
  const judgements = judgementRepository(db);
  let after = '';
  for (;;) {
    const rows = page.all(after, PAGE);
    for (const row of rows) {
      const { deletedAt, ...frame } = frameFromRow(row);
      yield { kind: 'frame', frame, deletedAt };
    }
    for (const judged of judgements.ofFrames(rows.map((r) => r.id))) {
      const { frameId, judgedAt, revision, ...judgement } = judged;
      yield { kind: 'judgement', frameId, judgement, judgedAt, revision };
    }
    if (rows.length < PAGE) return;
    after = rows.at(-1)?.id ?? '';
  }
}

/** Pictures kept with frames, some at a time: each may be 40 kB. */
function* pictureRecords(db: Database): Generator<ArchiveRecord> {
  const pictures = framePictures(db);
  let after = '';
  for (;;) {
    const some = pictures.after(after, 50);
    for (const { frameId, picture } of some) yield { kind: 'picture', frameId, picture };
    const last = some.at(-1);
    if (!last) return;
    after = last.frameId;
  }
}

/** A piece of an export takes so long at most, ms: between them others have their turn. */
const PIECE_MS = 8;
/** Lines of a piece at most. */
const PIECE_LINES = 600;

/** Whether a piece that was begun is to be sent as it is. @param begun by `performance.now()` */
export const isPiece = (lines: number, begun: number): boolean =>
  lines >= PIECE_LINES || performance.now() - begun > PIECE_MS;

/** Lines as bytes, piece by piece, for a response that is sent as it is read. */
export function streamOf(
  lines: Iterator<string> | AsyncIterator<string>,
  lineEnd = '\n'
): ReadableStream<Uint8Array<ArrayBuffer>> {
  const encoder = new TextEncoder();
  return new ReadableStream({
    cancel: () => void lines.return?.(),
    async pull(controller) {
      await new Promise((next) => setImmediate(next));
      const piece: string[] = [];
      const begun = performance.now();
      let ended = false;
      // at least one line, however long somebody else had the processor: an empty piece would say that there are no more
      do {
        const next = await lines.next();
        if (next.done === true) ended = true;
        else piece.push(next.value, lineEnd);
      } while (!ended && !isPiece(piece.length, begun));
      if (piece.length > 0) controller.enqueue(encoder.encode(piece.join('')));
      if (ended) controller.close();
    }
  });
}
