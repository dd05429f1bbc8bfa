// Puts records into a database: what is there already under the same name stays as it is. The only SQL about coming in.
import type { Database } from 'better-sqlite3';
import type { ArchiveRecord } from '#schema/files/archive.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { filmRepository } from '../kit/films.ts';
import { frameRepository } from '../log/frames.ts';
import { judgementRepository } from '../learn/judgements.ts';
import { loadRepository } from '../kit/loads.ts';
import { scanRepository } from '../scans/repository.ts';
import { thingRepository } from '../kit/things.ts';

/** What a record is called by: its table and name there. */
export function nameOf(record: ArchiveRecord): { readonly table: string; readonly id: string } {
  switch (record.kind) {
    case 'camera':
      return { table: 'camera', id: record.camera.id };
    case 'film':
      return { table: 'film', id: record.film.id };
    case 'thing':
      return { table: 'thing', id: record.thing.id };
    case 'load':
      return { table: 'load', id: record.load.id };
    case 'frame':
      return { table: 'frame', id: record.frame.id };
    case 'judgement':
      return { table: 'judgement', id: record.frameId };
    case 'bias':
      return { table: 'bias_change', id: `${record.cameraId} ${record.changedAt}` };
    case 'scan':
      return { table: 'scan', id: record.scan.id };
  }
}

/** What a record names that must be there before it, by table. */
export function namedBy(record: ArchiveRecord): readonly { readonly table: string; readonly id: string }[] {
  switch (record.kind) {
    case 'load':
      return [
        { table: 'camera', id: record.load.cameraId },
        { table: 'film', id: record.load.filmId }
      ];
    case 'frame':
      return [{ table: 'load', id: record.frame.loadId }];
    case 'judgement':
      return [{ table: 'frame', id: record.frameId }];
    case 'bias':
      return [{ table: 'camera', id: record.cameraId }];
    case 'scan':
      return [
        { table: 'load', id: record.scan.loadId },
        ...(record.scan.frameId === null ? [] : [{ table: 'frame', id: record.scan.frameId }])
      ];
    case 'camera':
    case 'film':
    case 'thing':
      return [];
  }
}

/** Looks names up in a database. */
export function knownNames(db: Database): (table: string, id: string) => boolean {
  const ofTable = new Map(
    ['camera', 'film', 'thing', 'load', 'frame', 'scan'].map((t) => [
      t,
      db.prepare<[string]>(`select 1 from ${t} where id = ?`)
    ])
  );
  const judged = db.prepare<[string]>('select 1 from judgement where frame_id = ?');
  const bias = db.prepare<[string]>(`select 1 from bias_change where camera_id || ' ' || changed_at = ?`);
  return (table, id) =>
    (table === 'judgement' ? judged : table === 'bias_change' ? bias : ofTable.get(table))?.get(id) !==
    undefined;
}

/** A writer of records. */
export function recordWriter(db: Database): (record: ArchiveRecord) => void {
  const [cameras, films, things] = [cameraRepository(db), filmRepository(db), thingRepository(db)];
  const [loads, frames, scans] = [loadRepository(db), frameRepository(db), scanRepository(db)];
  const judgements = judgementRepository(db);
  const revise = db.prepare<[number, string]>('update camera set revision = ? where id = ?');
  return (record) => {
    switch (record.kind) {
      case 'camera': {
        const { camera, addedAt, retiredAt, revision, stands } = record;
        cameras.add(camera, addedAt);
        revise.run(revision, camera.id);
        if (Object.keys(stands).length > 0) cameras.leaveAt(camera.id, stands);
        if (retiredAt !== null) cameras.retire(camera.id, retiredAt);
        return;
      }
      case 'film':
        films.add(record.film, record.addedAt);
        if (record.deletedAt !== null) films.remove(record.film.id, record.deletedAt);
        return;
      case 'thing':
        things.put(record.thing, record.addedAt);
        if (record.deletedAt !== null) things.remove(record.thing.id, record.deletedAt);
        return;
      case 'load':
        loads.add(record.load);
        return;
      case 'frame':
        frames.add(record.frame, record.cameraRevision, record.deletedAt);
        return;
      case 'judgement':
        judgements.put({ ...record.judgement, frameId: record.frameId, judgedAt: record.judgedAt });
        return;
      case 'bias': {
        const { cameraId, changedAt, fromStops, fromSd, toStops, toSd, frames: judged } = record;
        judgements.note(cameraId, { changedAt, fromStops, fromSd, toStops, toSd, frames: judged });
        return;
      }
      case 'scan':
        scans.add({ ...record.scan, sha256: record.sha256, deletedAt: record.deletedAt });
        return;
    }
  };
}
