// What can spoil a frame beside its exposure. Each condition names what failed, with the numbers.
import { magnification } from '../focus/magnification.ts';
import type { Camera } from '../camera/camera.ts';
import { SHORTEST_COUNT_SECONDS } from '../camera/hand-timing.ts';
import type { Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { CIRCLE_MM } from '../camera/traits.ts';
import { FRAME_SIZES_MM, type Film, type FrameFormat } from '../film/film.ts';
import { FLASH_RULES_STOPS } from '../flash/flash.ts';
import { sharpRangeOf } from '../focus/focused.ts';
import type { FlashOnFrame } from '../error/delta.ts';
import { circumstancesOf, type Motion, type Situation } from '../error/situation.ts';

/** A condition that does not hold. Times in seconds, distances in metres. */
export type Failure =
  | { readonly condition: 'hold'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly condition: 'motion'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly condition: 'locked'; readonly longestSeconds: number }
  | { readonly condition: 'too-near'; readonly subjectM: number; readonly nearM: number }
  | { readonly condition: 'too-far'; readonly subjectM: number; readonly farM: number }
  | { readonly condition: 'sync'; readonly seconds: number; readonly syncSeconds: number }
  | { readonly condition: 'counted-too-short'; readonly seconds: number };

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

const WAY_SHARES: Readonly<Record<Motion['way'], number>> = { across: 1, oblique: 0.7, towards: 0.3 };

/**
 * The longest time that keeps a moving subject sharp: v·k·f/(s − f)·t ≤ 2c, k by the way it moves. Common practice, no source.
 * @param subjectM metres, beyond the focal length @returns seconds; Infinity for what stands still
 */
export function motionLimit(motion: Motion, focalMm: number, subjectM: number, circleMm: number): number {
  const size = magnification(focalMm, subjectM);
  const perSecond = motion.metresPerSecond * 1000 * WAY_SHARES[motion.way] * size;
  return perSecond === 0 ? Infinity : (2 * circleMm) / perSecond;
}

/** The limits of a situation, worked out once for all settings; Infinity = no limit. */
export interface Limits {
  readonly format: FrameFormat;
  readonly holdSeconds: number;
  readonly motionSeconds: number;
  readonly subjectM: number | null;
  readonly syncSeconds: number;
}

/** How far a moving subject is taken to be when nobody said, metres. */
const USUAL_MOTION_M = 5;

/** Works the limits out. */
export function limitsOf(situation: Situation): Limits {
  const { camera, film, motion } = situation;
  const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
  const { subjectM, flash } = circumstancesOf(situation);
  const free = situation.support === 'standing' || camera.transport.kind === 'cine';
  const sync =
    camera.flash.kind === 'shoe' || camera.flash.kind === 'switch' ? camera.flash.syncSeconds : null;
  return {
    format,
    holdSeconds: free ? Infinity : handHeldLimit(camera, format),
    motionSeconds: motion
      ? motionLimit(motion, camera.focalMm, subjectM ?? USUAL_MOTION_M, CIRCLE_MM[format])
      : Infinity,
    subjectM,
    syncSeconds: flash.kind === 'fired' && sync !== null ? sync : 0
  };
}

const NONE: readonly Failure[] = [];

/** The conditions that a frame fails. @param flash what a flash does for it */
export function failuresOf(
  camera: Camera,
  limits: Limits,
  setting: Setting,
  exposure: Exposure,
  flash: FlashOnFrame | null
): readonly Failure[] {
  // nearly always nothing fails: no list is made for that
  let found: readonly Failure[] = NONE;
  const { program, transport } = camera;
  if (program.kind === 'automatic-time' && program.inLowLight === 'locks' && exposure.limit === 'dark') {
    found = [...found, { condition: 'locked', longestSeconds: program.longestSeconds }];
  }
  // where the flash outshines the rest, it alone draws the picture
  const drawn =
    flash && flash.stops - flash.ambientStops >= FLASH_RULES_STOPS ? flash.seconds : exposure.seconds;
  const held = transport.kind === 'swing' ? transport.sweepSeconds : drawn;
  const { holdSeconds, motionSeconds, syncSeconds, subjectM } = limits;
  if (held > holdSeconds * HOLD_TOLERANCE) {
    found = [...found, { condition: 'hold', seconds: held, limitSeconds: holdSeconds }];
  }
  if (drawn > motionSeconds * HOLD_TOLERANCE) {
    found = [...found, { condition: 'motion', seconds: drawn, limitSeconds: motionSeconds }];
  }
  if (exposure.seconds * HOLD_TOLERANCE < syncSeconds) {
    found = [...found, { condition: 'sync', seconds: exposure.seconds, syncSeconds }];
  }
  if (setting.timedByHand && exposure.seconds < SHORTEST_COUNT_SECONDS) {
    found = [...found, { condition: 'counted-too-short', seconds: exposure.seconds }];
  }
  if (subjectM === null) return found;
  const blurred = focusFailures(camera, limits.format, setting, exposure, subjectM);
  return blurred.length === 0 ? found : [...found, ...blurred];
}

function focusFailures(
  camera: Camera,
  format: FrameFormat,
  setting: Setting,
  exposure: Exposure,
  subjectM: number
): readonly Failure[] {
  const { nearM, farM } = sharpRangeOf(camera, format, setting.choice, exposure.fNumber);
  if (subjectM < nearM) return [{ condition: 'too-near', subjectM, nearM }];
  return subjectM > farM ? [{ condition: 'too-far', subjectM, farM }] : NONE;
}
