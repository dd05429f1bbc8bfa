// Where a history plays: the database, the memory, who saw what last, and what people come up with.
import { positionCount, type Camera } from '#core/camera/camera.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import type { Film } from '#core/film/film.ts';
import { NOTHING_ABOUT, type NewFrame } from '#core/log/frame.ts';
import type { Load } from '#core/log/load.ts';
import type { Change, SomeFacts } from '#core/offline/change.ts';
import { momentAt, msOf, type Moment } from '#core/sky/moment.ts';
import { STARTING_LIGHT } from '#core/ways/choice.ts';
import { noRevision, type Memory } from './model.ts';
import { ZONES, type World } from './world.ts';

/** One of so many, as the history has it. */
export type Pick = (count: number) => number;

/** A frame as one client saw it last. */
export interface Seen {
  readonly revision: number;
  readonly facts: SomeFacts;
}

/** A phone that is away: what it knows of the frames, and what it did. */
export interface Phone {
  readonly facts: Map<string, SomeFacts>;
  /** The pair of each frame that it logged. */
  readonly taken: Map<string, { readonly camera: Camera; readonly film: Film }>;
  readonly queue: Change[];
  /** What home took. */
  readonly done: Change[];
}

/** What a step works on. */
export interface Scene {
  readonly world: World;
  readonly memory: Memory;
  readonly pick: Pick;
  /** A name that nothing has yet. */
  readonly fresh: (what: string) => string;
  /** What each of two clients saw last of each frame. */
  readonly seen: readonly [Map<string, Seen>, Map<string, Seen>];
  readonly phone: Phone;
}

/** One of a list; null of an empty one. */
export function one<T>(pick: Pick, list: readonly T[]): T | null {
  return list[pick(list.length)] ?? null;
}

/** Now or up to two hours ago, by somebody's clocks. */
export function someTime({ world, pick }: Scene, notBefore: Moment | null = null): Moment {
  const zone = one(pick, ZONES) ?? 'UTC';
  const ms = msOf(world.now()) - pick(120) * 60_000;
  return momentAt(notBefore ? Math.max(ms, msOf(notBefore)) : ms, zone);
}

/** A setting of a camera. */
export function someChoice({ pick }: Scene, camera: Camera): NewFrame['choice'] {
  return Object.fromEntries(camera.controls.map((c) => [c.id, pick(positionCount(c))]));
}

/** A light that was told, or not. */
const someLight = ({ pick }: Scene): NewFrame['light'] =>
  pick(4) === 0 ? null : { ...STARTING_LIGHT, lv: 6 + pick(90) / 10, way: { kind: 'hand' } };

/** A frame that somebody takes on a load, with camera and film as they are now. */
export function someFrame(scene: Scene, load: Load): NewFrame | null {
  const { world, pick, fresh } = scene;
  const camera = world.cameras.find(load.cameraId);
  const film = world.films.find(load.filmId);
  if (!camera || !film) return null;
  return {
    ...{ id: fresh('frame'), loadId: load.id, number: load.firstNumber + pick(load.framesTotal + 2) },
    ...{ takenAt: someTime(scene, load.loadedAt), place: one(pick, ['', 'by the mill', 'harbour']) ?? '' },
    ...{ light: someLight(scene), guess: null, conditions: pick(3) === 0 ? { support: 'standing' } : {} },
    ...{ choice: someChoice(scene, camera.value), note: fresh('note'), series: null },
    ...{ timedSeconds: pick(3) === 0 ? 1 + pick(60) / 10 : null, heardSeconds: pick(5) === 0 ? 0.5 : null },
    heardSdStops: null,
    ...{ about: NOTHING_ABOUT, cameraRevision: camera.revision, filmRevision: film.revision }
  };
}

/** Some facts of a frame, told otherwise. */
export function someFacts(scene: Scene, id: string): SomeFacts {
  const { world, memory, pick, fresh } = scene;
  const noted = memory.frames.get(id);
  const load = noted && world.loads.find(noted.loadId);
  if (!load) return {};
  const all: readonly SomeFacts[] = [
    { note: fresh('note') },
    { number: load.firstNumber + pick(load.framesTotal + 40) },
    { takenAt: someTime(scene, load.loadedAt) },
    { place: fresh('place') },
    { light: someLight(scene) },
    { choice: someChoice(scene, noted.camera) },
    { timedSeconds: pick(2) === 0 ? null : pick(300) / 10 + 0.1 },
    { heardSeconds: pick(2) === 0 ? null : 0.25 },
    { about: { ...NOTHING_ABOUT, subject: fresh('subject') } },
    { conditions: { support: 'standing' } }
  ];
  return { ...one(pick, all), ...one(pick, all) };
}

/** Notes a load as it is, or what was changed of it. */
export function noteLoad({ world, memory }: Scene, id: string, more: Partial<Load> = {}): void {
  const load = memory.loads.get(id) ?? world.loads.find(id);
  if (!load) return;
  memory.loads.set(id, noRevision({ revision: 0, ...load, ...more }));
}

/** One of the loads. */
export const loadOf = ({ world, memory, pick }: Scene): Load | null => {
  const id = one(pick, [...memory.loads.keys()]);
  return id === null ? null : world.loads.find(id);
};
/** One of the frames. */
export const frameIdOf = ({ memory, pick }: Scene): string | null => one(pick, [...memory.frames.keys()]);

/** A camera whose sheet somebody wrote anew. */
export function changedCamera({ pick, fresh }: Scene, camera: Camera): Camera {
  const index = pick(camera.controls.length);
  const relabelled = (control: Control): Control => ({ ...control, label: fresh('label') });
  const rewritten = (control: Control): Control => {
    if (control.kind !== 'marked') return relabelled(control);
    const { positions } = control;
    const at = pick(positions.length);
    const position = positions[at];
    if (!position) return control;
    switch (pick(4)) {
      case 0: {
        const mark = { ...position, mark: fresh('mark'), symbol: null, value: position.value * 1.01 };
        return { ...control, positions: [...positions.slice(0, at), mark, ...positions.slice(at)] };
      }
      case 1:
        return { ...control, positions: positions.filter((_, i) => i !== at) };
      case 2:
        return { ...control, positions: [...positions].reverse() };
      default:
        return {
          ...control,
          positions: positions.map((p, i) => (i === at ? { ...p, mark: fresh('m') } : p))
        };
    }
  };
  const controls = camera.controls.map((c, i) => (i === index ? rewritten(c) : c));
  return { ...camera, controls, name: pick(3) === 0 ? fresh('camera') : camera.name, biasStops: pick(3) / 3 };
}
