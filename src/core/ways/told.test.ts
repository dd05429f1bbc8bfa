import { expect, test } from 'vitest';
import { STARTING_LIGHT } from './choice.ts';
import { agedLight } from './told.ts';

const MINUTE = 60_000;

test('a light just told is as it was told; half an hour later half a stop less sure; then it is not told', () => {
  expect(agedLight(STARTING_LIGHT, 0)).toBe(STARTING_LIGHT);
  expect(agedLight(STARTING_LIGHT, -5 * MINUTE)).toBe(STARTING_LIGHT);
  expect(agedLight(STARTING_LIGHT, 15 * MINUTE)?.sdStops).toBeCloseTo(STARTING_LIGHT.sdStops + 0.25, 6);
  expect(agedLight(STARTING_LIGHT, 30 * MINUTE)?.sdStops).toBeCloseTo(STARTING_LIGHT.sdStops + 0.5, 6);
  expect(agedLight(STARTING_LIGHT, 30 * MINUTE + 1)).toBeNull();
});

test('what was told stays as it is: only how sure it is changes', () => {
  const aged = agedLight(STARTING_LIGHT, 20 * MINUTE);
  expect({ ...aged, sdStops: 0 }).toEqual({ ...STARTING_LIGHT, sdStops: 0 });
});
