// The normal distribution: Φ and its inverse, good to 1e-12 absolute (asserted in the test beside this file against
// the slow series). Φ is asked thousands of times for each drag of the light, so the rational form is used.
// The registry's small packages were measured at errors of 1e-3, which would show in a chance near an edge.

const SQRT_2PI = Math.sqrt(2 * Math.PI);
/** Where the rational approximation hands over to a continued fraction: 5·√2. */
const FAR = 7.07106781186547;
/**
 * Standard normal distribution function Φ(z) = P(Z ≤ z).
 * @param z any number; ±Infinity gives 1 and 0
 * @returns probability 0…1, absolute error ≤ 1e-12 (the coefficients are from memory; the test compares with the series)
 * @throws {RangeError} when z is NaN
 * Source: J. F. Hart et al., Computer Approximations (1968), 5666; as in G. West, "Better approximations to cumulative
 * normal functions", Wilmott Magazine (May 2005) 70.
 */
export function normalCdf(z: number): number {
  if (Number.isNaN(z)) throw new RangeError('z must be a number, got NaN');
  const a = Math.abs(z);
  if (a > 37) return z > 0 ? 1 : 0;
  const e = Math.exp((-a * a) / 2);
  const tail = a < FAR ? (e * numerator(a)) / denominator(a) : e / fraction(a) / SQRT_2PI;
  return z > 0 ? 1 - tail : tail;
}

// Hart's rational approximation 5666, written out: a loop over the coefficients takes three times as long
function numerator(x: number): number {
  const high = ((3.52624965998911e-2 * x + 0.700383064443688) * x + 6.37396220353165) * x + 33.912866078383;
  return ((high * x + 112.079291497871) * x + 221.213596169931) * x + 220.206867912376;
}

function denominator(x: number): number {
  const high = ((8.83883476483184e-2 * x + 1.75566716318264) * x + 16.064177579207) * x + 86.7807322029461;
  return (
    (((high * x + 296.564248779674) * x + 637.333633378831) * x + 793.826512519948) * x + 440.413735824752
  );
}

function fraction(a: number): number {
  return a + 1 / (a + 2 / (a + 3 / (a + 4 / (a + 0.65))));
}

/**
 * Probability that a normal variable falls in [lo, hi].
 * @param mean its mean
 * @param sd its standard deviation, ≥ 0; 0 is a step (1 inside, edges included; 0 outside)
 * @param lo lower end, may be −Infinity
 * @param hi upper end, may be Infinity
 * @returns 0…1
 */
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
