import { expect, test } from 'vitest';
import { bisect } from './bisect.ts';

test('finds where a test changes, from either side, and holds there', () => {
  const root = bisect((x) => x * x <= 2, 0, 2);
  expect(Math.abs(root - Math.SQRT2)).toBeLessThanOrEqual(1e-9);
  expect(root * root).toBeLessThanOrEqual(2);
  const down = bisect((x) => x >= 0.3, 5, -3);
  expect(Math.abs(down - 0.3)).toBeLessThanOrEqual(1e-9);
  expect(down).toBeGreaterThanOrEqual(0.3);
});

test('asks as often as halving to the tolerance needs, and not at all within it', () => {
  let asked = 0;
  const counting = (x: number) => {
    asked += 1;
    return x <= 3.2;
  };
  // 16, 8, 4, 2, 1: five halvings to 0.5
  expect(bisect(counting, 0, 16, 0.5)).toBe(3);
  expect(asked).toBe(5);
  expect(bisect(counting, 0, 0.5, 0.5)).toBe(0);
  expect(asked).toBe(5);
});
