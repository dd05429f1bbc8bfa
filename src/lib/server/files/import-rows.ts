// Puts records into a database: what is there already under the same name stays as it is. The only SQL about coming in.
import type { Database } from 'better-sqlite3';
import type { ArchiveRecord } from '#schema/files/archive.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { filmRepository } from '../kit/films.ts';
import { frameRepository } from '../log/frames.ts';
import { framePictures } from '../log/frame-pictures.ts';
import { judgementRepository } from '../learn/judgements.ts';
import { loadRepository } from '../kit/loads.ts';
import { revisionRepository } from '../kit/revisions.ts';
import { outingRepository } from '../plan/outings.ts';
import { exerciseRepository } from '../practice/exercises.ts';
import { scanRepository } from '../scans/repository.ts';
import { thingRepository } from '../kit/things.ts';

/** What a record is called by: its table and name there. */
export function nameOf(record: ArchiveRecord): { readonly table: string; readonly id: string } {
  switch (record.kind) {
    case 'camera':
      return { table: 'camera', id: record.id };
    case 'film':
      return { table: 'film', id: record.id };
    case 'thing':
      return { table: 'thing', id: record.thing.id };
    case 'outing':
      return { table: 'outing', id: record.outing.id };
    case 'exercise':
      return { table: 'exercise', id: record.exercise.id };
    case 'load':
      return { table: 'load', id: record.load.id };
    case 'frame':
      return { table: 'frame', id: record.frame.id };
    case 'judgement':
      return { table: 'judgement', id: record.frameId };
    case 'picture':
      return { table: 'frame_picture', id: record.frameId };
    case 'bias':
      return { table: 'bias_change', id: `${record.cameraId} ${record.changedAt.at}` };
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
    case 'picture':
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
    case 'outing':
    case 'exercise':
      return [];
  }
}

/** Looks names up in a database. */
export function knownNames(db: Database): (table: string, id: string) => boolean {
  const ofTable = new Map(
    ['camera', 'film', 'thing', 'outing', 'exercise', 'load', 'frame', 'scan'].map((t) => [
      t,
      db.prepare<[string]>(`select 1 from ${t} where id = ?`)
    ])
  );
  const judged = db.prepare<[string]>('select 1 from judgement where frame_id = ?');
  const pictured = db.prepare<[string]>('select 1 from frame_picture where frame_id = ?');
  const bias = db.prepare<[string]>(`select 1 from bias_change where camera_id || ' ' || changed_at = ?`);
  const named = new Map([
    ...ofTable,
    ...([
      ['judgement', judged],
      ['frame_picture', pictured],
      ['bias_change', bias]
    ] as const)
  ]);
  return (table, id) => named.get(table)?.get(id) !== undefined;
}

/** A writer of records. */
export function recordWriter(db: Database): (record: ArchiveRecord) => void {
  const [cameras, films, things] = [cameraRepository(db), filmRepository(db), thingRepository(db)];
  const [loads, frames, scans] = [loadRepository(db), frameRepository(db), scanRepository(db)];
  const [judgements, outings] = [judgementRepository(db), outingRepository(db)];
  const [exercises, pictures] = [exerciseRepository(db), framePictures(db)];
  const revisions = revisionRepository(db);
  const camera = db.prepare<[string, number, string]>(
    'insert into camera (id, revision, created_at) values (?, ?, ?)'
  );
  const film = db.prepare<[string, number, string]>(
    'insert into film (id, revision, created_at) values (?, ?, ?)'
  );
  return (record) => {
    switch (record.kind) {
      case 'camera': {
        const { id, addedAt, retiredAt, stands } = record;
        camera.run(id, record.revisions.at(-1)?.revision ?? 1, addedAt);
        for (const { camera: value, revision, ...why } of record.revisions)
          revisions.addCamera({ ...value, id }, revision, why);
        if (Object.keys(stands).length > 0) cameras.leaveAt(id, stands);
        if (retiredAt !== null) cameras.retire(id, retiredAt);
        return;
      }
      case 'film': {
        const { id, addedAt, deletedAt } = record;
        film.run(id, record.revisions.at(-1)?.revision ?? 1, addedAt);
        for (const { film: value, revision, since } of record.revisions)
          revisions.addFilm({ ...value, id }, revision, since);
        if (deletedAt !== null) films.remove(id, deletedAt);
        return;
      }
      case 'thing':
        things.put(record.thing, record.addedAt);
        if (record.deletedAt !== null) things.remove(record.thing.id, record.deletedAt);
        return;
      case 'outing':
        outings.put(record.outing, record.addedAt);
        if (record.deletedAt !== null) outings.remove(record.outing.id, record.deletedAt);
        return;
      case 'exercise':
        exercises.put(record.exercise);
        return;
      case 'load':
        loads.add(record.load);
        return;
      case 'frame':
        frames.add(record.frame, record.deletedAt);
        return;
      case 'judgement': {
        const { judgement, frameId, judgedAt, revision } = record;
        judgements.put({ ...judgement, frameId, judgedAt, revision });
        return;
      }
      case 'picture':
        pictures.put(record.frameId, record.picture);
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
