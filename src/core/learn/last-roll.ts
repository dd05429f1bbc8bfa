// What knowing a bias is worth: the chance of a film's frames as they were set, and as they would be set knowing it.
import type { Camera } from '../camera/camera.ts';
import { settingOf } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Frame } from '../log/frame.ts';
import { bestSetting } from '../match/rank.ts';
import { judge } from '../match/verdict.ts';
import type { Estimate } from './bias.ts';

/** Mean chances 0…1 of a usable frame over a film. */
export interface LastRoll {
  readonly frames: number;
  /** As the frames were set, by what is known now. */
  readonly asSet: number;
  /** As they would have been set with it. */
  readonly knowing: number;
}

/** Chances of a film's frames without and with what is known of the camera now; null for a film without frames. */
export function lastRollWith(
  camera: Camera,
  film: Film,
  frames: readonly Frame[],
  known: Estimate
): LastRoll | null {
  const now: Camera = { ...camera, biasStops: known.stops, toleranceStops: known.sd };
  const chances = frames.flatMap((frame) => {
    const setting = settingOf(camera, frame.choice);
    if (!setting) return [];
    const { light, conditions } = frame;
    const situation = { camera: now, film, light, contrast: light.contrast, ...conditions };
    const asSet = judge(situation, setting).pUsable;
    return [[asSet, Math.max(asSet, bestSetting(situation, frame.choice)?.pUsable ?? 0)] as const];
  });
  if (chances.length === 0) return null;
  const mean = (at: 0 | 1): number => chances.reduce((sum, c) => sum + c[at], 0) / chances.length;
  return { frames: chances.length, asSet: mean(0), knowing: mean(1) };
}
