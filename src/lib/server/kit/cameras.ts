// Cameras in the database: which there are, how they are now, where their controls stand. The only SQL about them.
import type { Database } from 'better-sqlite3';
import { choiceOfMarks, notedMarks } from '#core/camera/noted.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { Revised, RevisionKind } from '#core/log/pair.ts';
import type { Moment } from '#core/sky/moment.ts';
import { cameraFromJson } from '#schema/kit/camera.ts';
import { choiceFromJson } from '#schema/kit/choice.ts';
import { remembered } from '#schema/reading/remembered.ts';
import { revisionRepository } from './revisions.ts';

interface CameraRow {
  readonly revision: number;
  readonly definition: string;
}

/** Why a camera is changed, and from when on. */
export interface CameraChange {
  readonly what: RevisionKind;
  readonly since: Moment;
  readonly note?: string;
}

const cameraOf = remembered(cameraFromJson);
const choiceOf = remembered(choiceFromJson);
const fromRow = ({ definition, revision }: CameraRow): Revised<Camera> => ({
  ...{ value: cameraOf(definition), revision }
});
const NOW = `select camera.id, camera.revision, definition from camera
  join camera_revision on camera_id = camera.id and camera_revision.revision = camera.revision`;

/** The cameras of a database. */
export function cameraRepository(db: Database) {
  const revisions = revisionRepository(db);
  const all = db.prepare<[], CameraRow>(`${NOW} where retired_at is null order by created_at, name`);
  const one = db.prepare<[string], CameraRow>(`${NOW} where camera.id = ?`);
  const insert = db.prepare<[string, string]>('insert into camera (id, created_at) values (?, ?)');
  const update = db.prepare<[number, string | null, string]>(
    'update camera set revision = ?, stands = ?, stands_revision = stands_revision + 1 where id = ?'
  );
  const retired = db.prepare<[], CameraRow>(`${NOW} where retired_at is not null order by retired_at desc`);
  const retire = db.prepare<[string, string]>(
    'update camera set retired_at = ? where id = ? and retired_at is null'
  );
  const bringBack = db.prepare<[string]>('update camera set retired_at = null where id = ?');
  const stands = db.prepare<[string], { readonly stands: string | null; readonly revision: number }>(
    'select stands, stands_revision as revision from camera where id = ?'
  );
  const isRetired = db.prepare<[string]>('select 1 from camera where id = ? and retired_at is not null');
  const leave = db.prepare<[string, string]>(
    'update camera set stands = ?, stands_revision = stands_revision + 1 where id = ?'
  );
  const find = (id: string): Revised<Camera> | null => {
    const row = one.get(id);
    return row ? fromRow(row) : null;
  };
  const standsAt = (id: string): Choice | null => {
    const text = stands.get(id)?.stands;
    return text ? choiceOf(text) : null;
  };

  const change = db.transaction((camera: Camera, { what, since, note = '' }: CameraChange): number | null => {
    const before = find(camera.id);
    if (!before) return null;
    const revision = before.revision + 1;
    revisions.addCamera(camera, revision, { what, since, note });
    // the controls stand at the same marks, wherever these are in their lists by now
    const stood = standsAt(camera.id);
    const marks = stood && notedMarks(before.value, stood);
    const now = marks ? choiceOfMarks(camera, marks) : {};
    update.run(revision, Object.keys(now).length > 0 ? JSON.stringify(now) : null, camera.id);
    return revision;
  });

  const add = db.transaction((camera: Camera, since: Moment): void => {
    insert.run(camera.id, since.at);
    revisions.addCamera(camera, 1, { what: 'entered', note: '', since });
  });

  return {
    /** The cameras in use, oldest first. */
    list: (): readonly Revised<Camera>[] => all.all().map(fromRow),
    /** Cameras out of the kit, the latest first. */
    retired: (): readonly Camera[] => retired.all().map((row) => fromRow(row).value),
    /** A camera as it is now. Also finds retired ones: their frames are still told by them. */
    find,
    isRetired: (id: string): boolean => isRetired.get(id) !== undefined,
    /** Takes a camera out of the kit; its films and frames stay. @returns false if it was out already */
    retire: (id: string, at: string): boolean => retire.run(at, id).changes > 0,
    /** Takes retiring back. @returns false when there is no such camera */
    bringBack: (id: string): boolean => bringBack.run(id).changes > 0,
    /** Stores a new camera; its faults are the caller's to check. */
    add: (camera: Camera, since: Moment): void => {
      add(camera, since);
    },
    /** Where its controls were left, as places on its present revision; null = not known since its last frame. */
    standsAt,
    /** Rises whenever its controls are left elsewhere or the camera changes. @returns null when there is no such camera */
    standsRevision: (id: string): number | null => stands.get(id)?.revision ?? null,
    /** Remembers where its controls stand. @returns false when there is no such camera */
    leaveAt: (id: string, choice: Choice): boolean => leave.run(JSON.stringify(choice), id).changes > 0,
    /** Keeps how a camera is from now on as a new revision; the earlier ones stay. @returns its number, null when there is no such camera */
    change: (camera: Camera, why: CameraChange): number | null => change(camera, why)
  };
}
