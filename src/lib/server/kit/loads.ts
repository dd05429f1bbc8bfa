// Which film is in which camera, and which load is in use. The only SQL about loads.
import type { Database } from 'better-sqlite3';
import { LAB_STATES, type Load, type Side } from '#core/log/load.ts';
import { moment, type Moment } from '#core/sky/moment.ts';
import { developmentFromJson, packFilterFromJson, reelFromJson } from '#schema/kit/load.ts';

interface LoadRow {
  readonly id: string;
  readonly camera_id: string;
  readonly film_id: string;
  readonly frames_total: number;
  readonly first_number: number;
  readonly loaded_at: string;
  readonly loaded_zone: string;
  readonly finished_at: string | null;
  readonly finished_zone: string | null;
  readonly side: Side;
  readonly pack_filter: string | null;
  readonly development: string | null;
  readonly lab: string | null;
  readonly reel: string | null;
  readonly remark: string;
  readonly revision: number;
}

function fromRow(row: LoadRow): Load {
  return {
    ...{ id: row.id, cameraId: row.camera_id, filmId: row.film_id },
    ...{ framesTotal: row.frames_total, firstNumber: row.first_number, side: row.side },
    loadedAt: moment(row.loaded_at, row.loaded_zone),
    finishedAt:
      row.finished_at === null ? null : moment(row.finished_at, row.finished_zone ?? row.loaded_zone),
    packFilter: row.pack_filter === null ? null : packFilterFromJson(row.pack_filter),
    development: row.development === null ? null : developmentFromJson(row.development),
    lab: LAB_STATES.find((s) => s === row.lab) ?? null,
    reel: row.reel === null ? null : reelFromJson(row.reel),
    ...{ remark: row.remark, revision: row.revision }
  };
}

function toRow(load: Load): Record<string, unknown> {
  const { loadedAt, finishedAt, packFilter, development, reel, ...rest } = load;
  return {
    ...rest,
    ...{ loadedAt: loadedAt.at, loadedZone: loadedAt.zone },
    ...{ finishedAt: finishedAt?.at ?? null, finishedZone: finishedAt?.zone ?? null },
    packFilter: packFilter && JSON.stringify(packFilter),
    development: development && JSON.stringify(development),
    reel: reel && JSON.stringify(reel)
  };
}

/** The loads of a database. */
export function loadRepository(db: Database) {
  const all = db.prepare<[], LoadRow>('select * from load order by loaded_at desc, rowid desc');
  const latest = db.prepare<[number, number], LoadRow>(
    'select * from load order by loaded_at desc, rowid desc limit ? offset ?'
  );
  const count = db.prepare<[], number>('select count(*) from load').pluck();
  const everyOpen = db.prepare<[], LoadRow>(
    'select * from load where finished_at is null order by loaded_at desc, rowid desc'
  );
  const latestOf = db.prepare<[string], LoadRow>(
    'select * from load where camera_id = ? order by loaded_at desc, rowid desc limit 1'
  );
  const before = db.prepare<[string, string], LoadRow>(
    `select * from load where camera_id = ? and (loaded_at, rowid) < (select loaded_at, rowid from load where id = ?)
     order by loaded_at desc, rowid desc limit 1`
  );
  const one = db.prepare<[string], LoadRow>('select * from load where id = ?');
  const open = db.prepare<[string], LoadRow>(
    'select * from load where camera_id = ? and finished_at is null limit 1'
  );
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into load (id, camera_id, film_id, frames_total, first_number, loaded_at, loaded_zone, finished_at,
       finished_zone, side, pack_filter, development, lab, reel, remark, revision)
     values (:id, :cameraId, :filmId, :framesTotal, :firstNumber, :loadedAt, :loadedZone, :finishedAt,
       :finishedZone, :side, :packFilter, :development, :lab, :reel, :remark, :revision)`
  );
  const update = db.prepare<[Record<string, unknown>]>(
    `update load set frames_total = :framesTotal, first_number = :firstNumber, loaded_at = :loadedAt,
       loaded_zone = :loadedZone, finished_at = :finishedAt, finished_zone = :finishedZone, side = :side,
       pack_filter = :packFilter, development = :development, lab = :lab, reel = :reel, remark = :remark, revision = revision + 1
     where id = :id`
  );
  // a retired camera is not in use, whatever was taken up last
  const current = db.prepare<[], { load_id: string }>(
    `select load_id from load_in_use join load on load.id = load_id join camera on camera.id = load.camera_id
     where camera.retired_at is null`
  );
  const use = db.prepare<[string]>(
    'insert into load_in_use (only_row, load_id) values (1, ?) on conflict (only_row) do update set load_id = excluded.load_id'
  );
  const find = (id: string): Load | null => {
    const row = one.get(id);
    return row ? fromRow(row) : null;
  };
  const openOf = (cameraId: string): Load | null => {
    const row = open.get(cameraId);
    return row ? fromRow(row) : null;
  };
  const change = (load: Load): void => {
    update.run(toRow(load));
  };
  return {
    list: (): readonly Load[] => all.all().map(fromRow),
    /** The films loaded last, the latest first. @param after so many that are passed over */
    latest: (count: number, after = 0): readonly Load[] => latest.all(count, after).map(fromRow),
    /** How many there are. */
    count: (): number => count.get() ?? 0,
    /** The films that are in cameras. */
    listOpen: (): readonly Load[] => everyOpen.all().map(fromRow),
    /** The film that was put into a camera last; null = none ever was. */
    latestOf: (cameraId: string): Load | null => {
      const row = latestOf.get(cameraId);
      return row ? fromRow(row) : null;
    },
    /** The film that was in the camera before this one; null = this was the first. */
    before: ({ id, cameraId }: Pick<Load, 'id' | 'cameraId'>): Load | null => {
      const row = before.get(cameraId, id);
      return row ? fromRow(row) : null;
    },
    find,
    /** What is in a camera; null when it is empty. */
    openOf,
    add: (load: Load): void => {
      insert.run(toRow(load));
    },
    /** Replaces what can be changed of a load, under its next revision. */
    change,
    /** Marks the film as finished. @returns false if it was already */
    finish: (id: string, finishedAt: Moment): boolean => {
      const load = find(id);
      if (!load || load.finishedAt !== null) return false;
      change({ ...load, finishedAt });
      return true;
    },
    /** Takes finishing back. @returns false when the camera holds another film by now */
    reopen: (id: string): boolean => {
      const load = find(id);
      if (!load || openOf(load.cameraId)) return false;
      change({ ...load, finishedAt: null });
      return true;
    },
    /** The load in use; null when nothing was taken up yet. */
    inUse: (): Load | null => {
      const row = current.get();
      return row ? find(row.load_id) : null;
    },
    /** Turns double-run film over: side two, or back. @returns false when it has one side only or is finished */
    turnOver: (id: string): boolean => {
      const load = find(id);
      if (!load || load.side === null || load.finishedAt !== null) return false;
      change({ ...load, side: load.side === 1 ? 2 : 1 });
      return true;
    },
    use: (id: string): void => {
      use.run(id);
    }
  };
}

/** @see loadRepository */
export type Loads = ReturnType<typeof loadRepository>;
