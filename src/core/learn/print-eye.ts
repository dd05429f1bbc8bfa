// How a person judges prints, by the drills in which the error was known: the mean of what they say too much, and how it scatters.

/** @see learnPrintEye */
export interface PrintEye {
  /** Stops by which they call a print lighter than it is. */
  readonly biasStops: number;
  /** One sd of a single judgement about that, in stops. */
  readonly sdStops: number;
}

/** How far people’s means lie apart, and how a judgement scatters, stops. Common practice, no source. */
const PRIOR = { biasSd: 0.4, spread: 0.5 } as const;
/** The usual spread counts as so many judgements. */
const SPREAD_WEIGHT = 4;
/** Fewer than these say nothing yet. */
const LEAST = 5;

/**
 * What so many judged prints say.
 * @param errors called less true, stops
 * @returns null for fewer than five; rounded to a sixth of a stop and a tenth, finer than anybody sees
 */
export function learnPrintEye(errors: readonly number[]): PrintEye | null {
  const n = errors.length;
  if (n < LEAST) return null;
  const mean = errors.reduce((a, b) => a + b, 0) / n;
  const scatter = errors.reduce((sum, e) => sum + (e - mean) ** 2, 0);
  const variance = (SPREAD_WEIGHT * PRIOR.spread ** 2 + scatter) / (SPREAD_WEIGHT + n - 1);
  // the mean is as sure as its number makes it; the rest is as with other people
  const own = PRIOR.biasSd ** 2 / (PRIOR.biasSd ** 2 + variance / n);
  const biasVariance = (own * variance) / n;
  return {
    biasStops: Math.round(6 * own * mean) / 6,
    sdStops: Math.round(10 * Math.sqrt(variance + biasVariance)) / 10
  };
}
