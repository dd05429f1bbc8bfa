import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Term } from './delta.ts';
import { roundTermsToThirds } from './rounded.ts';

const term = fc.double({ min: -20, max: 20, noNaN: true }).map((stops): Term => ({ term: 'light', stops }));

test('rounded terms add up to the rounded total, none off by a third', () =>
  fc.assert(
    fc.property(fc.array(term, { minLength: 1, maxLength: 8 }), (terms) => {
      const { terms: rounded, totalStops } = roundTermsToThirds(terms);
      const exact = terms.reduce((sum, t) => sum + t.stops, 0);
      expect(rounded.reduce((sum, t) => sum + t.stops, 0)).toBeCloseTo(totalStops, 9);
      expect(Math.abs(totalStops - exact)).toBeLessThanOrEqual(1 / 6 + 1e-9);
      rounded.forEach((t, i) => expect(Math.abs(t.stops - (terms[i]?.stops ?? NaN))).toBeLessThan(1 / 3));
    }),
    { seed: 20261124 }
  ));

test('three terms of 0.1 do not become a sum of nothing', () => {
  const terms: readonly Term[] = [0.1, 0.1, 0.1].map((stops) => ({ term: 'light', stops }));
  const rounded = roundTermsToThirds(terms);
  expect(rounded.totalStops).toBeCloseTo(1 / 3, 12);
  expect(rounded.terms.filter((t) => t.stops > 0)).toHaveLength(1);
});
