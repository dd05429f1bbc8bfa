import { describe, expect, test } from 'vitest';
import { normalBetween, normalCdf, normalQuantile } from './normal.ts';

// Abramowitz & Stegun, Handbook of Mathematical Functions (1964), table 26.1 (P(x), 15 places; values from memory,
// the first two agree with 0.5 + erf(x/√2)/2 to all places given).
test.each([
  [0, 0.5],
  [1, 0.841344746068543],
  [2, 0.977249868051821],
  [3, 0.99865010196837],
  [-1.5, 0.066807201268858],
  [3.5, 0.999767370920964],
  [4, 0.999968328758167]
])('Φ(%d) = %d within 1e-12', (z, p) => expect(Math.abs(normalCdf(z) - p)).toBeLessThan(1e-12));

/** Φ by its power series, Abramowitz & Stegun (1964) 26.2.10: slow and sure for |z| ≤ 6. */
function bySeries(z: number): number {
  let [term, sum] = [z, z];
  for (let k = 1; k < 400 && Math.abs(term) > 1e-18; k++) {
    term *= (z * z) / (2 * k + 1);
    sum += term;
  }
  return 0.5 + (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * sum;
}

test('Φ agrees with its power series within 1e-13 from −6 to 6', () => {
  for (let z = -6; z <= 6; z += 0.01)
    expect(Math.abs(normalCdf(z) - bySeries(z)), String(z)).toBeLessThan(1e-13);
});

test('Φ is continuous where the method changes, and symmetric', () => {
  const edge = 7.07106781186547;
  expect(normalCdf(-edge + 1e-12) / normalCdf(-edge - 1e-12)).toBeCloseTo(1, 7);
  for (let z = -8; z <= 8; z += 0.37) expect(normalCdf(z) + normalCdf(-z)).toBeCloseTo(1, 13);
});

test.each([0.001, 0.1, 0.5, 0.75, 0.975, 0.9999])('quantile undoes Φ at p = %d', (p) =>
  expect(normalCdf(normalQuantile(p))).toBeCloseTo(p, 11)
);

describe('the share inside a window', () => {
  test('sd 0 is a step whose edges belong to the window', () => {
    expect([normalBetween(1, 0, 1, 2), normalBetween(2, 0, 1, 2), normalBetween(2.001, 0, 1, 2)]).toEqual([
      1, 1, 0
    ]);
  });
  test('an empty window holds nothing', () => expect(normalBetween(0, 1, 1, -1)).toBe(0));
  test('far in a tail it keeps its digits', () => {
    const share = normalBetween(0, 1, 8, 9);
    expect(share).toBeGreaterThan(6.2e-16);
    expect(share).toBeLessThan(6.3e-16);
  });
  test('a negative sd and not-a-number are refused', () => {
    expect(() => normalBetween(0, -1, 0, 1)).toThrow('sd must be 0 or more, got -1');
    expect(() => normalCdf(NaN)).toThrow(RangeError);
    expect(() => normalQuantile(1)).toThrow(RangeError);
  });
});

// R, pnorm(-8), pnorm(-20); from memory
test('far out Φ keeps its digits', () => {
  expect(normalCdf(-8) / 6.220960574271785e-16).toBeCloseTo(1, 7);
  expect(normalCdf(-20) / 2.753624118606234e-89).toBeCloseTo(1, 7);
  expect(normalBetween(0, 1, 8, 9) / normalBetween(0, 1, -9, -8)).toBeCloseTo(1, 9);
  expect(normalBetween(0, 1, 8, 9) / (normalCdf(-8) - normalCdf(-9))).toBeCloseTo(1, 9);
  expect(normalBetween(0, 1, -1, 2)).toBeCloseTo(0.977249868051821 - 0.158655253931457, 12);
});

test('a chance of nothing or of all has no quantile', () => {
  for (const p of [0, 1, -0.1, 1.1, NaN]) expect(() => normalQuantile(p)).toThrow(RangeError);
});
