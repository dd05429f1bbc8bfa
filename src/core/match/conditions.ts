// What can spoil a frame beside its exposure. Each condition names what failed, with the numbers.
import type { Camera } from '../camera/camera.ts';
import type { Exposure } from '../camera/respond.ts';
import { FRAME_SIZES_MM, type Film, type FrameFormat } from '../film/film.ts';

/** A condition that does not hold: held too long by hand, or a shutter that locks in so little light. */
export type Failure =
  | { readonly condition: 'hold'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly condition: 'locked'; readonly longestSeconds: number };

const DIAGONAL_35MM = Math.hypot(36, 24);

/** Times within a third of a stop of the limit still count as held: marks are not finer than that. */
const HOLD_TOLERANCE = 2 ** (1 / 3);

/** The format a film is used in by a camera: the first of the camera's that the film comes in; null = it does not fit. */
export function sharedFormat(camera: Camera, film: Film): FrameFormat | null {
  return camera.formats.find((f) => film.formats.includes(f)) ?? null;
}

/**
 * The longest time held by hand without shake: 1/(f·43.27/diagonal), the 35 mm rule scaled by the format;
 * a camera may have its own rule. Common practice, no source.
 */
export function handHeldLimit(camera: Camera, format: FrameFormat): number {
  if (camera.handHeldSeconds !== null) return camera.handHeldSeconds;
  return Math.hypot(...FRAME_SIZES_MM[format]) / (camera.focalMm * DIAGONAL_35MM);
}

/** The conditions that an exposure fails. @param supported the camera stands on something */
export function failuresOf(
  camera: Camera,
  film: Film,
  exposure: Exposure,
  supported = false
): readonly Failure[] {
  const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
  const limitSeconds = handHeldLimit(camera, format);
  const { program } = camera;
  const failures: Failure[] = [];
  if (program.kind === 'automatic-time' && program.inLowLight === 'locks' && exposure.limit === 'dark') {
    failures.push({ condition: 'locked', longestSeconds: program.longestSeconds });
  }
  if (!supported && exposure.seconds > limitSeconds * HOLD_TOLERANCE) {
    failures.push({ condition: 'hold', seconds: exposure.seconds, limitSeconds });
  }
  return failures;
}
