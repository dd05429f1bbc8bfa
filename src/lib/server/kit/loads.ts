// Which film is in which camera, and which pair is in hand. The only SQL about loads.
import type { Database } from 'better-sqlite3';
import type { Load, Side } from '#core/log/frame.ts';

interface LoadRow {
  readonly id: string;
  readonly camera_id: string;
  readonly film_id: string;
  readonly frames_total: number;
  readonly loaded_at: string;
  readonly finished_at: string | null;
  readonly side: Side;
}

function fromRow(row: LoadRow): Load {
  return {
    id: row.id,
    cameraId: row.camera_id,
    filmId: row.film_id,
    framesTotal: row.frames_total,
    loadedAt: row.loaded_at,
    finishedAt: row.finished_at,
    side: row.side
  };
}

/** The loads of a database. */
export function loadRepository(db: Database) {
  const all = db.prepare<[], LoadRow>('select * from load order by loaded_at desc, rowid desc');
  const latest = db.prepare<[number], LoadRow>(
    'select * from load order by loaded_at desc, rowid desc limit ?'
  );
  const ofCamera = db.prepare<[string], LoadRow>(
    'select * from load where camera_id = ? order by loaded_at, rowid'
  );
  const one = db.prepare<[string], LoadRow>('select * from load where id = ?');
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into load (id, camera_id, film_id, frames_total, loaded_at, finished_at, side)
     values (:id, :cameraId, :filmId, :framesTotal, :loadedAt, :finishedAt, :side)`
  );
  const finish = db.prepare<[string, string]>(
    'update load set finished_at = ? where id = ? and finished_at is null'
  );
  const reopen = db.prepare<[string]>(
    `update load set finished_at = null where id = ? and not exists
       (select 1 from load other where other.camera_id = load.camera_id and other.finished_at is null)`
  );
  // a retired camera is not in hand, whatever was taken up last
  const hand = db.prepare<[], { load_id: string }>(
    `select load_id from in_hand join load on load.id = load_id join camera on camera.id = load.camera_id
     where camera.retired_at is null`
  );
  const take = db.prepare<[string]>(
    'insert into in_hand (only_row, load_id) values (1, ?) on conflict (only_row) do update set load_id = excluded.load_id'
  );
  const turn = db.prepare<[string]>(
    'update load set side = 3 - side where id = ? and side is not null and finished_at is null'
  );
  const lengthen = db.prepare<[number, string]>('update load set frames_total = ? where id = ?');
  const find = (id: string): Load | null => {
    const row = one.get(id);
    return row ? fromRow(row) : null;
  };
  return {
    list: (): readonly Load[] => all.all().map(fromRow),
    /** The films loaded last, the latest first. */
    latest: (count: number): readonly Load[] => latest.all(count).map(fromRow),
    /** The films of a camera, oldest first. */
    ofCamera: (cameraId: string): readonly Load[] => ofCamera.all(cameraId).map(fromRow),
    find,
    add: (load: Load): void => {
      insert.run({ ...load });
    },
    /** Marks the film as finished. @returns false if it was already */
    finish: (id: string, at: string): boolean => finish.run(at, id).changes > 0,
    /** Takes finishing back. @returns false when the camera holds another film by now */
    reopen: (id: string): boolean => reopen.run(id).changes > 0,
    /** The load in hand; null when nothing was taken up yet. */
    inUse: (): Load | null => {
      const row = hand.get();
      return row ? find(row.load_id) : null;
    },
    /** Turns double-run film over: side two, or back. @returns false when it has one side only or is finished */
    turnOver: (id: string): boolean => turn.run(id).changes > 0,
    /** The film holds more frames than was thought. */
    lengthen: (id: string, framesTotal: number): void => {
      lengthen.run(framesTotal, id);
    },
    use: (id: string): void => {
      take.run(id);
    }
  };
}
