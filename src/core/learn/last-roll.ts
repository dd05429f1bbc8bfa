// What knowing a bias is worth: the chance of a film's frames as the camera would have been set by what was known then, and by
// what is known now. Both are looked at with what is known now: that is what they come to.
import type { Camera } from '../camera/camera.ts';
import type { Film } from '../film/film.ts';
import { situationOfFrame } from '../log/exposed.ts';
import type { Frame } from '../log/frame.ts';
import { bestSetting } from '../advice/rank.ts';
import { judge } from '../chance/verdict.ts';
import type { Estimate } from './bias.ts';

/** A frame with its camera as it was known then, and its film. */
export interface KnownThen {
  readonly frame: Frame;
  readonly camera: Camera;
  readonly film: Film;
}

/** Mean chances 0…1 of a usable frame over a film. */
export interface LastRoll {
  readonly frames: number;
  /** Set by what was known of the camera when they were taken. */
  readonly knownThen: number;
  /** Set by what is known now. */
  readonly knowing: number;
}

/**
 * Chances of a film's frames by what was known then and by what is known now; null where no frame's light was told.
 * @param known bias of the camera as it is known now, stops
 * @returns mean chances, 0…1, over the frames that count
 */
export function lastRollWith(frames: readonly KnownThen[], known: Estimate): LastRoll | null {
  const chances = frames.flatMap(({ frame, camera, film }) => {
    const then = situationOfFrame(camera, film, frame);
    const advised = then && bestSetting(then, frame.choice);
    if (!advised) return [];
    const now = { ...then, camera: { ...camera, biasStops: known.stops, toleranceStops: known.sd } };
    return [[judge(now, advised.setting).pUsable, bestSetting(now, frame.choice)?.pUsable ?? 0] as const];
  });
  if (chances.length === 0) return null;
  const mean = (at: 0 | 1): number => chances.reduce((sum, c) => sum + c[at], 0) / chances.length;
  return { frames: chances.length, knownThen: mean(0), knowing: mean(1) };
}
