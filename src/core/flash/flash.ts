// Flash on the subject, in stops against what the film wants:
// Δf = 2·log2(GN·2^(−k/2)·√(S/100)/(N·d)) − D, k stops below full power, GN in metres at ISO 100; with the ambient light
// Δ = log2(2^Δa + 2^Δf). Guide numbers: ISO 1230:2007 (definition GN = N·d).
import type { FlashUnit } from '../camera/traits.ts';

/** A flash as it is used. */
export interface FlashUse {
  readonly unit: FlashUnit;
  /** Stops below full power, ≥ 0. */
  readonly powerStops: number;
  /** Stops that something before the flash takes (diffuser, bounce), ≥ 0. */
  readonly lossStops: number;
}

/**
 * Error of a frame by the flash alone, stops (+ = over).
 * @param speedStops log2(S_eff/100) @param fNumber effective f-number @param subjectM metres from flash to subject, > 0
 * @param pathStops what filters take between subject and film
 * @throws {RangeError} when the distance is not above 0
 */
export function flashStops(
  use: FlashUse,
  speedStops: number,
  fNumber: number,
  subjectM: number,
  pathStops: number
): number {
  if (!(subjectM > 0)) throw new RangeError(`subjectM must be above 0, got ${subjectM}`);
  // infinitely far away nothing arrives; the smallest number stands for that
  if (subjectM === Infinity) return -200;
  const { guideNumber } = use.unit;
  return (
    2 * Math.log2(guideNumber / (fNumber * subjectM)) -
    use.powerStops +
    speedStops -
    use.lossStops -
    pathStops
  );
}

/**
 * Both lights together: log2(2^a + 2^b), without overflow for any finite stops.
 * @param a stops of one light, −Infinity for none
 * @param b stops of the other
 * @returns stops of both
 */
export function mixedStops(a: number, b: number): number {
  const most = Math.max(a, b);
  return most + Math.log2(1 + 2 ** (Math.min(a, b) - most));
}

/**
 * What one light must give so that both together come to `total`.
 * @param total stops wanted of both
 * @param other stops of the other alone
 * @returns stops; −Infinity when the other alone gives more
 */
export function unmixedStops(total: number, other: number): number {
  if (total === Infinity) return Infinity;
  if (!(total > other)) return -Infinity;
  return total + Math.log2(1 - 2 ** (other - total));
}

/**
 * How long the flash shines at a power: halved light is about halved time. Common practice, no source.
 * @param use the unit and its power
 * @returns seconds, > 0
 */
export function flashSeconds(use: FlashUse): number {
  return use.unit.seconds * 2 ** -use.powerStops;
}

/** From this many stops over the ambient light on, the flash alone draws the subject: its own time counts for blur. A guess of ours. */
export const FLASH_RULES_STOPS = 2;

/**
 * The distance at which the flash alone is exactly right (Δf = 0).
 * @param use the unit and its power
 * @param speedStops of the film against ISO 100
 * @param fNumber > 0
 * @param pathStops what filters and modifiers take, ≥ 0
 * @returns metres
 */
export function centredM(use: FlashUse, speedStops: number, fNumber: number, pathStops: number): number {
  return 2 ** (flashStops(use, speedStops, fNumber, 1, pathStops) / 2);
}
