// What can spoil a frame beside its exposure: what each setting needs of hand, subject and focus, and what fails for certain.
import { kindOfProgram } from '../camera/kinds/programs.ts';
import type { Camera } from '../camera/camera.ts';
import { SHORTEST_COUNT_SECONDS } from '../camera/hand-timing.ts';
import type { Exposure } from '../camera/respond.ts';
import { controlFor, positionAt, type Setting } from '../camera/setting.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import type { FlashOnFrame } from '../error/delta.ts';
import { FLASH_RULES_STOPS } from '../flash/flash.ts';
import type { Film } from '../film/film.ts';
import type { FrameFormat } from '../film/formats.ts';
import type { SharpRange } from '../focus/depth.ts';
import { FOCUSING, type FlashUnit } from '../camera/traits.ts';
import { focusedM, withFocusAt } from '../focus/focused.ts';
import { distanceSd, sharpAround, sharpChance } from './sharpness.ts';
import {
  HAND_SPREAD,
  halfHeldSeconds,
  halfStillSeconds,
  longestStill,
  stillChance,
  SUBJECT_SPREAD
} from './stillness.ts';

/** What holds a frame back beside its exposure, with its chance. Times in seconds, distances in metres. */
export type Failure = { readonly chance: number } & (
  | { readonly condition: 'hold'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly condition: 'motion'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly condition: 'locked'; readonly longestSeconds: number }
  /** `focusMark`: where the focus would have to stand for this subject; null = it stands there, or there is nothing to set. */
  | {
      readonly condition: 'too-near';
      readonly subjectM: number;
      readonly nearM: number;
      readonly focusMark: string | null;
    }
  | {
      readonly condition: 'too-far';
      readonly subjectM: number;
      readonly farM: number;
      readonly focusMark: string | null;
    }
  | { readonly condition: 'sync'; readonly seconds: number; readonly syncSeconds: number }
  | { readonly condition: 'counted-in-hand'; readonly seconds: number }
  | { readonly condition: 'counted-too-short'; readonly seconds: number }
);

/**
 * The format a film is used in by a camera: the first of the camera's that the film comes in; null = it does not fit.
 * @returns a frame format; null where film and camera share none
 */
export function sharedFormat(camera: Camera, film: Film): FrameFormat | null {
  return camera.formats.find((f) => film.formats.includes(f)) ?? null;
}

/** What a situation asks of every setting, worked out once. */
export interface Limits {
  readonly format: FrameFormat;
  /** Times that half of all hands, and half of all such subjects, keep still; Infinity = no limit. */
  readonly halfHeldSeconds: number;
  readonly halfStillSeconds: number;
  readonly subjectM: number | null;
  /** One sd of the logarithm of the subject's distance. */
  readonly distanceSd: number;
  readonly syncSeconds: number;
  /** Of a close-up lens; 0 = none. */
  readonly closeUpDioptres: number;
  /** Whether a time may be counted: only where the camera stands on something. */
  readonly mayCount: boolean;
}

/** The shortest time that lets the whole flash through: of the camera's contact, and of a bulb that burns. @returns seconds, 0 = any */
export function syncSeconds({ flash }: Camera, unit: FlashUnit): number {
  const contact = flash.kind === 'shoe' || flash.kind === 'switch' ? flash.syncSeconds : null;
  return Math.max(contact ?? 0, unit.bulbs?.leastSeconds ?? 0);
}

/**
 * Works the limits out.
 * @returns times in seconds, distances in metres; Infinity where nothing limits
 */
export function limitsOf(situation: Situation): Limits {
  const { camera, film } = situation;
  const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
  const { subjectM, flash, closeUpDioptres = 0 } = circumstancesOf(situation);
  return {
    ...{ format, subjectM, closeUpDioptres },
    halfHeldSeconds: halfHeldSeconds(situation, format),
    halfStillSeconds: halfStillSeconds(situation, format, subjectM),
    distanceSd: distanceSd(situation),
    syncSeconds: flash.kind === 'fired' ? syncSeconds(camera, flash.unit) : 0,
    mayCount: situation.support === 'standing'
  };
}

/**
 * Chances of hand and subject together for a time.
 * @param seconds of the exposure, > 0
 * @returns 0…1
 */
export function stillnessAt(limits: Limits, seconds: number): number {
  return handAt(limits, seconds) * subjectAt(limits, seconds);
}

/**
 * Chance that the hand is still for a time.
 * @param seconds of the exposure, > 0
 * @returns 0…1; 1 where the camera stands on something
 */
export function handAt(limits: Limits, seconds: number): number {
  return stillChance(seconds, limits.halfHeldSeconds, HAND_SPREAD);
}

/**
 * Chance that the subject is still for a time.
 * @param seconds of the exposure, > 0
 * @returns 0…1; 1 for what stands still or whose distance nobody said
 */
export function subjectAt(limits: Limits, seconds: number): number {
  return stillChance(seconds, limits.halfStillSeconds, SUBJECT_SPREAD);
}

/**
 * How long the picture is drawn: by the flash alone where it outshines the rest.
 * @param exposure as the camera gives it @param flash null without one
 * @returns seconds > 0
 */
export function drawnSeconds(exposure: Exposure, flash: FlashOnFrame | null): number {
  return flash && flash.stops - flash.ambientStops >= FLASH_RULES_STOPS ? flash.seconds : exposure.seconds;
}

