// What a reach is made of; see reach.ts for how it is found.
import type { Setting } from '../camera/setting.ts';

/** A stretch of light, LV. */
export interface LvInterval {
  readonly from: number;
  readonly to: number;
}

/** A stretch of light and the setting that serves it best. */
export interface Service extends LvInterval {
  readonly setting: Setting;
}

/** The reach of a pair. Intervals ascend and do not touch. */
export interface Reach {
  readonly likely: readonly LvInterval[];
  readonly possible: readonly LvInterval[];
  /** Where each setting serves best, ascending, without gaps, from −∞ to ∞. */
  readonly services: readonly Service[];
  /**
   * Sd of the light, in stops, up to which something is likely: the largest one, or at least the situation's own when
   * something is likely now (cameras that set themselves); null when even sure light is not enough.
   */
  readonly largestLikelySd: number | null;
}

/** Stretches under half a stop are none to anybody. */
const LEAST_LV = 0.5;

/**
 * What is in some intervals and not in others: where a support, say, makes frames likely.
 * @param without ascending, apart @param with_ ascending, apart
 * @returns LV, ascending, apart
 */
export function gainedBy(
  without: readonly LvInterval[],
  with_: readonly LvInterval[]
): readonly LvInterval[] {
  return with_
    .flatMap((whole) => {
      let rest: readonly LvInterval[] = [whole];
      for (const had of without)
        rest = rest.flatMap(({ from, to }) => [
          ...(had.from > from ? [{ from, to: Math.min(to, had.from) }] : []),
          ...(had.to < to ? [{ from: Math.max(from, had.to), to }] : [])
        ]);
      return rest;
    })
    .filter(({ from, to }) => to - from >= LEAST_LV);
}
