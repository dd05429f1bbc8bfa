import { expect, test } from 'vitest';
import { sampleOf } from './sample.ts';

test('mean and spread by hand: 2, 4, 4, 4, 5, 5, 7, 9 have mean 5 and squares that sum to 32', () => {
  const { count, mean, sd } = sampleOf([2, 4, 4, 4, 5, 5, 7, 9]);
  expect([count, mean]).toEqual([8, 5]);
  expect(sd).toBeCloseTo(Math.sqrt(32 / 7), 12);
});
test('one alone has no spread, none is no sample', () => {
  expect(sampleOf([3])).toEqual({ count: 1, mean: 3, sd: null });
  expect(sampleOf([3, 3]).sd).toBe(0);
  expect(() => sampleOf([])).toThrow('at least one value is needed');
});
