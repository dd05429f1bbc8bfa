// Logged frames. The only SQL about them. Deleting keeps the row, so that it can be undone.
import type { Database } from 'better-sqlite3';
import type { StripFrame } from '#core/log/film-line.ts';
import type { Expected, Frame } from '#core/log/frame.ts';
import {
  FRAME_COLUMNS,
  FRAME_NAMES,
  FRAME_SETS,
  FRAME_VALUES,
  frameFromRow,
  frameValues,
  wordsOfFrame,
  type FrameRow,
  type StoredFrame
} from './frame-row.ts';

interface StripRow extends StripFrame {
  readonly load_id: string;
}

/** A frame that came late, or with an odd clock, may stand on a film before the last. */
const LATE_FILMS = 8;

/** The frames of a database. */
export function frameRepository(db: Database) {
  const byLoad = db.prepare<[string], FrameRow>(
    `select ${FRAME_COLUMNS} from frame where load_id = ? and deleted_at is null order by number`
  );
  const numbers = db.prepare<[string], { readonly id: string; readonly number: number }>(
    'select id, number from frame where load_id = ? and deleted_at is null order by number'
  );
  const everyByLoad = db.prepare<[string], FrameRow>(`select ${FRAME_COLUMNS} from frame where load_id = ?`);
  const one = db.prepare<[string], FrameRow>(`select ${FRAME_COLUMNS} from frame where id = ?`);
  // the latest of each of its latest films with frames, then the latest of these: a frame of an older film is not newer
  const last = db.prepare<[string], FrameRow>(
    `select ${FRAME_COLUMNS} from frame where rowid = (
       with late as (select load.id from load
         where camera_id = ? and exists (select 1 from frame where load_id = load.id and deleted_at is null)
         order by loaded_at desc, load.rowid desc limit ${LATE_FILMS})
       select of_film.rowid from late join frame as of_film on of_film.rowid = (
         select rowid from frame where load_id = late.id and deleted_at is null
         order by taken_at desc, rowid desc limit 1)
       order by of_film.taken_at desc, of_film.rowid desc limit 1)`
  );
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into frame (${FRAME_NAMES}) values (${FRAME_VALUES})`
  );
  const update = db.prepare<[Record<string, unknown>]>(`update frame set ${FRAME_SETS} where id = :id`);
  const some = db.prepare<[string], FrameRow>(
    `select ${FRAME_COLUMNS} from frame where id in (select value from json_each(?))`
  );
  const expect = db.prepare<[number | null, number | null, number | null, string]>(
    'update frame set delta_stops = ?, sd_stops = ?, p_usable = ? where id = ?'
  );
  const untag = db.prepare<[string]>('delete from frame_tag where frame_id = ?');
  const tag = db.prepare<[string, string, number]>(
    'insert into frame_tag (frame_id, tag, place) values (?, ?, ?) on conflict do nothing'
  );
  const word = db.prepare<[string, string]>(
    `insert into frame_words (frame_id, words) values (?, ?)
     on conflict (frame_id) do update set words = excluded.words`
  );
  const allTags = db.prepare<[], { readonly tag: string }>(
    'select tag from tag_use order by frames desc, tag limit 200'
  );
  const recent = db.prepare<[number], FrameRow>(
    `select ${FRAME_COLUMNS} from frame where deleted_at is null order by taken_at desc, id desc limit ?`
  );
  const strips = db.prepare<[string], StripRow>(
    `select load_id, number, verdict from frame left join judgement on judgement.frame_id = frame.id
     where load_id in (select value from json_each(?)) and deleted_at is null order by load_id, number`
  );
  const find = (id: string): StoredFrame | null => {
    const row = one.get(id);
    return row ? frameFromRow(row) : null;
  };
  /** Keeps what a frame is searched by in step with it. */
  const write = (id: string, frame: Pick<Frame, 'note' | 'about' | 'place'>): void => {
    untag.run(id);
    frame.about.tags.forEach((t, place) => tag.run(id, t, place));
    word.run(id, wordsOfFrame(frame));
  };
  return {
    listByLoad: (loadId: string): readonly Frame[] => byLoad.all(loadId).map(frameFromRow),
    /** The numbers that are given on a load, with whose they are. */
    numbersOf: (loadId: string) => numbers.all(loadId),
    /** Also those in the trash. */
    everyOfLoad: (loadId: string): readonly Frame[] => everyByLoad.all(loadId).map(frameFromRow),
    /** Frames by their ids, in no order. */
    some: (ids: readonly string[]): readonly Frame[] => some.all(JSON.stringify(ids)).map(frameFromRow),
    /** Also finds frames in the trash. */
    find,
    /** The latest frame taken with a camera: where its controls stand. */
    lastOfCamera: (cameraId: string): Frame | null => {
      const row = last.get(cameraId);
      return row ? frameFromRow(row) : null;
    },
    /** @param deletedAt when it was moved to the trash; null = it is in the log */
    add: (frame: Frame, deletedAt: string | null = null): void => {
      insert.run(frameValues(frame, deletedAt));
      write(frame.id, frame);
    },
    /** Replaces a frame under its next revision. @returns it as it is then */
    change: (frame: StoredFrame): StoredFrame => {
      const changed = { ...frame, revision: frame.revision + 1 };
      update.run(frameValues(changed, frame.deletedAt));
      write(frame.id, changed);
      return changed;
    },
    /** What is to be expected of a frame, worked out anew: nothing that was noted changes. */
    expect: (id: string, expected: Expected | null): void => {
      const { deltaStops = null, sdStops = null, pUsable = null } = expected ?? {};
      expect.run(deltaStops, sdStops, pUsable, id);
    },
    /** Tags in use, the commonest first. */
    tags: (): readonly string[] => allTags.all().map((row) => row.tag),
    /** The numbers logged on some loads and how each came out, by load. */
    strips: (loadIds: readonly string[]): ReadonlyMap<string, readonly StripFrame[]> => {
      const found = new Map<string, StripFrame[]>();
      for (const { load_id, number, verdict } of strips.all(JSON.stringify(loadIds))) {
        const strip = found.get(load_id) ?? [];
        strip.push({ number, verdict });
        found.set(load_id, strip);
      }
      return found;
    },
    /** The latest frames of all films, newest first. */
    recent: (count: number): readonly Frame[] => recent.all(count).map(frameFromRow)
  };
}

/** @see frameRepository */
export type Frames = ReturnType<typeof frameRepository>;
