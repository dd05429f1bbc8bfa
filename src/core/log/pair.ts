// A pair: a camera with the film in it, as every place of the program needs it.
import type { Camera } from '../camera/camera.ts';
import type { Choice } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Conditions } from '../match/situation.ts';
import { framesLeft, nextFrameNumber, type Frame, type Load, type Side } from './frame.ts';

/** The camera, its film, what is left of it and where the controls stand. */
export interface Pair {
  readonly loadId: string;
  readonly camera: Camera;
  readonly film: Film;
  readonly framesTotal: number;
  readonly framesLeft: number;
  /** The side of double-run film; null = it has one only. */
  readonly side: Side;
  /** The number the next frame gets; null = the film is full. */
  readonly nextNumber: number | null;
  readonly finished: boolean;
  /** Where the controls stand: as set last, or as at the last frame; {} = not known. */
  readonly present: Choice;
  /** What was true of the camera's last frame; null = none was logged. */
  readonly lastConditions: Conditions | null;
}

/** What a pair is put together from. */
export interface PairParts {
  readonly load: Load;
  readonly camera: Camera;
  readonly film: Film;
  /** The frames of the load that are not in the trash. */
  readonly frames: readonly Pick<Frame, 'number'>[];
  /** Where the controls were left; null = not known since the last frame. */
  readonly stands: Choice | null;
  /** The camera's latest frame on any film; null = there is none. */
  readonly last: Pick<Frame, 'choice' | 'conditions'> | null;
}

/** The pair of a load, its film counted. */
export function pairFrom({ load, camera, film, frames, stands, last }: PairParts): Pair {
  const { framesTotal, side } = load;
  return {
    ...{ loadId: load.id, camera, film, framesTotal, side },
    framesLeft: framesLeft(framesTotal, frames, side),
    nextNumber: nextFrameNumber(framesTotal, frames, side),
    finished: load.finishedAt !== null,
    present: stands ?? last?.choice ?? {},
    lastConditions: last?.conditions ?? null
  };
}
