// After a change of back the film lies elsewhere, and the focus scale is off: three frames at taped distances say by how much.
// 1/v = 1/f − 1/s, so a lens at distance s draws its picture at v = f·s/(s − f).
// Source: S. F. Ray, Applied Photographic Optics, 3rd ed. (2002), ch. 4 (the lens equation, from memory).

import { sampleOf } from '../../numeric/sample.ts';

/** One frame of the test. */
export interface FocusFrame {
  /** What the scale was set to, metres; Infinity = far away. */
  readonly setM: number;
  /** Where it came out sharpest, metres. */
  readonly foundM: number;
}

/** What the frames say. */
export interface FocusShift {
  /** How much further from the lens the film lies, mm; + = the scale shows more than there is. */
  readonly shiftMm: number;
  /** From frame to frame, one sd of the mean in mm; null for one alone. */
  readonly sdMm: number | null;
}

/** Where the picture of a distance lies behind the lens, mm. @param focalMm > 0 @param metres beyond the focal length */
export function imageMm(focalMm: number, metres: number): number {
  return metres === Infinity ? focalMm : (focalMm * metres * 1000) / (metres * 1000 - focalMm);
}

/**
 * The distance whose picture lies there, metres; Infinity where it lies at the focus or before it.
 * @param focalMm > 0 @param image distance of the film behind the lens, mm
 * @returns metres, from the thin lens
 */
export function distanceOf(focalMm: number, image: number): number {
  return image <= focalMm + 1e-9 ? Infinity : (focalMm * image) / (image - focalMm) / 1000;
}

/**
 * How far the film lies off.
 * @param frames at least one
 * @throws {RangeError} without a frame
 */
export function focusShift(focalMm: number, frames: readonly FocusFrame[]): FocusShift {
  const { count, mean, sd } = sampleOf(
    frames.map((f) => imageMm(focalMm, f.foundM) - imageMm(focalMm, f.setM))
  );
  return { shiftMm: mean, sdMm: sd === null ? null : sd / Math.sqrt(count) };
}

/**
 * Where a mark of the scale is sharp now, metres.
 * @param focalMm > 0 @param setM what the scale says, metres, > `focalMm`
 * @returns metres; Infinity where the film lies at the focus or before it
 */
export function reallyAt(focalMm: number, setM: number, { shiftMm }: Pick<FocusShift, 'shiftMm'>): number {
  return distanceOf(focalMm, imageMm(focalMm, setM) + shiftMm);
}
