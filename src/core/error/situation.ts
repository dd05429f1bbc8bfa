// All that a question to the engine is about: the pair, the light, the subject, and how sure each of them is.
import { CONDITION_SD, type Camera, setsItself } from '../camera/camera.ts';
import { handTimingSd } from '../camera/hand-timing.ts';
import type { Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Contrast } from '../light/contrast.ts';
import type { LightValue } from '../light/lv.ts';
import { STUDENT_4, STUDENT_4_SD, type MixedNormal } from '../numeric/student.ts';
import { PLAIN, type Circumstances } from './circumstances.ts';

/** Spread from frame to frame that is always there, one sd in stops. Common practice, no source. */
export const FRAME_SD = 0.15;

/** How far the eye's light strays from the subject's, one sd in stops. Common practice, no source. */
export const EYE_SD = { even: 0.3, uneven: 0.8 } as const;

/** A subject that moves. */
export interface Motion {
  /** Metres a second, ≥ 0. */
  readonly metresPerSecond: number;
  readonly way: 'across' | 'oblique' | 'towards';
}

/** How the camera is held: in the hand; against a wall, on a taut strap or at the waist; on a tripod, a table or a wall. */
export const SUPPORTS = ['hand', 'leaning', 'standing'] as const;
/** @see SUPPORTS */
export type Support = (typeof SUPPORTS)[number];

/** How the distance of the subject is known. */
export const DISTANCE_WAYS = ['eye', 'paces', 'measured'] as const;
/** @see DISTANCE_WAYS */
export type DistanceBy = (typeof DISTANCE_WAYS)[number];

/** What the photographer is after. */
export const PURPOSES = [
  'good-frame',
  'most-in-focus',
  'blurred-background',
  'stop-motion',
  'light-trails',
  'whole-seconds'
] as const;
/** @see PURPOSES */
export type Purpose = (typeof PURPOSES)[number];

/** A lamp that the person can move. */
export interface Lamp {
  /** Metres from the subject, > 0. */
  readonly atM: number;
  /** Stops that something before it takes (grid, diffuser), ≥ 0. */
  readonly modifierStops: number;
}

/** Lengths of an exposure that serve, seconds. */
export interface Lengths {
  readonly from: number;
  readonly to: number;
}

/** What is true of a frame beside camera, film and light. Whatever is left out is as it usually is. */
export interface Conditions {
  /** Plain ones, if left out. */
  readonly circumstances?: Circumstances;
  /** Whether the light where the eye looks is even; even if left out. */
  readonly scene?: keyof typeof EYE_SD;
  /** How the camera is held; in the hand if left out. */
  readonly support?: Support;
  /** How long this person holds still against a usual hand: steady 1.5, shaky or cold 0.6; 1 if left out. */
  readonly steadiness?: number;
  /** How the subject's distance is known; judged by eye if left out. */
  readonly distanceBy?: DistanceBy;
  /** Still if left out. */
  readonly motion?: Motion;
  /** A good frame, if left out. */
  readonly purpose?: Purpose;
  /** The person's own lamp, where it lights the subject. */
  readonly lamp?: Lamp;
  /** How long trails shall be, where that is asked for; as trails usually are, if left out. */
  readonly trails?: Lengths;
}

/** What is asked about. */
export interface Situation extends Conditions {
  readonly camera: Camera;
  readonly film: Film;
  readonly light: LightValue;
  readonly contrast: Contrast;
}

/** Spreads beside the light's own, one sd in stops. */
export interface Spread {
  /** Of the camera's reading against the subject's light, before the clip; 0 on manual cameras. */
  readonly readingSd: number;
  /** The same as the normals it is mixed of: one, or several where an old cell may be far off. */
  readonly readings: readonly MixedNormal[];
  /** Of what comes after: shutter, aperture, film. */
  readonly afterSd: number;
}

/** Scale of an old cell that nobody tested, stops: two or three stops off is normal. Common practice, no source. */
export const OLD_CELL_SCALE = 1;

/**
 * The circumstances of a situation.
 * @returns plain ones where none were said
 */
export function circumstancesOf(situation: Situation): Circumstances {
  return situation.circumstances ?? PLAIN;
}

/**
 * Whether the camera goes by an electric eye that is old, converted or repaired, and was not tested.
 * @returns false for a camera set by hand, and for one whose tolerance was measured
 */
export function hasOldCell({ program, condition, toleranceStops }: Camera): boolean {
  const old = condition === 'old' || condition === 'unsure';
  return setsItself({ program }) && toleranceStops === null && old;
}

/**
 * How sure camera and film are. On a camera that sets itself its condition is that of its cell.
 * @returns one sd each, stops
 */
export function spreadOf(situation: Situation): Spread {
  const { camera, film } = situation;
  const own = camera.toleranceStops ?? CONDITION_SD[camera.condition];
  const after = Math.hypot(FRAME_SD, film.sdStops);
  if (!setsItself(camera))
    return { readingSd: 0, readings: [{ weight: 1, sd: 0 }], afterSd: Math.hypot(own, after) };
  const eye = EYE_SD[situation.scene ?? 'even'];
  const readings = hasOldCell(camera)
    ? STUDENT_4.map(({ weight, sd }) => ({ weight, sd: Math.hypot(eye, OLD_CELL_SCALE * sd) }))
    : [{ weight: 1, sd: Math.hypot(eye, own) }];
  const readingSd = hasOldCell(camera)
    ? Math.hypot(eye, OLD_CELL_SCALE * STUDENT_4_SD)
    : Math.hypot(eye, own);
  return { readingSd, readings, afterSd: after };
}

/**
 * The spread with what counting a time by hand adds to it.
 * @param spread from {@link spreadOf} @param setting adds only where its time is counted by hand
 * @returns a new spread, stops
 */
export function spreadWith(spread: Spread, setting: Setting): Spread {
  if (!setting.timedByHand || setting.seconds === null) return spread;
  return { ...spread, afterSd: Math.hypot(spread.afterSd, handTimingSd(setting.seconds)) };
}

/**
 * One sd of the error of a frame at its mean, stops: inside its limits a camera that sets itself cancels the light's part.
 * @param limited whether the camera stands at an end of its range @param setting adds what counting by hand does
 * @returns stops > 0
 */
export function errorSd(situation: Situation, limited: boolean, setting?: Setting): number {
  const spread = spreadOf(situation);
  const { readingSd, afterSd } = setting ? spreadWith(spread, setting) : spread;
  const manual = !setsItself(situation.camera);
  return Math.hypot(afterSd, manual || limited ? situation.light.sdStops : readingSd);
}
