// What a phone carries of the kit, and what of it follows from the changes that the server does not know yet.
import type { Camera } from '../camera/camera.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Thing } from '../kit/thing.ts';
import { notedMarks } from '../camera/noted.ts';
import { developedFilm, expectedOfFrame } from '../log/exposed.ts';
import type { Frame } from '../log/frame.ts';
import type { Load } from '../log/load.ts';
import { pairFrom, type Pair, type Revised } from '../log/pair.ts';
import type { Outing } from '../plan/outing.ts';
import { guessRead, type GuessRead } from '../learn/eye.ts';
import { mergedExercise, type Exercise } from '../practice/exercise.ts';
import type { Change } from './change.ts';

/** A camera, and how it was left. */
export interface CarriedCamera {
  readonly camera: Camera;
  readonly revision: number;
  /** Where its controls were left; null = not known since its last frame. */
  readonly stands: Choice | null;
  /** Its latest frame, on any film; null = there is none. */
  readonly last: Pick<Frame, 'choice' | 'conditions' | 'cameraRevision'> | null;
}

/** What a phone carries: the cameras in use, every film and thing, the loads that are open and their frames. */
export interface Carried {
  /** The load in use on the server; null = none. */
  readonly inUse: string | null;
  readonly cameras: readonly CarriedCamera[];
  readonly films: readonly Revised<Film>[];
  /** Cameras as they were for frames that are carried, where that is not as they are now. */
  readonly earlier: readonly Revised<Camera>[];
  readonly things: readonly Thing[];
  readonly loads: readonly Load[];
  readonly frames: readonly Frame[];
  readonly outings: readonly Outing[];
  /** Answers of drills and days in the field, the oldest first. */
  readonly exercises: readonly Exercise[];
  /** What guesses noted with frames say. */
  readonly guesses: readonly GuessRead[];
}

/**
 * The pair of a load; null when the phone does not carry it.
 * @param loadId of the film in the camera
 */
export function carriedPair(carried: Carried, loadId: string): Pair | null {
  const load = carried.loads.find((l) => l.id === loadId);
  const held = load && carried.cameras.find((c) => c.camera.id === load.cameraId);
  const film = load && carried.films.find((f) => f.value.id === load.filmId);
  if (!held || !film) return null;
  const { stands, last } = held;
  const camera = { value: held.camera, revision: held.revision };
  const frames = carried.frames.filter((f) => f.loadId === loadId);
  return pairFrom({ load, camera, film, frames, stands, last });
}

/**
 * A camera as it was at a revision; null when the phone does not carry that.
 * @param revision from 1
 */
export function carriedCamera(carried: Carried, cameraId: string, revision: number): Camera | null {
  const now = carried.cameras.find((c) => c.camera.id === cameraId);
  if (now?.revision === revision) return now.camera;
  return carried.earlier.find((c) => c.value.id === cameraId && c.revision === revision)?.value ?? null;
}

/**
 * The camera of a carried frame, as it was for it.
 * @returns null when that revision is not carried
 */
export function cameraOfFrame(
  carried: Carried,
  frame: Pick<Frame, 'loadId' | 'cameraRevision'>
): Camera | null {
  const load = carried.loads.find((l) => l.id === frame.loadId);
  return load ? carriedCamera(carried, load.cameraId, frame.cameraRevision) : null;
}

/**
 * Every pair that is carried, in the order of its loads.
 * @returns empty where nothing is loaded
 */
export function carriedPairs(carried: Carried): readonly Pair[] {
  return carried.loads.flatMap((l) => carriedPair(carried, l.id) ?? []);
}

/**
 * The pair that a page is about: the one asked for, else the one in use, else the first; null = none is carried.
 * @param loadId null = none was asked for
 */
export function carriedInUse(carried: Carried, loadId: string | null): Pair | null {
  const asked = loadId === null ? null : carriedPair(carried, loadId);
  const inUse = carried.inUse === null ? null : carriedPair(carried, carried.inUse);
  return asked ?? inUse ?? carriedPairs(carried)[0] ?? null;
}

/** Frames told as light by memory. */
const RECENT = 14;

/**
 * The latest frames that are carried with the names of their films, newest first.
 * @returns fourteen at most; frames of films that are not carried are left out
 */
export function carriedRecent(
  carried: Carried
): readonly { readonly frame: Frame; readonly filmName: string }[] {
  const latest = [...carried.frames].sort((a, b) => (a.takenAt.at < b.takenAt.at ? 1 : -1)).slice(0, RECENT);
  return latest.flatMap((frame) => {
    const filmId = carried.loads.find((l) => l.id === frame.loadId)?.filmId;
    const film = carried.films.find((f) => f.value.id === filmId);
    return film ? [{ frame, filmName: film.value.name }] : [];
  });
}

/**
 * What is carried, after changes that the server does not know yet, in their order.
 * @param changes waiting ones, oldest first
 * @returns a new state; changes to what is not carried do nothing
 */
export function after(carried: Carried, changes: readonly Change[]): Carried {
  const trash = new Map<string, Frame>();
  return changes.reduce((now, change) => afterOne(now, change, trash), carried);
}

