// Whether the subject is in focus: its distance is what was said, give or take, and the lens stands where it can.
import type { Camera } from '../camera/camera.ts';
import { FOCUSING } from '../camera/traits.ts';
import { controlFor, type Choice } from '../camera/setting.ts';
import { FORMATS } from '../film/formats.ts';
import type { FrameFormat } from '../film/formats.ts';
import type { DistanceBy, Situation } from '../error/situation.ts';
import { sharpRange, type SharpRange } from '../focus/depth.ts';
import { nearestFocus, sharpRangeOf, withFocusAt } from '../focus/focused.ts';
import { quickCdf } from '../numeric/quick-cdf.ts';

/** One sd of the logarithm of a distance, by how it is known. Common practice, no source. */
export const DISTANCE_SD: Readonly<Record<DistanceBy, number>> = { measured: 0.03, paces: 0.2, eye: 0.3 };

/**
 * One sd of the logarithm of the subject's distance: a rangefinder measures it however it was said.
 * @returns natural logarithm, > 0: 0.2 = a fifth of the distance
 */
export function distanceSd({ camera, distanceBy = 'eye' }: Situation): number {
  return DISTANCE_SD[FOCUSING[camera.focusing.kind].measures ? 'measured' : distanceBy];
}

/**
 * What is sharp when somebody focuses on a subject: a rangefinder, ground glass, scale or autofocus goes to any distance from its
 * nearest on, symbols only to theirs.
 * @param choice where the controls stand @param fNumber > 0 @param subjectM metres, > 0
 * @returns metres; the far end may be Infinity
 */
export function sharpAround(
  camera: Camera,
  format: FrameFormat,
  choice: Choice,
  fNumber: number,
  subjectM: number
): SharpRange {
  const { focusing } = camera;
  if (!FOCUSING[focusing.kind].anyDistance) return sharpRangeOf(camera, format, choice, fNumber);
  const focus = controlFor(camera, 'focus');
  const nearest = nearestFocus(camera);
  // the mark nearest to the subject stands for the distance itself; any other was set otherwise
  if (focus && withFocusAt(camera, choice, subjectM)[focus.id] !== (choice[focus.id] ?? 0))
    return sharpRangeOf(camera, format, choice, fNumber);
  return sharpRange(camera.focalMm, fNumber, FORMATS[format].circleMm, Math.max(subjectM, nearest));
}

/** Chance 0…1 that the subject is sharp. @param sd of the logarithm of its distance, > 0 */
export function sharpChance({ nearM, farM }: SharpRange, subjectM: number, sd: number): number {
  const from = Math.log(nearM / subjectM) / sd;
  const to = farM === Infinity ? Infinity : Math.log(farM / subjectM) / sd;
  return Math.max(0, quickCdf(to) - quickCdf(from));
}