/** What is sharp with a setting at an f-number, focused on the subject as well as this camera can; null = nobody said how far it is. */
function rangeOf(camera: Camera, limits: Limits, setting: Setting, fNumber: number): SharpRange | null {
  const { subjectM, format, closeUpDioptres: power } = limits;
  if (subjectM === null || subjectM * 1000 <= camera.focalMm) return null;
  if (power === 0) return sharpAround(camera, format, setting.choice, fNumber, subjectM);
  // through a close-up lens what is near looks farther away: 1/s less its dioptres, and never beyond infinity
  const seenM = 1 / Math.max(1 / subjectM - power, 1e-4);
  const { nearM, farM } = sharpAround(camera, format, setting.choice, fNumber, seenM);
  // blur is even to both sides in 1/distance: before a lens at infinity that goes on beyond it
  const focused = FOCUSING[camera.focusing.kind].anyDistance
    ? seenM
    : focusedM(camera, format, setting.choice);
  const far = farM === Infinity ? Math.min(0, 2 / focused - 1 / nearM) : 1 / farM;
  return { nearM: 1 / (1 / nearM + power), farM: far + power > 0 ? 1 / (far + power) : Infinity };
}

/**
 * Chance that the subject is in focus; 1 where nobody said how far it is.
 * @param setting where focus stands @param fNumber > 0
 * @returns 0…1
 */
export function focusAt(camera: Camera, limits: Limits, setting: Setting, fNumber: number): number {
  const range = rangeOf(camera, limits, setting, fNumber);
  return range && limits.subjectM !== null ? sharpChance(range, limits.subjectM, limits.distanceSd) : 1;
}

/**
 * What fails for certain: a flash that the shutter cuts, a time that cannot be counted. A locked shutter is found with the reading.
 * @param seconds of the exposure, > 0
 * @returns the first that is found; null = none
 */
export function certainFailure(limits: Limits, setting: Setting, seconds: number): Failure | null {
  // marks are not finer than a third of a stop
  if (seconds * 2 ** (1 / 3) < limits.syncSeconds)
    return { condition: 'sync', chance: 0, seconds, syncSeconds: limits.syncSeconds };
  if (!setting.timedByHand) return null;
  if (!limits.mayCount) return { condition: 'counted-in-hand', chance: 0, seconds };
  return seconds < SHORTEST_COUNT_SECONDS ? { condition: 'counted-too-short', chance: 0, seconds } : null;
}

/** A condition with less chance than this is told. */
export const TOLD_UNDER = 0.75;
/** Standard normal quantile of the chance that a limit in words stands for: 0.85 of hands. */
const Z_HELD = 1.036;
/** The same for subjects: 0.75 of them. */
export const Z_STILL = 0.674;

/** Chances of a setting's conditions, each given those before it. */
export interface ConditionChances {
  readonly lock: number;
  readonly hand: number;
  readonly subject: number;
  readonly focus: number;
}

/**
 * What holds a frame back beside its exposure, the least likely first.
 * @param on what the camera gave @param chances of hand, subject and focus, 0…1
 * @returns those under {@link TOLD_UNDER}, and what fails for certain
 */
export function failuresOf(
  camera: Camera,
  limits: Limits,
  setting: Setting,
  on: { readonly exposure: Exposure; readonly flash: FlashOnFrame | null },
  chances: ConditionChances
): readonly Failure[] {
  const { exposure, flash } = on;
  const found: Failure[] = [];
  const certain = certainFailure(limits, setting, exposure.seconds);
  if (certain) found.push(certain);
  const longestSeconds = kindOfProgram(camera.program).locksBeyond(camera.program);
  if (chances.lock < TOLD_UNDER && longestSeconds !== null)
    found.push({ condition: 'locked', chance: chances.lock, longestSeconds });
  const seconds = drawnSeconds(exposure, flash);
  if (chances.hand < TOLD_UNDER && certain?.condition !== 'counted-in-hand') {
    const limitSeconds = longestStill(limits.halfHeldSeconds, HAND_SPREAD, Z_HELD);
    found.push({ condition: 'hold', chance: chances.hand, seconds, limitSeconds });
  }
  if (chances.subject < TOLD_UNDER) {
    const limitSeconds = longestStill(limits.halfStillSeconds, SUBJECT_SPREAD, Z_STILL);
    found.push({ condition: 'motion', chance: chances.subject, seconds, limitSeconds });
  }
  const range = rangeOf(camera, limits, setting, exposure.fNumber);
  const { subjectM } = limits;
  if (chances.focus < TOLD_UNDER && range && subjectM !== null) {
    const { nearM, farM } = range;
    // which edge it may lie beyond, on the scale on which distances are unsure
    const near = subjectM * subjectM < nearM * farM;
    const focusMark = focusAsked(camera, setting, subjectM);
    found.push(
      near
        ? { condition: 'too-near', chance: chances.focus, subjectM, nearM, focusMark }
        : { condition: 'too-far', chance: chances.focus, subjectM, farM, focusMark }
    );
  }
  return found.sort((a, b) => a.chance - b.chance);
}

/** The mark that the focus should stand at for a subject; null where it stands there, or cannot be set. */
function focusAsked(camera: Camera, setting: Setting, subjectM: number): string | null {
  const control = controlFor(camera, 'focus');
  if (!control) return null;
  const asked = withFocusAt(camera, setting.choice, subjectM);
  if (asked[control.id] === (setting.choice[control.id] ?? 0)) return null;
  return positionAt(control, asked)?.mark ?? null;
}
