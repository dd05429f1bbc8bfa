// Scans in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { Assignment, Scan, ScanTones, ScanType } from '#core/log/scan.ts';
import type { ScanShown } from '#core/log/scan-shown.ts';
import { scanShownSchema } from '#schema/log/scan.ts';

interface ScanRow {
  readonly id: string;
  readonly load_id: string;
  readonly frame_id: string | null;
  readonly name: string;
  readonly type: ScanType;
  readonly bytes: number;
  readonly width: number;
  readonly height: number;
  readonly sha256: string;
  readonly middle: number;
  readonly dark_share: number;
  readonly light_share: number;
  readonly added_at: string;
  readonly deleted_at: string | null;
  readonly shown: string | null;
}

/** A scan with what only the store needs to know of it. */
export interface StoredScan extends Scan {
  /** Of the file as it came. */
  readonly sha256: string;
  /** UTC, ISO 8601; null while it is not deleted. */
  readonly deletedAt: string | null;
}

const fromRow = (row: ScanRow): StoredScan => ({
  ...{ id: row.id, loadId: row.load_id, frameId: row.frame_id, name: row.name, type: row.type },
  ...{ bytes: row.bytes, width: row.width, height: row.height, sha256: row.sha256 },
  tones: { middle: row.middle, darkShare: row.dark_share, lightShare: row.light_share },
  ...{ addedAt: row.added_at, deletedAt: row.deleted_at },
  ...(row.shown === null ? {} : { shown: scanShownSchema.validateSync(JSON.parse(row.shown)) })
});

/** The scans of a database. */
export function scanRepository(db: Database) {
  const one = db.prepare<[string], ScanRow>('select * from scan where id = ?');
  const byLoad = db.prepare<[string], ScanRow>(
    'select * from scan where load_id = ? and deleted_at is null order by added_at, id'
  );
  const byFrames = db.prepare<[string], ScanRow>(
    `select * from scan where frame_id in (select value from json_each(?)) and deleted_at is null
     order by added_at, id`
  );
  const same = db.prepare<[string, string], ScanRow>(
    'select * from scan where load_id = ? and sha256 = ? and deleted_at is null'
  );
  const all = db.prepare<[], ScanRow>('select * from scan order by added_at, id');
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into scan (id, load_id, frame_id, name, type, bytes, width, height, sha256, middle, dark_share, light_share, added_at, deleted_at, shown)
     values (:id, :loadId, :frameId, :name, :type, :bytes, :width, :height, :sha256, :middle, :darkShare, :lightShare, :addedAt, :deletedAt, :shown)`
  );
  const assign = db.prepare<[Record<string, unknown>]>(
    'update scan set frame_id = :frameId where id = :scanId'
  );
  // a frame of another film is none of its
  const canHave = db.prepare<[Record<string, unknown>]>(
    `select 1 from scan where id = :scanId and load_id = :loadId and
       (:frameId is null or exists (select 1 from frame where id = :frameId and load_id = :loadId))`
  );
  const remove = db.prepare<[string, string]>(
    'update scan set deleted_at = ? where id = ? and deleted_at is null'
  );
  const show = db.prepare<[Record<string, unknown>]>(
    `update scan set shown = :shown, middle = :middle, dark_share = :darkShare, light_share = :lightShare where id = :id`
  );
  const film = db.prepare<[string]>('select 1 from load where id = ?');
  const move = db.prepare<[string, string]>(
    'update scan set load_id = ?, frame_id = null where id = ? and deleted_at is null'
  );
  const restore = db.prepare<[string]>('update scan set deleted_at = null where id = ?');
  return {
    /** Also finds scans in the trash. */
    find: (id: string): StoredScan | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    /** Every scan there is, those in the trash too. */
    list: (): readonly StoredScan[] => all.all().map(fromRow),
    ofLoad: (loadId: string): readonly StoredScan[] => byLoad.all(loadId).map(fromRow),
    ofFrames: (ids: readonly string[]): readonly StoredScan[] =>
      byFrames.all(JSON.stringify(ids)).map(fromRow),
    /** The same file on the same film; null = there is none. */
    same: (loadId: string, sha256: string): StoredScan | null => {
      const row = same.get(loadId, sha256);
      return row ? fromRow(row) : null;
    },
    add: ({ tones, shown, ...scan }: StoredScan): void => {
      insert.run({ ...scan, ...tones, shown: shown ? JSON.stringify(shown) : null });
    },
    /** Keeps how a scan is looked at, and what is measured on it then. */
    show: (id: string, shown: ScanShown, { middle, darkShare, lightShare }: ScanTones): void => {
      show.run({ id, shown: JSON.stringify(shown), middle, darkShare, lightShare });
    },
    /** Gives a scan to another film; it shows no frame then. @returns false when the film is not there or has the same file */
    move: (id: string, loadId: string): boolean => {
      const row = one.get(id);
      if (!row || !film.get(loadId) || same.get(loadId, row.sha256)) return false;
      return move.run(loadId, id).changes > 0;
    },
    /** Gives scans of a film to frames of it: all of them, or none. @returns false when one of either is not there */
    assign: (loadId: string, assignments: readonly Assignment[]): boolean => {
      const known = assignments.every(({ scanId, frameId }) => canHave.get({ loadId, scanId, frameId }));
      if (known) db.transaction(() => assignments.forEach((a) => assign.run({ ...a }))).immediate();
      return known;
    },
    /** Puts a scan in the trash. @returns false if it was there already */
    remove: (id: string, at: string): boolean => remove.run(at, id).changes > 0,
    /** Takes removing back. @returns false when there is no such scan, or the same file came again meanwhile */
    restore: (id: string): boolean => {
      const row = one.get(id);
      if (!row || (row.deleted_at !== null && same.get(row.load_id, row.sha256))) return false;
      return restore.run(id).changes > 0;
    }
  };
}
