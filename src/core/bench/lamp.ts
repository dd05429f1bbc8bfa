// A lamp: from one reading at one distance its light at any, where to stand it, and which filter brings its colour to the film.
// Inverse square: E ∝ 1/d², for a lamp that is small against its distance. Mired shift: 10⁶/K (ISO 11664 series; CC and mired as in
// handbooks of the trade, from memory).
import type { Balance } from '../film/traits.ts';
import type { Verdict } from '../chance/verdict.ts';
import { bestSetting } from '../advice/rank.ts';
import type { Choice } from '../camera/setting.ts';
import type { Situation } from '../error/situation.ts';

/** A reading of a lamp. */
export interface LampReading {
  readonly lv: number;
  /** From the lamp to the subject when it was read, metres, > 0. */
  readonly distanceM: number;
}

/**
 * The light of a lamp at another distance.
 * @param modifierStops what is put before it takes, ≥ 0 @param distanceM > 0
 * @returns LV
 * @throws {RangeError} when a distance is not above 0
 */
export function lampLv({ lv, distanceM: read }: LampReading, distanceM: number, modifierStops = 0): number {
  for (const m of [read, distanceM])
    if (!(m > 0)) throw new RangeError(`a distance must be above 0, got ${m}`);
  return lv + 2 * Math.log2(read / distanceM) - modifierStops;
}

/** The distance at which a lamp gives a light. @returns metres */
export function lampDistance({ lv, distanceM }: LampReading, wantedLv: number, modifierStops = 0): number {
  return distanceM * 2 ** ((lv - modifierStops - wantedLv) / 2);
}

/** A distance with what it makes of a frame. */
export interface LampPlace {
  readonly distanceM: number;
  readonly lv: number;
  readonly verdict: Verdict;
}

/** Nearer a lamp is no point any more, and further it lights nothing, metres. */
const [NEAREST_M, FURTHEST_M, STEP] = [0.3, 12, 2 ** (1 / 8)];

/**
 * What the camera makes of the lamp at each distance, nearest first.
 * @param present where the controls stand @param lamp as it was read, and how far from it
 * @param modifierStops that something before it takes, ≥ 0
 * @returns metres, steps of a sixth of a stop; empty for a camera without settings
 */
export function lampPlaces(
  situation: Situation,
  present: Choice,
  lamp: LampReading,
  modifierStops: number
): readonly LampPlace[] {
  const count = Math.floor(Math.log(FURTHEST_M / NEAREST_M) / Math.log(STEP)) + 1;
  return Array.from({ length: count }, (_, i) => NEAREST_M * STEP ** i).flatMap(
    (distanceM): readonly LampPlace[] => {
      const lv = lampLv(lamp, distanceM, modifierStops);
      const verdict = bestSetting({ ...situation, light: { ...situation.light, lv } }, present);
      return verdict ? [{ distanceM, lv, verdict }] : [];
    }
  );
}

/**
 * Where a lamp serves best: of all places the likeliest; of those as likely the furthest, which lights evenly. null = none does
 * @param places nearest first
 */
export function bestPlace(places: readonly LampPlace[]): LampPlace | null {
  return places.reduce<LampPlace | null>(
    (best, p) => (best === null || p.verdict.pGood >= best.verdict.pGood - 0.005 ? p : best),
    null
  );
}

/** The light a film is balanced for, kelvin; null for black and white. */
const BALANCED_K: Readonly<Record<Balance, number | null>> = {
  daylight: 5500,
  tungsten: 3200,
  panchromatic: null,
  orthochromatic: null
};

/**
 * The filter that brings a lamp's colour to a film, mired: + = warmer (amber), − = cooler (blue); null where colour does not matter.
 * @param lampKelvin > 0
 */
export function miredShift(balance: Balance, lampKelvin: number): number | null {
  const kelvin = BALANCED_K[balance];
  return kelvin === null ? null : 1e6 / kelvin - 1e6 / lampKelvin;
}
