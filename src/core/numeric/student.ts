// A Student t of four degrees of freedom as a mixture of three normals: its precision is Gamma(2, 2), summed over by generalised
// Gauss–Laguerre quadrature of five nodes, the narrowest three of them as one. Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, §17.2 (t as a mixture of normals);
// Abramowitz & Stegun 25.4.45 and 22.7.12 (recurrence).

/** A normal of a mixture around 0. */
export interface MixedNormal {
  readonly weight: number;
  readonly sd: number;
}

const NODES = 5;
const ALPHA = 1;

/** Generalised Laguerre polynomial L_n^(1)(x). */
function laguerre(n: number, x: number): number {
  let [before, value] = [1, 1 + ALPHA - x];
  if (n === 0) return before;
  for (let k = 1; k < n; k++)
    [before, value] = [value, ((2 * k + 1 + ALPHA - x) * value - (k + ALPHA) * before) / (k + 1)];
  return value;
}

function rootsOf(n: number): readonly number[] {
  const roots: number[] = [];
  const step = 0.01;
  for (let x = 0; roots.length < n; x += step) {
    let [lo, hi] = [x, x + step];
    if (laguerre(n, lo) * laguerre(n, hi) > 0) continue;
    for (let i = 0; i < 60; i++) {
      const mid = (lo + hi) / 2;
      if (laguerre(n, lo) * laguerre(n, mid) <= 0) hi = mid;
      else lo = mid;
    }
    roots.push((lo + hi) / 2);
  }
  return roots;
}

/** Of the five the widest ones that stay as they are; one normal with their variance stands for the rest, no further from the t. */
const KEPT = 2;

/** The normals of a t with scale 1; weights add up to 1. */
export const STUDENT_4: readonly MixedNormal[] = ((): readonly MixedNormal[] => {
  const raw = rootsOf(NODES).map((x) => ({
    // with u = 2g the weight function is u·e^−u, whose integral is 1
    weight: x / laguerre(NODES + 1, x) ** 2,
    sd: Math.sqrt(2 / x)
  }));
  const total = raw.reduce((sum, r) => sum + r.weight, 0);
  const five = raw.map(({ weight, sd }) => ({ weight: weight / total, sd }));
  const narrow = five.slice(KEPT);
  const weight = narrow.reduce((sum, n) => sum + n.weight, 0);
  const variance = narrow.reduce((sum, n) => sum + n.weight * n.sd ** 2, 0) / weight;
  return [...five.slice(0, KEPT), { weight, sd: Math.sqrt(variance) }];
})();

/** One sd of a t with four degrees of freedom and scale 1: √(ν/(ν − 2)). */
export const STUDENT_4_SD = Math.SQRT2;
