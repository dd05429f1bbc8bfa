// Cameras in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { CameraTraits } from '#core/camera/traits.ts';
import { conditionFromText, controlsFromJson, formatsFromJson, programFromJson } from '#schema/kit/camera.ts';
import { choiceFromJson } from '#schema/kit/choice.ts';
import { cameraTraitsFromJson } from '#schema/kit/traits.ts';
import { remembered } from '#schema/reading/remembered.ts';

interface CameraRow {
  readonly id: string;
  readonly name: string;
  readonly focal_mm: number;
  readonly condition: string;
  readonly hand_held_seconds: number | null;
  readonly formats: string;
  readonly controls: string;
  readonly program: string;
  readonly bias_stops: number;
  readonly traits: string;
  readonly revision: number;
}

/** A camera with the number of its definition, which rises with every change. */
export interface StoredCamera {
  readonly camera: Camera;
  readonly revision: number;
}

const formatsOf = remembered(formatsFromJson);
const controlsOf = remembered(controlsFromJson);
const programOf = remembered(programFromJson);
const traitsOf = remembered(cameraTraitsFromJson);

function fromRow(row: CameraRow): StoredCamera {
  const camera: Camera = {
    id: row.id,
    name: row.name,
    formats: formatsOf(row.formats),
    focalMm: row.focal_mm,
    condition: conditionFromText(row.condition),
    handHeldSeconds: row.hand_held_seconds,
    controls: controlsOf(row.controls),
    program: programOf(row.program),
    biasStops: row.bias_stops,
    ...traitsOf(row.traits)
  };
  return { camera, revision: row.revision };
}

function toRow(camera: Camera): Record<string, unknown> {
  const { id, name, focalMm, condition, handHeldSeconds, biasStops, formats, controls, program } = camera;
  const {
    focusing,
    flash,
    transport,
    finder,
    toleranceStops,
    repeats,
    needsPackBattery,
    perforations,
    checks
  } = camera;
  const traits: CameraTraits = {
    ...{ focusing, flash, transport, finder, toleranceStops, repeats, needsPackBattery, perforations, checks }
  };
  return {
    ...{ id, name, focalMm, condition, handHeldSeconds, biasStops },
    formats: JSON.stringify(formats),
    controls: JSON.stringify(controls),
    program: JSON.stringify(program),
    traits: JSON.stringify(traits)
  };
}

/** The cameras of a database. */
export function cameraRepository(db: Database) {
  const all = db.prepare<[], CameraRow>(
    'select * from camera where retired_at is null order by created_at, name'
  );
  const one = db.prepare<[string], CameraRow>('select * from camera where id = ?');
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into camera (id, name, focal_mm, condition, hand_held_seconds, formats, controls, program, bias_stops, traits, created_at)
     values (:id, :name, :focalMm, :condition, :handHeldSeconds, :formats, :controls, :program, :biasStops, :traits, :createdAt)`
  );
  const update = db.prepare<[Record<string, unknown>]>(
    `update camera set name = :name, focal_mm = :focalMm, condition = :condition, hand_held_seconds = :handHeldSeconds,
       formats = :formats, controls = :controls, program = :program, bias_stops = :biasStops, traits = :traits,
       revision = revision + 1
     where id = :id`
  );
  const retired = db.prepare<[], CameraRow>(
    'select * from camera where retired_at is not null order by retired_at desc'
  );
  const retire = db.prepare<[string, string]>(
    'update camera set retired_at = ? where id = ? and retired_at is null'
  );
  const bringBack = db.prepare<[string]>('update camera set retired_at = null where id = ?');
  const stands = db.prepare<[string], { readonly stands: string | null }>(
    'select stands from camera where id = ?'
  );
  const isRetired = db.prepare<[string]>('select 1 from camera where id = ? and retired_at is not null');
  const leave = db.prepare<[string, string]>('update camera set stands = ? where id = ?');
  return {
    /** The cameras in use, oldest first. */
    list: (): readonly Camera[] => all.all().map((row) => fromRow(row).camera),
    /** Cameras out of the kit, the latest first. */
    retired: (): readonly Camera[] => retired.all().map((row) => fromRow(row).camera),
    /** Also finds retired ones: their frames are still told by them. */
    find: (id: string): StoredCamera | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    isRetired: (id: string): boolean => isRetired.get(id) !== undefined,
    /** Takes a camera out of the kit; its films and frames stay. @returns false if it was out already */
    retire: (id: string, at: string): boolean => retire.run(at, id).changes > 0,
    /** Takes retiring back. @returns false when there is no such camera */
    bringBack: (id: string): boolean => bringBack.run(id).changes > 0,
    /** Stores a new camera; its faults are the caller's to check. */
    add: (camera: Camera, createdAt: string): void => {
      insert.run({ ...toRow(camera), createdAt });
    },
    /** Where its controls were left, by control id; null = not known since its last frame. */
    standsAt: (id: string): Choice | null => {
      const text = stands.get(id)?.stands;
      return text ? choiceFromJson(text) : null;
    },
    /** Remembers where its controls stand. @returns false when there is no such camera */
    leaveAt: (id: string, choice: Choice): boolean => leave.run(JSON.stringify(choice), id).changes > 0,
    /** Replaces a camera's definition under a new revision. @returns false when there is no such camera */
    change: (camera: Camera): boolean => update.run(toRow(camera)).changes > 0
  };
}
