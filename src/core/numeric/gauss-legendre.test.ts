import { describe, expect, test } from 'vitest';
import { gaussLegendre, normalMean } from './gauss-legendre.ts';
import { normalCdf } from './normal.ts';

describe('Gauss–Legendre quadrature', () => {
  // Abramowitz & Stegun, Handbook of Mathematical Functions (1964), table 25.4
  test.each([
    [2, [0.577350269189626], [1]],
    [3, [0.774596669241483, 0], [0.555555555555556, 0.888888888888889]],
    [4, [0.861136311594053, 0.339981043584856], [0.347854845137454, 0.652145154862546]],
    [5, [0.906179845938664, 0.538469310105683, 0], [0.236926885056189, 0.478628670499366, 0.568888888888889]]
  ] as const)('%d points as in the table', (n, nodes, weights) => {
    const rule = gaussLegendre(n);
    expect(rule.nodes).toHaveLength(n);
    nodes.forEach((node, i) => expect(rule.nodes[i]).toBeCloseTo(node, 14));
    weights.forEach((weight, i) => expect(rule.weights[i]).toBeCloseTo(weight, 14));
    // the same on the other side of 0
    nodes.forEach((node, i) => expect(rule.nodes[n - 1 - i]).toBeCloseTo(-node, 14));
  });

  test('one point is the middle, and n points are exact up to the power 2n − 1', () => {
    expect(gaussLegendre(1).weights).toEqual([2]);
    const { nodes, weights } = gaussLegendre(12);
    const integral = (power: number) => nodes.reduce((sum, x, i) => sum + (weights[i] ?? 0) * x ** power, 0);
    for (let power = 0; power <= 23; power++)
      expect(integral(power), `x^${power}`).toBeCloseTo(power % 2 === 0 ? 2 / (power + 1) : 0, 13);
  });
});

describe('means over a piece of the normal distribution', () => {
  const rule = gaussLegendre(40);
  test('of 1 is the chance of the piece', () => {
    for (const [from, to] of [
      [0, 1],
      [-2, 0.5],
      [1, 3]
    ] as const)
      expect(normalMean(rule, from, to, () => 1)).toBeCloseTo(normalCdf(to) - normalCdf(from), 12);
  });
  test('of z and z² over nearly everything are 0 and 1; over half of it z comes to 1/√(2π)', () => {
    expect(normalMean(rule, -9, 9, (z) => z)).toBeCloseTo(0, 10);
    expect(normalMean(rule, -9, 9, (z) => z * z)).toBeCloseTo(1, 8);
    expect(normalMean(rule, 0, 9, (z) => z)).toBeCloseTo(1 / Math.sqrt(2 * Math.PI), 9);
    expect(normalMean(rule, 9, 0, (z) => z)).toBeCloseTo(-1 / Math.sqrt(2 * Math.PI), 9);
  });
});
