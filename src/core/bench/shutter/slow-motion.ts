// The time of a shutter from a slow-motion film of its blades: frames that show light, counted.

/** A time that was measured. */
export interface MeasuredTime {
  readonly seconds: number;
  /** One sd in stops. */
  readonly sdStops: number;
}

/** Fewer frames than this say little: the sd is more than a sixth of a stop. */
export const FEWEST_FRAMES = 4;

/**
 * The time of a release.
 * @param bright frames that are fully lit, ≥ 0 @param dim frames at the ends that are partly lit, 0…2
 * @param fps frames a second as they were taken, not as they are played, > 0
 * @returns a dim frame counts half: it may be lit from none to all of its length, an even spread at either end
 */
export function fromFrames(bright: number, dim: number, fps: number): MeasuredTime {
  const frames = bright + dim / 2;
  // without a dim frame the ends still lie anywhere within one frame between two
  const sdFrames = Math.sqrt(Math.max(1, dim) / 12 + (dim === 0 ? 1 / 12 : 0));
  return { seconds: frames / fps, sdStops: sdFrames / (frames * Math.LN2) };
}
