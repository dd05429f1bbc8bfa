// Logged frames. The only SQL about them. Deleting keeps the row, so that it can be undone.
import type { Database } from 'better-sqlite3';
import type { Frame } from '#core/log/frame.ts';
import { choiceFromJson } from '#schema/choice.ts';
import { conditionsFromJson } from '#schema/conditions.ts';
import { contrastFromText, lightFromJson, wayFromJson } from '#schema/light.ts';

interface FrameRow {
  readonly id: string;
  readonly load_id: string;
  readonly number: number;
  readonly logged_at: string;
  readonly light_lv: number;
  readonly light_sd_stops: number;
  readonly light_way: string;
  readonly contrast: string;
  readonly guess: string | null;
  readonly conditions: string;
  readonly choice: string;
  readonly delta_stops: number;
  readonly sd_stops: number;
  readonly p_usable: number;
  readonly note: string;
  readonly series: string | null;
  readonly timed_seconds: number | null;
  readonly deleted_at: string | null;
}

/** A frame with its place in the trash. */
export interface StoredFrame extends Frame {
  /** UTC, ISO 8601; null while it is not deleted. */
  readonly deletedAt: string | null;
}

function fromRow(row: FrameRow): StoredFrame {
  return {
    id: row.id,
    loadId: row.load_id,
    number: row.number,
    loggedAt: row.logged_at,
    light: {
      lv: row.light_lv,
      sdStops: row.light_sd_stops,
      way: wayFromJson(row.light_way),
      contrast: contrastFromText(row.contrast)
    },
    guess: row.guess === null ? null : lightFromJson(row.guess),
    conditions: conditionsFromJson(row.conditions),
    choice: choiceFromJson(row.choice),
    deltaStops: row.delta_stops,
    sdStops: row.sd_stops,
    pUsable: row.p_usable,
    note: row.note,
    series: row.series,
    timedSeconds: row.timed_seconds,
    deletedAt: row.deleted_at
  };
}

/** The frames of a database. */
export function frameRepository(db: Database) {
  const byLoad = db.prepare<[string], FrameRow>(
    'select * from frame where load_id = ? and deleted_at is null order by number'
  );
  const one = db.prepare<[string], FrameRow>('select * from frame where id = ?');
  const last = db.prepare<[string], FrameRow>(
    `select frame.* from frame join load on load.id = frame.load_id
     where load.camera_id = ? and frame.deleted_at is null order by frame.logged_at desc, frame.rowid desc limit 1`
  );
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into frame (id, load_id, number, logged_at, camera_revision, light_lv, light_sd_stops, light_way, contrast,
       guess, conditions, choice, delta_stops, sd_stops, p_usable, note, series, timed_seconds)
     values (:id, :loadId, :number, :loggedAt, :cameraRevision, :lv, :lightSd, :way, :contrast,
       :guessJson, :conditionsJson, :choiceJson, :deltaStops, :sdStops, :pUsable, :note, :series, :timedSeconds)`
  );
  const update = db.prepare<[number, string, string]>('update frame set number = ?, note = ? where id = ?');
  const relight = db.prepare<[Record<string, unknown>]>(
    `update frame set light_lv = :lv, light_sd_stops = :lightSd, light_way = :way, contrast = :contrast,
       delta_stops = :deltaStops, sd_stops = :sdStops, p_usable = :pUsable
     where id = :id`
  );
  const recent = db.prepare<[number], FrameRow>(
    'select * from frame where deleted_at is null order by logged_at desc, rowid desc limit ?'
  );
  const remove = db.prepare<[string, string]>(
    'update frame set deleted_at = ? where id = ? and deleted_at is null'
  );
  const restore = db.prepare<[number, string]>('update frame set deleted_at = null, number = ? where id = ?');
  return {
    listByLoad: (loadId: string): readonly Frame[] => byLoad.all(loadId).map(fromRow),
    /** Also finds frames in the trash. */
    find: (id: string): StoredFrame | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    /** The latest frame taken with a camera: where its controls stand. */
    lastOfCamera: (cameraId: string): Frame | null => {
      const row = last.get(cameraId);
      return row ? fromRow(row) : null;
    },
    add: (frame: Frame, cameraRevision: number): void => {
      const { lv, sdStops: lightSd, way, contrast } = frame.light;
      const { id, loadId, number, loggedAt, deltaStops, sdStops, pUsable, note, series, timedSeconds } =
        frame;
      insert.run({
        ...{ id, loadId, number, loggedAt, cameraRevision, lv, lightSd, contrast },
        ...{ deltaStops, sdStops, pUsable, note, series, timedSeconds },
        way: JSON.stringify(way),
        guessJson: frame.guess === null ? null : JSON.stringify(frame.guess),
        conditionsJson: JSON.stringify(frame.conditions),
        choiceJson: JSON.stringify(frame.choice)
      });
    },
    change: (id: string, number: number, note: string): void => {
      update.run(number, note, id);
    },
    /** Gives a frame another light, with what is expected of it then. */
    relight: ({ id, light, deltaStops, sdStops, pUsable }: Frame): void => {
      const { lv, sdStops: lightSd, way, contrast } = light;
      relight.run({ id, lv, lightSd, way: JSON.stringify(way), contrast, deltaStops, sdStops, pUsable });
    },
    /** The latest frames of all films, newest first. */
    recent: (count: number): readonly Frame[] => recent.all(count).map(fromRow),
    remove: (id: string, at: string): boolean => remove.run(at, id).changes > 0,
    restore: (id: string, number: number): void => {
      restore.run(number, id);
    }
  };
}
