import { expect, test } from 'vitest';
import { normalBetween, normalCdf } from './normal.ts';
import { quickBetween, quickCdf } from './quick-cdf.ts';
import { STUDENT_4 } from './student.ts';

test('the table is within 1e-9 of Φ everywhere', () => {
  for (let z = -9; z <= 9; z += 0.00137) expect(Math.abs(quickCdf(z) - normalCdf(z))).toBeLessThan(1e-9);
  expect([quickCdf(-Infinity), quickCdf(Infinity)]).toEqual([0, 1]);
  expect(quickBetween(0.3, 0.5, -1, 1)).toBeCloseTo(normalBetween(0.3, 0.5, -1, 1), 8);
  expect([quickBetween(1, 0, 0, 1), quickBetween(2, 0, 0, 1), quickBetween(0, 1, 1, 0)]).toEqual([1, 0, 0]);
});

// Student's t with 4 degrees of freedom: P(T ≤ 1) = 0.8130, P(T ≤ 2.132) = 0.95 (Fisher & Yates, Statistical Tables, table III)
test('three normals stand for a t of four degrees of freedom', () => {
  const cdf = (t: number): number => STUDENT_4.reduce((sum, n) => sum + n.weight * normalCdf(t / n.sd), 0);
  expect(Math.abs(cdf(1) - 0.813)).toBeLessThan(4e-3);
  expect(Math.abs(cdf(2.132) - 0.95)).toBeLessThan(4e-3);
  // in closed form (Johnson, Kotz & Balakrishnan, Continuous Univariate Distributions 2, 2nd ed., 1995, ch. 28; from memory)
  const exact = (t: number): number => {
    const u = t / Math.sqrt(1 + (t * t) / 4);
    return 0.5 + (3 / 8) * u * (1 - (u * u) / 12);
  };
  for (let t = -8; t <= 8; t += 0.05) expect(Math.abs(cdf(t) - exact(t))).toBeLessThan(4e-3);
  expect(STUDENT_4.reduce((sum, n) => sum + n.weight, 0)).toBeCloseTo(1, 12);
});
