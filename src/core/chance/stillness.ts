// Whether hand and subject are still enough. Each is a chance over the logarithm of the time: people differ, and so do presses.
// The rule of one over the focal length on 35 mm film gives 0.85, two stops more 0.30. Common practice, no source.
import { FORMATS } from '../film/formats.ts';
import type { Camera } from '../camera/camera.ts';
import type { FrameFormat } from '../film/formats.ts';
import { magnification } from '../focus/magnification.ts';
import { quickCdf } from '../numeric/quick-cdf.ts';
import type { Motion, Situation } from '../error/situation.ts';

/** Spread of the logarithm of the longest time held, one sd. */
export const HAND_SPREAD = 0.9;
/** Spread of the logarithm of the longest time for a moving subject, one sd. */
export const SUBJECT_SPREAD = 0.5;
/** How much longer than τ a usual hand holds in half of all frames. */
export const HALF_HELD = 2.5;
/** And how much longer still when leaning or on a taut strap. */
export const LEANING = 2.5;
/** A single element or plastic draws softly: twice the blur is not seen. */
const SOFT = 2;

const WAY_SHARES: Readonly<Record<Motion['way'], number>> = { across: 1, oblique: 0.7, towards: 0.3 };

/**
 * Largest blur that is not seen on a picture of this camera, mm on the film.
 * @param format of the frame: its diagonal sets what is seen
 * @returns mm > 0
 */
export function blurCircleMm(camera: Camera, format: FrameFormat): number {
  return FORMATS[format].circleMm * (camera.singleElement ? SOFT : 1);
}

/**
 * The longest time that a usual hand holds in 85 of 100 frames, τ = c/(0.03·f): one over the focal length on 35 mm film. A
 * camera may have its own rule.
 * @returns seconds
 */
export function handHeldSeconds(camera: Camera, format: FrameFormat): number {
  return camera.handHeldSeconds ?? blurCircleMm(camera, format) / (0.03 * camera.focalMm);
}

/**
 * The time held in half of all frames in this situation, seconds; Infinity where nothing shakes.
 * @param format of the frame: with the lens it sets how far a shake carries
 * @returns seconds > 0
 */
export function halfHeldSeconds(situation: Situation, format: FrameFormat): number {
  const { camera, support = 'hand', steadiness = 1 } = situation;
  if (support === 'standing' || camera.transport.kind === 'cine') return Infinity;
  return HALF_HELD * steadiness * (support === 'leaning' ? LEANING : 1) * handHeldSeconds(camera, format);
}

/**
 * The time in which half of all such subjects blur, seconds; Infinity for what stands still or whose distance nobody said.
 * @param subjectM metres, > 0; null = nobody said
 * @returns seconds > 0
 */
export function halfStillSeconds(situation: Situation, format: FrameFormat, subjectM: number | null): number {
  const { camera, motion } = situation;
  if (!motion || subjectM === null || subjectM * 1000 <= camera.focalMm) return Infinity;
  const size = magnification(camera.focalMm, subjectM);
  const perSecond = motion.metresPerSecond * 1000 * WAY_SHARES[motion.way] * size;
  // by 0 for one that does not move
  return (2 * blurCircleMm(camera, format)) / perSecond;
}

/**
 * Chance that a frame of a time is still, where half of all are at `halfSeconds`.
 * @param seconds of the exposure, > 0 @param halfSeconds > 0, Infinity = always still
 * @param spread one sd of the natural logarithm of the longest still time, > 0
 * @returns 0…1, falling as the time grows
 */
export function stillChance(seconds: number, halfSeconds: number, spread: number): number {
  return halfSeconds === Infinity ? 1 : quickCdf(Math.log(halfSeconds / seconds) / spread);
}

/** The longest time that is still with a chance. @param z the standard normal quantile of that chance */
export function longestStill(halfSeconds: number, spread: number, z: number): number {
  return halfSeconds / Math.exp(spread * z);
}
