// A frame as the engine sees it: its camera and film as they were, the roll's development, the time that was really counted.
import type { Camera } from '../camera/camera.ts';
import { settingOf, type Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { judge, type Verdict } from '../chance/verdict.ts';
import type { Situation } from '../error/situation.ts';
import type { Expected, Frame, FrameFacts } from './frame.ts';
import type { Development } from './load.ts';

/**
 * The film as this roll of it was developed.
 * @param development null = as the film says
 * @returns a new film, pushed or pulled as noted
 */
export function developedFilm(film: Film, development: Development | null): Film {
  return development === null ? film : { ...film, developmentStops: development.shiftStops };
}

/**
 * The setting of a frame; a time counted on B or T is the one that was held, where it was timed: that is what the film got.
 * @returns null when the camera lacks one of its positions
 */
export function settingOfFrame(
  camera: Camera,
  { choice, timedSeconds }: Pick<FrameFacts, 'choice' | 'timedSeconds'>
): Setting | null {
  const setting = settingOf(camera, choice);
  if (!setting?.timedByHand || timedSeconds === null) return setting;
  return { ...setting, seconds: timedSeconds };
}

/**
 * What is asked of the engine about a frame; null when nobody told its light.
 * @param film as it was developed
 * @returns with the conditions that were noted
 */
export function situationOfFrame(
  camera: Camera,
  film: Film,
  { light, conditions }: Pick<FrameFacts, 'light' | 'conditions'>
): Situation | null {
  return light && { camera, film, light, contrast: light.contrast, ...conditions };
}

/**
 * The verdict on a frame as it was taken; null when its light was not told or the camera lacks its setting.
 * @param film as it was developed
 * @returns as the engine judges it today
 */
export function verdictOfFrame(
  camera: Camera,
  film: Film,
  frame: Pick<FrameFacts, 'choice' | 'timedSeconds' | 'light' | 'conditions'>
): Verdict | null {
  const situation = situationOfFrame(camera, film, frame);
  const setting = settingOfFrame(camera, frame);
  return situation && setting && judge(situation, setting);
}

/**
 * What is to be expected of a frame.
 * @param film as it was developed
 * @returns null where {@link verdictOfFrame} gives none
 */
export function expectedOfFrame(
  camera: Camera,
  film: Film,
  frame: Pick<FrameFacts, 'choice' | 'timedSeconds' | 'light' | 'conditions'>
): Expected | null {
  const verdict = verdictOfFrame(camera, film, frame);
  if (!verdict) return null;
  const { deltaStops, sdStops, pUsable } = verdict;
  return { deltaStops, sdStops, pUsable };
}

/**
 * Whether a frame can teach anything: its light was told, and its marks are those that were set.
 * @returns false for a frame without a light, or with doubtful marks
 */
export function isEvidence(frame: Pick<Frame, 'light' | 'doubts'>): boolean {
  return frame.light !== null && !frame.doubts.includes('setting');
}
