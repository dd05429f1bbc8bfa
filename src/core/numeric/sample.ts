// A few numbers that were found, taken together.

/** Their mean and how they spread. */
export interface Sample {
  readonly count: number;
  readonly mean: number;
  /** From one to the other, one sd (n − 1); null for one alone. */
  readonly sd: number | null;
}

/**
 * Takes numbers together.
 * @param values at least one
 * @returns mean and sample standard deviation
 * @throws {RangeError} without a number
 */
export function sampleOf(values: readonly number[]): Sample {
  const count = values.length;
  if (count === 0) throw new RangeError('at least one value is needed');
  const mean = values.reduce((sum, x) => sum + x, 0) / count;
  const squares = values.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  return { count, mean, sd: count < 2 ? null : Math.sqrt(squares / (count - 1)) };
}