/** @param trash frames that were removed on the way, by id: to be restored from */
function afterOne(carried: Carried, change: Change, trash: Map<string, Frame>): Carried {
  const { action } = change;
  switch (action.kind) {
    case 'log': {
      const frame = expected(carried, change, action.frame);
      if (!frame || carried.frames.some((f) => f.id === frame.id)) return carried;
      const cameraId = carried.loads.find((l) => l.id === frame.loadId)?.cameraId;
      const { choice, conditions, cameraRevision } = frame;
      const left = withCamera(carried, cameraId, (c) => ({
        ...c,
        stands: c.revision === cameraRevision ? choice : c.stands,
        last: { choice, conditions, cameraRevision }
      }));
      const said = guessRead({ id: frame.id, at: frame.takenAt }, frame.guess, frame.light);
      const guesses = said ? [said, ...left.guesses] : left.guesses;
      return { ...left, guesses, frames: byNumber([...left.frames, frame]) };
    }
    case 'edit':
      return withFrames(carried, (f) =>
        f.id === action.frameId ? refreshed(carried, { ...f, ...action.to, revision: f.revision + 1 }) : f
      );
    case 'remove': {
      const frame = carried.frames.find((f) => f.id === action.frameId);
      if (frame) trash.set(frame.id, frame);
      return withFrames(carried, (f) => (f.id === action.frameId ? null : f));
    }
    case 'restore': {
      // one that was removed on the server comes back from there
      const frame = trash.get(action.frameId);
      return frame ? { ...carried, frames: byNumber([...carried.frames, frame]) } : carried;
    }
    case 'stand':
      return withCamera(carried, action.cameraId, (c) => ({ ...c, stands: action.to }));
    case 'checks':
      return withCamera(carried, action.cameraId, (c) => ({
        ...c,
        camera: { ...c.camera, checks: action.to }
      }));
    // pictures stay at home; settings are of the person, not of the kit
    case 'picture':
    case 'settings':
      return carried;
    case 'finish':
      return withLoad(carried, action.loadId, (l) => ({
        ...l,
        finishedAt: action.finished ? change.madeAt : null
      }));
    case 'pack-filter':
      return withLoad(carried, action.loadId, (l) => ({
        ...l,
        packFilter: l.packFilter && { ...l.packFilter, on: action.on }
      }));
    case 'outing': {
      const { outingId, to } = action;
      const isThere = carried.outings.some((o) => o.id === outingId);
      const outings = carried.outings.flatMap((o) => (o.id === outingId ? (to ?? []) : [o]));
      return { ...carried, outings: to && !isThere ? [...outings, to] : outings };
    }
    case 'practise': {
      const { exercise } = action;
      const stored = carried.exercises.find((e) => e.id === exercise.id);
      if (!stored) return { ...carried, exercises: [...carried.exercises, exercise] };
      const kept = mergedExercise(stored, exercise);
      return { ...carried, exercises: carried.exercises.map((e) => (e === stored ? kept : e)) };
    }
    case 'side':
      return withLoad(carried, action.loadId, (l) => ({ ...l, side: action.side }));
  }
}

function withCamera(
  carried: Carried,
  id: string | undefined,
  to: (camera: CarriedCamera) => CarriedCamera
): Carried {
  return { ...carried, cameras: carried.cameras.map((c) => (c.camera.id === id ? to(c) : c)) };
}

function withLoad(carried: Carried, id: string, to: (load: Load) => Load): Carried {
  return { ...carried, loads: carried.loads.map((l) => (l.id === id ? to(l) : l)) };
}

function withFrames(carried: Carried, to: (frame: Frame) => Frame | null): Carried {
  return { ...carried, frames: byNumber(carried.frames.flatMap((f) => to(f) ?? [])) };
}

function byNumber(frames: readonly Frame[]): readonly Frame[] {
  return [...frames].sort((a, b) => a.number - b.number);
}

/** A frame with its marks and what is expected of it, worked out as the server will. */
function refreshed(carried: Carried, frame: Frame): Frame {
  const load = carried.loads.find((l) => l.id === frame.loadId);
  const camera = cameraOfFrame(carried, frame);
  const film = load && carried.films.find((f) => f.value.id === load.filmId)?.value;
  const set = camera && notedMarks(camera, frame.choice);
  if (!camera || !film || !set) return frame;
  return { ...frame, set, expected: expectedOfFrame(camera, developedFilm(film, load.development), frame) };
}

/** A frame to be logged with what is expected of it; null when camera, film or position are not carried. */
function expected(
  carried: Carried,
  { madeAt }: Change,
  frame: Extract<Change['action'], { kind: 'log' }>['frame']
): Frame | null {
  const load = carried.loads.find((l) => l.id === frame.loadId);
  const camera = cameraOfFrame(carried, frame);
  const setting = camera && settingOf(camera, frame.choice);
  const set = setting && notedMarks(camera, setting.choice);
  if (!load || !set) return null;
  const { choice } = setting;
  const takenAt = frame.takenAt.at > madeAt.at ? madeAt : frame.takenAt;
  return refreshed(carried, { ...frame, choice, takenAt, set, expected: null, doubts: [], revision: 1 });
}
