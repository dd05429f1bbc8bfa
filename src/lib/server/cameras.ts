// Cameras in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { Camera, CameraCondition } from '#core/camera/camera.ts';
import { CONDITION_SD } from '#core/camera/camera.ts';
import { controlsFromJson, formatsFromJson } from '#schema/camera.ts';

interface CameraRow {
  readonly id: string;
  readonly name: string;
  readonly focal_mm: number;
  readonly condition: string;
  readonly hand_held_seconds: number | null;
  readonly formats: string;
  readonly controls: string;
  readonly revision: number;
}

/** A camera with the number of its definition, which rises with every change. */
export interface StoredCamera {
  readonly camera: Camera;
  readonly revision: number;
}

function fromRow(row: CameraRow): StoredCamera {
  const camera: Camera = {
    id: row.id,
    name: row.name,
    formats: formatsFromJson(row.formats),
    focalMm: row.focal_mm,
    condition: conditionFrom(row.condition),
    handHeldSeconds: row.hand_held_seconds,
    controls: controlsFromJson(row.controls)
  };
  return { camera, revision: row.revision };
}

function conditionFrom(text: string): CameraCondition {
  const known: readonly CameraCondition[] = ['automatic', 'mechanical', 'old', 'unsure'];
  const condition = known.find((c) => c === text && c in CONDITION_SD);
  if (!condition) throw new RangeError(`condition must be one of ${known.join(', ')}, got ${text}`);
  return condition;
}

/** The cameras of a database. */
export function cameraRepository(db: Database) {
  const all = db.prepare<[], CameraRow>('select * from camera order by created_at, name');
  const one = db.prepare<[string], CameraRow>('select * from camera where id = ?');
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into camera (id, name, focal_mm, condition, hand_held_seconds, formats, controls, created_at)
     values (:id, :name, :focalMm, :condition, :handHeldSeconds, :formats, :controls, :createdAt)`
  );
  return {
    list: (): readonly Camera[] => all.all().map((row) => fromRow(row).camera),
    find: (id: string): StoredCamera | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    /** Stores a new camera; its faults are the caller's to check. */
    add: (camera: Camera, createdAt: string): void => {
      const { formats, controls } = camera;
      insert.run({
        ...camera,
        formats: JSON.stringify(formats),
        controls: JSON.stringify(controls),
        createdAt
      });
    }
  };
}
