// What a person who never forgets would say of a log: each fact as it was noted, and as it was put right by somebody who saw it.
import { isDeepStrictEqual } from 'node:util';
import type { Camera } from '#core/camera/camera.ts';
import { notedMarks, type NotedMark } from '#core/camera/noted.ts';
import { settingOf } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { borderExtras, frameMarks } from '#core/log/border-note.ts';
import { expectedOfFrame } from '#core/log/exposed.ts';
import { factsOf, type Expected, type FrameFacts, type NewFrame } from '#core/log/frame.ts';
import type { Load } from '#core/log/load.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import type { World } from './world.ts';

/** A frame as it was noted, with its camera and film as they were then. */
export interface Noted {
  readonly loadId: string;
  readonly series: string | null;
  readonly camera: Camera;
  readonly film: Film;
  readonly facts: FrameFacts;
  readonly deleted: boolean;
}

/** All that was noted. */
export interface Memory {
  readonly frames: Map<string, Noted>;
  readonly loads: Map<string, Omit<Load, 'revision'>>;
  readonly judgements: Map<string, Omit<Judgement, 'revision'>>;
}

/** Nothing noted yet. */
export const newMemory = (): Memory => ({ frames: new Map(), loads: new Map(), judgements: new Map() });

/** Notes a frame, with every control of its camera where it stood. */
export function noteFrame(memory: Memory, frame: NewFrame, camera: Camera, film: Film): void {
  const choice = settingOf(camera, frame.choice)?.choice ?? frame.choice;
  const { loadId, series } = frame;
  const facts = { ...factsOf(frame), choice };
  memory.frames.set(frame.id, { loadId, series, camera, film, facts, deleted: false });
}

/** Puts facts of a frame right. */
export function correctFrame(memory: Memory, id: string, facts: SomeFacts): void {
  const noted = memory.frames.get(id);
  if (noted) memory.frames.set(id, { ...noted, facts: { ...noted.facts, ...facts }, deleted: false });
}

/** Throws a frame away, or takes that back. */
export function binFrame(memory: Memory, id: string, deleted: boolean): void {
  const noted = memory.frames.get(id);
  if (noted) memory.frames.set(id, { ...noted, deleted });
}

/** The words that would stand on the border. */
const border = (frame: Parameters<typeof borderExtras>[0], set: readonly NotedMark[]): readonly string[] => [
  frameMarks({ set, doubts: [] }),
  ...borderExtras(frame)
];

const worked = new WeakMap<Noted, { readonly shift: number; readonly expected: Expected | null }>();

/** What is to be expected of a frame on its film as that was developed; worked out again only when one of them changed. */
function expectedNow(noted: Noted, memory: Memory): Expected | null {
  const { camera, film, facts, loadId } = noted;
  const shift = memory.loads.get(loadId)?.development?.shiftStops ?? film.developmentStops;
  const before = worked.get(noted);
  if (before?.shift === shift) return before.expected;
  const expected = expectedOfFrame(camera, { ...film, developmentStops: shift }, facts);
  worked.set(noted, { shift, expected });
  return expected;
}

const NOTHING = { revision: 0 };

/** What people noted of a thing: without the number that rises with every change. */
export function noRevision<T extends { readonly revision: number }>(thing: T): Omit<T, 'revision'> {
  return Object.fromEntries(Object.entries(thing).filter(([name]) => name !== 'revision')) as Omit<
    T,
    'revision'
  >;
}

/** What the log says otherwise than was noted; none = every word is still true. */
export function untruths(world: World, memory: Memory): readonly string[] {
  const found: string[] = [];
  const compare = (what: string, log: unknown, noted: unknown): void => {
    if (!isDeepStrictEqual(log, noted))
      found.push(`${what}: ${JSON.stringify(log)} instead of ${JSON.stringify(noted)}`);
  };
  compare('frames', world.countFrames.get()?.n, memory.frames.size);
  for (const [id, noted] of memory.frames) {
    const frame = world.frames.find(id);
    const load = world.loads.find(noted.loadId);
    if (!frame || !load) {
      found.push(`${id} is gone`);
      continue;
    }
    const camera = world.revisions.camera(load.cameraId, frame.cameraRevision)?.value;
    const set = notedMarks(noted.camera, noted.facts.choice) ?? [];
    compare(`facts of ${id}`, factsOf(frame), noted.facts);
    compare(`marks of ${id}`, frame.set, set);
    compare(`marks of ${id} on its camera`, camera && notedMarks(camera, frame.choice), set);
    compare(`camera of ${id}`, camera, noted.camera);
    compare(`film of ${id}`, world.revisions.film(load.filmId, frame.filmRevision)?.value, noted.film);
    compare(
      `border of ${id}`,
      border(frame, frame.set),
      border({ ...noted.facts, series: noted.series }, set)
    );
    compare(`bin of ${id}`, frame.deletedAt !== null, noted.deleted);
    compare(`expected of ${id}`, frame.expected, expectedNow(noted, memory));
    compare(
      `judgement of ${id}`,
      noRevision(world.judgements.find(id) ?? NOTHING),
      memory.judgements.get(id) ?? {}
    );
  }
  for (const [id, noted] of memory.loads) {
    compare(`load ${id}`, noRevision(world.loads.find(id) ?? NOTHING), noted);
  }
  return found;
}
