// Frames that disagree, by hand: an expected error of 1 stop, unsure by √(0.3² + 0.15² + 0.1²) = 0.35 stop.
import { describe, expect, test } from 'vitest';
import type { Observation } from './bias.ts';
import { outliersOf } from './outliers.ts';

const ESTIMATE = { stops: 0.5, sd: 0.1 };
const frame = (seen: Observation['seen']): Observation => ({
  ...{ frameId: 'f', batchId: 'a', readingId: 'r', seen, readingSd: 0.3, frameSd: 0.15 },
  expected: { kind: 'straight', atZero: 0.5 }
});
const near = (stops: number) => outliersOf([frame({ kind: 'near', stops, sd: 0.4 })], ESTIMATE);

describe('a tone', () => {
  // two sd with a judging of 0.4: 2·√(0.35² + 0.4²) = 1.063
  test.each([1, 2.05, 0, -0.05])('%d stops is within two sd', (stops) => expect(near(stops)).toEqual([]));
  test.each([
    [2.08, 1.08],
    [3, 2],
    [-0.08, -1.08]
  ])('%d stops disagrees by %d', (stops, by) => {
    const [found] = near(stops);
    expect(found?.frameId).toBe('f');
    expect(found?.byStops).toBeCloseTo(by, 9);
  });
});

test('a word that one in twenty would say is no outlier, a rarer one is; it has no number', () => {
  const word = (lo: number, hi: number) =>
    outliersOf([frame({ kind: 'between', lo, hi, edgeSd: 0.3 })], ESTIMATE);
  expect(word(-0.7, 1.5)).toEqual([]);
  expect(word(-Infinity, -1)).toEqual([{ frameId: 'f', byStops: null }]);
  expect(word(3, Infinity)).toEqual([{ frameId: 'f', byStops: null }]);
});
