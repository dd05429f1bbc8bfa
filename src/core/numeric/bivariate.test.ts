import { describe, expect, test } from 'vitest';
import { bivariateRectangle, bivariateUpper, rectangleFor } from './bivariate.ts';
import { gaussLegendre } from './gauss-legendre.ts';
import { normalBetween, normalCdf } from './normal.ts';

/** P(X > h, Y > k) by a fine one-dimensional integral over X: an independent way to the same number. */
function byIntegral(h: number, k: number, r: number): number {
  const { nodes, weights } = gaussLegendre(40);
  const s = Math.sqrt(1 - r * r);
  let sum = 0;
  const pieces = 400;
  const [from, to] = [h, Math.max(h, 9)];
  const width = (to - from) / pieces;
  for (let p = 0; p < pieces; p++) {
    nodes.forEach((node, i) => {
      const x = from + width * (p + (node + 1) / 2);
      const density = Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);
      sum += (weights[i] ?? 0) * (width / 2) * density * normalCdf((r * x - k) / s);
    });
  }
  return sum;
}

describe('where one bound is all there is', () => {
  const bounds = [-2.5, -0.7, 0, 0.4, 1.9];
  test('no bound on one side leaves the other; a bound nobody passes leaves nothing', () => {
    for (const at of bounds)
      for (const r of [-0.95, -0.4, 0, 0.4, 0.95]) {
        expect(bivariateUpper(at, -Infinity, r)).toBeCloseTo(normalCdf(-at), 14);
        expect(bivariateUpper(-Infinity, at, r)).toBeCloseTo(normalCdf(-at), 14);
        expect(bivariateUpper(at, Infinity, r)).toBe(0);
        expect(bivariateUpper(Infinity, at, r)).toBe(0);
      }
  });
  test('what has nothing to do with each other multiplies; what goes together or against each other is one bound', () => {
    for (const h of bounds)
      for (const k of bounds) {
        expect(bivariateUpper(h, k, 0)).toBeCloseTo(normalCdf(-h) * normalCdf(-k), 14);
        expect(bivariateUpper(h, k, 1)).toBeCloseTo(normalCdf(-Math.max(h, k)), 14);
        expect(bivariateUpper(h, k, -1)).toBeCloseTo(Math.max(0, normalCdf(-h) - normalCdf(k)), 14);
      }
  });
  test('no correlation lies outside −1 to 1', () => {
    for (const r of [-1.01, 1.01, NaN]) expect(() => bivariateUpper(0, 0, r)).toThrow(RangeError);
  });
  test('a rectangle without width or turned round holds nothing', () => {
    for (const r of [-0.95, -0.5, 0.2, 0.95]) {
      const rectangle = rectangleFor(r);
      expect(rectangle(1, 1, -1, 1)).toBe(0);
      expect(rectangle(-1, 1, 0.5, 0.5)).toBe(0);
      expect(rectangle(1, -1, -1, 1)).toBe(0);
      expect(rectangle(-1, 1, 1, -1)).toBe(0);
    }
  });
});

describe('the bivariate normal distribution', () => {
  test.each([0.1, 0.5, 0.9, 0.95, 0.999, -0.2, -0.7, -0.93, -0.99])(
    'r = %d agrees with a fine integral',
    (r) => {
      for (const [h, k] of [
        [0, 0],
        [1, -0.5],
        [-2, 1.3],
        [0.7, 0.8],
        [-1, -1],
        [2.5, 2.4],
        [-0.3, 0.3]
      ] as const) {
        expect(Math.abs(bivariateUpper(h, k, r) - byIntegral(h, k, r)), `h ${h} k ${k}`).toBeLessThan(1e-12);
      }
    }
  );
  // W. F. Sheppard (1899): P(X > 0, Y > 0) = 1/4 + asin(r)/(2π).
  test.each([-1, -0.95, -0.5, 0, 0.3, 0.8, 0.97, 1])('Sheppard’s quadrant at r = %d', (r) =>
    expect(bivariateUpper(0, 0, r)).toBeCloseTo(1 / 4 + Math.asin(r) / (2 * Math.PI), 12)
  );
  test('infinite bounds give the single variable', () => {
    expect(bivariateUpper(-Infinity, 1, 0.5)).toBe(normalCdf(-1));
    expect(bivariateRectangle(-Infinity, Infinity, -1, 1, 0.8)).toBeCloseTo(normalCdf(1) - normalCdf(-1), 12);
    expect(bivariateRectangle(-Infinity, Infinity, -Infinity, Infinity, -0.99)).toBeCloseTo(1, 12);
  });
  test('an empty rectangle, and a correlation that is none', () => {
    expect(bivariateRectangle(1, 0, -1, 1, 0.5)).toBe(0);
    expect(() => bivariateUpper(0, 0, 1.01)).toThrow('r must lie between -1 and 1, got 1.01');
  });
});

test('a rectangle of a fixed correlation is the same rectangle, to 1e-8 of a chance', () => {
  let worst = 0;
  for (let r = -0.995; r < 1; r += 0.0199) {
    const rectangle = rectangleFor(r);
    for (const [x1, x2, y1, y2] of [
      [-1, 2, -0.5, 0.7],
      [-Infinity, 0.3, -2, 1],
      [0.2, Infinity, -1, Infinity],
      [1.1, 4, -3, -0.2],
      [-0.4, -0.1, 0.3, 0.5]
    ] as const) {
      worst = Math.max(worst, Math.abs(rectangle(x1, x2, y1, y2) - bivariateRectangle(x1, x2, y1, y2, r)));
    }
  }
  expect(worst).toBeLessThan(1e-8);
  expect(rectangleFor(0.5)(1, 0, 0, 1)).toBe(0);
});

test('a rectangle that is turned round in one way or in both holds nothing', () => {
  for (const r of [0, 0.5, 0.95])
    for (const [x1, x2, y1, y2] of [[1, 0, -1, 1] as const, [0, 1, 1, -1] as const, [1, 0, 1, -1] as const]) {
      expect(bivariateRectangle(x1, x2, y1, y2, r)).toBe(0);
    }
});

// for r near −1 the two are one variable turned round: Φ(k) − Φ(h), told in the tail where 1 − Φ would have no digits left
test.each([
  [8, -8.5],
  [-8.5, 8],
  [-3, 3.5]
])('against each other, with %d and %d', (h, k) => {
  const both = normalBetween(0, 1, Math.min(-k, h), Math.max(-k, h));
  const expected = -k > h ? both : 0;
  expect(bivariateUpper(h, k, -1)).toBeCloseTo(expected, 15);
  if (expected > 0) expect(bivariateUpper(h, k, -1) / expected).toBeCloseTo(1, 9);
});
