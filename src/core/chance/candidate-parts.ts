// What candidates of all kinds are put together from.
import type { Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { flashErrorStops, flashFor } from '../error/firing.ts';
import { focusMagnification, type FlashOnFrame } from '../error/delta.ts';
import { flashSeconds } from '../flash/flash.ts';
import type { Chances } from './automatic-chance.ts';
import { handAt, stillnessAt, type Limits } from './conditions.ts';
import type { FlashChances, Stillness } from './flash-chance.ts';
import type { Prepared } from './prepared.ts';

/**
 * Chances of conditions that do not hang on the reading, all in one product.
 * @param exposure that it falls in the usable window @param good in the good one @param lock that the shutter releases
 * @param hand that it is still @param subject that it is still @param focus that it is sharp; each 0…1
 * @returns what is left after each, and of the whole frame, 0…1
 */
export function multiplied(
  exposure: number,
  good: number,
  lock: number,
  hand: number,
  subject: number,
  focus: number
): Chances {
  const released = exposure * lock;
  const held = released * hand;
  const still = held * subject;
  return {
    exposure,
    released,
    held,
    still,
    usable: still * focus,
    good: good * lock * hand * subject * focus
  };
}

const NO_FRAME: Chances = { exposure: 0, released: 0, held: 0, still: 0, usable: 0, good: 0 };

/** A frame that something spoils for certain: its exposure stands. */
export const spoiled = (exposure: number): Chances => ({ ...NO_FRAME, exposure });

/** The flash on a frame, or null. @param ambientStops error by the other light alone */
export function flashOn(
  prepared: Prepared,
  setting: Setting,
  exposure: Exposure,
  readLv: number,
  ambientStops: number
): FlashOnFrame | null {
  const { situation, circumstances, filmStops } = prepared;
  const { camera, film } = situation;
  const fired = flashFor(camera, circumstances, readLv);
  if (!fired) return null;
  const m = focusMagnification(camera, setting);
  const on = { camera, film, setting, circumstances };
  const stops = flashErrorStops(fired, on, exposure.fNumber, filmStops, m);
  return { stops, ambientStops, seconds: flashSeconds(fired.use) };
}

/** Chances of hand, and of hand and subject, for a picture drawn in so many seconds. */
export const stillnessIn = (limits: Limits, seconds: number): Stillness => ({
  hand: handAt(limits, seconds),
  both: stillnessAt(limits, seconds)
});

/** A flash-lit frame with its focus. */
export const withFocus = ({ exposure, held, still, good }: FlashChances, focus: number): Chances => ({
  ...{ exposure, released: exposure, held, still },
  ...{ usable: still * focus, good: good * focus }
});
