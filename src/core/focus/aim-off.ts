// Where to aim when the finder does not look where the lens does: its own error at any distance, and parallax near by.
// Lines of sight run parallel, so a finder d beside the lens is off by d at the subject: f·d/(s − f) on the film.
import { magnification } from './magnification.ts';
import type { Finder } from '../camera/traits.ts';

/** How far the picture lies from what the finder shows, as shares of the frame (+ = right, + = up). */
export interface AimOff {
  readonly rightShare: number;
  readonly upShare: number;
}

/**
 * @param focalMm > 0 @param frameMm width and height @param subjectM metres, beyond the focal length; Infinity = no parallax
 * @throws {RangeError} when the subject is nearer than the focal length
 */
export function aimOff(
  finder: Finder,
  focalMm: number,
  frameMm: readonly [number, number],
  subjectM: number
): AimOff {
  const size = magnification(focalMm, subjectM);
  const [width, height] = frameMm;
  // a finder above the lens sees higher than the picture: the picture lies lower
  return {
    rightShare: finder.rightShare - (finder.rightMm * size) / width,
    upShare: finder.upShare - (finder.upMm * size) / height
  };
}
