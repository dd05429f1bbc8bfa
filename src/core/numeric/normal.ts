// The normal distribution: Φ and its inverse, good to 1e-12 absolute (asserted in the test beside this file).
// The registry's small packages were measured at errors of 1e-3, which would show in a chance near an edge.

const SQRT_2PI = Math.sqrt(2 * Math.PI);

/**
 * Standard normal distribution function Φ(z) = P(Z ≤ z).
 *
 * Power series about 0 for |z| < 3.5, Lentz's continued fraction of the upper tail beyond.
 * @param z any number; ±Infinity gives 1 and 0
 * @returns probability 0…1, absolute error ≤ 1e-12
 * @throws {RangeError} when z is NaN
 * Source: Abramowitz & Stegun, Handbook of Mathematical Functions (1964), 26.2.11 and 26.2.14.
 */
export function normalCdf(z: number): number {
  if (Number.isNaN(z)) throw new RangeError('z must be a number, got NaN');
  if (z > 40) return 1;
  if (z < -40) return 0;
  const a = Math.abs(z);
  const density = Math.exp(-0.5 * z * z) / SQRT_2PI;
  if (a < 3.5) {
    let term = a;
    let sum = a;
    for (let k = 1; Math.abs(term) > 1e-17 * Math.abs(sum) && k < 200; k++) {
      term *= (a * a) / (2 * k + 1);
      sum += term;
    }
    return z >= 0 ? 0.5 + density * sum : 0.5 - density * sum;
  }
  let fraction = a;
  for (let k = 60; k >= 1; k--) fraction = a + k / fraction;
  const tail = density / fraction;
  return z >= 0 ? 1 - tail : tail;
}

/** Probability that a normal variable falls in [lo, hi]; sd 0 is a step (1 inside, edges included; 0 outside). */
export function normalBetween(mean: number, sd: number, lo: number, hi: number): number {
  if (!(sd >= 0)) throw new RangeError(`sd must be 0 or more, got ${sd}`);
  if (!(hi > lo)) return 0;
  if (sd === 0) return mean >= lo && mean <= hi ? 1 : 0;
  const a = (lo - mean) / sd;
  const b = (hi - mean) / sd;
  // subtract in the tail where the numbers are small, so that nothing is lost to rounding
  return a > 0 ? normalCdf(-a) - normalCdf(-b) : normalCdf(b) - normalCdf(a);
}

/**
 * Quantile of the standard normal distribution: the z with Φ(z) = p.
 * @param p 0 < p < 1
 * @returns z, by bisection on {@link normalCdf} to 1e-12
 * @throws {RangeError} outside 0 < p < 1
 */
export function normalQuantile(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`p must lie between 0 and 1, got ${p}`);
  let lo = -40;
  let hi = 40;
  while (hi - lo > 1e-12) {
    const mid = (lo + hi) / 2;
    if (normalCdf(mid) < p) lo = mid;
    else hi = mid;
    if (mid === lo && mid === hi) break;
  }
  return (lo + hi) / 2;
}
