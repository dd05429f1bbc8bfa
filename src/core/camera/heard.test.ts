import { expect, test } from 'vitest';
import { byEarSd, heardSd, recordedSd } from './heard.ts';

// common practice, no source: half a stop below half a second, 0.3 up to two, 0.15 where it is counted
test.each([
  [0.1, 0.5],
  [0.49, 0.5],
  [0.5, 0.3],
  [2, 0.3],
  [2.1, 0.15],
  [30, 0.15]
])('%d s by ear', (seconds, sd) => {
  expect(byEarSd(seconds)).toBe(sd);
  expect(heardSd({ seconds, sdStops: null })).toBe(sd);
});

test('a recording tells long times better: 1.5 ms of a time as a share, in stops', () => {
  // a change by a factor of 1 + x is x/ln 2 stops
  expect(recordedSd(1)).toBeCloseTo(0.0015 / Math.LN2, 12);
  expect(recordedSd(0.01)).toBeCloseTo(0.15 / Math.LN2, 12);
  expect(heardSd({ seconds: 1, sdStops: 0.02 })).toBe(0.02);
  expect(heardSd({ seconds: 1, sdStops: 0 })).toBe(0);
});
