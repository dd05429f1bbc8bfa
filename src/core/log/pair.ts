// A pair: a camera with the film in it, as every place of the program needs it.
import type { Camera } from '../camera/camera.ts';
import type { Choice } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Conditions } from '../error/situation.ts';
import { developedFilm } from './exposed.ts';
import type { Frame } from './frame.ts';
import { framesLeft, nextFrameNumber, type Load, type PackFilter, type Side } from './load.ts';

/** Why there is another revision of a camera. `rebuilt`: converted or repaired; what was learned before says nothing of it now. */
export const REVISION_KINDS = ['entered', 'corrected', 'rebuilt', 'bias'] as const;
/** @see REVISION_KINDS */
export type RevisionKind = (typeof REVISION_KINDS)[number];

/** A definition with the number of its revision. */
export interface Revised<T> {
  readonly value: T;
  readonly revision: number;
}

/** The camera, its film, what is left of it and where the controls stand. */
export interface Pair {
  readonly loadId: string;
  readonly camera: Camera;
  readonly film: Film;
  readonly cameraRevision: number;
  readonly filmRevision: number;
  readonly framesTotal: number;
  readonly firstNumber: number;
  readonly framesLeft: number;
  /** The side of double-run film; null = it has one only. */
  readonly side: Side;
  /** The number the next frame gets; null = side one is full, it is turned over. */
  readonly nextNumber: number | null;
  readonly finished: boolean;
  readonly packFilter: PackFilter | null;
  /** What was noticed on the camera's last film, until one frame of this one is logged; '' = nothing. */
  readonly lastRemark: string;
  /** The load's own revision: what a change of it is made on. */
  readonly loadRevision: number;
  /** Where the controls stand: as set last, or as at the last frame; {} = not known. */
  readonly present: Choice;
  /** What was true of the camera's last frame; null = none was logged. */
  readonly lastConditions: Conditions | null;
}

/** What a pair is put together from. */
export interface PairParts {
  readonly load: Load;
  readonly camera: Revised<Camera>;
  readonly film: Revised<Film>;
  /** The frames of the load that are not in the trash. */
  readonly frames: readonly Pick<Frame, 'number'>[];
  /** Where the controls were left; null = not known since the last frame. */
  readonly stands: Choice | null;
  /** The camera's latest frame on any film; null = there is none. */
  readonly last: Pick<Frame, 'choice' | 'conditions' | 'cameraRevision'> | null;
  /** What was noticed on the camera's film before; '' = nothing. */
  readonly lastRemark?: string;
}

/**
 * The pair of a load, its film counted and as it was developed.
 * @param parts as they are stored
 * @returns what a page needs to shoot with it
 */
export function pairFrom(parts: PairParts): Pair {
  const { load, camera, film, frames, stands, last, lastRemark = '' } = parts;
  const { framesTotal, firstNumber, side, packFilter } = load;
  // places of an earlier revision are not the camera's places now
  const before = last?.cameraRevision === camera.revision ? last.choice : {};
  return {
    ...{ loadId: load.id, camera: camera.value, film: developedFilm(film.value, load.development) },
    ...{ cameraRevision: camera.revision, filmRevision: film.revision },
    ...{ framesTotal, firstNumber, side, packFilter, loadRevision: load.revision },
    lastRemark: frames.length === 0 ? lastRemark : '',
    framesLeft: framesLeft(load, frames),
    nextNumber: nextFrameNumber(load, frames),
    finished: load.finishedAt !== null,
    present: stands ?? before,
    lastConditions: last?.conditions ?? null
  };
}
