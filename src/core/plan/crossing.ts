// How long an exposure has to be to hold a mover on its way through the frame.
import { FORMATS, type FrameFormat } from '../film/formats.ts';
import type { Lengths } from '../error/situation.ts';

/** Something that goes across the frame. */
export interface Mover {
  /** Metres a second, > 0. */
  readonly metresPerSecond: number;
  /** How long it is, metres, ≥ 0; 0 = a single light. */
  readonly lengthM: number;
  /** How far away it passes, metres, > 0. */
  readonly distanceM: number;
}

/** Longer than needed by as much still serves: there is more of the same on the frame. A choice of ours. */
const MORE = 2;

/**
 * Width of what a frame shows at a distance, metres: w·d/f, for a subject many focal lengths away.
 * @param focalMm > 0 @param distanceM > 0
 */
export function fieldWidthM(format: FrameFormat, focalMm: number, distanceM: number): number {
  return (FORMATS[format].sizeMm[0] * distanceM) / focalMm;
}

/**
 * Lengths that hold a mover from one edge of the frame to the other, the whole of it: (field + its length) / its speed.
 * @returns seconds
 */
export function crossingLengths(
  format: FrameFormat,
  focalMm: number,
  { metresPerSecond, lengthM, distanceM }: Mover
): Lengths {
  const from = (fieldWidthM(format, focalMm, distanceM) + lengthM) / metresPerSecond;
  return { from, to: MORE * from };
}
