// Gauss–Legendre quadrature: nodes and weights on −1…1, worked out once.

/** Nodes and weights of a rule on −1…1. */
export interface Quadrature {
  readonly nodes: readonly number[];
  readonly weights: readonly number[];
}

/**
 * Roots of the Legendre polynomial by Newton's method (Abramowitz & Stegun 25.4.29), to machine precision.
 * @param n points, a whole number ≥ 1
 * @returns nodes and weights on −1…1
 */
export function gaussLegendre(n: number): Quadrature {
  const nodes: number[] = [];
  const weights: number[] = [];
  for (let i = 1; i <= n; i++) {
    let x = Math.cos((Math.PI * (i - 0.25)) / (n + 0.5));
    let slope = 1;
    for (let round = 0; round < 100; round++) {
      let [before, value] = [1, x];
      for (let k = 2; k <= n; k++)
        [before, value] = [value, ((2 * k - 1) * x * value - (k - 1) * before) / k];
      slope = (n * (x * value - before)) / (x * x - 1);
      const step = value / slope;
      x -= step;
      if (Math.abs(step) < 1e-16) break;
    }
    nodes.push(x);
    weights.push(2 / ((1 - x * x) * slope * slope));
  }
  return { nodes, weights };
}

/**
 * ∫ of φ(z)·value(z) over from…to by one panel of the rule; φ is the standard normal density.
 * @param from, to finite
 */
export function normalMean(rule: Quadrature, from: number, to: number, value: (z: number) => number): number {
  const half = (to - from) / 2;
  const middle = (to + from) / 2;
  let sum = 0;
  for (let i = 0; i < rule.nodes.length; i++) {
    const z = middle + half * (rule.nodes[i] ?? 0);
    sum += (rule.weights[i] ?? 0) * Math.exp((-z * z) / 2) * value(z);
  }
  return (sum * half) / Math.sqrt(2 * Math.PI);
}
