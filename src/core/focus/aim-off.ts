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

/**
 * The finder as one test frame showed it: what stood in its middle landed elsewhere on the film. Where it stands beside the lens
 * stays as it was entered; the rest is its own error at any distance.
 * @param landed where that thing is on the picture, as shares of the frame from its middle (+ = right, + = up)
 * @param subjectM how far away it stood, metres
 * @throws {RangeError} when that is nearer than the focal length
 */
export function finderFromFrame(
  finder: Finder,
  focalMm: number,
  frameMm: readonly [number, number],
  landed: AimOff,
  subjectM: number
): Finder {
  const parallax = aimOff({ ...finder, rightShare: 0, upShare: 0 }, focalMm, frameMm, subjectM);
  // what was in the middle and landed to the right shows that the picture lies to the left
  const tidy = (share: number): number => Math.round(share * 1000) / 1000 + 0;
  return {
    ...finder,
    rightShare: tidy(-landed.rightShare - parallax.rightShare),
    upShare: tidy(-landed.upShare - parallax.upShare)
  };
}
