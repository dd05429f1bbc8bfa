import { expect, test } from 'vitest';
import { seeded } from './seeded.ts';

test('the same seed gives the same numbers, another one others', () => {
  const [a, b, c] = [seeded(7), seeded(7), seeded(8)];
  const few = (s: ReturnType<typeof seeded>): number[] => [s.between(0, 1), s.normal(), s.oneOf([1, 2, 3])];
  const first = few(a);
  expect(few(b)).toEqual(first);
  expect(few(c)).not.toEqual(first);
});

test('numbers are evenly spread, and normal ones have mean 0 and sd 1, within four standard errors', () => {
  const random = seeded(42);
  const n = 20_000;
  const even = Array.from({ length: n }, () => random.between(-1, 3));
  expect(Math.min(...even)).toBeGreaterThanOrEqual(-1);
  expect(Math.max(...even)).toBeLessThan(3);
  const mean = (list: readonly number[]): number => list.reduce((s, v) => s + v, 0) / list.length;
  expect(Math.abs(mean(even) - 1)).toBeLessThan((4 * (4 / Math.sqrt(12))) / Math.sqrt(n));
  const normal = Array.from({ length: n }, random.normal);
  expect(Math.abs(mean(normal))).toBeLessThan(4 / Math.sqrt(n));
  expect(Math.abs(mean(normal.map((x) => x * x)) - 1)).toBeLessThan((4 * Math.SQRT2) / Math.sqrt(n));
});

test('one of a list is each of them about as often; an empty list has none', () => {
  const random = seeded(3);
  const counts = [0, 0, 0, 0];
  for (let i = 0; i < 4000; i++) {
    const one = random.oneOf([0, 1, 2, 3]);
    counts[one] = (counts[one] ?? 0) + 1;
  }
  for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(4 * Math.sqrt(750));
  expect(() => random.oneOf([])).toThrow(RangeError);
});

// mulberry32(1) as published; from memory
test('the first numbers of seed 1', () => {
  const random = seeded(1);
  expect(random.between(0, 1)).toBeCloseTo(0.6270739405881613, 15);
  expect(random.between(0, 1)).toBeCloseTo(0.002735721180215478, 15);
  expect(random.between(0, 1)).toBeCloseTo(0.5274470399599522, 15);
});
